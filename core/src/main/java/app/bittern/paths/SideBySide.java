package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.Ending;
import app.bittern.call.PhoneState;
import app.bittern.call.State;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.call.Window;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.plan.Extension;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Link;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// Walks the state graphs of two plans side by side, with the same calls doing the same in both.
///
/// A pair is where a call stands in each. Objects that only pass a call on (routes, splits, announcements) are gone
/// through on each side by itself. Where a call then stands in the same object on both sides, each cause that is
/// possible
/// on both leads to the next pair. Where it stands in two different objects, ends on one side alone, or can do
/// something on one side alone, the plans part: that is one difference, told once however often callers come by it, and
/// nothing behind it is looked at but to show it. It is shown by a call that ends differently when both plans are
/// traced with it; where none is found the parting is not told. An object that is renamed counts as the same. Pairs
/// that
/// are the same state and from which nothing changed can be reached are left out. Cost: the pairs from which something
/// that changed can be reached, for each number.
public final class SideBySide {
    /// How many pairs behind a parting are looked at for a call that shows it.
    private static final int MOST_BEHIND = 400;

    private final StateGraph before;
    private final StateGraph after;
    private final CallClasses classes;
    private final ClassSets sets;
    private final Predicate<Ref> touched;
    private final Map<Long, List<Fork>> forks = new HashMap<>();
    private final List<Found> found = new ArrayList<>();
    private final Set<Ref> concerned = new LinkedHashSet<>();

    /// A difference: where a call ends in each plan.
    public record Found(
            E164 number,
            String when,
            Optional<String> caller,
            List<String> choices,
            Trace before,
            Trace after,
            Bench witness) {}

    /// Where a call stands: in a state, or at its end.
    ///
    /// @param state -1 at the end
    private record Spot(int state, Optional<Ending> ending) {
        static Spot in(int state) {
            return new Spot(state, Optional.empty());
        }

        static Spot at(Ending ending) {
            return new Spot(-1, Optional.of(new Ending(ending.kind(), ending.in(), Optional.empty(), ending.cause())));
        }
    }

    /// A cause and the edge it takes on each side; absent where it is not possible there.
    private record Fork(Cause cause, Optional<StateGraph.Edge> before, Optional<StateGraph.Edge> after) {}

    /// A pair on the way, with the steps that led there on each side.
    private record Pair(Spot before, Spot after, int calls, Steps wayBefore, Steps wayAfter) {}

    /// Steps in reverse, so that ways share their beginnings.
    private record Steps(Optional<Steps> earlier, Optional<Path.Step> last) {
        static final Steps NONE = new Steps(Optional.empty(), Optional.empty());

        Steps and(State state, Cause cause, StateGraph.Edge edge) {
            return new Steps(
                    Optional.of(this),
                    Optional.of(new Path.Step(state, List.of(cause), new Window(edge.earliest(), edge.latest()))));
        }

        List<Path.Step> list() {
            List<Path.Step> steps = new ArrayList<>();
            for (Steps at = this; at.last().isPresent(); at = at.earlier().orElse(NONE)) {
                steps.addFirst(at.last().get());
            }
            return steps;
        }
    }

    private SideBySide(Plan before, Plan after, Horizon horizon, Predicate<Ref> touched) {
        this.classes = new CallClasses(List.of(before, after), horizon);
        this.sets = classes.sets();
        this.before = new StateGraph(before, classes, 0);
        this.after = new StateGraph(after, classes, 1);
        this.touched = touched;
    }

    /// Compares two plans.
    ///
    /// @param touched whether something that differs can be reached from an object
    public static SideBySide of(Plan before, Plan after, Horizon horizon, Predicate<Ref> touched) {
        SideBySide walk = new SideBySide(before, after, horizon, touched);
        Set<E164> numbers = new LinkedHashSet<>();
        List.of(before, after)
                .forEach(plan -> plan.all(InboundNumber.class).forEach(number -> numbers.add(number.called())));
        numbers.forEach(walk::number);
        return walk;
    }

    /// What differs, by number.
    public List<Found> differences() {
        return found;
    }

    /// The objects that calls which end differently pass, and those that these refer to.
    public Set<Ref> concerned() {
        return concerned;
    }

