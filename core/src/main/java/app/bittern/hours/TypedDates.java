package app.bittern.hours;

import app.bittern.hours.TypedWords.NotRead;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Reads days as somebody types them: `25 Dec`, `Jan 1`, `3/4/2027`, `20 Dec to 3 Jan 2027`, `May-Sep`, `last Fri in
/// Jun`, `every Mon`, `Mon every 2 weeks from 2 Nov 2026`.
final class TypedDates {
    private static final Pattern PLACED = Pattern.compile("([1-5])(st|nd|rd|th)");
    private static final Pattern DAY = Pattern.compile("\\d{1,2}(st|nd|rd|th)?");

    private final TypedWords words;
    private final String country;

    /// @param country whose way of writing dates such as 3/4 counts, ISO 3166
    TypedDates(TypedWords words, String country) {
        this.words = words;
        this.country = country;
    }

    /// What was read: days, or a part of every year.
    sealed interface Read {
        record Days(DateRule rule) implements Read {}

        record Part(Season season) implements Read {}
    }

    Read read() throws NotRead {
        if (words.done()) {
            throw words.unread();
        }
        if (words.word().startsWith("FREQ=")) {
            String rule = words.word();
            words.skip(1);
            return new Read.Days(counted(rule));
        }
        return recurs() ? new Read.Days(recurring()) : date();
    }

    /// Whether days of weeks or of months come next: `every Mon`, `last Fri`, or `Mon, Wed every 2 weeks`.
    boolean recurs() {
        if (words.lower().equals("last") || place(words.lower(), words.after(1)).isPresent()) {
            return true;
        }
        if (words.lower().equals("every")) {
            return TypedWords.weekday(words.after(1)).isPresent();
        }
        int more = 0;
        while (TypedWords.weekday(words.after(more)).isPresent() && TypedWords.AND.contains(words.after(more + 1))) {
            more += 2;
        }
        return TypedWords.weekday(words.after(more)).isPresent()
                && words.after(more + 1).equalsIgnoreCase("every")
                && words.after(more + 2).matches("\\d{1,2}");
    }

    /// The place of a weekday in its month: `first`, `2nd`.
    private static OptionalInt place(String word, String next) {
        int named = TypedWords.ORDINALS.indexOf(word.toLowerCase(Locale.ROOT));
        if (named >= 0) {
            return OptionalInt.of(named + 1);
        }
        Matcher numbered = PLACED.matcher(word);
        return numbered.matches() && TypedWords.weekday(next).isPresent()
                ? OptionalInt.of(Integer.parseInt(numbered.group(1)))
                : OptionalInt.empty();
    }

    private DateRule recurring() throws NotRead {
        boolean weekly = words.take("every") || TypedWords.weekday(words.word()).isPresent();
        List<String> days = new ArrayList<>();
        do {
            days.add((weekly ? "" : String.valueOf(position())) + weekday());
        } while (words.joins(next -> weekly
                ? TypedWords.weekday(next).isPresent()
                : next.equalsIgnoreCase("last") || place(next, words.after(2)).isPresent()));
        String by = "BYDAY=" + String.join(",", days);
        return counted(weekly ? "FREQ=WEEKLY;" + weeks() + by : inMonths(by));
    }

    private int position() throws NotRead {
        if (words.take("last")) {
            return -1;
        }
        int position = place(words.lower(), words.after(1)).orElseThrow(words::unread);
        words.skip(1);
        if (TypedWords.SPAN.contains(words.lower()) && words.after(1).equalsIgnoreCase("last")) {
            words.skip(2);
            return -position;
        }
        return position;
    }

    /// As RFC 5545 writes it.
    private String weekday() throws NotRead {
        DayOfWeek day = TypedWords.weekday(words.done() ? "" : words.word())
                .orElseThrow(() -> new NotRead("After '" + words.before() + "' a weekday such as Fri is missing."));
        words.skip(1);
        return day.name().substring(0, 2);
    }

    private String weeks() throws NotRead {
        if (!words.lower().equals("every")) {
            return "";
        }
        words.skip(1);
        int often = number().orElseThrow(words::unread);
        if (!words.take("weeks") && !words.take("week")) {
            throw words.unread();
        }
        return "INTERVAL=" + often + ";";
    }

    private String inMonths(String by) throws NotRead {
        if (!words.take("in") && !words.take("of")) {
            return "FREQ=MONTHLY;" + by;
        }
        if (words.take("every") || words.take("each")) {
            int often = number().orElse(1);
            if (!words.take("month") && !words.take("months")) {
                throw words.unread();
            }
            return "FREQ=MONTHLY;" + (often == 1 ? "" : "INTERVAL=" + often + ";") + by;
        }
        List<String> months = new ArrayList<>();
        do {
            Month month = TypedWords.month(words.done() ? "" : words.word())
                    .orElseThrow(() -> new NotRead("After '" + words.before() + "' a month such as Jun is missing."));
            words.skip(1);
            months.add(String.valueOf(month.getValue()));
            // A month with a day behind it is a date of its own: Aug, Dec 27.
        } while (words.joins(next -> TypedWords.month(next).isPresent()
                && !DAY.matcher(words.after(2)).matches()));
        return "FREQ=YEARLY;BYMONTH=" + String.join(",", months) + ";" + by;
    }

