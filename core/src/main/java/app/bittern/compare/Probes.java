package app.bittern.compare;

import app.bittern.call.Arrival;
import app.bittern.call.Bench;
import app.bittern.call.Context;
import app.bittern.call.Found;
import app.bittern.call.Heard;
import app.bittern.call.KeyPress;
import app.bittern.call.Phones;
import app.bittern.call.Reaction;
import app.bittern.call.RungPhones;
import app.bittern.call.State;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.call.Visit;
import app.bittern.callset.Calling;
import app.bittern.effect.Effect;
import app.bittern.effect.Effects;
import app.bittern.effect.What;
import app.bittern.graph.Wanted;
import app.bittern.hours.Horizon;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.paths.Paths;
import app.bittern.paths.Reachable;
import app.bittern.paths.RouteTakes;
import app.bittern.plan.Alarm;
import app.bittern.plan.Ask;
import app.bittern.plan.Chain;
import app.bittern.plan.Contact;
import app.bittern.plan.Extension;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.time.Instant;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// Calls that are made on purpose at an object which has changed and of which walking both plans told nothing: the name
/// of a contact, the place of a phone, a key that takes a call are felt by single calls alone.
///
/// Each phone that the object rings does each thing that a phone can do, keys are dialled ahead, an agent had
/// the caller before. A change for which none of these calls differs is one that nobody notices.
final class Probes {
    /// Numbers and phones that are tried from; more would tell the same.
    private static final int MOST = 20;

    private static final List<Reaction> REACTIONS = List.of(
            new Reaction.Machine(3),
            new Reaction.Declines(2),
            new Reaction.Answers(2),
            new Reaction.Busy(),
            new Reaction.Off());

    /// How many may stand before the caller in a line.
    private static final List<Integer> AHEAD = List.of(1, 3, 5, 10);

    /// So many objects make a plan large.
    private static final int LARGE = 2000;

    /// Seconds between digits.
    private static final List<Integer> APART = List.of(2, 3, 4, 5, 6, 8);

    private final Plan before;
    private final Plan after;
    private final Horizon horizon;
    private final Wanted wanted;

    // By which of the two it is: to hash a plan is to hash all of its objects.
    private final IdentityHashMap<Plan, Reachable> reached = new IdentityHashMap<>();
    private final IdentityHashMap<Plan, RouteTakes> takes = new IdentityHashMap<>();

    Probes(Plan before, Plan after, Horizon horizon, Wanted wanted) {
        this.before = before;
        this.after = after;
        this.horizon = horizon;
        this.wanted = wanted;
    }

    /// What one call does otherwise.
    record Shown(
            Difference.Notice notice, Calling calling, Bench bench, Difference.Side before, Difference.Side after) {}

    /// The first call at an object that differs, of each kind of difference.
    List<Shown> at(Ref ref) {
        if (!ref.kind().reached() && ref.kind() != Kind.CONTACT && ref.kind() != Kind.ALARM) {
            return List.of();
        }
        Map<Difference.Notice, Shown> all = new LinkedHashMap<>();
        // What another change does that the call meets as well is told of that one.
        Plan alone = after.find(ref).map(before::with).orElseGet(() -> before.without(ref));
        for (Bench bench : benches(ref)) {
            wanted.check();
            if (differs(bench, alone).isPresent()) {
                differs(bench, after).ifPresent(shown -> all.putIfAbsent(shown.notice(), shown));
            }
        }
        return List.copyOf(all.values());
    }

