package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Hours;
import app.bittern.plan.Pointer;
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
        return examination.never(hours).stream()
                .map(state -> ABOUT.at(
                                hours.ref(),
                                Pointer.of("states"),
                                Says.the(hours) + " are never " + state + " in the coming year.")
                        .of(state));
    }
}
