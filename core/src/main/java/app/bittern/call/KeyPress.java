package app.bittern.call;

import java.util.Optional;
import java.util.regex.Pattern;

/// What a caller keys when asked: digits, or nothing.
///
/// @param digits empty for silence
/// @param atOnce whether they are keyed at once instead of after the prompt
public record KeyPress(String digits, boolean atOnce) {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED =
            "keys separated by commas: digits, * or #, - for silence, with ! before for at once (1,-,!5)";

    /// Nothing keyed.
    public static final KeyPress SILENCE = new KeyPress("", false);

    private static final Pattern SHAPE = Pattern.compile("!?[0-9*#]{1,32}|-");

    /// Reads what [#toString()] writes.
    public static Optional<KeyPress> parse(String text) {
        if (!SHAPE.matcher(text).matches()) {
            return Optional.empty();
        }
        boolean atOnce = text.startsWith("!");
        return Optional.of(text.equals("-") ? SILENCE : new KeyPress(atOnce ? text.substring(1) : text, atOnce));
    }

    public boolean silent() {
        return digits.isEmpty();
    }

    @Override
    public String toString() {
        return silent() ? "-" : (atOnce ? "!" : "") + digits;
    }
}
