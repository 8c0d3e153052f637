package app.bittern.paths;

import app.bittern.call.Ending;
import app.bittern.plan.Ref;
import java.time.LocalDateTime;
import java.util.Optional;

/// Which paths are asked for; what is absent is not looked at.
///
/// @param ending     how they end
/// @param in         where they end: `mailbox/bookings`
/// @param passes     an object that they pass
/// @param longerThan their latest second must be later than this
/// @param at         they must be possible at this date and time
public record PathFilter(
        Optional<Ending.Kind> ending,
        Optional<String> in,
        Optional<Ref> passes,
        Optional<Integer> longerThan,
        Optional<LocalDateTime> at) {
    /// Every path.
    public static final PathFilter ALL =
            new PathFilter(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /// Whether paths that end so are asked for.
    boolean ends(Path.End end) {
        return switch (end) {
            case Path.End.Rests(Ending where) ->
                ending.map(kind -> kind == where.kind()).orElse(true)
                        && in.map(where.in()::equals).orElse(true);
            case Path.End.Returns(Ref to) ->
                ending.isEmpty() && in.map(to.toString()::equals).orElse(true);
        };
    }
}
