package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.hours.WeekRange;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/// A gap of a few minutes between two ranges of a day.
final class HoursGap implements Check {
    private static final About ABOUT = new About(
            "hours-gap",
            "Gap of minutes",
            Severity.WARNING,
            "A gap of a few minutes between two ranges of a day.",
            "Calls in the gap are treated as outside hours. Ends are exclusive: let one range end where the next begins.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final int SMALL = 15;

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Hours.class).flatMap(hours -> gaps(hours)).toList();
    }

    private static Stream<Finding> gaps(Hours hours) {
        List<Finding> findings = new ArrayList<>();
        List<WeekRange> ranges = hours.calendar().states().stream()
                .flatMap(state -> state.weekly().stream())
                .toList();
        for (DayOfWeek day : DayOfWeek.values()) {
            List<WeekRange> ofDay = ranges.stream()
                    .filter(range -> range.days().contains(day) && !range.overMidnight())
                    .sorted(Comparator.comparingInt(WeekRange::start))
                    .toList();
            for (int index = 0; index + 1 < ofDay.size(); index++) {
                int gap = ofDay.get(index + 1).start() - ofDay.get(index).end();
                if (gap > 0 && gap <= SMALL) {
                    findings.add(ABOUT.at(
                            hours.ref(),
                            "states",
                            Says.the(hours) + " has a gap of " + Says.count(gap, "minute") + " between "
                                    + ofDay.get(index) + " and " + ofDay.get(index + 1) + "."));
                }
            }
        }
        return findings.stream().distinct().limit(1);
    }
}