    private Optional<Shown> differs(Bench bench, Plan now) {
        Trace first = Tracer.trace(before, bench);
        Trace second = Tracer.trace(now, bench);
        Optional<Calling> calling = calling(bench);
        if (calling.isEmpty()) {
            return Optional.empty();
        }
        if (!Spot.at(first.ending()).equals(Spot.at(second.ending()))) {
            return Optional.of(new Shown(Difference.Notice.ENDS, calling.get(), bench, ended(first), ended(second)));
        }
        if (first.second() != second.second()) {
            return Optional.of(new Shown(
                    Difference.Notice.WAITS,
                    calling.get(),
                    bench,
                    new Difference.Side(Optional.empty(), first.second(), List.of(), Optional.empty()),
                    new Difference.Side(Optional.empty(), second.second(), List.of(), Optional.empty())));
        }
        boolean words = !words(first).equals(words(second));
        List<String> heard = words ? words(first) : timed(first);
        List<String> then = words ? words(second) : timed(second);
        if (!heard.equals(then)) {
            return Optional.of(told(Difference.Notice.HEARS, calling.get(), bench, heard, then));
        }
        return Stream.of(true, false)
                .flatMap(shown -> {
                    List<String> one = setOff(before, now, false, bench, first, shown);
                    List<String> other = setOff(now, before, true, bench, second, shown);
                    return one.equals(other)
                            ? Stream.<Shown>empty()
                            : Stream.of(told(
                                    shown ? Difference.Notice.SHOWN : Difference.Notice.SETS_OFF,
                                    calling.get(),
                                    bench,
                                    one,
                                    other));
                })
                .findFirst();
    }

    private static Shown told(
            Difference.Notice notice, Calling calling, Bench bench, List<String> one, List<String> other) {
        return new Shown(
                notice,
                calling,
                bench,
                new Difference.Side(Optional.empty(), 0, one, Optional.empty()),
                new Difference.Side(Optional.empty(), 0, other, Optional.empty()));
    }

    private static Difference.Side ended(Trace trace) {
        return new Difference.Side(Optional.of(trace.ending()), trace.second(), List.of(), Optional.empty());
    }

    private static List<String> words(Trace trace) {
        return TreatedOtherwise.words(
                trace.steps().stream().flatMap(step -> step.hears().stream()).toList());
    }

    /// The same with when each is heard.
    private static List<String> timed(Trace trace) {
        return trace.steps().stream()
                .flatMap(step -> step.hears().stream())
                .filter(heard -> heard.sound() != Heard.Sound.KEY)
                .map(heard -> Seconds.clock(heard.from()) + "–" + Seconds.clock(heard.to()) + " "
                        + (heard.sound() == Heard.Sound.SPEECH || heard.sound() == Heard.Sound.MUSIC
                                ? heard.text()
                                : heard.sound().word()))
                .toList();
    }

    /// What a call sets off, or phones show, with when; and what else people meet of it.
    private static List<String> setOff(Plan plan, Plan other, boolean later, Bench bench, Trace trace, boolean shown) {
        List<Effect> effects = Effects.of(plan, bench, trace);
        Stream<String> all = effects.stream()
                .filter(Effect::happens)
                .filter(effect -> effect.what() instanceof What.Shown == shown)
                .map(effect -> effect.what().words(plan::title) + " " + Seconds.after(effect.second()));
        return Stream.concat(all, shown ? Stream.empty() : Besides.of(plan, other, later, trace, effects))
                .toList();
    }

    private Optional<Calling> calling(Bench bench) {
        return switch (bench.called()) {
            case Arrival.Inside(String digits) ->
                bench.caller() instanceof Caller.Inside(String phone)
                        ? Optional.of(new Calling.Phone(new Ref(Kind.EXTENSION, phone), digits))
                        : Optional.empty();
            case Arrival.Meant(E164 number) -> Optional.of(new Calling.ToNumber(number));
            case Arrival.Unclear unclear -> Optional.empty();
        };
    }

    private Set<Bench> benches(Ref ref) {
        Set<Bench> all = new LinkedHashSet<>();
        for (Plan plan : List.of(before, after)) {
            plan.find(ref)
                    .ifPresent(object -> bases(plan, object).stream()
                            .limit(MOST)
                            .forEach(base -> {
                                all.add(base);
                                all.addAll(variants(plan, object, base));
                            }));
        }
        return all;
    }

