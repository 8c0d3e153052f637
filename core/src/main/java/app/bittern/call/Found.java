package app.bittern.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What a caller finds on coming to a queue, a mailbox or a trunk, one of the times: so many before them, or no
/// room.
public sealed interface Found {
    /// What is allowed of trunks, as a refusal says it.
    String ALLOWED_TRUNK = "free, full or down; several in order joined by then: \"full then free\"";

    /// What is allowed of queues and mailboxes, as a refusal says it.
    String ALLOWED = "how many are there already, or full; in a queue with the agent that the caller had last time: "
            + "\"0, last 2010\"; several in order joined by then: \"full then 2\"";

    /// What stands before the agent that a caller had last time.
    String LAST = ", last ";

    Pattern AHEAD = Pattern.compile("([0-9]{1,6})(?:, last (\\+?[0-9]{1,15}))?");

    /// Callers ahead in a queue, messages kept in a mailbox.
    ///
    /// @param last the agent's phone to whom this caller came last time
    record Ahead(int count, Optional<String> last) implements Found {
        /// So many, with nobody in particular to come to.
        public Ahead(int count) {
            this(count, Optional.empty());
        }

        @Override
        public String toString() {
            return count + last.map(agent -> LAST + agent).orElse("");
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
            case Ahead(int count, Optional<String> last) ->
                room.filter(most -> count >= most).isPresent();
        };
    }

    /// How many are ahead.
    default int ahead() {
        return this instanceof Ahead(int count, Optional<String> last) ? count : 0;
    }

    /// The agent's phone to whom the caller came last time.
    default Optional<String> lastAgent() {
        return this instanceof Ahead(int count, Optional<String> last) ? last : Optional.empty();
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
        if (text.equals("full")) {
            return Optional.of(new Full());
        }
        Matcher ahead = AHEAD.matcher(text);
        return ahead.matches()
                ? Optional.of(new Ahead(Integer.parseInt(ahead.group(1)), Optional.ofNullable(ahead.group(2))))
                : Optional.empty();
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
