package app.bittern.plan;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/// A duration in whole seconds, written with its units: `20s`, `1m30s`, `2h`.
///
/// @param value seconds, 0 to 24 hours
public record Seconds(int value) {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED = "a duration with its unit, such as 20s, 1m30s or 2h (24h at most)";

    private static final int DAY = 24 * 3600;
    private static final Pattern SHAPE = Pattern.compile("(?:([0-9]{1,5})h)?(?:([0-9]{1,5})m)?(?:([0-9]{1,5})s)?");

    /// @throws IllegalArgumentException where it is negative or longer than a day
    public Seconds {
        if (value < 0 || value > DAY) {
            throw new IllegalArgumentException(value + " seconds: " + ALLOWED);
        }
    }

    /// Reads what [#toString()] writes, and the same time in other units (`90s`).
    public static Optional<Seconds> parse(String text) {
        Matcher read = SHAPE.matcher(text);
        if (text.isEmpty() || !read.matches()) {
            return Optional.empty();
        }
        int total = part(read.group(1)) * 3600 + part(read.group(2)) * 60 + part(read.group(3));
        return total <= DAY ? Optional.of(new Seconds(total)) : Optional.empty();
    }

    private static int part(@Nullable String digits) {
        return digits == null ? 0 : Integer.parseInt(digits);
    }

    /// When something came to pass: `after 0:42`, `at once`.
    public static String after(int seconds) {
        return seconds == 0 ? "at once" : "after " + clock(seconds);
    }

    /// On a clock from the beginning of a call: `0:27`, `1:02:05`.
    public static String clock(int seconds) {
        return seconds < 3600
                ? String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60)
                : String.format(Locale.ROOT, "%d:%02d:%02d", seconds / 3600, seconds / 60 % 60, seconds % 60);
    }

    /// As people read it: `20 s`, `2 min 30 s`, `1 h`.
    public String said() {
        if (value == 0) {
            return "0 s";
        }
        return (unit(value / 3600, " h ") + unit(value / 60 % 60, " min ") + unit(value % 60, " s")).strip();
    }

    /// So many seconds as people read them.
    public static String said(int seconds) {
        return new Seconds(seconds).said();
    }

    @Override
    public String toString() {
        if (value == 0) {
            return "0s";
        }
        return unit(value / 3600, "h") + unit(value / 60 % 60, "m") + unit(value % 60, "s");
    }

    private static String unit(int amount, String unit) {
        return amount == 0 ? "" : amount + unit;
    }
}
