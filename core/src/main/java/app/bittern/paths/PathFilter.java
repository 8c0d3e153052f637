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
public record PathFilter(
        Optional<String> ending,
        Optional<String> in,
        Optional<Ref> passes,
        Optional<Integer> longerThan,
        Optional<LocalDateTime> at) {
    /// Every path.
    public static final PathFilter ALL =
            new PathFilter(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /// Whether every path that has begun is asked for.
    boolean everything() {
        return ending.isEmpty() && in.isEmpty() && passes.isEmpty() && longerThan.isEmpty();
    }

    /// Whether paths that end so are asked for.
    boolean ends(Path.End end) {
        return ending.map(end.word()::equals).orElse(true)
                && in.map(end.in()::equals).orElse(true);
    }
}
