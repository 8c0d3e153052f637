package app.bittern.hours;

import java.time.DayOfWeek;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/// Words that are read one after another from left to right, with what weekdays and months are called.
public final class TypedWords {
    static final Pattern WORD = Pattern.compile("FREQ=[^\\s]*[^\\s,]|\\d{4}-\\d{2}-\\d{2}|\\d{1,2}/\\d{1,2}(?:/\\d{4})?"
            + "|\\d{1,2}(?:[:.h]\\d{2})?\\s?[ap]\\.?m\\b\\.?|\\d{1,2}[:.h]\\d{2}|\\d{1,2}(?:st|nd|rd|th)\\b|\\d+"
            + "|\\.\\.|[–—-]|,|;|&|[\\p{L}][\\p{L}\\d]*(?:-[a-z0-9]+)*|\\S");
    static final Pattern TIME =
            Pattern.compile("(\\d{1,2})(?:[:.h](\\d{2}))?(?:\\s?([ap])\\.?m\\.?)?", Pattern.CASE_INSENSITIVE);
    static final List<String> ORDINALS = List.of("first", "second", "third", "fourth", "fifth");
    static final Set<String> SPAN = Set.of("-", "–", "—", "to", "till", "until", "through", "..");
    static final Set<String> AND = Set.of(",", ";", "&", "and", "or");

    /// What cannot be read; its message says which words.
    static final class NotRead extends Exception {
        private static final long serialVersionUID = 1;

        NotRead(String says) {
            super(says);
        }
    }

    private final List<String> words;
    private int at;

    TypedWords(String text) {
        this.words = split(text);
    }

    private static List<String> split(String text) {
        Matcher matcher = WORD.matcher(text.strip());
        List<String> words = new ArrayList<>();
        while (matcher.find()) {
            // Days may be joined to their span: Mon-Fri is three words, night-duty is one.
            String word = matcher.group();
            String[] ends = word.split("-", -1);
            boolean span = ends.length == 2
                    && ((weekday(ends[0]).isPresent() && weekday(ends[1]).isPresent())
                            || (month(ends[0]).isPresent() && month(ends[1]).isPresent()));
            if (span) {
                words.addAll(List.of(ends[0], "-", ends[1]));
            } else {
                words.add(word);
            }
        }
        return words;
    }

    /// Whether a word is a time of the day, and not the day of a date: `25` before `Dec`.
    static boolean time(String word, String next) {
        String lower = word.toLowerCase(Locale.ROOT);
        boolean date = month(next).isPresent() || next.equalsIgnoreCase("of");
        return lower.equals("noon")
                || lower.equals("midnight")
                || (TIME.matcher(word).matches() && !date);
    }

    boolean done() {
        return at >= words.size();
    }

    String word() {
        return words.get(at);
    }

    String lower() {
        return done() ? "" : word().toLowerCase(Locale.ROOT);
    }

    boolean take(String word) {
        if (lower().equals(word)) {
            at++;
            return true;
        }
        return false;
    }

    NotRead unread() {
        return new NotRead(
                done()
                        ? "After '" + words.getLast() + "' something is missing."
                        : "'" + word() + "' is not understood here.");
    }

    /// The day of the week that a word is, or begins with three letters or more: `Tue`, `tuesdays`.
    public static Optional<DayOfWeek> weekday(String word) {
        return named(
                        word,
                        IntStream.rangeClosed(1, 7)
                                .mapToObj(day -> DayOfWeek.of(day).name())
                                .toList())
                .map(DayOfWeek::of);
    }

    /// The month that a word is, or begins with three letters or more.
    public static Optional<Month> month(String word) {
        return named(
                        word,
                        IntStream.rangeClosed(1, 12)
                                .mapToObj(month -> Month.of(month).name())
                                .toList())
                .map(Month::of);
    }

    /// The place from 1 of the name that a word is, or begins with three letters or more.
    static Optional<Integer> named(String word, List<String> names) {
        String upper = word.toUpperCase(Locale.ROOT).replaceAll("\\.$", "");
        String one = upper.length() > 4 && upper.endsWith("S") ? upper.substring(0, upper.length() - 1) : upper;
        return IntStream.range(0, names.size())
                .filter(index -> one.length() >= 3 && names.get(index).startsWith(one))
                .mapToObj(index -> index + 1)
                .findFirst();
    }

    /// The word so many after the one that is read next; empty behind the last.
    String after(int more) {
        return at + more < words.size() ? words.get(at + more) : "";
    }

    /// The word that was read last.
    String before() {
        return at == 0 ? "" : words.get(at - 1);
    }

    void skip(int count) {
        at += count;
    }

    /// Whether a word of those that join comes next, and behind it one that is asked for; the joining word is then
    /// read.
    boolean joins(Predicate<String> next) {
        if (AND.contains(lower()) && next.test(after(1))) {
            at++;
            return true;
        }
        return false;
    }
}
