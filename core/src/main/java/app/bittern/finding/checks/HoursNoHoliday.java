package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.hours.DateRule;
import app.bittern.hours.Horizon;
import app.bittern.plan.Hours;
import java.util.List;
import java.util.stream.Stream;

/// Hours without a single day of their own in the coming year.
final class HoursNoHoliday extends PerObject<Hours> {
    private static final About ABOUT = new About(
            "hours-no-holiday",
            "No holiday",
            Severity.HINT,
            "Hours without a single day of their own in the coming year.",
            "Every country has public holidays, and calls then reach people who are not there. Give the holidays a state.");

    HoursNoHoliday() {
        super(ABOUT, Hours.class);
    }

    @Override
    Stream<Finding> look(Hours hours, Examination examination) {
        return none(examination, hours);
    }

    /// Whether the rest of the time is none: who works in shifts works on holidays.
    private static boolean roundTheClock(Hours hours, Examination examination) {
        return examination.never(hours).contains(hours.calendar().names().getLast());
    }

    private static Stream<Finding> none(Examination examination, Hours hours) {
        List<DateRule> rules = hours.calendar().states().stream()
                .flatMap(state -> state.on().stream())
                .toList();
        boolean weekly = hours.calendar().states().stream()
                .anyMatch(state -> !state.weekly().isEmpty());
        boolean some = Stream.iterate(0, day -> day + 1)
                .limit(Horizon.DAYS)
                .map(examination.horizon()::day)
                .anyMatch(day -> rules.stream().anyMatch(rule -> rule.holds(day)));
        return !weekly || some || roundTheClock(hours, examination)
                ? Stream.empty()
                : Stream.of(ABOUT.at(hours.ref(), Says.the(hours) + " have no holiday in the coming year.")
                        .together("have no holiday in the coming year"));
    }
}
