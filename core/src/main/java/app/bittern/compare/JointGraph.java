package app.bittern.compare;

import app.bittern.call.Carried;
import app.bittern.call.Cause;
import app.bittern.call.Dialling;
import app.bittern.call.Ending;
import app.bittern.call.QueueCourse;
import app.bittern.call.State;
import app.bittern.call.Visit;
import app.bittern.call.Window;
import app.bittern.callset.CallClasses;
import app.bittern.callset.CallSet;
import app.bittern.callset.CallWords;
import app.bittern.callset.Calling;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Wanted;
import app.bittern.graph.Way;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Site;
import app.bittern.witness.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/// The state graphs of two plans as one: where a call stands in each, and where the same call can go on to in
/// both.
final class JointGraph {
    private final StateGraph before;
    private final StateGraph after;
    private final CallClasses classes;
    private final Predicate<Ref> touched;
    private final Wanted wanted;
    private final Map<JointState.Stands, List<JointWay>> forks = new HashMap<>();
    private final SaidMeanwhile said = new SaidMeanwhile();

    /// @param touched whether something that differs can be reached from an object
    JointGraph(Plan before, Plan after, Horizon horizon, Predicate<Ref> touched, Wanted wanted) {
        this.classes = new CallClasses(List.of(before, after), horizon);
        this.before = StateGraph.asAsked(before, classes, 0);
        this.after = StateGraph.asAsked(after, classes, 1);
        this.touched = touched;
        this.wanted = wanted;
    }

    /// Whether somebody still wants to know how the plans differ.
    Wanted wanted() {
        return wanted;
    }

    StateGraph before() {
        return before;
    }

    StateGraph after() {
        return after;
    }

    CallWords words() {
        return new CallWords(classes);
    }

    CallClasses classes() {
        return classes;
    }

    /// How the calls of a pair begin: as a phone dials, where one does, else to a number.
    Calling calling(JointState pair, Optional<E164> called) {
        if (called.isPresent()) {
            return new Calling.ToNumber(called.get());
        }
        State begun = pair.wayBefore().list().stream()
                .map(Step::state)
                .findFirst()
                .or(() -> pair.wayAfter().list().stream().map(Step::state).findFirst())
                .orElseGet(() -> before.state(pair.before().state()));
        return new Calling.Phone(
                begun.at(), begun.context().dials().orElseThrow().dialling().digits());
    }

    /// Whether nothing can differ from here on.
    boolean same(JointState pair) {
        if (pair.before().state() < 0 || pair.after().state() < 0) {
            return pair.before().equals(pair.after());
        }
        return same(pair.stands());
    }

    private boolean same(JointState.Stands pair) {
        State first = before.state(pair.before().state());
        return !touched(first) && first.equals(after.state(pair.after().state())) && heardAlike(pair);
    }

    /// Whether something that differs can be reached from a state.
    private boolean touched(State state) {
        return touched.test(state.at())
                || state.context()
                        .dials()
                        .filter(dials -> touched(dials.dialling())
                                || dials.route().filter(touched).isPresent())
                        .isPresent();
    }

    /// Whether something that differs can be reached from what a phone dials.
    private boolean touched(Dialling dialling) {
        return Stream.of(dialling.leads().target().stream(), emergency(before, dialling), emergency(after, dialling))
                .flatMap(refs -> refs)
                .anyMatch(touched);
    }

    /// Whether something that differs may be reached by a phone that dials; which route takes an inbound number is not
    /// asked for yet.
    boolean touched(Ref phone, Dialling dialling) {
        return touched.test(phone) || dialling.number().isPresent() || touched(dialling);
    }

    /// The site, where one of its emergency numbers is dialled.
    private static Stream<Ref> emergency(StateGraph graph, Dialling dialling) {
        Site site = graph.plan().site();
        return site.emergencyNumbers().contains(dialling.digits()) ? Stream.of(site.ref()) : Stream.empty();
    }

    /// Whether what a call carries is the same on both sides, and sounds the same.
    boolean heardAlike(JointState.Stands pair) {
        return pair.carriedBefore().equals(pair.carriedAfter())
                && pair.carriedBefore().hears().filter(touched).isEmpty();
    }

