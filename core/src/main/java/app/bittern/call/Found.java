package app.bittern.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What a caller finds on coming to a queue or a mailbox, one of the times: so many before them, or no room.
public sealed interface Found {
    /// What is allowed, as a refusal says it.
    String ALLOWED = "how many are there already, or full; several in order joined by then: \"full then 2\"";

    /// Callers ahead in a queue, messages kept in a mailbox.
    record Ahead(int count) implements Found {
        @Override
        public String toString() {
            return Integer.toString(count);
        }
    }

    /// No room.
    record Full() implements Found {
        @Override
        public String toString() {
            return "full";
        }
    }

    /// Whether there is no room, where so many have room.
    default boolean full(Optional<Integer> room) {
        return switch (this) {
            case Full full -> room.isPresent();
            case Ahead(int count) -> room.filter(most -> count >= most).isPresent();
        };
    }

    /// How many are ahead.
    default int ahead() {
        return this instanceof Ahead(int count) ? count : 0;
    }

    static Optional<Found> parse(String text) {
        return text.equals("full")
                ? Optional.of(new Full())
                : text.matches("[0-9]{1,6}") ? Optional.of(new Ahead(Integer.parseInt(text))) : Optional.empty();
    }

    /// Reads several in order, as [Reaction#words(List)] writes them.
    static Optional<List<Found>> parseAll(String text) {
        List<Found> all = new ArrayList<>();
        for (String one : text.split(" then ", -1)) {
            Optional<Found> read = parse(one.strip());
            if (read.isEmpty()) {
                return Optional.empty();
            }
            all.add(read.get());
        }
        return Optional.of(List.copyOf(all));
    }
}
