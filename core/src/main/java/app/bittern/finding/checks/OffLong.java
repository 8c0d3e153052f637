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
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Route;
import app.bittern.plan.TrapTarget;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// Something that has been off for longer than 30 days. Where nobody knows since when, as of a plan file, nothing is
/// found.
final class OffLong implements Check {
    /// What a plan file alone cannot tell.
    static final String CODE = "off-long";

    private static final About ABOUT = new About(
            CODE,
            "Off for long",
            Severity.HINT,
            "A route, code, alarm, outbound route or trap target that has been off for longer than 30 days.",
            "What was turned off for a day is forgotten, or no longer needed. Turn it on, or take it away.");

    private static final int LONG = 30;

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        LocalDate before = examination.horizon().from().minusDays(LONG);
        return off(examination.plan())
                .flatMap(object -> examination
                        .offSince(object.ref())
                        .filter(since -> since.isBefore(before))
                        .map(since -> ABOUT.at(
                                        object.ref(),
                                        Pointer.of("enabled"),
                                        Says.the(object) + " has been off since " + since + " at least.")
                                .of(since))
                        .stream())
                .toList();
    }

    private static Stream<PlanObject> off(Plan plan) {
        return Stream.of(
                        off(plan, Route.class, Route::enabled),
                        off(plan, Code.class, Code::enabled),
                        off(plan, Alarm.class, Alarm::enabled),
                        off(plan, Outbound.class, Outbound::enabled),
                        off(plan, TrapTarget.class, TrapTarget::enabled))
                .flatMap(some -> some);
    }

    private static <T extends PlanObject> Stream<PlanObject> off(Plan plan, Class<T> type, Predicate<T> enabled) {
        return plan.all(type).filter(enabled.negate()).map(one -> one);
    }
}