    private void number(E164 called) {
        Deque<Pair> work = new ArrayDeque<>();
        Starts one = Starts.of(before, called);
        Starts other = Starts.of(after, called);
        for (Begin first : begins(before, one, called)) {
            for (Begin second : begins(after, other, called)) {
                int calls = sets.and(first.calls(), second.calls());
                if (calls != ClassSets.NONE) {
                    work.add(new Pair(first.spot(), second.spot(), calls, Steps.NONE, Steps.NONE));
                }
            }
        }
        Map<List<Spot>, Integer> seen = new HashMap<>();
        Map<String, Parting> partings = new LinkedHashMap<>();
        while (!work.isEmpty()) {
            Pair pair = work.remove();
            List<Spot> key = List.of(pair.before(), pair.after());
            int known = seen.getOrDefault(key, ClassSets.NONE);
            int fresh = sets.minus(pair.calls(), known);
            if (fresh == ClassSets.NONE || same(pair)) {
                continue;
            }
            seen.put(key, sets.or(known, fresh));
            go(new Pair(pair.before(), pair.after(), fresh, pair.wayBefore(), pair.wayAfter()), work, partings);
        }
        partings.values().forEach(parting -> give(called, parting));
    }

    /// Calls that enter a route, or that none takes.
    private record Begin(Spot spot, int calls) {}

    private static List<Begin> begins(StateGraph graph, Starts starts, E164 called) {
        List<Begin> begins = new ArrayList<>();
        starts.taken()
                .forEach(taken ->
                        begins.add(new Begin(Spot.in(graph.begin(taken.route(), taken.language())), taken.calls())));
        if (starts.unmatched() != ClassSets.NONE) {
            begins.add(new Begin(
                    Spot.at(Ending.of(Ending.Kind.UNMATCHED, new Ref(Kind.NUMBER, called.text()))),
                    starts.unmatched()));
        }
        return begins;
    }

    /// Whether nothing can differ from here on.
    private boolean same(Pair pair) {
        if (pair.before().state() < 0 || pair.after().state() < 0) {
            return pair.before().equals(pair.after());
        }
        return same(pair.before().state(), pair.after().state());
    }

    private boolean same(int one, int other) {
        State first = before.state(one);
        return !touched.test(first.at()) && first.equals(after.state(other));
    }

    private void go(Pair pair, Deque<Pair> work, Map<String, Parting> partings) {
        Optional<List<Pair>> passed = passed(pair);
        if (passed.isPresent()) {
            work.addAll(passed.get());
        } else if (!corresponds(pair)) {
            part(pair, partings);
        } else {
            List<String> changed = rungOtherwise(pair);
            if (!changed.isEmpty()) {
                part(pair, partings).phones.addAll(changed);
            }
            for (Fork fork : forks(pair.before().state(), pair.after().state())) {
                boolean both = fork.before().isPresent() && fork.after().isPresent();
                for (Pair next : fork(pair, fork)) {
                    if (both) {
                        work.add(next);
                    } else {
                        part(next, partings);
                    }
                }
            }
        }
    }

    /// Whether a call stands in the same object on both sides, or in one that has been renamed.
    private boolean corresponds(Pair pair) {
        if (pair.before().state() < 0 || pair.after().state() < 0) {
            return false;
        }
        Ref one = before.state(pair.before().state()).at();
        Ref other = after.state(pair.after().state()).at();
        return one.equals(other)
                || (one.kind() == other.kind()
                        && after.plan().find(one).isEmpty()
                        && before.plan().find(other).isEmpty());
    }

