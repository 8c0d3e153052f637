package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.hours.WeekRange;
import app.bittern.plan.Hours;
import app.bittern.plan.Pointer;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/// A gap of a few minutes between two ranges of a day.
final class HoursGap extends PerObject<Hours> {
    private static final About ABOUT = new About(
            "hours-gap",
            "Gap of minutes",
            Severity.WARNING,
            "A gap of a few minutes between two ranges of a day.",
            "Calls in the gap are treated as outside hours. Ends are exclusive: let one range end where the next begins.");

    private static final int SMALL = 15;

    HoursGap() {
        super(ABOUT, Hours.class);
    }

    @Override
    Stream<Finding> look(Hours hours, Examination examination) {
        return gaps(hours);
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
                            Pointer.of("states"),
                            Says.the(hours) + " has a gap of " + Says.count(gap, "minute") + " between "
                                    + ofDay.get(index) + " and " + ofDay.get(index + 1) + "."));
                }
            }
        }
        return findings.stream().distinct().limit(1);
    }
}
