package app.bittern.call;

import app.bittern.plan.Kind;
import app.bittern.plan.Lookup;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

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

    /// What is allowed of lookups, as a refusal says it.
    String ALLOWED_LOOKUP = "found, tag and its name, not-found or failed, with the seconds that it takes where it is"
            + " not at once: \"tag haulier after 2s\"; several in order joined by then";

    /// What stands before the seconds that a lookup takes.
    String AFTER = " after ";

    Pattern SAYS = Pattern.compile("(found|not-found|failed|tag [^ ].*?)(?: after ([0-9]{1,3})s)?");

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

    /// What a lookup says.
    ///
    /// @param after seconds until it does
    record Says(Answer answer, int after) implements Found {
        /// That it knows nobody, at once.
        static final Says NOBODY = new Says(new Answer.Nobody(), 0);

        /// The same of a lookup: one that is later than it is waited for has failed, and failing takes as long; a tag
        /// that it does not give says no more than that somebody was found.
        Says of(Lookup lookup) {
            int longest = lookup.answersWithin().value();
            if (after > longest || answer instanceof Answer.None) {
                return new Says(new Answer.None(), longest);
            }
            boolean known = !(answer instanceof Answer.Outside(Optional<String> tag))
                    || tag.isEmpty()
                    || lookup.tags().contains(tag.get());
            return known ? this : new Says(new Answer.Outside(Optional.empty()), after);
        }

        @Override
        public String toString() {
            return answer.word() + (after == 0 ? "" : AFTER + after + "s");
        }
    }

    /// What is found where a bench says nothing of it.
    static Found usual(Ref ref) {
        return ref.kind() == Kind.LOOKUP ? Says.NOBODY : new Ahead(0);
    }

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
            case Says says -> false;
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

    /// Reads what a lookup says, several in order: `found after 2s then failed`.
    static Optional<List<Found>> parseLookup(String text) {
        return parseAll(text, Found::says);
    }

    private static Optional<Found> says(String text) {
        Matcher read = SAYS.matcher(text);
        if (!read.matches()) {
            return Optional.empty();
        }
        Answer answer = switch (read.group(1)) {
            case Answer.FOUND -> new Answer.Outside(Optional.empty());
            case Answer.NOT_FOUND -> new Answer.Nobody();
            case Answer.FAILED -> new Answer.None();
            case String tag -> new Answer.Outside(Optional.of(tag.substring(Answer.TAG.length())));
        };
        return Optional.of(new Says(answer, read.group(2) == null ? 0 : Integer.parseInt(read.group(2))));
    }

    /// What is allowed of a kind, as a refusal says it.
    static String allowed(Kind kind) {
        return kind == Kind.TRUNK ? ALLOWED_TRUNK : kind == Kind.LOOKUP ? ALLOWED_LOOKUP : ALLOWED;
    }

    /// Reads what is found of a kind, several in order joined by `then`.
    static Optional<List<Found>> parse(String text, Kind kind) {
        return kind == Kind.TRUNK ? parseTrunk(text) : kind == Kind.LOOKUP ? parseLookup(text) : parseAll(text);
    }

    /// As [#parse(String, Kind)] reads it.
    static String words(List<Found> all, Kind kind) {
        return kind == Kind.TRUNK
                ? all.stream().map(Found::ofTrunk).collect(Collectors.joining(" then "))
                : Reaction.words(all);
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
