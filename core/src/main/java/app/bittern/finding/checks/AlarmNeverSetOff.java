package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Code;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// An alarm that nothing sets off.
final class AlarmNeverSetOff implements Check {
    private static final About ABOUT = new About(
            "alarm-never",
            "Alarm that is never set off",
            Severity.WARNING,
            "An alarm that nothing sets off.",
            "It cannot help anybody. Say what sets it off.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Alarm.class).flatMap(alarm -> never(plan, alarm)).toList();
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
