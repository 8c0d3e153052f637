package app.bittern.effect;

import app.bittern.call.Carried;
import app.bittern.call.Cause;
import app.bittern.call.Dials;
import app.bittern.call.QueueCourse;
import app.bittern.call.QueueStage;
import app.bittern.call.State;
import app.bittern.call.Window;
import app.bittern.plan.Alarm;
import app.bittern.plan.Chain;
import app.bittern.plan.Code;
import app.bittern.plan.Group;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Switch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/// What calls set off that leave a state by a cause, as far as that tells: paths carry it as they carry their ending.
public final class SetsOff {
    private SetsOff() {}

    /// Something that is set off there.
    ///
    /// @param certain    whether every such call sets it off
    /// @param holdsWhile hours in which alone it is
    public record Possible(What what, boolean certain, Optional<Route.While> holdsWhile) {}

    /// What leaving a state by a cause sets off; texts with their variables, switches with the position they are turned
    /// to from the one they are in now.
    ///
    /// @param window  when, counted from entering the state
    /// @param carried what the call carries when it comes there
    public static List<Possible> at(Plan plan, State state, Cause cause, Window window, Carried carried) {
        List<Possible> all = new ArrayList<>();
        Ref at = state.at();
        switch (at.kind()) {
            case ROUTE -> alarms(plan, on -> on.equals(new Alarm.On.Called(at)), true, all);
            case OUTBOUND -> alarms(plan, on -> on.equals(new Alarm.On.Dialled(at)), true, all);
            case CODE -> plan.find(at, Code.class).ifPresent(code -> code(plan, code, all));
            case SWITCH -> plan.find(at, Switch.class).ifPresent(turned -> turned(plan, turned, all));
            case QUEUE ->
                plan.find(at, Queue.class).ifPresent(queue -> queue(plan, queue, state, cause, window, carried, all));
            case RING_GROUP, HUNT_GROUP ->
                plan.find(at, Group.class).ifPresent(group -> shown(group.shownAs(), cause, carried, all));
            case CHAIN -> {
                Optional<Queue> queue = QueueStage.in(plan, state);
                if (queue.isPresent()) {
                    queue(plan, queue.get(), state, QueueStage.own(cause), window, carried, all);
                } else {
                    shown(hunts(plan, state).flatMap(HuntGroup::shownAs), cause, carried, all);
                }
            }
            case EXTENSION -> {
                if (state.context().dials().isEmpty()) {
                    shown(Optional.empty(), cause, carried, all);
                } else if (emergency(plan, state.context().dials().get())) {
                    alarms(plan, on -> on.equals(new Alarm.On.Emergency()), true, all);
                }
            }
            case MAILBOX -> plan.find(at, Mailbox.class).ifPresent(mailbox -> mailed(mailbox, cause, all));
            case SITE,
                    TRUNK,
                    NUMBER,
                    HOURS,
                    BRANCH,
                    ANNOUNCEMENT,
                    MENU,
                    ASK,
                    LOOKUP,
                    PROMPT,
                    MUSIC,
                    CONTACT,
                    CLASS_OF_SERVICE,
                    PAGE,
                    RECIPIENTS,
                    ALARM,
                    TRAP_TARGET,
                    PAUSE_REASON,
                    CALL_RESULT,
                    AGENT_NOTE,
                    TRAFFIC,
                    TEST_CALL,
                    PROMISE,
                    ACCEPTED -> {}
        }
        recorded(plan, QueueStage.in(plan, state).map(Queue::ref).orElse(at), cause, carried, all);
        return all;
    }

    /// What leaving a state by a cause sets off, apart from what phones show and what is recorded.
    public static List<Possible> leaving(Plan plan, State state, Cause cause, Window window) {
        return leaving(plan, state, cause, window, Carried.NOTHING).stream()
                .filter(one -> !(one.what() instanceof What.Recorded))
                .toList();
    }

    /// What leaving a state by a cause sets off, what is recorded as well, apart from what phones show.
    public static List<Possible> leaving(Plan plan, State state, Cause cause, Window window, Carried carried) {
        return at(plan, state, cause, window, carried).stream()
                .filter(one -> !(one.what() instanceof What.Shown))
                .toList();
    }

