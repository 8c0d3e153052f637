package app.bittern.hours;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/// The times of a day at which weekly hours begin or end, and what a calendar is with one of them moved.
///
/// An edge is where one stretch of the day ends and another begins, as far as a weekly range of either's rule has its
/// start or its end there; both move together. A calendar whose hours are of another zone has no edges here:
/// its clock is not the one that is looked at.
public final class HoursEdges {
    private static final int DAY = 24 * 60;

    private HoursEdges() {}

    /// One end of a weekly range.
    private record End(int rule, int range, boolean start) {}

    /// The minutes of a day at which edges are, ascending; 1440 is its end.
    public static List<Integer> of(Calendar calendar, List<RuleTimes.Stretch> day, LocalDate date) {
        return IntStream.rangeClosed(0, day.size())
                .map(index -> index < day.size() ? day.get(index).from() : DAY)
                .filter(minute -> !ends(calendar, day, date, minute).isEmpty())
                .boxed()
                .toList();
    }

    private static List<End> ends(Calendar calendar, List<RuleTimes.Stretch> day, LocalDate date, int minute) {
        if (calendar.elsewhere().isPresent()) {
            return List.of();
        }
        List<End> ends = new ArrayList<>();
        for (RuleTimes.Stretch stretch : day) {
            List<WeekRange> weekly = calendar.states().get(stretch.rule()).weekly();
            for (int range = 0; range < weekly.size(); range++) {
                WeekRange one = weekly.get(range);
                boolean today = one.days().contains(date.getDayOfWeek());
                boolean yesterday = one.overMidnight()
                        && one.days().contains(date.getDayOfWeek().minus(1));
                if (stretch.from() == minute && today && one.start() == minute) {
                    ends.add(new End(stretch.rule(), range, true));
                }
                if (stretch.to() == minute && one.end() == minute && (one.overMidnight() ? yesterday : today)) {
                    ends.add(new End(stretch.rule(), range, false));
                }
            }
        }
        return ends;
    }

    /// The rules of a calendar with an edge moved, on all days that its range has or on this one alone.
    ///
    /// @param from  the minute at which the edge is, one of [#of]
    /// @param to    the minute at which it is to be, 0 to 1440
    /// @param alone whether the other days stay as they are
    /// @return empty where it cannot be there: a range would end before it begins
    public static Optional<List<HoursState>> moved(
            Calendar calendar, List<RuleTimes.Stretch> day, LocalDate date, int from, int to, boolean alone) {
        List<HoursState> states = new ArrayList<>(calendar.states());
        for (End end : ends(calendar, day, date, from)) {
            HoursState state = states.get(end.rule());
            Optional<List<WeekRange>> weekly = moved(state.weekly(), end, date.getDayOfWeek(), to, alone);
            if (weekly.isEmpty()) {
                return Optional.empty();
            }
            states.set(end.rule(), state.withWeekly(weekly.get()));
        }
        return Optional.of(List.copyOf(states));
    }

    private static Optional<List<WeekRange>> moved(
            List<WeekRange> weekly, End end, DayOfWeek day, int to, boolean alone) {
        WeekRange range = weekly.get(end.range());
        int start = end.start() ? to : range.start();
        int stop = end.start() ? range.end() : to;
        boolean sound = range.overMidnight() ? stop < start && stop > 0 && start < DAY : start < stop;
        DayOfWeek begins = range.overMidnight() && !end.start() ? day.minus(1) : day;
        Set<DayOfWeek> days = alone ? EnumSet.of(begins) : range.days();
        if (!sound || (range.overMidnight() && stop + DAY - start > DAY / 2)) {
            return Optional.empty();
        }
        List<WeekRange> all = new ArrayList<>(weekly);
        all.set(end.range(), new WeekRange(days, start, stop));
        if (alone && range.days().size() > 1) {
            Set<DayOfWeek> others = EnumSet.copyOf(range.days());
            others.remove(begins);
            all.add(end.range(), new WeekRange(others, range.start(), range.end()));
        }
        return Optional.of(all);
    }
}
