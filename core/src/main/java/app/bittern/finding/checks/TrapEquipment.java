package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Plan;
import app.bittern.plan.TrapTarget;
import app.bittern.plan.Trunk;
import java.util.List;

/// Trunks or phones whose failure is reported nowhere.
final class TrapEquipment implements Check {
    private static final About ABOUT = new About(
            "trap-equipment",
            "Equipment that reports to nobody",
            Severity.HINT,
            "Trunks or phones whose failure is reported nowhere.",
            "A line can be down for days. Let a trap target or an alarm listen to equipment.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        boolean listens =
                plan.all(TrapTarget.class).anyMatch(target -> target.sources().contains("trunks"))
                        || plan.all(Alarm.class)
                                .anyMatch(alarm -> alarm.on()
                                        .filter(on -> on instanceof Alarm.On.Equipment)
                                        .isPresent());
        return listens || plan.all(Trunk.class).findAny().isEmpty()
                ? List.of()
                : List.of(ABOUT.at(plan.site().ref(), "No trap target and no alarm listens to trunks."));
    }
}
