package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.hours.HoursState;
import app.bittern.hours.WeekRange;
import app.bittern.plan.Hours;
import app.bittern.plan.Pointer;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/// A gap of a few minutes between two ranges of a day.
final class HoursGap extends PerObject<Hours> {
    private static final About ABOUT = new About(
            "hours-gap",
            "Gap of minutes",
            Severity.WARNING,
            "A gap of a few minutes between two ranges, or before midnight.",
            "Calls in the gap are treated as outside hours. Ends are exclusive: let one range end where the next begins.");

    private static final int SMALL = 15;
    private static final int DAY = 24 * 60;
    private static final int WEEK = 7 * DAY;

    HoursGap() {
        super(ABOUT, Hours.class);
    }

    @Override
    Stream<Finding> look(Hours hours, Examination examination) {
        return Stream.concat(gaps(hours), lastMinutes(hours));
    }

    /// A range on one of its days.
    ///
    /// @param start minutes after Monday's midnight
    /// @param end   the same, over the end of the week where it goes on after it
    private record Stretch(WeekRange range, HoursState state, int start, int end) {}

    /// Between a range and the next that can hold on the same dates, also over midnight and the end of the
    /// week.
    private static Stream<Finding> gaps(Hours hours) {
        List<Stretch> stretches = new ArrayList<>();
        for (HoursState state : hours.calendar().states()) {
            for (WeekRange range : state.weekly()) {
                for (DayOfWeek day : range.days()) {
                    int midnight = (day.getValue() - 1) * DAY;
                    int end = midnight + range.end() + (range.overMidnight() ? DAY : 0);
                    stretches.add(new Stretch(range, state, midnight + range.start(), end));
                }
            }
        }
        Set<List<Object>> told = new LinkedHashSet<>();
        List<Finding> findings = new ArrayList<>();
        for (Stretch one : stretches) {
            for (Stretch next : stretches) {
                int gap = Math.floorMod(next.start() - one.end(), WEEK);
                if (gap > 0
                        && gap <= SMALL
                        && together(one.state(), next.state())
                        && stretches.stream().noneMatch(other -> covers(other, one.end()))
                        && told.add(List.of(one.range(), next.range()))) {
                    findings.add(ABOUT.at(
                                    hours.ref(),
                                    Pointer.of("states"),
                                    Says.the(hours) + " have a gap of " + Says.count(gap, "minute") + " between "
                                            + one.range() + " and " + next.range() + ".")
                            .of(one.range(), next.range()));
                }
            }
        }
        return findings.stream();
    }

    private static boolean covers(Stretch stretch, int minute) {
        return Math.floorMod(minute - stretch.start(), WEEK) < stretch.end() - stretch.start();
    }

    /// Whether two states can hold on dates of the same time of the year.
    private static boolean together(HoursState one, HoursState other) {
        return one.season().equals(other.season())
                || one.season().isEmpty()
                || other.season().isEmpty();
    }

    /// Ranges to 23:59, which leave out the last minute of the day.
    private static Stream<Finding> lastMinutes(Hours hours) {
        return hours.calendar().states().stream()
                .flatMap(state -> state.weekly().stream())
                .filter(range -> range.end() == DAY - 1)
                .filter(range -> gaps(hours).noneMatch(gap -> gap.values().contains(range.toString())))
                .distinct()
                .map(range -> ABOUT.at(
                                hours.ref(),
                                Pointer.of("states"),
                                Says.the(hours) + " leave out the last minute of the day in " + range
                                        + ": ends are exclusive, midnight is 24:00.")
                        .of(range));
    }
}
