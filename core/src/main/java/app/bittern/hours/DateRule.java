package app.bittern.hours;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Optional;

/// A day that a state is for: `12-25` every year, or `2027-03-26` once.
public sealed interface DateRule {
    /// What is allowed, as a refusal says it.
    String ALLOWED = "a day such as 12-25 (every year) or 2027-03-26 (once)";

    /// Whether the rule holds on a date.
    boolean holds(LocalDate date);

    /// A day of every year; 29 February in leap years only.
    record Yearly(MonthDay day) implements DateRule {
        @Override
        public boolean holds(LocalDate date) {
            return MonthDay.from(date).equals(day);
        }

        @Override
        public String toString() {
            return Season.text(day);
        }
    }

    /// One date.
    record Once(LocalDate date) implements DateRule {
        @Override
        public boolean holds(LocalDate on) {
            return date.equals(on);
        }

        @Override
        public String toString() {
            return date.toString();
        }
    }

    /// Reads what `toString` writes.
    static Optional<DateRule> parse(String text) {
        try {
            return text.length() == 10
                    ? Optional.of(new Once(LocalDate.parse(text)))
                    : Season.monthDay(text).map(Yearly::new);
        } catch (DateTimeException notADate) {
            return Optional.empty();
        }
    }
}