    /// The pairs behind an object that only passes calls on, where one of the two is such; the side before first.
    private Optional<List<Pair>> passed(Pair pair) {
        if (passes(before, pair.before())) {
            List<Pair> next = new ArrayList<>();
            int state = pair.before().state();
            for (StateGraph.Edge edge : before.edges(state)) {
                int calls = sets.and(pair.calls(), edge.calls());
                if (calls != ClassSets.NONE) {
                    Steps way = pair.wayBefore()
                            .and(before.state(state), edge.causes().getFirst(), edge);
                    next.add(new Pair(spot(before, edge, way), pair.after(), calls, way, pair.wayAfter()));
                }
            }
            return Optional.of(next);
        }
        if (passes(after, pair.after())) {
            List<Pair> next = new ArrayList<>();
            int state = pair.after().state();
            for (StateGraph.Edge edge : after.edges(state)) {
                int calls = sets.and(pair.calls(), edge.calls());
                if (calls != ClassSets.NONE) {
                    Steps way = pair.wayAfter()
                            .and(after.state(state), edge.causes().getFirst(), edge);
                    next.add(new Pair(pair.before(), spot(after, edge, way), calls, pair.wayBefore(), way));
                }
            }
            return Optional.of(next);
        }
        return Optional.empty();
    }

    /// Where an edge leads; going round through objects that only pass calls on is an end.
    private static Spot spot(StateGraph graph, StateGraph.Edge edge, Steps way) {
        if (edge.target() < 0) {
            return Spot.at(graph.ending(edge.ending()));
        }
        State target = graph.state(edge.target());
        List<Path.Step> steps = way.list();
        for (int index = steps.size() - 1;
                index >= 0 && passing(steps.get(index).causes().getFirst());
                index--) {
            if (steps.get(index).state().equals(target)
                    && steps.get(index).window().latest() == 0) {
                return Spot.at(Ending.lost(Ending.Lost.ENDLESS, target.at()));
            }
        }
        return Spot.in(edge.target());
    }

    private static boolean passes(StateGraph graph, Spot spot) {
        return spot.state() >= 0
                && graph.edges(spot.state()).stream()
                        .allMatch(edge -> edge.causes().stream().allMatch(SideBySide::passing));
    }

    private static boolean passing(Cause cause) {
        return switch (cause) {
            case Cause.Passed passed -> true;
            case Cause.Rejected rejected -> true;
            case Cause.Case one -> true;
            case Cause.Forwarded forwarded -> true;
            default -> false;
        };
    }

    /// The causes of two states, without those that lead to the same on both sides.
    private List<Fork> forks(int one, int other) {
        return forks.computeIfAbsent(((long) one << 32) | other, key -> {
            Map<Cause, StateGraph.Edge> first = byCause(before, one);
            Map<Cause, StateGraph.Edge> second = byCause(after, other);
            Set<Cause> causes = new LinkedHashSet<>(first.keySet());
            causes.addAll(second.keySet());
            List<Fork> all = new ArrayList<>();
            for (Cause cause : causes) {
                Fork fork =
                        new Fork(cause, Optional.ofNullable(first.get(cause)), Optional.ofNullable(second.get(cause)));
                if (!nothing(fork)) {
                    all.add(fork);
                }
            }
            return all;
        });
    }

    private boolean nothing(Fork fork) {
        if (fork.before().isEmpty() || fork.after().isEmpty()) {
            return false;
        }
        StateGraph.Edge one = fork.before().get();
        StateGraph.Edge other = fork.after().get();
        if (one.target() >= 0 && other.target() >= 0) {
            return same(one.target(), other.target());
        }
        return one.target() < 0
                && other.target() < 0
                && Spot.at(before.ending(one.ending())).equals(Spot.at(after.ending(other.ending())));
    }

    private static Map<Cause, StateGraph.Edge> byCause(StateGraph graph, int state) {
        Map<Cause, StateGraph.Edge> all = new LinkedHashMap<>();
        graph.edges(state).forEach(edge -> edge.causes().forEach(cause -> all.put(cause, edge)));
        return all;
    }

    private List<Pair> fork(Pair pair, Fork fork) {
        int calls = pair.calls();
        Steps wayBefore = pair.wayBefore();
        Steps wayAfter = pair.wayAfter();
        Spot spotBefore = pair.before();
        Spot spotAfter = pair.after();
        if (fork.before().isPresent()) {
            StateGraph.Edge edge = fork.before().get();
            calls = sets.and(calls, edge.calls());
            wayBefore = wayBefore.and(before.state(pair.before().state()), fork.cause(), edge);
            spotBefore = spot(before, edge, wayBefore);
        }
        if (fork.after().isPresent()) {
            StateGraph.Edge edge = fork.after().get();
            calls = sets.and(calls, edge.calls());
            wayAfter = wayAfter.and(after.state(pair.after().state()), fork.cause(), edge);
            spotAfter = spot(after, edge, wayAfter);
        }
        return calls == ClassSets.NONE
                ? List.of()
                : List.of(new Pair(spotBefore, spotAfter, calls, wayBefore, wayAfter));
    }

