package app.bittern.hours;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Optional;
import java.util.regex.Pattern;
import org.dmfs.rfc5545.DateTime;
import org.dmfs.rfc5545.recur.InvalidRecurrenceRuleException;
import org.dmfs.rfc5545.recur.RecurrenceRule;
import org.dmfs.rfc5545.recur.RecurrenceRuleIterator;

/// Days that a state is for: `12-25` every year, `2027-03-26` once, `2026-12-20..2027-01-03` with all between, or
/// an iCalendar rule such as `FREQ=YEARLY;BYMONTH=5;BYDAY=1MO`.
public sealed interface DateRule {
    /// What is allowed, as a refusal says it.
    String ALLOWED =
            "a day such as 12-25 (every year) or 2027-03-26 (once), days such as 2026-12-20..2027-01-03 (both included),"
                    + " or a rule such as FREQ=YEARLY;BYMONTH=5;BYDAY=1MO;"
                    + " where it counts from a day (INTERVAL, COUNT, or no BYDAY or BYMONTHDAY), with that day:"
                    + " { rule: \"FREQ=WEEKLY;INTERVAL=2;BYDAY=MO\", from: 2026-11-02 }";

    /// What stands between a rule and the day that it counts from, where both are said in one text.
    String FROM = " from ";

    /// Whether the rule holds on a date.
    boolean holds(LocalDate date);

    /// As people in a country write it: `25 Dec`, `first Mon in May`.
    ///
    /// @param country ISO 3166 code of two letters
    default String said(String country) {
        return switch (this) {
            case Yearly yearly -> DayWords.of(yearly.day(), country);
            case Once once -> DayWords.of(once.date(), country);
            case Between days -> DayWords.of(days.first(), country) + " to " + DayWords.of(days.last(), country);
            case Recurring rule -> DayWords.of(rule, country);
        };
    }

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

    /// All days from one to another, such as `2026-12-20..2027-01-03`.
    ///
    /// @param first the first of them
    /// @param last  the last of them, not before the first
    record Between(LocalDate first, LocalDate last) implements DateRule {
        private static final String TO = "..";

        /// @throws IllegalArgumentException where the last day is before the first
        public Between {
            if (last.isBefore(first)) {
                throw new IllegalArgumentException(first + TO + last + ": the last day is before the first");
            }
        }

        private static Optional<DateRule> of(LocalDate first, LocalDate last) {
            return last.isBefore(first) ? Optional.empty() : Optional.of(new Between(first, last));
        }

        @Override
        public boolean holds(LocalDate date) {
            return !date.isBefore(first) && !date.isAfter(last);
        }

        @Override
        public String toString() {
            return first + TO + last;
        }
    }

    /// The days of a recurrence rule. Source: RFC 5545, 3.3.10; the rule is read by lib-recur.
    ///
    /// @param rule as it is written
    /// @param from the day it counts from; absent where every day of the rule is told by the rule itself
    record Recurring(String rule, Optional<LocalDate> from) implements DateRule {
        private static final Pattern UNTIL = Pattern.compile("(UNTIL=[0-9]{8})T[0-9]{6}Z?");

        /// What a rule without a day is counted from; where it matters, a day is asked for.
        private static final LocalDate LONG_AGO = LocalDate.of(2000, 1, 1);

        /// A rule that is counted from a day, or needs none.
        ///
        /// @return empty where it is not a rule of days, or needs a day and has none
        static Optional<DateRule> of(String rule, Optional<LocalDate> from) {
            try {
                RecurrenceRule read = read(rule);
                boolean byDay = switch (read.getFreq()) {
                    case YEARLY, MONTHLY, WEEKLY, DAILY -> true;
                    default -> false;
                };
                return byDay && (from.isPresent() || !counts(read)) && ever(read, from)
                        ? Optional.of(new Recurring(rule, from))
                        : Optional.empty();
            } catch (InvalidRecurrenceRuleException notARule) {
                return Optional.empty();
            }
        }

        /// Days have no time: where the last is given with one, as calendars do, the day counts.
        private static RecurrenceRule read(String rule) throws InvalidRecurrenceRuleException {
            return new RecurrenceRule(UNTIL.matcher(rule).replaceAll("$1"), RecurrenceRule.RfcMode.RFC5545_STRICT);
        }

        /// Whether it has any day at all: 30 February is none.
        private static boolean ever(RecurrenceRule rule, Optional<LocalDate> from) {
            try {
                return rule.iterator(instance(from.orElse(LONG_AGO))).hasNext();
            } catch (IllegalArgumentException lookedForInVain) {
                return false;
            }
        }

        /// Whether the days depend on the one that it is counted from.
        private static boolean counts(RecurrenceRule rule) {
            boolean ownDays = switch (rule.getFreq()) {
                case DAILY -> true;
                case WEEKLY -> rule.hasPart(RecurrenceRule.Part.BYDAY);
                case MONTHLY -> rule.hasPart(RecurrenceRule.Part.BYDAY) || rule.hasPart(RecurrenceRule.Part.BYMONTHDAY);
                case YEARLY ->
                    rule.hasPart(RecurrenceRule.Part.BYYEARDAY)
                            || rule.hasPart(RecurrenceRule.Part.BYDAY)
                            || (rule.hasPart(RecurrenceRule.Part.BYMONTHDAY)
                                    && rule.hasPart(RecurrenceRule.Part.BYMONTH));
                default -> false;
            };
            return rule.getInterval() > 1 || rule.getCount() != null || !ownDays;
        }

        @Override
        public boolean holds(LocalDate date) {
            if (from.filter(date::isBefore).isPresent()) {
                return false;
            }
            try {
                RecurrenceRuleIterator days = days();
                days.fastForward(instance(date));
                return days.hasNext() && date(days.nextDateTime()).equals(date);
            } catch (IllegalArgumentException noneForLong) {
                // The library looks through 1,000 periods without a day, the first of which is that of the date.
                return false;
            }
        }

        private RecurrenceRuleIterator days() {
            try {
                return read(rule).iterator(instance(from.orElse(LONG_AGO)));
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

        /// `FREQ=WEEKLY;INTERVAL=2;BYDAY=MO from 2026-11-02`.
        @Override
        public String toString() {
            return rule + from.map(day -> FROM + day).orElse("");
        }
    }

    /// Reads what `toString` writes.
    static Optional<DateRule> parse(String text) {
        try {
            if (text.startsWith("FREQ=")) {
                int from = text.indexOf(FROM);
                return from < 0
                        ? Recurring.of(text, Optional.empty())
                        : Recurring.of(
                                text.substring(0, from), Optional.of(Dates.date(text.substring(from + FROM.length()))));
            }
            int to = text.indexOf(Between.TO);
            if (to > 0) {
                return Between.of(
                        Dates.date(text.substring(0, to).strip()),
                        Dates.date(text.substring(to + Between.TO.length()).strip()));
            }
            return text.length() == 10
                    ? Optional.of(new Once(Dates.date(text)))
                    : Season.monthDay(text).map(Yearly::new);
        } catch (DateTimeException notADate) {
            return Optional.empty();
        }
    }
}
