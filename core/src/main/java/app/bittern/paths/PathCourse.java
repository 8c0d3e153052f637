package app.bittern.paths;

import app.bittern.call.State;
import app.bittern.callset.CallSet;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.Predicate;

/// Which paths are asked for by what is done on them, such as those that end unanswered after key 3.
///
/// In a tangle the keys are not looked at: a path that comes into one with some of them still to be keyed counts as one
/// on which they are keyed.
///
/// @param calls    of which calls
/// @param keys     what is keyed first, in that order
/// @param language in which callers hear what is said when the path ends
/// @param ends     whether a path that ends so is asked for; given whether the caller chose what leads to the end
/// @param passes   the states that it must come to one of
/// @param avoids   whether it must come to none of them instead
public record PathCourse(
        CallSet calls,
        List<String> keys,
        Optional<String> language,
        BiPredicate<Path.End, Boolean> ends,
        Optional<Predicate<State>> passes,
        boolean avoids) {
    public PathCourse {
        keys = List.copyOf(keys);
    }

    /// With other ends.
    public PathCourse ending(BiPredicate<Path.End, Boolean> other) {
        return new PathCourse(calls, keys, language, other, passes, avoids);
    }

    /// Coming to one of some states, or to none of them.
    public PathCourse coming(Predicate<State> to, boolean avoiding) {
        return new PathCourse(calls, keys, language, ends, Optional.of(to), avoiding);
    }
}
