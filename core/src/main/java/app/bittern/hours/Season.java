package app.bittern.hours;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Optional;

/// A part of every year, both ends in it, such as `05-01..09-30`; it may pass the turn of the year.
public record Season(MonthDay from, MonthDay to) {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED = "two days of the year such as \"05-01..09-30\" (month-day, both included)";

    /// Reads what [#toString()] writes.
    public static Optional<Season> parse(String text) {
        String[] ends = text.split("\\.\\.", -1);
        if (ends.length != 2) {
            return Optional.empty();
        }
        Optional<MonthDay> from = monthDay(ends[0].strip());
        Optional<MonthDay> to = monthDay(ends[1].strip());
        return from.isPresent() && to.isPresent() ? Optional.of(new Season(from.get(), to.get())) : Optional.empty();
    }

    static Optional<MonthDay> monthDay(String text) {
        try {
            return Optional.of(MonthDay.parse("--" + text));
        } catch (DateTimeException notADay) {
            return Optional.empty();
        }
    }

    static String text(MonthDay day) {
        return day.toString().substring(2);
    }

    /// Whether a date is in the season.
    public boolean holds(LocalDate date) {
        MonthDay day = MonthDay.from(date);
        boolean afterStart = day.compareTo(from) >= 0;
        boolean beforeEnd = day.compareTo(to) <= 0;
        return from.compareTo(to) <= 0 ? afterStart && beforeEnd : afterStart || beforeEnd;
    }

    /// As people in a country write it: `1 May to 30 Sep`.
    ///
    /// @param country ISO 3166 code of two letters
    public String said(String country) {
        return DayWords.of(from, country) + " to " + DayWords.of(to, country);
    }

    @Override
    public String toString() {
        return text(from) + ".." + text(to);
    }
}
