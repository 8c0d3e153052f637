package app.bittern.paths;

import app.bittern.call.State;
import app.bittern.callset.CallSet;
import app.bittern.graph.Way;
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
/// @param passes   what it must come to
/// @param avoids   whether it must come to none of them instead
public record PathCourse(
        CallSet calls,
        List<String> keys,
        Optional<String> language,
        BiPredicate<Path.End, Boolean> ends,
        Optional<Passing> passes,
        boolean avoids) {
    /// What a path can be asked to pass: some states, or some ways out of states.
    ///
    /// @param at      whether it is passed in a state
    /// @param leaving whether it is passed on leaving a state by a way
    public record Passing(Predicate<State> at, BiPredicate<State, Way> leaving) {}

    public PathCourse {
        keys = List.copyOf(keys);
    }

    /// With other ends.
    public PathCourse ending(BiPredicate<Path.End, Boolean> other) {
        return new PathCourse(calls, keys, language, other, passes, avoids);
    }

    /// Of other calls.
    public PathCourse among(CallSet others) {
        return new PathCourse(others, keys, language, ends, passes, avoids);
    }

    /// Coming to one of some states, or to none of them.
    public PathCourse coming(Predicate<State> to, boolean avoiding) {
        return passing(new Passing(to, (state, way) -> false), avoiding);
    }

    /// Leaving some state by one of some ways, or none so.
    public PathCourse leaving(BiPredicate<State, Way> by, boolean avoiding) {
        return passing(new Passing(state -> false, by), avoiding);
    }

    private PathCourse passing(Passing passing, boolean avoiding) {
        return new PathCourse(calls, keys, language, ends, Optional.of(passing), avoiding);
    }
}