    /// The hours in which alone something is set off that is named so, each once; none where it always is.
    public static List<Optional<Route.While>> hours(Plan plan, String id) {
        return plan.all(Alarm.class)
                .filter(alarm -> id.contains("/") && does(plan, alarm, id))
                .map(Alarm::holdsWhile)
                .distinct()
                .collect(Collectors.collectingAndThen(
                        Collectors.toList(), all -> all.isEmpty() ? List.of(Optional.empty()) : all));
    }

    private static boolean does(Plan plan, Alarm alarm, String id) {
        return Alarms.itself(alarm).is(id)
                || Alarms.does(plan, alarm, text -> text).stream().anyMatch(what -> what.is(id));
    }

    private static void alarms(Plan plan, Predicate<Alarm.On> on, boolean certain, List<Possible> all) {
        Alarms.on(plan, on).forEach(alarm -> alarm(plan, alarm, certain, all));
    }

    private static void alarm(Plan plan, Alarm alarm, boolean certain, List<Possible> all) {
        if (!alarm.enabled()) {
            return;
        }
        all.add(new Possible(Alarms.itself(alarm), certain, alarm.holdsWhile()));
        Alarms.does(plan, alarm, text -> text).stream()
                .filter(what -> Alarms.nobody(plan, what).isEmpty())
                .forEach(what -> all.add(new Possible(what, certain, alarm.holdsWhile())));
    }

    private static void code(Plan plan, Code code, List<Possible> all) {
        code.does().ifPresent(does -> {
            switch (does) {
                case Code.Does.SetOff(Ref ref) ->
                    plan.find(ref, Alarm.class).ifPresent(alarm -> alarm(plan, alarm, true, all));
                case Code.Does.Turn(Ref ref) ->
                    plan.find(ref, Switch.class).ifPresent(turned -> turned(plan, turned, all));
                case Code.Does.LogIn(Ref queue) -> all.add(certain(new What.LoggedIn(queue)));
                case Code.Does.LogOut(Ref queue) -> all.add(certain(new What.LoggedOut(queue)));
                case Code.Does.Pause(Optional<Ref> reason) -> all.add(certain(new What.Paused(reason)));
                case Code.Does.Speak(Ref prompt) -> all.add(certain(new What.Spoken(prompt)));
                case Code.Does.Messages messages -> {}
            }
        });
        Alarms.byCode(plan, code).forEach(alarm -> alarm(plan, alarm, true, all));
    }

    private static Possible certain(What what) {
        return new Possible(what, true, Optional.empty());
    }

    /// Which position it is turned to depends on the one that it is in.
    private static void turned(Plan plan, Switch turned, List<Possible> all) {
        String to = turned.next(turned.now());
        all.add(certain(new What.Turned(turned.ref(), to)));
        alarms(plan, on -> leaves(on, turned, turned.now(), to).isPresent(), false, all);
    }

    /// The hunt group that a stage rings.
    private static Optional<HuntGroup> hunts(Plan plan, State state) {
        return plan.find(state.at(), Chain.class)
                .flatMap(chain -> chain.stage(state.stage()))
                .flatMap(stage -> stage.rung(plan, HuntGroup.class));
    }

    private static void queue(
            Plan plan, Queue queue, State state, Cause cause, Window window, Carried carried, List<Possible> all) {
        if (cause instanceof Cause.Full || cause instanceof Cause.NoAgents) {
            return;
        }
        shown(queue.shownAs(), cause, carried, all);
        List<QueueCourse> courses = QueueCourse.all(queue, plan, state);
        int shortest = courses.stream().mapToInt(QueueCourse::joining).min().orElse(0);
        int longest = courses.stream().mapToInt(QueueCourse::joining).max().orElse(0);
        int told = cause instanceof Cause.Answered ? QueueCourse.told(queue, plan, state) : 0;
        for (Alarms.After one : Alarms.after(plan, on -> waiting(on, queue.ref()))) {
            if (window.latest() - shortest - told >= one.seconds()) {
                alarm(plan, one.alarm(), window.earliest() - longest - told >= one.seconds(), all);
            }
        }
        // Where callers leave once nobody is in they do not wait so; who is let in with somebody sees them go.
        int away = window.latest() - shortest - told - (queue.noAgents().refuseNew() ? 1 : 0);
        for (Alarms.After one : Alarms.after(plan, on -> empty(on, queue.ref()))) {
            if (!queue.noAgents().moveWaiting() && away >= one.seconds()) {
                boolean never = queue.agents().isEmpty();
                alarm(plan, one.alarm(), never && window.earliest() - longest - told >= one.seconds(), all);
            }
        }
    }

