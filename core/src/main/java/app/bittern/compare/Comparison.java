package app.bittern.compare;

import app.bittern.hours.Horizon;
import app.bittern.paths.SideBySide;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.stream.Stream;

/// What a change of a plan does.
///
/// @param noticed   what callers notice, by number
/// @param objects   the objects added, removed and changed
/// @param unnoticed changed objects that no call passes or asks that ends elsewhere
public record Comparison(List<Difference> noticed, ObjectChanges objects, List<Ref> unnoticed) {
    public Comparison {
        noticed = List.copyOf(noticed);
        unnoticed = List.copyOf(unnoticed);
    }

    /// Compares two plans.
    public static Comparison of(Plan before, Plan after, Horizon horizon) {
        ObjectChanges objects = ObjectChanges.of(before, after);
        if (objects.none()) {
            return new Comparison(List.of(), objects, List.of());
        }
        Touched touched = new Touched(before, after);
        SideBySide walk = SideBySide.of(before, after, horizon, touched::is);
        List<Difference> noticed = walk.differences().stream()
                .map(one -> new Difference(
                        one.number(),
                        one.when(),
                        one.caller(),
                        one.choices(),
                        one.before().ending(),
                        one.after().ending(),
                        one.witness()))
                .toList();
        List<Ref> unnoticed = Stream.of(
                        objects.added().stream(),
                        objects.removed().stream(),
                        objects.changed().stream()
                                .map(changed -> changed.before().ref()))
                .flatMap(refs -> refs)
                .filter(ref -> !walk.concerned().contains(ref))
                .toList();
        return new Comparison(noticed, objects, unnoticed);
    }
}
