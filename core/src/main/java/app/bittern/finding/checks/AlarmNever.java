package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Code;
import app.bittern.plan.Hours;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.Optional;
import java.util.stream.Stream;

/// An alarm that nothing sets off.
final class AlarmNever extends PerObject<Alarm> {
    private static final About ABOUT = new About(
            "alarm-never",
            "Alarm that is never set off",
            Severity.WARNING,
            "An alarm that nothing sets off: what it listens to never happens.",
            "It cannot help anybody. Say what sets it off.");

    AlarmNever() {
        super(ABOUT, Alarm.class);
    }

    @Override
    Stream<Finding> look(Alarm alarm, Examination examination) {
        Plan plan = examination.plan();
        if (alarm.holdsWhile().filter(limit -> never(examination, limit)).isPresent()) {
            Route.While limit = alarm.holdsWhile().get();
            return Stream.of(ABOUT.at(
                            alarm.ref(),
                            Pointer.of("while"),
                            Says.the(alarm) + " is set off only while Hours " + plan.title(limit.hours()) + " are "
                                    + limit.state() + ", which they never are in the coming year.")
                    .of(limit.hours(), limit.state()));
        }
        boolean byCode = plan.all(Code.class)
                .filter(Code::enabled)
                .anyMatch(code -> code.does().flatMap(Code.Does::target).equals(Optional.of(alarm.ref())));
        return byCode
                ? Stream.empty()
                : why(alarm, examination)
                        .map(why -> ABOUT.at(
                                        alarm.ref(),
                                        Pointer.of("on"),
                                        Says.the(alarm) + " is set off by nothing" + why + ".")
                                .of(alarm.listensTo().stream().toArray()))
                        .stream();
    }

    /// Why what an alarm listens to never sets it off; empty where it can.
    private static Optional<String> why(Alarm alarm, Examination examination) {
        Plan plan = examination.plan();
        if (alarm.on().isEmpty()) {
            return Optional.of("");
        }
        return switch (alarm.on().get()) {
            case Alarm.On.Equipment equipment -> Optional.empty();
            case Alarm.On.Emergency emergency ->
                plan.site().emergencyNumbers().isEmpty()
                        ? Optional.of(": the site has no emergency number")
                        : Optional.empty();
            case Alarm.On.Called(Ref ref) ->
                plan.find(ref, Route.class)
                        .map(route -> !route.enabled()
                                ? Optional.of(": Route " + route.title() + " is not enabled")
                                : examination.takes().routes().contains(ref)
                                        ? Optional.<String>empty()
                                        : Optional.of(": Route " + route.title() + " takes no call"))
                        .orElse(Optional.of(""));
            case Alarm.On.ByCode(Ref ref) ->
                plan.find(ref, Code.class)
                        .map(code -> !code.enabled()
                                ? Optional.of(": Code " + code.title() + " is not enabled")
                                : code.does()
                                        .map(does -> ": Code " + code.title() + " does something else (" + does + ")"))
                        .orElse(Optional.of(""));
            case Alarm.On.Dialled(Ref ref) ->
                plan.find(ref, Outbound.class)
                        .map(outbound -> outbound.enabled()
                                ? Optional.<String>empty()
                                : Optional.of(": Outbound route " + outbound.title() + " is not enabled"))
                        .orElse(Optional.of(""));
            case Alarm.On.OfQueue queue -> missing(plan, queue.queue());
            case Alarm.On.OfSwitch turned -> missing(plan, turned.turned());
        };
    }

    private static Optional<String> missing(Plan plan, Ref ref) {
        return plan.find(ref).isPresent() ? Optional.empty() : Optional.of("");
    }

    /// Whether hours have a state and are never in it.
    private static boolean never(Examination examination, Route.While limit) {
        return examination
                .plan()
                .find(limit.hours(), Hours.class)
                .filter(hours -> examination.never(hours).contains(limit.state()))
                .isPresent();
    }
}