    /// What phones show that ring; a way out by which none rings shows nothing.
    private static void shown(Optional<String> own, Cause cause, Carried carried, List<Possible> all) {
        boolean rings = !(cause instanceof Cause.Busy
                || cause instanceof Cause.Unreachable
                || cause instanceof Cause.Forwarded
                || cause instanceof Cause.Passed);
        if (rings) {
            String text = own.or(() -> carried.dress().shownAs())
                    .map(template -> Words.named(template).isEmpty() ? template + " {callerName}" : template)
                    .orElse("{callerName}");
            boolean certain = cause instanceof Cause.Answered || cause instanceof Cause.NoAnswer;
            all.add(new Possible(
                    new What.Shown(Optional.empty(), text, carried.dress().alert()), certain, Optional.empty()));
        }
    }

    private static void mailed(Mailbox mailbox, Cause cause, List<Possible> all) {
        if (cause instanceof Cause.Message && !mailbox.email().isEmpty()) {
            all.add(certain(mail(mailbox, "{caller}")));
        }
    }

    /// What a mailbox sends of a message that was left.
    static What mail(Mailbox mailbox, String caller) {
        Mailbox.Deliver deliver = mailbox.deliver();
        String body = !deliver.withSound()
                ? ""
                : deliver.thenRemove() ? "With the message, which is not kept." : "With the message.";
        return new What.Mail(
                mailbox.ref(), mailbox.email(), "Message for " + mailbox.title() + " from " + caller, body);
    }

    private static void recorded(Plan plan, Ref at, Cause cause, Carried carried, List<Possible> all) {
        if (!(cause instanceof Cause.Answered)) {
            return;
        }
        if (records(plan, at, carried.dress())) {
            all.add(certain(new What.Recorded()));
        }
    }

    /// Whether a call is recorded that is answered somewhere: as its route says, or where that says nothing a queue.
    static boolean records(Plan plan, Ref at, Route.Dress dress) {
        return dress.record()
                .or(() -> plan.find(at, Queue.class).flatMap(Queue::recording))
                .orElse(false);
    }

    /// How long somebody must have waited in a queue for an alarm to be set off, where that is what does.
    static Optional<Seconds> waiting(Alarm.On on, Ref queue) {
        return on instanceof Alarm.On.OfQueue(Ref of, Optional<Seconds> none, Optional<Seconds> waiting)
                        && of.equals(queue)
                ? waiting
                : Optional.empty();
    }

    /// Whether a phone dials an emergency number.
    static boolean emergency(Plan plan, Dials dials) {
        return plan.site().emergencyNumbers().contains(dials.dialling().digits());
    }

    /// For how long nobody is in a queue, where that is what sets off an alarm.
    static Optional<Seconds> empty(Alarm.On on, Ref queue) {
        return on instanceof Alarm.On.OfQueue(Ref of, Optional<Seconds> none, Optional<Seconds> waiting)
                        && of.equals(queue)
                ? none
                : Optional.empty();
    }

    /// After how many seconds an alarm is set off by a switch that leaves a position, where that is what does.
    static Optional<Integer> leaves(Alarm.On on, Switch turned, String from, String to) {
        return on instanceof Alarm.On.OfSwitch(Ref of, String away, Optional<Seconds> since)
                        && of.equals(turned.ref())
                        && from.equals(away)
                        && !to.equals(away)
                ? Optional.of(since.map(Seconds::value).orElse(0))
                : Optional.empty();
    }
}
