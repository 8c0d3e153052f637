package app.bittern.finding.checks;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The days of the week of which a sentence says that it is open, or closed: `closed on Sundays`.
///
/// @param open whether open
/// @param days in the order of the week
record SaidDays(boolean open, List<DayOfWeek> days) {
    SaidDays {
        days = List.copyOf(days);
    }

    /// The words of a language.
    ///
    /// @param days   how the days begin, Monday first, each with its spellings
    /// @param to     what stands between the first and the last of several
    /// @param work   words for Monday to Friday
    /// @param rest   words for Saturday and Sunday
    /// @param open   how words begin for being open
    /// @param closed how words begin for being closed
    private record Words(
            List<List<String>> days, String to, String work, String rest, List<String> open, List<String> closed) {}

    private static final Words ENGLISH = new Words(
            List.of(
                    List.of("monday"),
                    List.of("tuesday"),
                    List.of("wednesday"),
                    List.of("thursday"),
                    List.of("friday"),
                    List.of("saturday"),
                    List.of("sunday")),
            "to|until|till|through|-|–",
            "weekdays",
            "weekends?",
            List.of("open"),
            List.of("closed", "shut"));

    private static final Words NORWEGIAN = new Words(
            List.of(
                    List.of("mandag", "måndag"),
                    List.of("tirsdag", "tysdag"),
                    List.of("onsdag"),
                    List.of("torsdag"),
                    List.of("fredag"),
                    List.of("lørdag", "laurdag"),
                    List.of("søndag", "sundag")),
            "til|-|–",
            "hverdager|kvardagar|virkedager|ukedager",
            "helgen|helga|helger|helgene",
            List.of("åpen", "åpent", "åpne", "ope", "opne"),
            List.of("stengt", "lukket", "lukka"));

    /// What a sentence says; nothing in a language whose words are not known here, nor where it speaks of both.
    ///
    /// @param language BCP 47
    static Optional<SaidDays> in(String sentence, String language) {
        return switch (Languages.primary(language)) {
            case "en" -> in(sentence, ENGLISH);
            case "nb", "nn", "no" -> in(sentence, NORWEGIAN);
            default -> Optional.empty();
        };
    }

    private static Optional<SaidDays> in(String sentence, Words words) {
        String lower = sentence.toLowerCase(Locale.ROOT);
        List<String> said = List.of(lower.split("[^\\p{L}]+"));
        boolean open = said.stream().anyMatch(word -> words.open().stream().anyMatch(word::startsWith));
        boolean closed = said.stream().anyMatch(word -> words.closed().stream().anyMatch(word::startsWith));
        Set<DayOfWeek> days = days(lower, words);
        return open == closed
                        || days.isEmpty()
                        || said.contains("not")
                        || said.contains("ikke")
                        || said.contains("except")
                ? Optional.empty()
                : Optional.of(new SaidDays(open, days.stream().sorted().toList()));
    }

    private static Set<DayOfWeek> days(String lower, Words words) {
        List<String> names =
                words.days().stream().map(some -> String.join("|", some)).toList();
        String day = "(?:" + String.join("|", names) + ")";
        Set<DayOfWeek> all = new LinkedHashSet<>();
        Matcher several = Pattern.compile("(" + day + ")\\p{L}*\\s*(?:" + words.to() + ")\\s*(" + day + ")")
                .matcher(lower);
        while (several.find()) {
            DayOfWeek last = day(several.group(2), words);
            for (DayOfWeek one = day(several.group(1), words); ; one = one.plus(1)) {
                all.add(one);
                if (one == last) {
                    break;
                }
            }
        }
        Matcher single = Pattern.compile(day).matcher(lower);
        while (single.find()) {
            all.add(day(single.group(), words));
        }
        if (Pattern.compile("\\b(?:" + words.work() + ")\\b").matcher(lower).find()) {
            all.addAll(Arrays.asList(DayOfWeek.values()).subList(0, 5));
        }
        if (Pattern.compile("\\b(?:" + words.rest() + ")\\b").matcher(lower).find()) {
            all.addAll(Arrays.asList(DayOfWeek.values()).subList(5, 7));
        }
        return all;
    }

    private static DayOfWeek day(String name, Words words) {
        List<List<String>> all = new ArrayList<>(words.days());
        for (int at = 0; at < all.size(); at++) {
            if (all.get(at).contains(name)) {
                return DayOfWeek.of(at + 1);
            }
        }
        throw new IllegalArgumentException(name + " is no day");
    }
}
