package app.bittern.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/// What a caller finds on coming to a queue, a mailbox or a trunk, one of the times: so many before them, or no
/// room.
public sealed interface Found {
    /// What is allowed of trunks, as a refusal says it.
    String ALLOWED_TRUNK = "free, full or down; several in order joined by then: \"full then free\"";

    /// What is allowed of queues and mailboxes, as a refusal says it.
    String ALLOWED = "how many are there already, or full; several in order joined by then: \"full then 2\"";

    /// Callers ahead in a queue, messages kept in a mailbox.
    record Ahead(int count) implements Found {
        @Override
        public String toString() {
            return Integer.toString(count);
        }
    }

    /// No room; every channel of a trunk in use.
    record Full() implements Found {
        @Override
        public String toString() {
            return "full";
        }
    }

    /// A trunk that does not work.
    record Down() implements Found {
        @Override
        public String toString() {
            return "down";
        }
    }

    /// A trunk that works and has a free channel, as it is written.
    String FREE = "free";

    /// As it is written of a trunk.
    default String ofTrunk() {
        return free() ? FREE : toString();
    }

    /// Whether a trunk can take a call.
    default boolean free() {
        return this instanceof Ahead;
    }

    /// Whether there is no room, where so many have room.
    default boolean full(Optional<Integer> room) {
        return switch (this) {
            case Full full -> room.isPresent();
            case Down down -> false;
            case Ahead(int count) -> room.filter(most -> count >= most).isPresent();
        };
    }

    /// How many are ahead.
    default int ahead() {
        return this instanceof Ahead(int count) ? count : 0;
    }

    /// Reads what is found of a trunk, several in order: `full then free`.
    static Optional<List<Found>> parseTrunk(String text) {
        return parseAll(text, one -> switch (one) {
            case "full" -> Optional.of(new Full());
            case "down" -> Optional.of(new Down());
            case FREE -> Optional.of(new Ahead(0));
            case String other -> Optional.empty();
        });
    }

    static Optional<Found> parse(String text) {
        return text.equals("full")
                ? Optional.of(new Full())
                : text.matches("[0-9]{1,6}") ? Optional.of(new Ahead(Integer.parseInt(text))) : Optional.empty();
    }

    /// Reads several in order, as [Reaction#words(List)] writes them.
    static Optional<List<Found>> parseAll(String text) {
        return parseAll(text, Found::parse);
    }

    private static Optional<List<Found>> parseAll(String text, Function<String, Optional<Found>> parse) {
        List<Found> all = new ArrayList<>();
        for (String one : text.split(" then ", -1)) {
            Optional<Found> read = parse.apply(one.strip());
            if (read.isEmpty()) {
                return Optional.empty();
            }
            all.add(read.get());
        }
        return Optional.of(List.copyOf(all));
    }
}
