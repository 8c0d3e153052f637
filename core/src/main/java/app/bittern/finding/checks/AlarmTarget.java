package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import java.util.stream.Stream;

/// An alarm that neither writes, nor pages, nor sends traps.
final class AlarmTarget extends PerObject<Alarm> {
    private static final About ABOUT = new About(
            "alarm-target",
            "Alarm that does nothing",
            Severity.WARNING,
            "An alarm that neither writes, nor pages, nor sends traps.",
            "It is set off and nobody notices. Say what it does.");

    AlarmTarget() {
        super(ABOUT, Alarm.class);
    }

    @Override
    Stream<Finding> look(Alarm alarm, Examination examination) {
        return alarm.email().isEmpty()
                        && alarm.text().isEmpty()
                        && alarm.page().isEmpty()
                        && alarm.traps().isEmpty()
                ? Stream.of(ABOUT.at(alarm.ref(), Says.the(alarm) + " does nothing when it is set off."))
                : Stream.empty();
    }
}
