package app.bittern.compare;

import app.bittern.callset.CallClasses;
import app.bittern.graph.Wanted;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// What a change of a plan does.
///
/// @param noticed   what callers notice, by number
/// @param classes   the classes that the sets of calls are of
/// @param objects   the objects added, removed and changed
/// @param dialled   what phones of the site get otherwise when they dial
/// @param shown     phones that show another number when they call out
/// @param unnoticed changed objects that no call passes or asks of which callers notice anything
/// @param limit     what was not compared and why, where a plan is too tangled to be counted whole
public record Comparison(
        List<Difference> noticed,
        CallClasses classes,
        ObjectChanges objects,
        List<DialledOtherwise> dialled,
        List<ShownOutside> shown,
        List<Ref> unnoticed,
        Optional<String> limit) {
    public Comparison {
        shown = List.copyOf(shown);
        dialled = List.copyOf(dialled);
        noticed = List.copyOf(noticed);
        unnoticed = List.copyOf(unnoticed);
    }

    /// Compares two plans.
    public static Comparison of(Plan before, Plan after, Horizon horizon) {
        return of(before, after, horizon, Wanted.ALWAYS);
    }

    /// The same, as long as it is wanted.
    ///
    /// @throws java.util.concurrent.CancellationException where it is not wanted any more
    public static Comparison of(Plan before, Plan after, Horizon horizon, Wanted wanted) {
        ObjectChanges objects = ObjectChanges.of(before, after);
        Differing changed = new Differing(before, after);
        Touched touched = new Touched(before, after, changed);
        Differences walk = Differences.of(before, after, horizon, changed, touched::is, wanted);
        wanted.check();
        List<DialledOtherwise> dialled = DialledOtherwise.of(before, after);
        List<ShownOutside> shown = ShownOutside.of(before, after);
        Set<Ref> concerned = new HashSet<>(walk.concerned());
        dialled.forEach(one -> concerned.addAll(one.concerns()));
        for (Plan plan : List.of(before, after)) {
            shown.forEach(one -> concerned.addAll(one.concerns(plan)));
        }
        if (changed.everywhere() && !walk.differences().isEmpty()) {
            concerned.add(before.site().ref());
            concerned.add(after.site().ref());
        }
        List<Ref> quiet = Stream.of(
                        objects.added().stream(),
                        objects.removed().stream(),
                        objects.changed().stream().map(one -> one.before().ref()),
                        objects.reordered().stream())
                .flatMap(refs -> refs)
                .filter(ref -> !concerned.contains(ref))
                .toList();
        Probes probes = new Probes(before, after, horizon, wanted);
        List<Difference> noticed = new ArrayList<>(walk.differences());
        List<Ref> unnoticed = new ArrayList<>();
        for (Ref ref : quiet) {
            List<Probes.Shown> probed = probes.at(ref);
            // One call may show two objects that have changed.
            probed.stream()
                    .filter(one -> noticed.stream()
                            .noneMatch(known -> known.notice() == one.notice()
                                    && known.witness().equals(Optional.of(one.bench()))))
                    .forEach(one -> noticed.add(walk.difference(ref, one)));
            if (probed.isEmpty()) {
                unnoticed.add(ref);
            }
        }
        return new Comparison(noticed, walk.classes(), objects, dialled, shown, unnoticed, walk.limit());
    }
}
