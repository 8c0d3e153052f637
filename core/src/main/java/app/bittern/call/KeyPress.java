package app.bittern.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/// What a caller keys when asked: digits, or nothing.
///
/// `5` is keyed when the prompt has ended, `!5` at once, `5@7s` seven seconds after the try (in a queue after
/// the wait) begins, `2@1s 0@4s` digit by digit.
///
/// @param digits empty for silence
/// @param atOnce whether they are keyed at once instead of after the prompt
/// @param at     the second of each digit, where they are given
public record KeyPress(String digits, boolean atOnce, List<Integer> at) {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED =
            "keys separated by commas: digits, * or #, - for silence, ! before for at once,"
                    + " a second after (1,-,!5,5@7s or 2@1s 0@4s), again at the end to begin anew";

    /// The word that begins the list of keys anew.
    public static final String AGAIN = "again";

    /// Nothing keyed.
    public static final KeyPress SILENCE = new KeyPress("", false);

    private static final Pattern SHAPE = Pattern.compile("!?[0-9*#]{1,32}|-");
    private static final Pattern TIMED = Pattern.compile("[0-9*#]@[0-9]{1,5}s( [0-9*#]@[0-9]{1,5}s){0,31}");

    public KeyPress {
        at = List.copyOf(at);
    }

    public KeyPress(String digits, boolean atOnce) {
        this(digits, atOnce, List.of());
    }

    /// One key at a second.
    public static KeyPress at(String key, int second) {
        return new KeyPress(key, false, List.of(second));
    }

    /// Reads what [#toString()] writes.
    public static Optional<KeyPress> parse(String text) {
        if (TIMED.matcher(text).matches()) {
            return timed(text);
        }
        if (!SHAPE.matcher(text).matches()) {
            return Optional.empty();
        }
        boolean atOnce = text.startsWith("!");
        return Optional.of(text.equals("-") ? SILENCE : new KeyPress(atOnce ? text.substring(1) : text, atOnce));
    }

    private static Optional<KeyPress> timed(String text) {
        StringBuilder digits = new StringBuilder();
        List<Integer> seconds = new ArrayList<>();
        for (String one : text.split(" ", -1)) {
            digits.append(one.charAt(0));
            seconds.add(Integer.parseInt(one.substring(2, one.length() - 1)));
        }
        for (int index = 1; index < seconds.size(); index++) {
            if (seconds.get(index) < seconds.get(index - 1)) {
                return Optional.empty();
            }
        }
        return Optional.of(new KeyPress(digits.toString(), false, seconds));
    }

    public boolean silent() {
        return digits.isEmpty();
    }

    /// Whether the second of each digit is given.
    public boolean timed() {
        return !at.isEmpty();
    }

    /// What is left of it once some digits have been taken: pressed at once where a key is asked for next, but
    /// for digits that have seconds of their own, which stay what they are.
    ///
    /// @param begun the second of the object at which the try began that its seconds are counted from
    KeyPress after(int taken, int begun) {
        String rest = digits.substring(taken);
        return rest.isEmpty()
                ? SILENCE
                : timed()
                        ? new KeyPress(
                                rest,
                                false,
                                at.subList(taken, at.size()).stream()
                                        .map(second -> second + begun)
                                        .toList())
                        : new KeyPress(rest, true);
    }

    /// The same so many seconds later: what has been pressed by then counts at once.
    KeyPress later(int seconds) {
        return timed()
                ? new KeyPress(
                        digits,
                        false,
                        at.stream().map(second -> Math.max(0, second - seconds)).toList())
                : this;
    }

    /// What of it has not been pressed yet.
    KeyPress yetToCome() {
        int pressed = timed() ? (int) at.stream().filter(second -> second <= 0).count() : digits.length();
        return after(pressed, 0);
    }

    /// The second of a digit, counted from the beginning of the try.
    ///
    /// @param prompt how long the prompt is
    int second(int index, int prompt) {
        return timed() ? at.get(index) : atOnce ? 0 : prompt;
    }

    @Override
    public String toString() {
        if (timed()) {
            List<String> all = new ArrayList<>();
            for (int index = 0; index < at.size(); index++) {
                all.add(digits.charAt(index) + "@" + at.get(index) + "s");
            }
            return String.join(" ", all);
        }
        return silent() ? "-" : (atOnce ? "!" : "") + digits;
    }
}
