package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Plan;
import java.util.List;
import java.util.stream.Stream;

/// An alarm that neither writes, nor pages, nor sends traps.
final class AlarmNoTarget implements Check {
    private static final About ABOUT = new About(
            "alarm-target",
            "Alarm that does nothing",
            Severity.WARNING,
            "An alarm that neither writes, nor pages, nor sends traps.",
            "It is set off and nobody notices. Say what it does.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Alarm.class)
                .flatMap(alarm -> alarm.email().isEmpty()
                                && alarm.text().isEmpty()
                                && alarm.page().isEmpty()
                                && alarm.traps().isEmpty()
                        ? Stream.of(ABOUT.at(alarm.ref(), Says.the(alarm) + " does nothing when it is set off."))
                        : Stream.empty())
                .toList();
    }
}
