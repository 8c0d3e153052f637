package app.bittern.finding.checks;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/// Finds the times of day that a script says: `17:30`, `5.30 pm`, `half past five`, `klokken 17`, `17 Uhr`.
///
/// What has no `am` or `pm` and no hour over 12 may be before or after noon.
final class ClockTimes {
    /// A time of day as it is said.
    ///
    /// @param words   as they stand in the script
    /// @param minutes of the day that it may be
    record Said(String words, List<Integer> minutes) {
        Said {
            minutes = List.copyOf(minutes);
        }
    }

    private static final String NUMBER =
            "(one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|[01]?\\d|2[0-4])";

    private static final Pattern TIME = Pattern.compile(
            // 17:30, 5:30 pm
            "\\b(?<h1>[01]?\\d|2[0-4]):(?<m1>[0-5]\\d)(?:\\s*(?<p1>[ap])\\.?m\\b)?"
                    // 5.30 pm, 5 pm
                    + "|\\b(?<h2>1[0-2]|0?[1-9])(?:\\.(?<m2>[0-5]\\d))?\\s*(?<p2>[ap])\\.?m\\b"
                    // half past five, quarter to nine
                    + "|\\b(?<part>half past|quarter past|quarter to)\\s+(?<h3>" + NUMBER + ")\\b"
                    // five o'clock, five in the evening
                    + "|\\b(?<h4>" + NUMBER + ")\\s+(?:o['’]clock|in the (?<day>morning|afternoon|evening))"
                    // klokken 17, kl. 17.30; 17 Uhr, 17.30 Uhr
                    + "|\\b(?:klokken|klokka|klockan|kl\\.?)\\s*(?<h5>[01]?\\d|2[0-4])(?:[.:](?<m5>[0-5]\\d))?"
                    + "|\\b(?<h6>[01]?\\d|2[0-4])(?:[.:](?<m6>[0-5]\\d))?\\s*Uhr\\b",
            Pattern.CASE_INSENSITIVE);

    private static final List<String> NUMBERS = List.of(
            "zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    /// How many minutes stand beside the hour.
    private static final Map<String, Integer> PARTS = Map.of("half past", 30, "quarter past", 15, "quarter to", -15);

    private ClockTimes() {}

    /// The times that a script says, in their order.
    static List<Said> in(String script) {
        List<Said> all = new ArrayList<>();
        Matcher found = TIME.matcher(script);
        while (found.find()) {
            all.add(new Said(found.group().strip(), minutes(found)));
        }
        return all;
    }

    private static List<Integer> minutes(Matcher found) {
        if (found.group("h1") != null) {
            return times(found.group("h1"), number(found.group("m1")), found.group("p1"));
        }
        if (found.group("h2") != null) {
            return times(found.group("h2"), number(found.group("m2")), found.group("p2"));
        }
        if (found.group("h3") != null) {
            return times(
                    found.group("h3"), PARTS.getOrDefault(found.group("part").toLowerCase(Locale.ROOT), 0), null);
        }
        if (found.group("h4") != null) {
            String day = found.group("day");
            return times(found.group("h4"), 0, day == null ? null : day.equalsIgnoreCase("morning") ? "a" : "p");
        }
        return found.group("h5") != null
                ? times(found.group("h5"), number(found.group("m5")), "24")
                : times(found.group("h6"), number(found.group("m6")), "24");
    }

    private static int number(@Nullable String digits) {
        return digits == null ? 0 : Integer.parseInt(digits);
    }

    /// @param half `a` before noon, `p` after it, `24` for a clock of 24 hours; null where nothing is said
    private static List<Integer> times(String hour, int minutes, @Nullable String half) {
        int named = NUMBERS.indexOf(hour.toLowerCase(Locale.ROOT));
        int hours = named >= 0 ? named : Integer.parseInt(hour);
        int at = hours * 60 + minutes;
        if (half == null) {
            return hours <= 12 && !hour.startsWith("0") ? List.of(at, (at + 12 * 60) % (24 * 60)) : List.of(at);
        }
        return switch (half.toLowerCase(Locale.ROOT)) {
            case "a" -> List.of(at % (12 * 60));
            case "p" -> List.of(at % (12 * 60) + 12 * 60);
            default -> List.of(at);
        };
    }
}
