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

    private static final String HOUR =
            "(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|" + "[01]?\\d|2[0-4])(?![\\d:]|\\.\\d)";

    /// What follows an hour that is said by its number alone, so that it is no number of something.
    private static final String THEN =
            "(?=\\s*(?:$|[.,;:!?)]|(?:on|every|each|daily|and|or|to|until|till|from|except|today|tomorrow|sharp|mon|tue|wed|thu|fri|sat|sun)))";

    /// At nine, from nine to six: in sentences that are about hours alone.
    private static final Pattern BARE = Pattern.compile(
            "\\b(?<!\\bof )(?<a>" + HOUR + ")\\s*(?:to|until|till|-|–)\\s*(?<b>" + HOUR + ")" + THEN
                    + "|\\b(?:at|from|until|till|before|after)\\s+(?<c>" + HOUR + ")" + THEN,
            Pattern.CASE_INSENSITIVE);

    private static final List<List<String>> NORWEGIAN = List.of(
            List.of("null"),
            List.of("ett", "ein", "eitt"),
            List.of("to"),
            List.of("tre"),
            List.of("fire"),
            List.of("fem"),
            List.of("seks"),
            List.of("sju", "syv"),
            List.of("åtte"),
            List.of("ni"),
            List.of("ti"),
            List.of("elleve"),
            List.of("tolv"));

    private static final String TIME_NB = "(?:ett|eitt|to|tre|fire|fem|seks|sju|syv|åtte|ni|ti|elleve|tolv|"
            + "[01]?\\d|2[0-4])(?![\\d:]|\\.\\d)(?!\\p{L})";

    private static final Pattern BARE_NB = Pattern.compile(
            // klokka halv ni, klokka ni
            "\\b(?:klokken|klokka|kl\\.?)\\s*(?<half>halv\\s+)?(?<c>" + TIME_NB + ")"
                    // fra ni til seks, mellom ni og seks, ni til seks
                    + "|\\b(?<a>" + TIME_NB + ")\\s*(?:til|og|-|–)\\s*(?<b>" + TIME_NB
                    + ")(?=\\s*(?:$|[.,;:!?)]|(?:på|hver|kvar|og|eller|mandag|tirsdag|onsdag|torsdag|fredag|lørdag|søndag|laurdag|måndag|tysdag|sundag)))",
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS);

    /// How many minutes stand beside the hour.
    private static final Map<String, Integer> PARTS = Map.of("half past", 30, "quarter past", 15, "quarter to", -15);

    private ClockTimes() {}

    /// Whether hours that are said by their number alone are known in a language: `at nine`.
    ///
    /// @param language BCP 47
    static boolean known(String language) {
        return List.of("en", "nb", "nn", "no").contains(Languages.primary(language));
    }

    /// The times that a sentence about hours says, those by their number alone as well, in their order.
    ///
    /// @param language BCP 47
    static List<Said> in(String sentence, String language) {
        List<Said> all = new ArrayList<>();
        // What is a time already is not looked at again.
        Matcher whole = TIME.matcher(sentence);
        StringBuilder rest = new StringBuilder(sentence);
        while (whole.find()) {
            all.add(new Said(whole.group().strip(), minutes(whole)));
            for (int at = whole.start(); at < whole.end(); at++) {
                rest.setCharAt(at, '_');
            }
        }
        if (!known(language)) {
            return all;
        }
        boolean english = Languages.primary(language).equals("en");
        Matcher bare = (english ? BARE : BARE_NB).matcher(rest);
        while (bare.find()) {
            if (bare.group("c") != null) {
                boolean half = !english && bare.group("half") != null;
                all.add(new Said(bare.group().strip(), hours(bare.group("c"), half)));
            } else {
                all.add(new Said(bare.group().strip(), hours(bare.group("a"), false)));
                all.add(new Said(bare.group().strip(), hours(bare.group("b"), false)));
            }
        }
        return all;
    }

    /// @param half whether it is half an hour before, as in `halv ni`
    private static List<Integer> hours(String said, boolean half) {
        String lower = said.toLowerCase(Locale.ROOT);
        int hour = NUMBERS.indexOf(lower);
        for (int number = 0; hour < 0 && number < NORWEGIAN.size(); number++) {
            hour = NORWEGIAN.get(number).contains(lower) ? number : -1;
        }
        List<Integer> minutes = times(hour < 0 ? lower : String.valueOf(hour), half ? -30 : 0, null);
        return minutes.stream().map(at -> Math.floorMod(at, 24 * 60)).toList();
    }

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
