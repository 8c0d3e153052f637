package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import java.util.Optional;
import java.util.stream.Stream;

/// An outbound route for emergency numbers that sets off no alarm.
final class EmergencyAlarm extends PerObject<Outbound> {
    private static final About ABOUT = new About(
            "emergency-alarm",
            "Emergency number without an alarm",
            Severity.WARNING,
            "An outbound route for emergency numbers that sets off no alarm.",
            "Nobody in the house knows that somebody has called for help. Set off an alarm.");

    EmergencyAlarm() {
        super(ABOUT, Outbound.class);
    }

    @Override
    Stream<Finding> look(Outbound outbound, Examination examination) {
        Plan plan = examination.plan();
        return outbound.category().equals("emergency")
                        && plan.all(Alarm.class)
                                .noneMatch(alarm -> alarm.listensTo().equals(Optional.of(outbound.ref()))
                                        || alarm.on().equals(Optional.of(new Alarm.On.Emergency())))
                ? Stream.of(ABOUT.at(outbound.ref(), Says.the(outbound) + " sets off no alarm.")
                        .together("set off no alarm"))
                : Stream.empty();
    }
}
