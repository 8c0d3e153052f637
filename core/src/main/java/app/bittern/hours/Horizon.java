package app.bittern.hours;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.time.zone.ZoneOffsetTransition;
import java.util.Optional;

/// The 53 weeks that are looked at, so that every day of a year is in, whichever day it begins with.
///
/// @param from the first day, a Monday
/// @param zone the site's
public record Horizon(LocalDate from, ZoneId zone) {
    /// How many weeks are looked at.
    public static final int WEEKS = 53;

    /// How many days are looked at.
    public static final int DAYS = WEEKS * 7;

    static final int DAY = 24 * 60;

    /// @throws IllegalArgumentException where it does not begin on a Monday
    public Horizon {
        if (from.getDayOfWeek() != DayOfWeek.MONDAY) {
            throw new IllegalArgumentException(from + " is a " + from.getDayOfWeek() + ": a Monday is needed");
        }
    }

    /// The weeks from the Monday of a day's week.
    public static Horizon around(LocalDate day, ZoneId zone) {
        return new Horizon(day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)), zone);
    }

    /// The day of an index from 0.
    public LocalDate day(int index) {
        return from.plusDays(index);
    }

    /// How long a range of a day's minutes lasts, in seconds; on the days the clocks change an hour may be
    /// missing or come twice.
    long seconds(int day, int start, int end) {
        Optional<ZoneOffsetTransition> change = change(day);
        if (change.isEmpty()) {
            return (end - start) * 60L;
        }
        int before = minute(day, change.get().getDateTimeBefore());
        int after = minute(day, change.get().getDateTimeAfter());
        return (overlap(start, end, 0, before) + overlap(start, end, after, DAY)) * 60L;
    }

    /// The first instant at which a range of a day's minutes holds.
    Optional<Instant> first(int day, int start, int end) {
        Optional<ZoneOffsetTransition> change = change(day);
        LocalDateTime at = day(day).atStartOfDay().plusMinutes(start);
        if (change.isEmpty() || start < minute(day, change.get().getDateTimeBefore())) {
            return Optional.of(at.toInstant(change.map(ZoneOffsetTransition::getOffsetBefore)
                    .orElseGet(() -> zone.getRules().getOffset(at))));
        }
        int after = minute(day, change.get().getDateTimeAfter());
        LocalDateTime later = day(day).atStartOfDay().plusMinutes(Math.max(start, after));
        return Math.max(start, after) < end
                ? Optional.of(later.toInstant(change.get().getOffsetAfter()))
                : Optional.empty();
    }

    private Optional<ZoneOffsetTransition> change(int day) {
        Instant begins = day(day).atTime(LocalTime.MIDNIGHT).atZone(zone).toInstant();
        Instant ends = day(day + 1).atTime(LocalTime.MIDNIGHT).atZone(zone).toInstant();
        if (Duration.between(begins, ends).toMinutes() == DAY) {
            return Optional.empty();
        }
        return Optional.ofNullable(zone.getRules().nextTransition(begins.minusSeconds(1)))
                .filter(next -> next.getInstant().isBefore(ends));
    }

    /// The minute of a day, or its beginning or end where the time is on another.
    private int minute(int day, LocalDateTime at) {
        long minutes = Duration.between(day(day).atStartOfDay(), at).toMinutes();
        return Math.clamp(minutes, 0, DAY);
    }

    private static int overlap(int start, int end, int from, int to) {
        return Math.max(0, Math.min(end, to) - Math.max(start, from));
    }
}
