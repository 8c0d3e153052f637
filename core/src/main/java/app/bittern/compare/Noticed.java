package app.bittern.compare;

import app.bittern.call.Trace;
import app.bittern.effect.Effect;
import app.bittern.effect.What;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/// What a caller notices of two traced calls.
final class Noticed {
    private Noticed() {}

    /// Whether the first steps take longer or shorter, or say something else, and the caller can tell the calls
    /// apart at all.
    static boolean differ(Difference.Notice notice, Trace before, int stepsBefore, Trace after, int stepsAfter) {
        boolean there = notice == Difference.Notice.WAITS
                ? end(before, stepsBefore) != end(after, stepsAfter)
                : !words(before, stepsBefore).equals(words(after, stepsAfter));
        return there && !all(before).equals(all(after));
    }

    /// Whether phones show something else in an object, or something else is set off there.
    static boolean differ(Difference.Notice notice, Ref at, List<Effect> before, List<Effect> after) {
        boolean shown = notice == Difference.Notice.SHOWN;
        return !named(at, before, shown).equals(named(at, after, shown));
    }

    private static Set<String> named(Ref at, List<Effect> effects, boolean shown) {
        return effects.stream()
                .filter(effect -> effect.object().equals(at))
                .filter(effect -> effect.happens() && effect.what() instanceof What.Shown == shown)
                .map(effect -> effect.what().words(Ref::toString))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static List<Object> all(Trace trace) {
        return List.of(
                Spot.at(trace.ending()),
                trace.second(),
                trace.steps().stream().flatMap(step -> step.hears().stream()).toList());
    }

    private static int end(Trace trace, int steps) {
        return trace.steps().size() > steps ? trace.steps().get(steps).second() : trace.second();
    }

    private static List<String> words(Trace trace, int steps) {
        return TreatedOtherwise.words(trace.steps().stream()
                .limit(steps)
                .flatMap(step -> step.hears().stream())
                .toList());
    }
}