    /// Where the plans part, and for which calls.
    private static final class Parting {
        private final Pair first;
        private final Set<String> phones = new LinkedHashSet<>();
        private int calls;

        private Parting(Pair first) {
            this.first = first;
            this.calls = first.calls();
        }
    }

    /// The phones that ring otherwise when an object rings them: an extension's own settings have changed.
    private List<String> rungOtherwise(Pair pair) {
        Ref ref = before.state(pair.before().state()).at();
        if (ref.kind() == Kind.EXTENSION || ref.kind() == Kind.MENU) {
            return List.of();
        }
        return before.plan().find(ref).map(PlanObject::links).orElse(List.of()).stream()
                .flatMap(link -> link.target().stream())
                .flatMap(target -> Stream.concat(
                        Stream.of(target),
                        before.plan().find(target, RingGroup.class).stream()
                                .flatMap(group -> group.links().stream())
                                .flatMap(link -> link.target().stream())))
                .filter(target -> target.kind() == Kind.EXTENSION
                        && !rings(before, target).equals(rings(after, target)))
                .map(Ref::key)
                .distinct()
                .toList();
    }

    /// What of an extension's settings counts when something else rings it.
    private static List<Object> rings(StateGraph graph, Ref ref) {
        return graph.plan()
                .find(ref, Extension.class)
                .map(one -> List.<Object>of(
                        one.phones().isEmpty(),
                        one.doNotDisturb(),
                        one.callWaiting(),
                        one.forward().always()))
                .orElse(List.of());
    }

    private Parting part(Pair pair, Map<String, Parting> partings) {
        String key = last(pair.wayBefore()) + "|" + last(pair.wayAfter()) + "|" + name(before, pair.before()) + "|"
                + name(after, pair.after());
        Parting known = partings.get(key);
        if (known == null) {
            known = new Parting(pair);
            partings.put(key, known);
        } else {
            known.calls = sets.or(known.calls, pair.calls());
        }
        return known;
    }

    /// The object in which something was last done, with what a caller chose there.
    private static String last(Steps way) {
        for (Steps at = way; at.last().isPresent(); at = at.earlier().orElse(Steps.NONE)) {
            Path.Step step = at.last().get();
            Cause cause = step.causes().getFirst();
            if (!passing(cause)) {
                return step.state().at() + (cause.callersChoice() ? "#" + cause.id() : "");
            }
        }
        return "";
    }

    private static String name(StateGraph graph, Spot spot) {
        return spot.state() < 0
                ? spot.toString()
                : graph.state(spot.state()).at().toString();
    }

    private void give(E164 called, Parting parting) {
        Optional<Found> shown = parting.phones.isEmpty()
                ? shown(called, parting, parting.first).or(() -> behind(called, parting))
                : rung(called, parting);
        shown.ifPresent(one -> {
            found.add(one);
            concern(before.plan(), one.before());
            concern(after.plan(), one.after());
        });
    }

    /// Looks for what phones may do that shows a parting of how they ring.
    private Optional<Found> rung(E164 called, Parting parting) {
        List<Path.Step> steps = parting.first.wayBefore().list();
        return classes.call(parting.first.calls())
                .flatMap(call -> Witness.of(before.plan(), called, call, steps))
                .flatMap(bench -> benches(bench, parting)
                        .flatMap(one -> real(called, parting, before.plan(), steps, one).stream())
                        .findFirst());
    }

