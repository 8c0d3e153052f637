package app.bittern.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What a phone does one of the times that it is asked, such as `answers 6s`.
public sealed interface Reaction {
    /// What is allowed, as a refusal says it.
    String ALLOWED =
            "silent, busy, off, or \"answers 6s\", \"machine 6s\", \"declines 6s\" (seconds of ringing, with the"
                    + " unit); several in order joined by then: \"busy then answers 6s\"";

    /// Rings, and nobody answers.
    record Silent() implements Reaction {
        @Override
        public String toString() {
            return "silent";
        }
    }

    /// Is answered after so many seconds of its own ringing, the key pressed where one is needed.
    record Answers(int after) implements Reaction {
        @Override
        public String toString() {
            return "answers " + after + "s";
        }
    }

    /// Its own voicemail takes the call after so many seconds; where a key is needed it rings to its end.
    record Machine(int after) implements Reaction {
        @Override
        public String toString() {
            return "machine " + after + "s";
        }
    }

    /// The person declines after so many seconds, where a key is needed to take the call; elsewhere it is busy.
    record Declines(int after) implements Reaction {
        @Override
        public String toString() {
            return "declines " + after + "s";
        }
    }

    /// Is in a call.
    record Busy() implements Reaction {
        @Override
        public String toString() {
            return "busy";
        }
    }

    /// Is not on the network.
    record Off() implements Reaction {
        @Override
        public String toString() {
            return "off";
        }
    }

    /// A phone that is never answered.
    List<Reaction> SILENT = List.of(new Silent());

    Pattern TIMED = Pattern.compile("(answers|machine|declines) ([0-9]{1,4})s");

    /// Whether a phone is neither busy nor off the network.
    static boolean reachable(Reaction reaction) {
        return !(reaction instanceof Busy || reaction instanceof Off);
    }

    /// Reads what `toString` writes; `declines` alone is at once.
    static Optional<Reaction> parse(String text) {
        Matcher timed = TIMED.matcher(text);
        if (timed.matches()) {
            int after = Integer.parseInt(timed.group(2));
            return Optional.of(
                    switch (timed.group(1)) {
                        case "answers" -> new Answers(after);
                        case "machine" -> new Machine(after);
                        default -> new Declines(after);
                    });
        }
        return switch (text) {
            case "silent" -> Optional.of(new Silent());
            case "busy" -> Optional.of(new Busy());
            case "off" -> Optional.of(new Off());
            case "declines" -> Optional.of(new Declines(0));
            default -> Optional.empty();
        };
    }

    /// Reads several in order, as [#words(List)] writes them.
    static Optional<List<Reaction>> parseAll(String text) {
        List<Reaction> all = new ArrayList<>();
        for (String one : text.split(" then ", -1)) {
            Optional<Reaction> read = parse(one.strip());
            if (read.isEmpty()) {
                return Optional.empty();
            }
            all.add(read.get());
        }
        return Optional.of(List.copyOf(all));
    }

    /// Several in order: `busy then answers 6s`.
    static String words(List<?> reactions) {
        return String.join(" then ", reactions.stream().map(Object::toString).toList());
    }
}
