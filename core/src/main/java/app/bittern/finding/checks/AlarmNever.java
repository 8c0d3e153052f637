package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Code;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import java.util.Optional;
import java.util.stream.Stream;

/// An alarm that nothing sets off.
final class AlarmNever extends PerObject<Alarm> {
    private static final About ABOUT = new About(
            "alarm-never",
            "Alarm that is never set off",
            Severity.WARNING,
            "An alarm that nothing sets off.",
            "It cannot help anybody. Say what sets it off.");

    AlarmNever() {
        super(ABOUT, Alarm.class);
    }

    @Override
    Stream<Finding> look(Alarm alarm, Examination examination) {
        Plan plan = examination.plan();
        return never(plan, alarm);
    }

    private static Stream<Finding> never(Plan plan, Alarm alarm) {
        boolean byCode = plan.all(Code.class)
                .anyMatch(code -> code.does().flatMap(Code.Does::target).equals(Optional.of(alarm.ref())));
        boolean listens = alarm.on()
                .filter(on -> on instanceof Alarm.On.Equipment
                        || alarm.listensTo().flatMap(plan::find).isPresent())
                .isPresent();
        return byCode || listens
                ? Stream.empty()
                : Stream.of(ABOUT.at(alarm.ref(), Pointer.of("on"), Says.the(alarm) + " is set off by nothing."));
    }
}