    private Optional<Integer> number() {
        if (words.done() || !words.word().matches("\\d{1,2}")) {
            return Optional.empty();
        }
        int number = Integer.parseInt(words.word());
        words.skip(1);
        return Optional.of(number);
    }

    /// A recurrence rule, with the day that it counts from where one is given.
    private DateRule counted(String rule) throws NotRead {
        Optional<LocalDate> from = Optional.empty();
        if (words.lower().equals("from") && !TypedWords.time(words.after(1), words.after(2))) {
            words.skip(1);
            from = Optional.of(
                    day().date().orElseThrow(() -> new NotRead("A day that is counted from needs its year.")));
        }
        return DateRule.Recurring.of(rule, from)
                .orElseThrow(() -> new NotRead("'" + rule
                        + "' is no rule of days, or needs the day that it counts from (\"from 2 Nov 2026\")."));
    }

    /// A day of every year, or of one.
    private record Day(MonthDay day, Optional<Integer> year) {
        /// @throws DateTimeException where the month has no such day
        static Day of(int month, int day, Optional<Integer> year) {
            return new Day(
                    year.map(of -> MonthDay.from(LocalDate.of(of, month, day)))
                            .orElseGet(() -> MonthDay.of(month, day)),
                    year);
        }

        Optional<LocalDate> date() {
            return year.map(of -> LocalDate.of(of, day.getMonth(), day.getDayOfMonth()));
        }
    }

    private Read date() throws NotRead {
        if (TypedWords.month(words.word()).isPresent() && !monthFirst()) {
            return months();
        }
        Day first = day();
        if (!TypedWords.SPAN.contains(words.lower())) {
            return new Read.Days(
                    first.date().<DateRule>map(DateRule.Once::new).orElseGet(() -> new DateRule.Yearly(first.day())));
        }
        words.skip(1);
        return span(first, day());
    }

    private static Read span(Day first, Day last) throws NotRead {
        if (last.year().isEmpty() && first.year().isEmpty()) {
            return new Read.Part(new Season(first.day(), last.day()));
        }
        int year = last.year().orElseThrow(() -> new NotRead("The last day needs a year as the first has."));
        int begun = first.year().orElse(first.day().isAfter(last.day()) ? year - 1 : year);
        LocalDate from = Day.of(first.day().getMonthValue(), first.day().getDayOfMonth(), Optional.of(begun))
                .date()
                .orElseThrow();
        LocalDate to = last.date().orElseThrow();
        if (to.isBefore(from)) {
            throw new NotRead("The last day is before the first.");
        }
        return new Read.Days(new DateRule.Between(from, to));
    }

    /// `May-Sep`, `Jul`.
    private Read months() {
        Month first = TypedWords.month(words.word()).orElseThrow();
        words.skip(1);
        Month last = first;
        if (TypedWords.SPAN.contains(words.lower())) {
            Optional<Month> named = TypedWords.month(words.after(1));
            words.skip(named.isPresent() ? 2 : 0);
            last = named.orElse(first);
        }
        return new Read.Part(new Season(MonthDay.of(first, 1), MonthDay.of(last, last.maxLength())));
    }

    /// `Dec 25`, and not `Jul 9-17`, which is hours in a month.
    private boolean monthFirst() {
        return DAY.matcher(words.after(1)).matches()
                && !(TypedWords.SPAN.contains(words.after(2))
                        && DAY.matcher(words.after(3)).matches()
                        && TypedWords.month(words.after(4)).isEmpty());
    }

    private Day day() throws NotRead {
        String word = words.done() ? "" : words.word();
        try {
            if (word.matches("\\d{4}-\\d{2}-\\d{2}")) {
                words.skip(1);
                LocalDate date = LocalDate.parse(word);
                return new Day(MonthDay.from(date), Optional.of(date.getYear()));
            }
            if (word.matches("\\d{1,2}/\\d{1,2}(/\\d{4})?")) {
                words.skip(1);
                return slashed(word.split("/", -1));
            }
            return named();
        } catch (DateTimeException none) {
            throw new NotRead("'" + word + "' is no day of a month.");
        }
    }

    private Day named() throws NotRead {
        boolean monthFirst = TypedWords.month(words.done() ? "" : words.word()).isPresent();
        int between = !monthFirst && words.after(1).equalsIgnoreCase("of") ? 2 : 1;
        String one = words.after(0);
        String other = words.after(between);
        Optional<Month> month = TypedWords.month(monthFirst ? one : other);
        String day = monthFirst ? other : one;
        if (month.isEmpty() || !DAY.matcher(day).matches()) {
            throw words.unread();
        }
        words.skip(between + 1);
        if (words.lower().equals(",") && words.after(1).matches("\\d{4}")) {
            words.skip(1);
        }
        Optional<Integer> year = words.done() || !words.word().matches("\\d{4}")
                ? Optional.empty()
                : Optional.of(Integer.parseInt(words.word()));
        words.skip(year.isPresent() ? 1 : 0);
        return Day.of(month.get().getValue(), Integer.parseInt(day.replaceAll("\\D", "")), year);
    }

    private Day slashed(String[] parts) {
        boolean monthFirst = country.equals("US");
        int first = Integer.parseInt(parts[0]);
        int second = Integer.parseInt(parts[1]);
        return Day.of(
                monthFirst ? first : second,
                monthFirst ? second : first,
                parts.length > 2 ? Optional.of(Integer.parseInt(parts[2])) : Optional.empty());
    }
}