    /// Whether a call stands in the same object on both sides, or in one that has been renamed.
    boolean corresponds(JointState pair) {
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

    /// The pairs behind an object that only passes calls on, where one of the two is such; the side before
    /// first.
    Optional<List<JointState>> passed(JointState pair) {
        if (passes(before, pair.before())) {
            return Optional.of(through(before, pair.before(), pair.wayBefore(), pair.calls()).stream()
                    .map(on -> new JointState(on.spot(), pair.after(), on.calls(), on.way(), pair.wayAfter()))
                    .toList());
        }
        if (passes(after, pair.after())) {
            return Optional.of(through(after, pair.after(), pair.wayAfter(), pair.calls()).stream()
                    .map(on -> new JointState(pair.before(), on.spot(), on.calls(), pair.wayBefore(), on.way()))
                    .toList());
        }
        return Optional.empty();
    }

    /// One side gone on by a step.
    private record Further(Spot spot, Trail way, CallSet calls) {}

    private Trail and(Trail way, StateGraph graph, int from, Cause cause, Way edge) {
        return and(way, graph, from, List.of(cause), edge, Optional.empty());
    }

    /// By any of the causes of an edge: of two cases that lead to one place it is not known which one a call takes.
    private Trail and(Trail way, StateGraph graph, int from, Way edge) {
        return and(way, graph, from, edge.causes(), edge, Optional.empty());
    }

    private Trail and(Trail way, StateGraph graph, int from, List<Cause> causes, Way edge, Optional<Visit> by) {
        State state = graph.state(from);
        return new Trail(
                Optional.of(way),
                Optional.of(new Step(state, causes, new Window(edge.earliest(), edge.latest()), 0)),
                by,
                way.carried().past(graph.plan(), state),
                passing(causes.getFirst()) ? said.and(way.said(), graph.plan(), state) : SaidMeanwhile.NOTHING);
    }

    /// What has been said on a way since the call stood in an object on both sides.
    SaidMeanwhile.Passed said(Trail way) {
        return said.passed(way.said());
    }

    private List<Further> through(StateGraph graph, Spot from, Trail way, CallSet calls) {
        List<Further> all = new ArrayList<>();
        for (Way edge : graph.ways(from.state())) {
            CallSet some = calls.and(edge.calls());
            if (!some.isEmpty()) {
                Trail on = and(way, graph, from.state(), edge);
                all.add(new Further(spot(graph, edge, on), on, some));
            }
        }
        return all;
    }

    /// Where an edge leads; going round through objects that only pass calls on is an end.
    private static Spot spot(StateGraph graph, Way edge, Trail way) {
        if (edge.target() < 0) {
            return Spot.at(graph.ending(edge.ending()));
        }
        State target = graph.state(edge.target());
        int seconds = 0;
        for (Trail at = way;
                at.last().filter(step -> passing(step.causes().getFirst())).isPresent();
                at = at.earlier().orElse(Trail.NONE)) {
            Step step = at.last().get();
            seconds += step.window().latest();
            if (step.state().equals(target)) {
                return Spot.at(
                        seconds == 0
                                ? Ending.lost(Ending.Lost.ENDLESS, target.at())
                                : Ending.of(Ending.Kind.STOPPED, target.at()));
            }
        }
        return Spot.in(edge.target());
    }

    /// Where calls stand in both plans, and which course a queue takes with them on either side.
    record Key(JointState.Stands stands, int before, int after) {}

    /// Calls that are told the same in the queue they stand in.
    record InCourse(Key key, JointState pair) {}

    /// A pair by what queues say and offer to whom: one for all where they say the same to everyone.
    List<InCourse> courses(JointState pair) {
        List<CallSet> first = courses(before, pair.before());
        List<CallSet> second = courses(after, pair.after());
        List<InCourse> all = new ArrayList<>();
        for (int one = 0; one < first.size(); one++) {
            for (int other = 0; other < second.size(); other++) {
                CallSet calls = pair.calls().and(first.get(one)).and(second.get(other));
                if (!calls.isEmpty()) {
                    all.add(new InCourse(new Key(pair.stands(), one, other), pair.of(calls)));
                }
            }
        }
        return all;
    }

    private static List<CallSet> courses(StateGraph graph, Spot spot) {
        State state = graph.state(spot.state());
        return graph.plan()
                .find(state.at(), Queue.class)
                .map(queue -> QueueCourse.all(queue, graph.plan(), state).stream()
                        .map(course -> graph.calls(course.when()))
                        .toList())
                .orElseGet(() -> List.of(graph.classes().all()));
    }

    /// Whether a call stands in an object on one side that only passes calls on.
    boolean passes(JointState pair) {
        return passes(before, pair.before()) || passes(after, pair.after());
    }

    private static boolean passes(StateGraph graph, Spot spot) {
        return spot.state() >= 0
                && graph.ways(spot.state()).stream()
                        .allMatch(edge -> edge.causes().stream().allMatch(JointGraph::passing));
    }

    /// Whether a cause is nothing but passing through.
    static boolean passing(Cause cause) {
        return switch (cause) {
            case Cause.Passed passed -> true;
            case Cause.NoNumber none -> true;
            case Cause.Case one -> true;
            case Cause.Forwarded forwarded -> true;
            case Cause.Key o -> false;
            case Cause.Callback o -> false;
            case Cause.Within o -> false;
            case Cause.Dialled o -> false;
            case Cause.KeyZero o -> false;
            case Cause.Digits o -> false;
            case Cause.Looked o -> false;
            case Cause.NoValidKey o -> false;
            case Cause.NoKey o -> false;
            case Cause.WrongKey o -> false;
            case Cause.Answered o -> false;
            case Cause.NoAnswer o -> false;
            case Cause.Busy o -> false;
            case Cause.Unreachable o -> false;
            case Cause.Message o -> false;
            case Cause.NoValidDigits o -> false;
            case Cause.Full o -> false;
            case Cause.NoAgents o -> false;
            case Cause.AgentsGone o -> false;
            case Cause.Overflow o -> false;
            case Cause.Paged o -> false;
            case Cause.Done o -> false;
            case Cause.Barred o -> false;
            case Cause.ByTrunk o -> false;
            case Cause.NoChannel o -> false;
        };
    }

    /// The causes of two states, without those that lead to the same on both sides.
    List<JointWay> forks(JointState.Stands stands) {
        return forks.computeIfAbsent(stands, key -> {
            Map<Cause, List<Way>> first = byCause(before, stands.before().state());
            Map<Cause, List<Way>> second = byCause(after, stands.after().state());
            Set<Cause> causes = new LinkedHashSet<>(first.keySet());
            causes.addAll(second.keySet());
            List<JointWay> all = new ArrayList<>();
            for (Cause cause : causes) {
                for (Optional<Way> one : sides(first.get(cause))) {
                    for (Optional<Way> other : sides(second.get(cause))) {
                        JointWay fork = new JointWay(cause, one, other);
                        boolean possible = one.isEmpty()
                                || other.isEmpty()
                                || one.get().calls().meets(other.get().calls());
                        if (possible && !nothing(stands, fork)) {
                            all.add(fork);
                        }
                    }
                }
            }
            return all;
        });
    }

    /// The ways of one side by a cause; none where it has none.
    private static List<Optional<Way>> sides(@Nullable List<Way> ways) {
        return ways == null
                ? List.of(Optional.empty())
                : ways.stream().map(Optional::of).toList();
    }

    private boolean nothing(JointState.Stands from, JointWay fork) {
        if (fork.before().isEmpty() || fork.after().isEmpty()) {
            return false;
        }
        Way one = fork.before().get();
        Way other = fork.after().get();
        if (one.target() >= 0 && other.target() >= 0) {
            return same(new JointState.Stands(
                    Spot.in(one.target()),
                    Spot.in(other.target()),
                    past(before, from.before(), from.carriedBefore()),
                    past(after, from.after(), from.carriedAfter())));
        }
        return one.target() < 0
                && other.target() < 0
                && Spot.at(before.ending(one.ending())).equals(Spot.at(after.ending(other.ending())));
    }

    private static Carried past(StateGraph graph, Spot from, Carried carried) {
        return carried.past(graph.plan(), graph.state(from.state()));
    }

    /// What was left out and why, where a plan has more states than can be kept.
    Optional<String> limit() {
        return before.limit().or(after::limit);
    }

    /// Where a pair leads when the world does something in which both sides leave by a cause of their own;
    /// nowhere where that state was left out.
    Optional<JointState> visited(JointState pair, Visit visit, Cause one, Cause other) {
        Optional<Way> here = way(before, pair.before().state(), one, pair.calls());
        Optional<Way> there = way(after, pair.after().state(), other, pair.calls());
        if (limit().isPresent() && (here.isEmpty() || there.isEmpty())) {
            return Optional.empty();
        }
        Way first = here.orElseThrow(() -> notLeft(before, pair.before(), one));
        Way second = there.orElseThrow(() -> notLeft(after, pair.after(), other));
        Trail wayBefore = and(pair.wayBefore(), before, pair.before().state(), List.of(one), first, Optional.of(visit));
        Trail wayAfter = and(pair.wayAfter(), after, pair.after().state(), List.of(other), second, Optional.of(visit));
        return Optional.of(new JointState(
                spot(before, first, wayBefore), spot(after, second, wayAfter), pair.calls(), wayBefore, wayAfter));
    }

    private static IllegalStateException notLeft(StateGraph graph, Spot spot, Cause cause) {
        return new IllegalStateException(graph.state(spot.state()).at() + " is not left by " + cause.id());
    }

    private static Optional<Way> way(StateGraph graph, int state, Cause cause, CallSet calls) {
        return byCause(graph, state).getOrDefault(cause, List.of()).stream()
                .filter(way -> way.calls().meets(calls))
                .findFirst();
    }

    /// Everything that a call can go on to from a state of one side, for some calls.
    List<JointState> onward(JointState pair, boolean first) {
        StateGraph graph = first ? before : after;
        int state = first ? pair.before().state() : pair.after().state();
        List<JointState> next = new ArrayList<>();
        for (Way way : state < 0 ? List.<Way>of() : graph.ways(state)) {
            CallSet calls = pair.calls().and(way.calls());
            if (!calls.isEmpty()) {
                Trail steps = and(first ? pair.wayBefore() : pair.wayAfter(), graph, state, way);
                Spot spot = spot(graph, way, steps);
                next.add(
                        first
                                ? new JointState(spot, pair.after(), calls, steps, pair.wayAfter())
                                : new JointState(pair.before(), spot, calls, pair.wayBefore(), steps));
            }
        }
        return next;
    }

    private static Map<Cause, List<Way>> byCause(StateGraph graph, int state) {
        Map<Cause, List<Way>> all = new LinkedHashMap<>();
        graph.ways(state)
                .forEach(edge -> edge.causes()
                        .forEach(cause -> all.computeIfAbsent(cause, one -> new ArrayList<>())
                                .add(edge)));
        return all;
    }

    /// The pair that a cause leads to; none where no call has it on both sides.
    List<JointState> fork(JointState pair, JointWay fork) {
        CallSet calls = pair.calls();
        Trail wayBefore = pair.wayBefore();
        Trail wayAfter = pair.wayAfter();
        Spot spotBefore = pair.before();
        Spot spotAfter = pair.after();
        if (fork.before().isPresent()) {
            Way edge = fork.before().get();
            calls = calls.and(edge.calls());
            wayBefore = and(wayBefore, before, pair.before().state(), fork.cause(), edge);
            spotBefore = spot(before, edge, wayBefore);
        }
        if (fork.after().isPresent()) {
            Way edge = fork.after().get();
            calls = calls.and(edge.calls());
            wayAfter = and(wayAfter, after, pair.after().state(), fork.cause(), edge);
            spotAfter = spot(after, edge, wayAfter);
        }
        return calls.isEmpty() ? List.of() : List.of(new JointState(spotBefore, spotAfter, calls, wayBefore, wayAfter));
    }
}
