package app.bittern.effect;

import app.bittern.call.Account;
import app.bittern.call.Arrival;
import app.bittern.call.Bench;
import app.bittern.call.Callers;
import app.bittern.call.Cause;
import app.bittern.call.QueueStage;
import app.bittern.call.Reaction;
import app.bittern.call.Trace;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Alarm;
import app.bittern.plan.Code;
import app.bittern.plan.Contact;
import app.bittern.plan.Extension;
import app.bittern.plan.Hours;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Switch;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/// Everything that one traced call sets off, in the order of its seconds, with what was held back and why.
///
/// In its texts `{wait}` is the wait in a queue where it is told there, and elsewhere the time since the call began.
///
/// It is made of a trace when it is asked for: what happens is decided without it.
public final class Effects {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT);

    private final Plan plan;
    private final Bench bench;
    private final LocalDateTime local;
    private final Map<String, String> values = new LinkedHashMap<>();
    private final Map<Ref, Integer> setOff = new HashMap<>();
    private final List<Effect> all = new ArrayList<>();
    private Route.Dress dress = Route.Dress.PLAIN;

    private Effects(Plan plan, Bench bench) {
        this.plan = plan;
        this.bench = bench;
        this.local = LocalDateTime.ofInstant(bench.at(), plan.site().timeZone());
        Optional<E164> called = bench.called().meant(plan);
        values.put("dialled", dialled());
        values.put("caller", caller());
        values.put("callerName", callerName());
        values.put("place", place());
        values.put("time", TIME.format(local));
        values.put("trunk", called.flatMap(this::trunk).orElse(""));
        values.put("queue", "");
        values.put("wait", "");
        values.put("group", "");
        values.put("site", plan.site().title());
        values.put(
                "number",
                called.map(number -> plan.find(new Ref(Kind.NUMBER, number.text()), InboundNumber.class)
                                .map(InboundNumber::title)
                                .orElse(number.international()))
                        .orElse(""));
    }

    /// What a traced call sets off.
    public static List<Effect> of(Plan plan, Bench bench, Trace trace) {
        Effects effects = new Effects(plan, bench);
        trace.steps().forEach(effects::step);
        effects.all.sort(Comparator.comparingInt(Effect::second));
        return List.copyOf(effects.all);
    }

    private String dialled() {
        return switch (bench.called()) {
            case Arrival.Inside(String digits) -> digits;
            case Arrival.Meant(E164 number) -> number.text();
            case Arrival.Unclear unclear -> unclear.digits();
        };
    }

    private Optional<Extension> phone() {
        return bench.caller() instanceof Caller.Inside(String number)
                ? plan.find(new Ref(Kind.EXTENSION, number), Extension.class)
                : Optional.empty();
    }

    /// The number that is shown of a caller; of a phone of the site its own.
    private String caller() {
        return bench.caller() instanceof Caller.Inside(String number)
                ? number
                : Callers.number(plan, bench.caller())
                        .map(E164::text)
                        .orElse(bench.caller().toString());
    }

    private String callerName() {
        return phone().map(one -> one.name().orElse(one.dialled()))
                .or(() -> Callers.contact(plan, bench.caller()).flatMap(Contact::name))
                .orElseGet(this::caller);
    }

    private String place() {
        return phone().flatMap(one -> one.person().place())
                .map(Extension.Place::toString)
                .orElse("");
    }

    private Optional<String> trunk(E164 called) {
        return plan.find(new Ref(Kind.NUMBER, called.text()), InboundNumber.class)
                .flatMap(InboundNumber::trunk)
                .map(plan::title);
    }

    private void step(Trace.Step step) {
        Ref at = Ref.parse(step.object()).orElse(plan.site().ref());
        values.put("wait", new Seconds(step.second()).toString());
        switch (step.account()) {
            case Account.Routed routed -> {
                dress = routed.route().dress();
                alarms(step.second(), at, on -> on.equals(new Alarm.On.Called(at)));
            }
            case Account.SentOut out -> {
                out.tried().stream()
                        .reduce((one, other) -> other)
                        .ifPresent(tried -> values.put("trunk", tried.trunk().title()));
                alarms(step.second(), at, on -> on.equals(new Alarm.On.Dialled(at)));
            }
            case Account.DidCode did -> code(step.second(), did.code());
            case Account.Turned turned -> turned(step.second(), at, turned.turned(), turned.from());
            case Account.InQueue queue -> queue(step, queue);
            case Account.RangTogether rang ->
                rang.members().stream()
                        .filter(one -> one.rings())
                        .forEach(one -> shown(
                                step.second() + one.from(),
                                at,
                                one.party(),
                                rang.group().shownAs(),
                                rang.group().title()));
            case Account.Hunted hunted -> hunted(step, at, hunted);
            case Account.AtStage stage -> stage(step, at, stage);
            case Account.Called called -> {
                if (Reaction.reachable(called.phone())) {
                    shown(
                            step.second(),
                            at,
                            new Party.Inside(at),
                            Optional.empty(),
                            called.extension().title());
                }
            }
            case Account.InMailbox in -> message(step, in.mailbox());
            case Account.Unmatched o -> {}
            case Account.Dialled dialled -> {
                if (SetsOff.emergency(plan, dialled.dials())) {
                    alarms(step.second() + step.lasts(), at, on -> on.equals(new Alarm.On.Emergency()));
                }
            }
            case Account.Branched o -> {}
            case Account.Announced o -> {}
            case Account.Paged o -> {}
            case Account.Forwarded o -> {}
            case Account.InMenu o -> {}
            case Account.Asked o -> {}
        }
        recorded(step, at);
    }

    private void hunted(Trace.Step step, Ref at, Account.Hunted hunted) {
        hunted.rung()
                .forEach(one -> shown(
                        step.second() + one.second(),
                        at,
                        one.party(),
                        hunted.group().shownAs(),
                        hunted.group().title()));
    }

    private void stage(Trace.Step step, Ref at, Account.AtStage stage) {
        stage.phones().stream()
                .filter(one -> one.rings())
                .forEach(one -> shown(
                        step.second() + one.from(),
                        at,
                        one.party(),
                        Optional.empty(),
                        stage.chain().title()));
        stage.inside().ifPresent(inside -> {
            if (inside instanceof Account.Hunted hunted) {
                hunted(step, at, hunted);
            } else if (inside instanceof Account.InQueue in) {
                queue(step, in);
            }
        });
    }

    /// Where a call is answered: of a stage that rings a queue that queue.
    private static Ref answering(Trace.Step step, Ref at) {
        return step.account() instanceof Account.AtStage stage
                        && stage.inside().orElse(stage) instanceof Account.InQueue in
                ? in.queue().ref()
                : at;
    }

    /// A call is recorded once somebody has answered, where its route says so, or says nothing and its queue does.
    private void recorded(Trace.Step step, Ref at) {
        if (step.by().isEmpty()) {
            return;
        }
        int answered = step.second() + step.lasts();
        if (SetsOff.records(plan, answering(step, at), dress)) {
            all.add(Effect.of(answered, at, new What.Recorded()));
        }
    }

    private void shown(int second, Ref at, Party phone, Optional<String> own, String group) {
        values.put("wait", new Seconds(second).toString());
        shows(second, at, phone, own, group);
    }

    private void shows(int second, Ref at, Party phone, Optional<String> own, String group) {
        values.put("group", group);
        String text = own.or(dress::shownAs)
                .map(template -> Words.shown(template, values))
                .orElseGet(() -> values.getOrDefault("callerName", ""));
        all.add(Effect.of(second, at, new What.Shown(Optional.of(phone), text, dress.alert())));
    }

    private void queue(Trace.Step step, Account.InQueue in) {
        Queue queue = in.queue();
        values.put("queue", queue.title());
        in.rung().forEach(one -> {
            values.put("wait", new Seconds(one.second() - in.joining()).toString());
            shows(step.second() + one.second(), queue.ref(), one.party(), queue.shownAs(), queue.title());
        });
        int waited = step.lasts() - in.joining() - in.told();
        boolean joined = step.cause()
                .map(cause -> step.account() instanceof Account.AtStage ? QueueStage.own(cause) : cause)
                .filter(cause -> !(cause instanceof Cause.Full || cause instanceof Cause.NoAgents))
                .isPresent();
        if (!joined) {
            return;
        }
        Alarms.after(plan, on -> SetsOff.waiting(on, queue.ref())).stream()
                .filter(one -> waited >= one.seconds())
                .forEach(one -> alarm(step, in, one.seconds(), one.alarm()));
        Alarms.after(plan, on -> SetsOff.empty(on, queue.ref()))
                .forEach(one ->
                        in.emptyFor(one.seconds(), waited).ifPresent(second -> alarm(step, in, second, one.alarm())));
    }

    /// An alarm is set off at a second of a wait.
    private void alarm(Trace.Step step, Account.InQueue in, int second, Alarm alarm) {
        values.put("wait", new Seconds(second).toString());
        alarm(step.second() + in.joining() + second, in.queue().ref(), alarm);
    }

    private void code(int second, Code code) {
        Ref at = code.ref();
        code.does().ifPresent(does -> {
            switch (does) {
                case Code.Does.SetOff(Ref alarm) ->
                    plan.find(alarm, Alarm.class).ifPresent(one -> alarm(second, at, one));
                case Code.Does.Turn(Ref ref) ->
                    plan.find(ref, Switch.class).ifPresent(one -> turned(second, at, one, bench.position(one)));
                case Code.Does.LogIn(Ref queue) -> all.add(Effect.of(second, at, new What.LoggedIn(queue)));
                case Code.Does.LogOut(Ref queue) -> all.add(Effect.of(second, at, new What.LoggedOut(queue)));
                case Code.Does.Pause(Optional<Ref> reason) -> all.add(Effect.of(second, at, new What.Paused(reason)));
                case Code.Does.Speak(Ref prompt) -> all.add(Effect.of(second, at, new What.Spoken(prompt)));
                case Code.Does.Messages messages -> {}
            }
        });
        Alarms.byCode(plan, code).forEach(alarm -> alarm(second, at, alarm));
    }

    /// A switch is turned on, and where it is then away from a position for long enough an alarm follows.
    private void turned(int second, Ref at, Switch turned, String from) {
        String to = turned.next(from);
        all.add(Effect.of(second, at, new What.Turned(turned.ref(), to)));
        for (Alarm alarm :
                Alarms.on(plan, on -> SetsOff.leaves(on, turned, from, to).isPresent())) {
            int since = alarm.on()
                    .flatMap(on -> SetsOff.leaves(on, turned, from, to))
                    .orElseThrow();
            alarm(second + since, at, alarm);
        }
    }

    private void message(Trace.Step step, Mailbox mailbox) {
        boolean left = step.cause().filter(Cause.Message.class::isInstance).isPresent();
        if (left && !mailbox.email().isEmpty()) {
            all.add(Effect.of(step.second(), mailbox.ref(), SetsOff.mail(mailbox, caller())));
        }
    }

    private void alarms(int second, Ref at, Predicate<Alarm.On> on) {
        Alarms.on(plan, on).forEach(alarm -> alarm(second, at, alarm));
    }

    /// An alarm is set off, unless it is held back.
    private void alarm(int second, Ref at, Alarm alarm) {
        Optional<String> held = held(second, alarm);
        all.add(new Effect(second, at, Alarms.itself(alarm), held));
        if (held.isPresent()) {
            return;
        }
        setOff.put(alarm.ref(), second);
        values.put("time", TIME.format(local.plusSeconds(second)));
        Alarms.does(plan, alarm, text -> Words.filled(text, values))
                .forEach(what -> all.add(new Effect(second, at, what, Alarms.nobody(plan, what))));
    }

    private Optional<String> held(int second, Alarm alarm) {
        if (!alarm.enabled()) {
            return Optional.of("it is off");
        }
        Optional<Route.While> outside = alarm.holdsWhile()
                .filter(hours -> plan.find(hours.hours(), Hours.class)
                        .filter(one -> one.at(plan.site()).stateAt(local).equals(hours.state()))
                        .isEmpty());
        if (outside.isPresent()) {
            return outside.map(hours -> {
                String title = plan.title(hours.hours());
                return title + (title.endsWith("s") ? " are not " : " is not ") + hours.state();
            });
        }
        return Optional.ofNullable(setOff.get(alarm.ref()))
                .filter(before -> alarm.notAgainFor()
                        .filter(pause -> second < before + pause.value())
                        .isPresent())
                .map(before -> "it was set off " + Seconds.said(second - before) + " before, and not again for "
                        + alarm.notAgainFor().map(Seconds::said).orElse(""));
    }
}