    private Stream<Bench> benches(Bench bench, Parting parting) {
        List<PhoneState> states = List.of(
                new PhoneState.Silent(), new PhoneState.Answers(0), new PhoneState.Busy(), new PhoneState.Off());
        Ref ref = before.state(parting.first.before().state()).at();
        List<String> others = before.plan().find(ref).map(PlanObject::links).orElse(List.of()).stream()
                .flatMap(link -> link.target().stream())
                .filter(target -> target.kind() == Kind.EXTENSION)
                .map(Ref::key)
                .toList();
        return states.stream()
                .flatMap(rest -> states.stream()
                        .flatMap(own -> parting.phones.stream().map(phone -> {
                            Map<String, PhoneState> phones = new LinkedHashMap<>(bench.phones());
                            others.forEach(other -> phones.put(other, rest));
                            phones.put(phone, own);
                            List<String> agents = Stream.concat(bench.agents().stream(), Stream.of(phone))
                                    .distinct()
                                    .toList();
                            return new Bench(
                                    bench.called(),
                                    bench.caller(),
                                    bench.at(),
                                    bench.keys(),
                                    phones,
                                    bench.switches(),
                                    agents,
                                    bench.waiting());
                        })));
    }

    /// Looks behind a parting for a call that shows it.
    private Optional<Found> behind(E164 called, Parting parting) {
        Deque<Pair> work = new ArrayDeque<>(List.of(parting.first));
        Set<List<Spot>> seen = new LinkedHashSet<>();
        while (!work.isEmpty() && seen.size() < MOST_BEHIND) {
            Pair pair = work.remove();
            if (!seen.add(List.of(pair.before(), pair.after())) || same(pair)) {
                continue;
            }
            Optional<Found> shown = shown(called, parting, pair);
            if (shown.isPresent()) {
                return shown;
            }
            passed(pair).ifPresentOrElse(work::addAll, () -> {
                if (pair.before().state() >= 0 && pair.after().state() >= 0) {
                    forks(pair.before().state(), pair.after().state()).forEach(fork -> work.addAll(fork(pair, fork)));
                } else {
                    oneSide(pair).forEach(work::add);
                }
            });
        }
        return Optional.empty();
    }

    /// The pairs behind one in which a call has ended on one side.
    private List<Pair> oneSide(Pair pair) {
        boolean first = pair.before().state() >= 0;
        StateGraph graph = first ? before : after;
        int state = first ? pair.before().state() : pair.after().state();
        List<Pair> next = new ArrayList<>();
        if (state >= 0) {
            byCause(graph, state)
                    .forEach((cause, edge) -> next.addAll(fork(
                            pair,
                            first
                                    ? new Fork(cause, Optional.of(edge), Optional.empty())
                                    : new Fork(cause, Optional.empty(), Optional.of(edge)))));
        }
        return next;
    }

    private Optional<Found> shown(E164 called, Parting parting, Pair pair) {
        return classes.call(pair.calls())
                .flatMap(call -> shown(called, parting, call, before.plan(), pair.wayBefore())
                        .or(() -> shown(called, parting, call, after.plan(), pair.wayAfter())));
    }

    private Optional<Found> shown(E164 called, Parting parting, CallClasses.Call call, Plan plan, Steps way) {
        List<Path.Step> steps = way.list();
        return Witness.of(plan, called, call, steps).flatMap(bench -> real(called, parting, plan, steps, bench));
    }

    /// A difference, where a bench ends differently when both plans are traced with it.
    private Optional<Found> real(E164 called, Parting parting, Plan plan, List<Path.Step> steps, Bench bench) {
        Trace one = Tracer.trace(before.plan(), bench);
        Trace other = Tracer.trace(after.plan(), bench);
        return Spot.at(one.ending()).equals(Spot.at(other.ending()))
                ? Optional.empty()
                : Optional.of(new Found(
                        called,
                        classes.wordsWithoutCaller(parting.calls),
                        classes.who(parting.calls),
                        choices(plan, steps),
                        one,
                        other,
                        bench));
    }

    private static List<String> choices(Plan plan, List<Path.Step> steps) {
        return steps.stream()
                .flatMap(step -> step.causes().stream())
                .flatMap(cause -> Path.choice(plan, cause).stream())
                .toList();
    }

    private void concern(Plan plan, Trace trace) {
        for (Trace.Step step : trace.steps()) {
            Ref.parse(step.object()).ifPresent(ref -> {
                concerned.add(ref);
                plan.find(ref).map(PlanObject::links).orElse(List.of()).stream()
                        .map(Link::target)
                        .flatMap(Optional::stream)
                        .forEach(concerned::add);
            });
        }
    }
}