    /// Calls that come to an object.
    private List<Bench> bases(Plan plan, PlanObject object) {
        Ref ref = object.ref();
        List<Bench> bases = new ArrayList<>();
        if (object instanceof Contact contact) {
            Caller caller = new Caller.Known(contact.caller());
            plan.all(InboundNumber.class)
                    .limit(MOST)
                    .forEach(number -> bases.add(Bench.of(number.called(), caller, morning())));
            // The account is asked for.
            contact.account()
                    .ifPresent(account -> plan.all(Ask.class)
                            .limit(MOST)
                            .flatMap(ask -> witnesses(plan, ask.ref()).stream())
                            .forEach(bench -> bases.add(keyed(bench, new KeyPress(account, false)))));
            return bases;
        }
        if (object instanceof Alarm alarm) {
            alarm.listensTo().flatMap(plan::find).ifPresent(of -> bases.addAll(bases(plan, of)));
            if (alarm.on().equals(Optional.of(new Alarm.On.Emergency()))) {
                plan.all(Extension.class).limit(1).forEach(phone -> bases.addAll(helps(plan, phone)));
            }
            return bases;
        }
        if (object instanceof Extension extension) {
            bases.addAll(helps(plan, extension));
        }
        if (object instanceof Page) {
            plan.uses(ref).stream()
                    .flatMap(use -> plan.find(use.object(), Alarm.class).stream())
                    .forEach(speaks -> bases.addAll(bases(plan, speaks)));
        }
        Optional<Bench> dialled = dialled(plan, object);
        dialled.ifPresent(bases::add);
        // Every path of a large plan takes long to find, and what has a number is come to by dialling it.
        if (dialled.isPresent() && plan.objects().size() > LARGE) {
            return bases;
        }
        if (ref.kind() == Kind.ROUTE) {
            takes(plan).call(ref).ifPresent(bases::add);
        }
        bases.addAll(witnesses(plan, ref));
        return bases;
    }

    /// A call of another phone to the number of an object.
    private Optional<Bench> dialled(Plan plan, PlanObject object) {
        return object.number()
                .flatMap(number -> plan.all(Extension.class)
                        .filter(phone -> !phone.ref().equals(object.ref()))
                        .findFirst()
                        .map(phone -> Bench.dialled(phone.ref(), number, morning())));
    }

    private List<Bench> witnesses(Plan plan, Ref ref) {
        Reachable outside = reached(plan);
        return Stream.of(outside.witness(ref), outside.dialled().witness(ref))
                .flatMap(Optional::stream)
                .toList();
    }

    /// A phone that dials for help, and what alarms listen to.
    private List<Bench> helps(Plan plan, Extension phone) {
        Set<String> digits = new LinkedHashSet<>(plan.site().emergencyNumbers());
        plan.all(Alarm.class)
                .flatMap(alarm -> alarm.listensTo().stream())
                .flatMap(ref -> plan.find(ref, Outbound.class).stream())
                .forEach(outbound -> digits.addAll(Phones.examples(plan, outbound)));
        return digits.stream()
                .limit(MOST)
                .map(dialled -> Bench.dialled(phone.ref(), dialled, morning()))
                .toList();
    }

    private Instant morning() {
        return horizon.from().atTime(10, 15).atZone(horizon.zone()).toInstant();
    }

