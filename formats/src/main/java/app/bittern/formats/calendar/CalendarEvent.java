package app.bittern.formats.calendar;

import app.bittern.hours.DateRule;
import app.bittern.hours.WeekRange;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.MonthDay;
import java.time.Period;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.Parameter;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.CalendarComponent;

/// An event of a calendar file as a rule of hours takes it.
///
/// @param line  at which it begins, from 1
/// @param title what it is called
/// @param days  on which it is
/// @param hours the time of the day, where it is not the whole
public record CalendarEvent(int line, String title, DateRule days, Optional<WeekRange> hours) {
    private static final int DAY = 24 * 60;
    private static final DateTimeFormatter DATE = DateTimeFormatter.BASIC_ISO_DATE;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("uuuuMMdd'T'HHmmss", Locale.ROOT);

    /// Why an event is no days of a rule.
    static final class NotDays extends Exception {
        private static final long serialVersionUID = 1;
        private final String title;
        private final String why;

        NotDays(String title, String why) {
            super(why);
            this.title = title;
            this.why = why;
        }

        String why() {
            return why;
        }

        String title() {
            return title;
        }
    }

    /// @throws NotDays with the reason where it is no days, or one day's hours
    static CalendarEvent of(int line, CalendarComponent event, ZoneId zone) throws NotDays {
        String title = text(event, Property.SUMMARY).orElse("without a title");
        return new Reader(event, zone, title).read(line);
    }

    private static Optional<String> text(CalendarComponent event, String name) {
        return event.getProperty(name).map(Property::getValue).filter(value -> !value.isBlank());
    }

    /// One event while it is read.
    private record Reader(CalendarComponent event, ZoneId zone, String title) {
        CalendarEvent read(int line) throws NotDays {
            for (String other : List.of(Property.RECURRENCE_ID, Property.RDATE, Property.EXDATE, Property.EXRULE)) {
                if (event.getProperty(other).isPresent()) {
                    throw no("it changes single days of a series (" + other + "); add those days by hand");
                }
            }
            if (text(event, Property.STATUS)
                    .filter("CANCELLED"::equalsIgnoreCase)
                    .isPresent()) {
                throw no("it is cancelled");
            }
            Property start = event.getProperty(Property.DTSTART).orElseThrow(() -> no("it has no beginning (DTSTART)"));
            return start.getValue().contains("T") ? timed(line, start) : whole(line, start);
        }

        private NotDays no(String why) {
            return new NotDays(title, why);
        }

        private CalendarEvent whole(int line, Property start) throws NotDays {
            LocalDate first = date(start);
            Optional<Property> end = event.getProperty(Property.DTEND);
            LocalDate last = end.isPresent() ? date(end.get()).minusDays(1) : first.plusDays(length() - 1);
            if (last.isBefore(first)) {
                throw no("it ends before it begins");
            }
            if (rule().isPresent() && !last.equals(first)) {
                throw no("it comes again and lasts several days; a rule that comes again takes single days");
            }
            DateRule days = last.equals(first) ? days(first) : new DateRule.Between(first, last);
            return new CalendarEvent(line, title, days, Optional.empty());
        }

        /// In days.
        private long length() throws NotDays {
            Optional<String> length = text(event, Property.DURATION);
            try {
                if (length.isEmpty()) {
                    return 1;
                }
                LocalDate any = LocalDate.EPOCH;
                return Math.max(1, any.until(any.plus(Period.parse(length.get())), ChronoUnit.DAYS));
            } catch (DateTimeParseException none) {
                throw no("its length " + length.orElse("") + " is no number of days");
            }
        }

        private CalendarEvent timed(int line, Property start) throws NotDays {
            LocalDateTime from = time(start);
            LocalDateTime to = until(from);
            boolean midnight = to.toLocalTime().toSecondOfDay() == 0
                    && to.toLocalDate().equals(from.toLocalDate().plusDays(1));
            if (!to.isAfter(from) || (!midnight && !to.toLocalDate().equals(from.toLocalDate()))) {
                throw no(
                        "it goes from a time of one day to a time of another; a rule takes whole days, or hours of one day");
            }
            if (rule().isPresent() && !start.getValue().equals(local(start, from))) {
                throw no("it comes again by the clock of another time zone");
            }
            WeekRange hours = new WeekRange(EnumSet.allOf(DayOfWeek.class), minute(from), midnight ? DAY : minute(to));
            return new CalendarEvent(line, title, days(from.toLocalDate()), Optional.of(hours));
        }

        private static String local(Property start, LocalDateTime from) {
            return start.getValue().endsWith("Z") ? "" : TIME.format(from);
        }

        private static int minute(LocalDateTime at) {
            return at.getHour() * 60 + at.getMinute();
        }

        private LocalDateTime until(LocalDateTime from) throws NotDays {
            Optional<Property> end = event.getProperty(Property.DTEND);
            if (end.isPresent()) {
                return time(end.get());
            }
            Optional<String> length = text(event, Property.DURATION);
            try {
                return from.plus(
                        Duration.parse(length.orElseThrow(() -> no("it has no end (DTEND) and no length (DURATION)"))));
            } catch (DateTimeParseException none) {
                throw no("its length " + length.orElse("") + " is no length of time");
            }
        }

        private DateRule days(LocalDate first) throws NotDays {
            Optional<String> rule = rule();
            if (rule.isEmpty()) {
                return new DateRule.Once(first);
            }
            if (rule.get().equals("FREQ=YEARLY")) {
                return new DateRule.Yearly(MonthDay.from(first));
            }
            return DateRule.parse(rule.get() + DateRule.FROM + first)
                    .orElseThrow(() -> no("its rule " + rule.get() + " is no rule of days"));
        }

        /// The recurrence rule, what it is by first, as the core writes it.
        private Optional<String> rule() {
            return text(event, Property.RRULE)
                    .map(text -> Arrays.stream(text.toUpperCase(Locale.ROOT).split(";", -1))
                            .filter(part -> !part.startsWith("WKST=") && !part.equals("INTERVAL=1"))
                            .sorted(Comparator.comparing(part -> !part.startsWith("FREQ=")))
                            .collect(Collectors.joining(";")));
        }

        private LocalDate date(Property property) throws NotDays {
            try {
                return LocalDate.parse(property.getValue(), DATE);
            } catch (DateTimeParseException none) {
                throw no(property.getName() + ":" + property.getValue() + " is no day");
            }
        }

        /// By the clock of the site.
        private LocalDateTime time(Property property) throws NotDays {
            String value = property.getValue();
            try {
                boolean utc = value.endsWith("Z");
                LocalDateTime time = LocalDateTime.parse(utc ? value.substring(0, value.length() - 1) : value, TIME);
                Optional<ZoneId> own = utc
                        ? Optional.of(ZoneOffset.UTC)
                        : property.getParameter(Parameter.TZID).map(id -> ZoneId.of(id.getValue()));
                return own.map(its -> time.atZone(its).withZoneSameInstant(zone).toLocalDateTime())
                        .orElse(time);
            } catch (DateTimeException none) {
                throw no(property.getName() + ":" + value + " is no time that is known here (" + none.getMessage()
                        + ")");
            }
        }
    }
}
