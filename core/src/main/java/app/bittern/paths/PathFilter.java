package app.bittern.paths;

import app.bittern.plan.Ref;
import java.time.LocalDateTime;
import java.util.Optional;

/// Which paths are asked for; what is absent is not looked at.
///
/// @param ending     how they end, one of [Path#words()]
/// @param in         where they end: `mailbox/bookings`
/// @param passes     an object that they pass; in a tangle, that some way through it passes
/// @param longerThan their latest second must be later than this
/// @param at         they must be possible at this date and time
/// @param course  what else is asked of them
public record PathFilter(
        Optional<String> ending,
        Optional<String> in,
        Optional<Ref> passes,
        Optional<Integer> longerThan,
        Optional<LocalDateTime> at,
        Optional<PathCourse> course) {
    public PathFilter(
            Optional<String> ending,
            Optional<String> in,
            Optional<Ref> passes,
            Optional<Integer> longerThan,
            Optional<LocalDateTime> at) {
        this(ending, in, passes, longerThan, at, Optional.empty());
    }

    /// The paths of a course, of those that may take longer where that is given.
    public static PathFilter of(PathCourse course, Optional<Integer> longerThan) {
        return new PathFilter(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                longerThan,
                Optional.empty(),
                Optional.of(course));
    }

    /// Every path.
    public static final PathFilter ALL =
            new PathFilter(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /// Whether every path that has begun is asked for.
    boolean everything() {
        return ending.isEmpty() && in.isEmpty() && passes.isEmpty() && longerThan.isEmpty() && course.isEmpty();
    }

    /// Whether paths that end so are asked for.
    ///
    /// @param chosen whether the caller chose what leads there
    boolean ends(Path.End end, boolean chosen) {
        return course.map(one -> one.ends().test(end, chosen)).orElse(true) && ends(end);
    }

    /// The same, whoever chose.
    boolean ends(Path.End end) {
        return ending.map(end.word()::equals).orElse(true)
                && in.map(end.in()::equals).orElse(true);
    }
}
