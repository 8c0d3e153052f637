package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.TrapTarget;
import java.util.Set;
import java.util.stream.Stream;

/// A trap target that no source and no alarm sends to.
final class TrapIdle extends PerObject<TrapTarget> {
    private static final About ABOUT = new About(
            "trap-idle",
            "Trap target that gets nothing",
            Severity.HINT,
            "A trap target that no source and no alarm sends to.",
            "Monitoring shows nothing although it is set up. Say what it gets.");

    TrapIdle() {
        super(ABOUT, TrapTarget.class);
    }

    @Override
    Stream<Finding> look(TrapTarget target, Examination examination) {
        Plan plan = examination.plan();
        return Set.of("alarms").containsAll(target.sources())
                        && plan.all(Alarm.class)
                                .noneMatch(alarm -> alarm.traps().contains(target.ref()))
                ? Stream.of(ABOUT.at(target.ref(), Pointer.of("from"), Says.the(target) + " gets nothing."))
                : Stream.empty();
    }
}
