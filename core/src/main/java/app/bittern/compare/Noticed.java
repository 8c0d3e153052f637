package app.bittern.compare;

import app.bittern.call.Trace;
import java.util.List;

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
