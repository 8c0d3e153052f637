package app.bittern.paths;

import app.bittern.call.Carried;
import app.bittern.callset.CallSet;
import app.bittern.effect.SetsOff;
import app.bittern.effect.What;
import app.bittern.plan.Plan;
import app.bittern.witness.Step;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// What calls set off that take a path, in the order in which it comes on it.
///
/// In a tangle it is what the way sets off that is shown as its example.
public final class PathEffects {
    private PathEffects() {}

    /// Something that calls of a path set off.
    ///
    /// @param always whether each of those calls does; else it depends on what phones do, or how long it takes
    /// @param calls  for which calls of the path
    public record On(What what, boolean always, CallSet calls) {}

    /// What a path of some calls sets off.
    public static List<On> of(CallPaths number, Path path) {
        Plan plan = number.paths().plan();
        Map<What, On> all = new LinkedHashMap<>();
        Carried carried = Carried.NOTHING;
        for (Step step : path.steps()) {
            Carried now = carried;
            List<List<SetsOff.Possible>> ways = step.causes().stream()
                    .map(cause -> SetsOff.at(plan, step.state(), cause, step.window(), now))
                    .toList();
            List<SetsOff.Possible> some = new ArrayList<>();
            ways.forEach(some::addAll);
            for (SetsOff.Possible one : some) {
                boolean every = step.tangle() == 0
                        && ways.stream()
                                .allMatch(way -> way.stream()
                                        .anyMatch(other ->
                                                other.certain() && other.what().equals(one.what())));
                CallSet calls = one.holdsWhile()
                        .map(hours -> path.calls().and(number.paths().calls(hours)))
                        .orElse(path.calls());
                if (!calls.isEmpty()) {
                    all.merge(
                            one.what(),
                            new On(one.what(), every, calls),
                            (known, more) -> new On(known.what(), known.always() || more.always(), known.calls()));
                }
            }
            carried = carried.past(plan, step.state());
        }
        return List.copyOf(all.values());
    }
}
