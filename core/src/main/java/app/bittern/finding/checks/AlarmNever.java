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
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Switch;
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
            case Alarm.On.OfQueue queue -> missing(plan, queue.queue()).or(() -> waitsLess(plan, queue));
            case Alarm.On.OfSwitch turned -> missing(plan, turned.turned()).or(() -> turnsBack(plan, turned));
        };
    }

    /// Where callers leave a queue before they have waited for so long.
    private static Optional<String> waitsLess(Plan plan, Alarm.On.OfQueue on) {
        return plan.find(on.queue(), Queue.class)
                .filter(queue -> on.waitingFor()
                        .filter(wait -> wait.value() > queue.longestWait())
                        .isPresent())
                .map(queue -> ": in Queue " + queue.title() + " callers wait for "
                        + new Seconds(queue.longestWait()).said() + " at most, and it is for "
                        + on.waitingFor().orElseThrow().said());
    }

    /// Where a switch goes back by itself before it has been away for so long.
    private static Optional<String> turnsBack(Plan plan, Alarm.On.OfSwitch on) {
        return plan.find(on.turned(), Switch.class)
                .flatMap(turned -> turned.revertsAfter()
                        .filter(back -> on.since()
                                .filter(since -> since.value() > back.value())
                                .isPresent())
                        .map(back -> ": Switch " + turned.title() + " goes back by itself after " + back.said()
                                + ", and it is for " + on.since().orElseThrow().said()));
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
