package app.bittern.hours;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.IntBinaryOperator;

/// A set of instants within a horizon, such as all in which an office is open.
///
/// Kept as ranges of local minutes for each day, since all rules are of local time; what that means in seconds on
/// the days the clocks change is the horizon's matter. An immutable value; every operation costs the
/// ranges of both sets.
public final class TimeSet {
    private static final int[] NEVER = {};
    private static final int[] ALL_DAY = {0, Horizon.DAY};

    private final Horizon horizon;
    private final int[][] days;

    private TimeSet(Horizon horizon, int[][] days) {
        this.horizon = horizon;
        this.days = days;
    }

    /// No instant.
    public static TimeSet never(Horizon horizon) {
        return filled(horizon, NEVER);
    }

    /// Every instant of the horizon.
    public static TimeSet always(Horizon horizon) {
        return filled(horizon, ALL_DAY);
    }

    private static TimeSet filled(Horizon horizon, int[] day) {
        int[][] days = new int[Horizon.DAYS][];
        Arrays.fill(days, day);
        return new TimeSet(horizon, days);
    }

    /// Builds a set range by range, each after the last.
    static final class Builder {
        private final Horizon horizon;
        private final int[][] days = new int[Horizon.DAYS][];

        Builder(Horizon horizon) {
            this.horizon = horizon;
            Arrays.fill(days, NEVER);
        }

        /// Adds minutes of a day, not before any added to that day.
        Builder add(int day, int start, int end) {
            int[] ranges = days[day];
            if (ranges.length > 0 && ranges[ranges.length - 1] == start) {
                days[day] = ranges.clone();
                days[day][ranges.length - 1] = end;
            } else {
                days[day] = Arrays.copyOf(ranges, ranges.length + 2);
                days[day][ranges.length] = start;
                days[day][ranges.length + 1] = end;
            }
            return this;
        }

        /// Puts minutes in place of what a day has.
        Builder put(int day, int[] ranges) {
            days[day] = ranges.clone();
            return this;
        }

        TimeSet done() {
            return new TimeSet(horizon, days);
        }
    }

    public Horizon horizon() {
        return horizon;
    }

    /// The ranges of a day in minutes after midnight: start, end, start, end …; the ends are exclusive.
    int[] ranges(int day) {
        return days[day].clone();
    }

    public TimeSet union(TimeSet other) {
        return combined(other, (one, two) -> one | two);
    }

    public TimeSet intersection(TimeSet other) {
        return combined(other, (one, two) -> one & two);
    }

    public TimeSet minus(TimeSet other) {
        return combined(other, (one, two) -> one & ~two);
    }

    /// Every instant of the horizon that is not in it.
    public TimeSet complement() {
        return always(horizon).minus(this);
    }

    private TimeSet combined(TimeSet other, IntBinaryOperator holds) {
        if (!horizon.equals(other.horizon)) {
            throw new IllegalArgumentException("sets of two horizons: " + horizon + " and " + other.horizon);
        }
        int[][] combined = new int[Horizon.DAYS][];
        for (int day = 0; day < Horizon.DAYS; day++) {
            combined[day] = combined(days[day], other.days[day], holds);
        }
        return new TimeSet(horizon, combined);
    }

    /// Goes over the ends of both in order and notes where the result changes.
    private static int[] combined(int[] one, int[] two, IntBinaryOperator holds) {
        int[] ends = new int[one.length + two.length + 1];
        int found = 0;
        int at = 0;
        int first = 0;
        int second = 0;
        boolean inside = false;
        while (first < one.length || second < two.length) {
            at = Math.min(
                    first < one.length ? one[first] : Horizon.DAY, second < two.length ? two[second] : Horizon.DAY);
            while (first < one.length && one[first] == at) {
                first++;
            }
            while (second < two.length && two[second] == at) {
                second++;
            }
            boolean now = (holds.applyAsInt(first & 1, second & 1) & 1) == 1;
            if (now != inside) {
                ends[found++] = at;
                inside = now;
            }
        }
        return Arrays.copyOf(ends, found);
    }

    public boolean isEmpty() {
        return Arrays.stream(days).allMatch(day -> day.length == 0);
    }

    /// Whether a local date and time is in it; one outside the horizon is not.
    public boolean contains(LocalDateTime at) {
        long day = ChronoUnit.DAYS.between(horizon.from(), at.toLocalDate());
        if (day < 0 || day >= Horizon.DAYS) {
            return false;
        }
        int minute = at.getHour() * 60 + at.getMinute();
        int[] ranges = days[(int) day];
        for (int index = 0; index < ranges.length; index += 2) {
            if (minute >= ranges[index] && minute < ranges[index + 1]) {
                return true;
            }
        }
        return false;
    }

    /// How long it is altogether, in seconds.
    public long seconds() {
        return seconds(Horizon.DAYS);
    }

    /// How long it is within the first days, in seconds.
    long seconds(int first) {
        long seconds = 0;
        for (int day = 0; day < first; day++) {
            for (int index = 0; index < days[day].length; index += 2) {
                seconds += horizon.seconds(day, days[day][index], days[day][index + 1]);
            }
        }
        return seconds;
    }

    /// Its first instant.
    public Optional<Instant> first() {
        for (int day = 0; day < Horizon.DAYS; day++) {
            for (int index = 0; index < days[day].length; index += 2) {
                Optional<Instant> first = horizon.first(day, days[day][index], days[day][index + 1]);
                if (first.isPresent()) {
                    return first;
                }
            }
        }
        return Optional.empty();
    }

    /// Its first instant not before a day of the week of the horizon's; for a witness that is easy to imagine.
    public Optional<Instant> firstIn(DayOfWeek day, int fromMinute) {
        LocalDate date = horizon.from().plusDays(day.getValue() - 1L);
        int index = (int) ChronoUnit.DAYS.between(horizon.from(), date);
        for (int range = 0; range < days[index].length; range += 2) {
            int start = Math.max(fromMinute, days[index][range]);
            if (start < days[index][range + 1]) {
                return horizon.first(index, start, days[index][range + 1]);
            }
        }
        return first();
    }

    /// In words, such as `Mon–Sat 07:30–19:00, except 25 and 26 Dec`.
    public String words() {
        return TimeWords.of(this);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof TimeSet set && horizon.equals(set.horizon) && Arrays.deepEquals(days, set.days);
    }

    @Override
    public int hashCode() {
        return 31 * horizon.hashCode() + Arrays.deepHashCode(days);
    }

    @Override
    public String toString() {
        return words();
    }
}
