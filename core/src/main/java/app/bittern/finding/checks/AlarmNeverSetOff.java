package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Code;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import java.util.Optional;
import java.util.stream.Stream;

/// An alarm that nothing sets off.
final class AlarmNeverSetOff extends PerObject<Alarm> {
    private static final About ABOUT = new About(
            "alarm-never",
            "Alarm that is never set off",
            Severity.WARNING,
            "An alarm that nothing sets off.",
            "It cannot help anybody. Say what sets it off.");

    AlarmNeverSetOff() {
        super(ABOUT, Alarm.class);
    }

    @Override
    Stream<Finding> look(Alarm alarm, Examination examination) {
        Plan plan = examination.plan();
        return never(plan, alarm);
    }

    private static Stream<Finding> never(Plan plan, Alarm alarm) {
        boolean byRoute =
                plan.all(Outbound.class).anyMatch(outbound -> outbound.alarm().equals(Optional.of(alarm.ref())));
        boolean byCode = plan.all(Code.class)
                .anyMatch(code -> code.does().flatMap(Code.Does::target).equals(Optional.of(alarm.ref())));
        boolean listens = alarm.on()
                .filter(on -> on instanceof Alarm.On.Equipment
                        || on.target().flatMap(plan::find).isPresent())
                .isPresent();
        return byRoute || byCode || listens
                ? Stream.empty()
                : Stream.of(ABOUT.at(alarm.ref(), "on", Says.the(alarm) + " is set off by nothing."));
    }
}
