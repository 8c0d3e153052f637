package app.bittern.hours;

import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.time.chrono.IsoChronology;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.TextStyle;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.dmfs.rfc5545.Weekday;
import org.dmfs.rfc5545.recur.InvalidRecurrenceRuleException;
import org.dmfs.rfc5545.recur.RecurrenceRule;
import org.dmfs.rfc5545.recur.RecurrenceRule.Part;
import org.dmfs.rfc5545.recur.RecurrenceRule.WeekdayNum;

/// Says days as people in a country write them: `25 Dec`, `26 Mar 2027`, `first Mon in May`.
final class DayWords {
    private static final List<String> PLACES = List.of("first", "second", "third", "fourth", "fifth");

    /// Any leap year, so that 29 February can be said.
    private static final int LEAP = 2000;

    private DayWords() {}

    private record Written(String skeleton, String country) {}

    private static final Map<Written, DateTimeFormatter> FORMATS = new HashMap<>();

    /// How a country writes dates. One at a time: the runtime reads the countries' ways into tables without a lock, and
    /// two threads that are first at once may find them half read.
    private static synchronized String said(LocalDate date, String skeleton, String country) {
        return FORMATS.computeIfAbsent(
                        new Written(skeleton, country),
                        one -> DateTimeFormatterBuilder.getLocalizedDateTimePattern(
                                        one.skeleton(), IsoChronology.INSTANCE, Locale.of("en", one.country()))
                                .transform(pattern ->
                                        DateTimeFormatter.ofPattern(pattern, Locale.of("en", one.country()))))
                .format(date);
    }

    static String of(MonthDay day, String country) {
        return said(day.atYear(LEAP), "MMMd", country);
    }

    static String of(LocalDate date, String country) {
        return said(date, "yMMMd", country);
    }

    /// A recurrence rule in words; as it is written where it says more than which weekdays, which days of a month
    /// and which months.
    static String of(DateRule.Recurring rule, String country) {
        String from = rule.from().map(day -> " from " + of(day, country)).orElse("");
        try {
            return words(new RecurrenceRule(rule.rule(), RecurrenceRule.RfcMode.RFC5545_STRICT))
                            .orElse(rule.rule())
                    + from;
        } catch (InvalidRecurrenceRuleException changed) {
            throw new IllegalStateException(rule.rule() + " was a rule before", changed);
        }
    }

    private static Optional<String> words(RecurrenceRule rule) {
        boolean more = rule.hasPart(Part.BYSETPOS)
                || rule.hasPart(Part.BYWEEKNO)
                || rule.hasPart(Part.BYYEARDAY)
                || rule.hasPart(Part.WKST)
                || rule.getCount() != null
                || rule.getUntil() != null
                || rule.hasPart(Part.BYDAY) == rule.hasPart(Part.BYMONTHDAY);
        boolean far = rule.hasPart(Part.BYDAY)
                ? rule.getByDayPart().stream().anyMatch(day -> Math.abs(day.pos) > PLACES.size())
                : rule.hasPart(Part.BYMONTHDAY)
                        && rule.getByPart(Part.BYMONTHDAY).stream().anyMatch(day -> day < 0);
        if (more || far) {
            return Optional.empty();
        }
        String days = rule.hasPart(Part.BYDAY)
                ? joined(rule.getByDayPart().stream().map(DayWords::weekday).toList())
                : "day "
                        + joined(rule.getByPart(Part.BYMONTHDAY).stream()
                                .map(String::valueOf)
                                .toList());
        Optional<String> months = rule.hasPart(Part.BYMONTH)
                ? Optional.of(joined(rule.getByPart(Part.BYMONTH).stream()
                        // The library counts months from 0.
                        .map(month -> Month.of(month + 1).getDisplayName(TextStyle.SHORT, Locale.ENGLISH))
                        .toList()))
                : Optional.empty();
        int interval = rule.getInterval();
        return switch (rule.getFreq()) {
            case WEEKLY ->
                Optional.of((interval == 1 ? "every " : "")
                        + days
                        + every(interval, "week")
                        + months.map(in -> " in " + in).orElse(""));
            case MONTHLY ->
                interval == 1
                        ? Optional.of(days + " in " + months.orElse("every month"))
                        : Optional.of(days + " in every " + interval + " months")
                                .filter(said -> months.isEmpty());
            case YEARLY -> months.filter(in -> interval == 1).map(in -> days + " in " + in);
            default -> Optional.empty();
        };
    }

    private static String every(int interval, String unit) {
        return interval == 1 ? "" : " every " + interval + " " + unit + "s";
    }

    private static String weekday(WeekdayNum day) {
        String name = name(day.weekday);
        if (day.pos == 0) {
            return name;
        }
        String place = PLACES.get(Math.abs(day.pos) - 1);
        return (day.pos > 0 ? place : day.pos == -1 ? "last" : place + " to last") + " " + name;
    }

    private static String name(Weekday day) {
        return switch (day) {
            case MO -> "Mon";
            case TU -> "Tue";
            case WE -> "Wed";
            case TH -> "Thu";
            case FR -> "Fri";
            case SA -> "Sat";
            case SU -> "Sun";
        };
    }

    private static String joined(List<String> words) {
        return words.stream().collect(Collectors.joining(", "));
    }
}