    /// The same call with each thing done that the object may treat otherwise.
    private List<Bench> variants(Plan plan, PlanObject object, Bench base) {
        List<Bench> all = new ArrayList<>();
        List<String> phones = phones(plan, object).limit(MOST).toList();
        for (String phone : phones) {
            REACTIONS.forEach(reaction -> all.add(reacting(base, Map.of(phone, List.of(reaction)))));
        }
        if (object instanceof Queue queue) {
            Map<String, List<Reaction>> answers = new LinkedHashMap<>();
            phones.forEach(phone -> answers.put(phone, List.of(new Reaction.Answers(2))));
            phones.forEach(last -> Stream.of(answers, Map.of(last, List.<Reaction>of(new Reaction.Answers(2))))
                    .forEach(some ->
                            all.add(found(reacting(base, some), queue.ref(), new Found.Ahead(0, Optional.of(last))))));
            for (int ahead : AHEAD) {
                all.add(found(base, queue.ref(), new Found.Ahead(ahead, Optional.empty())));
            }
            queue.longestLine()
                    .ifPresent(most -> all.add(found(base, queue.ref(), new Found.Ahead(most, Optional.empty()))));
        }
        if (object instanceof Mailbox mailbox) {
            mailbox.mostMessages()
                    .ifPresent(most -> Stream.of(most - 1, most)
                            .forEach(kept ->
                                    all.add(found(base, mailbox.ref(), new Found.Ahead(kept, Optional.empty())))));
        }
        if (object instanceof Menu menu && menu.dialExtensions().possible()) {
            // Digits one by one, with as long between them as either may allow.
            plan.dialledNumbers().sorted().stream().limit(MOST).forEach(number -> {
                all.add(keyed(base, new KeyPress(number, false)));
                for (int apart : APART) {
                    List<Integer> at = IntStream.range(0, number.length())
                            .mapToObj(digit -> 1 + digit * apart)
                            .toList();
                    all.add(keyed(base, new KeyPress(number, false, at)));
                }
            });
        }
        if (object instanceof Menu menu) {
            // Two keys at once: the second is for wherever the first leads in no time, here again perhaps.
            menu.keys()
                    .keySet()
                    .forEach(key ->
                            menu.keys().keySet().forEach(next -> all.add(keyed(base, new KeyPress(key + next, true)))));
        }
        if (object instanceof Menu menu && !base.keys().isEmpty()) {
            KeyPress last = base.keys().getLast();
            menu.keys().keySet().stream().filter(key -> !last.silent()).forEach(key -> {
                List<KeyPress> keys = new ArrayList<>(base.keys());
                keys.set(keys.size() - 1, new KeyPress(last.digits() + key, true));
                all.add(base.with(keys));
            });
        }
        return all;
    }

    /// The phones that an object rings itself, in a chain at any of its stages.
    private static Stream<String> phones(Plan plan, PlanObject object) {
        if (object instanceof Extension extension) {
            return Stream.of(extension.dialled());
        }
        int stages = object instanceof Chain chain ? chain.stages().size() : 1;
        Context context = Context.in(plan.site().defaultLanguage());
        return IntStream.range(0, stages)
                .mapToObj(stage -> RungPhones.of(plan, new State(object.ref(), stage, context)))
                .flatMap(phones -> phones.keySet().stream())
                .distinct();
    }

    /// The same call, and then that.
    private static Bench keyed(Bench base, KeyPress more) {
        List<KeyPress> keys = new ArrayList<>(base.keys());
        keys.add(more);
        return base.with(keys);
    }

    private static Bench reacting(Bench base, Map<String, List<Reaction>> phones) {
        return visited(base, phones, Map.of());
    }

    private static Bench found(Bench base, Ref where, Found what) {
        return visited(base, Map.of(), Map.of(where, List.of(what)));
    }

    /// The same call with more that phones do and that is found.
    private static Bench visited(Bench base, Map<String, List<Reaction>> phones, Map<Ref, List<Found>> found) {
        Map<String, List<Reaction>> reactions = new LinkedHashMap<>(base.phones());
        reactions.putAll(phones);
        Map<Ref, List<Found>> waiting = new LinkedHashMap<>(base.waiting());
        waiting.putAll(found);
        return new Visit(base.keys(), reactions, base.agents(), waiting).on(base);
    }

    private Reachable reached(Plan plan) {
        return Objects.requireNonNull(
                reached.computeIfAbsent(plan, one -> Reachable.of(Paths.of(one, horizon, wanted))));
    }

    private RouteTakes takes(Plan plan) {
        return Objects.requireNonNull(
                takes.computeIfAbsent(plan, one -> RouteTakes.of(Paths.of(one, horizon, wanted))));
    }
}
