package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.hours.TimeClasses;
import app.bittern.plan.Hours;
import app.bittern.plan.Pointer;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/// Hours with a state that holds at no time in the coming year.
final class HoursNever extends PerObject<Hours> {
    private static final About ABOUT = new About(
            "hours-never",
            "State that never holds",
            Severity.WARNING,
            "Hours with a state that holds at no time in the coming year.",
            "What is meant for that state never happens. Change its ranges, or put it before the states that cover it.");

    HoursNever() {
        super(ABOUT, Hours.class);
    }

    @Override
    Stream<Finding> look(Hours hours, Examination examination) {
        return never(examination, hours);
    }

    private static Stream<Finding> never(Examination examination, Hours hours) {
        Set<String> held = new LinkedHashSet<>();
        TimeClasses.of(List.of(hours.calendar()), examination.horizon()).forEach(time -> held.addAll(time.states()));
        return hours.calendar().names().stream()
                .filter(state -> !held.contains(state))
                .map(state -> ABOUT.at(
                                hours.ref(),
                                Pointer.of("states"),
                                Says.the(hours) + " are never " + state + " in the coming year.")
                        .of(state));
    }
}
