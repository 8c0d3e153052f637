package app.bittern.hours;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Optional;
import org.dmfs.rfc5545.DateTime;
import org.dmfs.rfc5545.recur.InvalidRecurrenceRuleException;
import org.dmfs.rfc5545.recur.RecurrenceRule;
import org.dmfs.rfc5545.recur.RecurrenceRuleIterator;

/// Days that a state is for: `12-25` every year, `2027-03-26` once, or an iCalendar rule such as
/// `FREQ=YEARLY;BYMONTH=5;BYDAY=1MO`.
public sealed interface DateRule {
    /// What is allowed, as a refusal says it.
    String ALLOWED =
            "a day such as 12-25 (every year) or 2027-03-26 (once), or a rule such as FREQ=YEARLY;BYMONTH=5;BYDAY=1MO";

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

    /// The days of a recurrence rule. Source: RFC 5545, 3.3.10; the rule is read by lib-recur.
    ///
    /// @param text as it is written: the rule, and the day it begins with where that matters,
    ///             `FREQ=WEEKLY;INTERVAL=2 from 2026-11-23`
    record Recurring(String text, String rule, LocalDate start) implements DateRule {
        private static final LocalDate LONG_AGO = LocalDate.of(2000, 1, 1);
        private static final String FROM = " from ";

        static Optional<DateRule> parse(String text) {
            int from = text.indexOf(FROM);
            String rule = from < 0 ? text : text.substring(0, from);
            LocalDate start = from < 0 ? LONG_AGO : LocalDate.parse(text.substring(from + FROM.length()));
            try {
                RecurrenceRule read = new RecurrenceRule(rule, RecurrenceRule.RfcMode.RFC5545_STRICT);
                boolean byDay = switch (read.getFreq()) {
                    case YEARLY, MONTHLY, WEEKLY, DAILY -> true;
                    default -> false;
                };
                return byDay ? Optional.of(new Recurring(text, rule, start)) : Optional.empty();
            } catch (InvalidRecurrenceRuleException notARule) {
                return Optional.empty();
            }
        }

        @Override
        public boolean holds(LocalDate date) {
            if (date.isBefore(start)) {
                return false;
            }
            RecurrenceRuleIterator days = days();
            days.fastForward(instance(date));
            return days.hasNext() && date(days.nextDateTime()).equals(date);
        }

        private RecurrenceRuleIterator days() {
            try {
                return new RecurrenceRule(rule, RecurrenceRule.RfcMode.RFC5545_STRICT).iterator(instance(start));
            } catch (InvalidRecurrenceRuleException changed) {
                throw new IllegalStateException(rule + " was a rule before", changed);
            }
        }

        private static DateTime instance(LocalDate date) {
            return new DateTime(date.getYear(), date.getMonthValue() - 1, date.getDayOfMonth());
        }

        private static LocalDate date(DateTime instance) {
            return LocalDate.of(instance.getYear(), instance.getMonth() + 1, instance.getDayOfMonth());
        }

        @Override
        public String toString() {
            return text;
        }
    }

    /// Reads what `toString` writes.
    static Optional<DateRule> parse(String text) {
        try {
            if (text.startsWith("FREQ=")) {
                return Recurring.parse(text);
            }
            return text.length() == 10
                    ? Optional.of(new Once(LocalDate.parse(text)))
                    : Season.monthDay(text).map(Yearly::new);
        } catch (DateTimeException notADate) {
            return Optional.empty();
        }
    }
}
