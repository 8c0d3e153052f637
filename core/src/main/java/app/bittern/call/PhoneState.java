package app.bittern.call;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What a phone does when it is called, such as `answers 6s`.
public sealed interface PhoneState {
    /// What is allowed, as a refusal says it.
    String ALLOWED = "silent, busy, off, or \"answers 6s\" (seconds of ringing, with the unit)";

    /// Rings, and nobody answers.
    record Silent() implements PhoneState {
        @Override
        public String toString() {
            return "silent";
        }
    }

    /// Is answered after so many seconds of its own ringing.
    record Answers(int after) implements PhoneState {
        @Override
        public String toString() {
            return "answers " + after + "s";
        }
    }

    /// Is in a call.
    record Busy() implements PhoneState {
        @Override
        public String toString() {
            return "busy";
        }
    }

    /// Is not on the network.
    record Off() implements PhoneState {
        @Override
        public String toString() {
            return "off";
        }
    }

    /// Reads what `toString` writes.
    static Optional<PhoneState> parse(String text) {
        Matcher answers = Pattern.compile("answers ([0-9]{1,4})s").matcher(text);
        if (answers.matches()) {
            return Optional.of(new Answers(Integer.parseInt(answers.group(1))));
        }
        return switch (text) {
            case "silent" -> Optional.of(new Silent());
            case "busy" -> Optional.of(new Busy());
            case "off" -> Optional.of(new Off());
            default -> Optional.empty();
        };
    }
}
