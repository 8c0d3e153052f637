package app.bittern.paths;

import app.bittern.call.Carried;
import app.bittern.call.Cause;
import app.bittern.call.Ending;
import app.bittern.call.State;
import app.bittern.call.Visit;
import app.bittern.call.Window;
import app.bittern.callset.CallClasses;
import app.bittern.callset.CallSet;
import app.bittern.callset.CallWords;
import app.bittern.graph.Beginnings;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Way;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/// The state graphs of two plans as one: where a call stands in each, and where the same call can go on to in
/// both.
final class Abreast {
    private final StateGraph before;
    private final StateGraph after;
    private final CallClasses classes;
    private final Predicate<Ref> touched;
    private final Map<Pair.Stands, List<Fork>> forks = new HashMap<>();
    private final SaidMeanwhile said = new SaidMeanwhile();

    /// @param touched whether something that differs can be reached from an object
    Abreast(Plan before, Plan after, Horizon horizon, Predicate<Ref> touched) {
        this.classes = new CallClasses(List.of(before, after), horizon);
        this.before = StateGraph.asAsked(before, classes, 0);
        this.after = StateGraph.asAsked(after, classes, 1);
        this.touched = touched;
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

    /// Where a call stands: in a state, or at its end.
    ///
    /// @param state -1 at the end
    record Spot(int state, Optional<Ending> ending) {
        static Spot in(int state) {
            return new Spot(state, Optional.empty());
        }

        static Spot at(Ending ending) {
            return new Spot(-1, Optional.of(new Ending(ending.kind(), ending.in(), Optional.empty(), ending.cause())));
        }
    }

    /// A cause and the edge it takes on each side; absent where it is not possible there.
    record Fork(Cause cause, Optional<Way> before, Optional<Way> after) {}

    /// A pair on the way, with the steps that led there on each side.
    record Pair(Spot before, Spot after, CallSet calls, Steps wayBefore, Steps wayAfter) {
        /// Where a call stands on each side, with all that can be heard of how it came there.
        record Stands(Spot before, Spot after, Carried carriedBefore, Carried carriedAfter) {}

        Stands stands() {
            return new Stands(before, after, wayBefore.carried(), wayAfter.carried());
        }

        /// Where a call stands, and what has been said to it since it stood in an object on both sides.
        record Came(Stands stands, int saidBefore, int saidAfter) {
            /// With nothing said.
            Came(Stands stands) {
                this(stands, SaidMeanwhile.NOTHING, SaidMeanwhile.NOTHING);
            }
        }

        Came came() {
            return new Came(stands(), wayBefore.said(), wayAfter.said());
        }

        /// For some of its calls alone.
        Pair of(CallSet some) {
            return new Pair(before, after, some, wayBefore, wayAfter);
        }
    }

    /// Steps in reverse, so that ways share their beginnings.
    ///
    /// @param visit   what the world does in the last step, where that is what counts
    /// @param carried what the call carries behind them
    /// @param said    what those at the end that only pass calls on have said
    record Steps(Optional<Steps> earlier, Optional<Path.Step> last, Optional<Visit> visit, Carried carried, int said) {
        static final Steps NONE =
                new Steps(Optional.empty(), Optional.empty(), Optional.empty(), Carried.NOTHING, SaidMeanwhile.NOTHING);

        /// The visits that are given, by the place of their steps.
        Map<Integer, Visit> visits() {
            int place = list().size();
            Map<Integer, Visit> visits = new HashMap<>();
            for (Steps at = this; at.last().isPresent(); at = at.earlier().orElse(NONE)) {
                place--;
                int here = place;
                at.visit().ifPresent(one -> visits.put(here, one));
            }
            return visits;
        }

        List<Path.Step> list() {
            List<Path.Step> steps = new ArrayList<>();
            for (Steps at = this; at.last().isPresent(); at = at.earlier().orElse(NONE)) {
                steps.addFirst(at.last().get());
            }
            return steps;
        }
    }

    /// Where calls to a number begin on both sides.
    List<Pair> begin(E164 called) {
        List<Pair> pairs = new ArrayList<>();
        for (Begin first : begins(Beginnings.of(before, called), called)) {
            for (Begin second : begins(Beginnings.of(after, called), called)) {
                CallSet calls = first.calls().and(second.calls());
                if (!calls.isEmpty()) {
                    pairs.add(new Pair(first.spot(), second.spot(), calls, Steps.NONE, Steps.NONE));
                }
            }
        }
        return pairs;
    }

    /// Calls that enter a route, or that none takes.
    private record Begin(Spot spot, CallSet calls) {}

    private static List<Begin> begins(Beginnings starts, E164 called) {
        List<Begin> begins = new ArrayList<>();
        starts.taken().forEach(taken -> begins.add(new Begin(Spot.in(taken.state()), taken.calls())));
        if (!starts.unmatched().isEmpty()) {
            begins.add(new Begin(
                    Spot.at(Ending.of(Ending.Kind.UNMATCHED, new Ref(Kind.NUMBER, called.text()))),
                    starts.unmatched()));
        }
        return begins;
    }

    /// Whether nothing can differ from here on.
    boolean same(Pair pair) {
        if (pair.before().state() < 0 || pair.after().state() < 0) {
            return pair.before().equals(pair.after());
        }
        return same(pair.stands());
    }

    private boolean same(Pair.Stands pair) {
        State first = before.state(pair.before().state());
        return !touched.test(first.at())
                && first.equals(after.state(pair.after().state()))
                && heardAlike(pair);
    }

    /// Whether what a call carries is the same on both sides, and sounds the same.
    boolean heardAlike(Pair.Stands pair) {
        return pair.carriedBefore().equals(pair.carriedAfter())
                && pair.carriedBefore().hears().filter(touched).isEmpty();
    }

    /// Whether a call stands in the same object on both sides, or in one that has been renamed.
    boolean corresponds(Pair pair) {
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
    Optional<List<Pair>> passed(Pair pair) {
        if (passes(before, pair.before())) {
            return Optional.of(through(before, pair.before(), pair.wayBefore(), pair.calls()).stream()
                    .map(on -> new Pair(on.spot(), pair.after(), on.calls(), on.way(), pair.wayAfter()))
                    .toList());
        }
        if (passes(after, pair.after())) {
            return Optional.of(through(after, pair.after(), pair.wayAfter(), pair.calls()).stream()
                    .map(on -> new Pair(pair.before(), on.spot(), on.calls(), pair.wayBefore(), on.way()))
                    .toList());
        }
        return Optional.empty();
    }

    /// One side gone on by a step.
    private record On(Spot spot, Steps way, CallSet calls) {}

    private Steps and(Steps way, StateGraph graph, int from, Cause cause, Way edge) {
        return and(way, graph, from, cause, edge, Optional.empty());
    }

    private Steps and(Steps way, StateGraph graph, int from, Cause cause, Way edge, Optional<Visit> by) {
        State state = graph.state(from);
        return new Steps(
                Optional.of(way),
                Optional.of(new Path.Step(state, List.of(cause), new Window(edge.earliest(), edge.latest()), 0)),
                by,
                way.carried().past(graph.plan(), state, cause),
                passing(cause) ? said.and(way.said(), graph.plan(), state) : SaidMeanwhile.NOTHING);
    }

    /// What has been said on a way since the call stood in an object on both sides.
    SaidMeanwhile.Passed said(Steps way) {
        return said.passed(way.said());
    }

    private List<On> through(StateGraph graph, Spot from, Steps way, CallSet calls) {
        List<On> all = new ArrayList<>();
        for (Way edge : graph.ways(from.state())) {
            CallSet some = calls.and(edge.calls());
            if (!some.isEmpty()) {
                Steps on = and(way, graph, from.state(), edge.causes().getFirst(), edge);
                all.add(new On(spot(graph, edge, on), on, some));
            }
        }
        return all;
    }

    /// Where an edge leads; going round through objects that only pass calls on is an end.
    private static Spot spot(StateGraph graph, Way edge, Steps way) {
        if (edge.target() < 0) {
            return Spot.at(graph.ending(edge.ending()));
        }
        State target = graph.state(edge.target());
        int seconds = 0;
        for (Steps at = way;
                at.last().filter(step -> passing(step.causes().getFirst())).isPresent();
                at = at.earlier().orElse(Steps.NONE)) {
            Path.Step step = at.last().get();
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

    /// Whether a call stands in an object on one side that only passes calls on.
    boolean passes(Pair pair) {
        return passes(before, pair.before()) || passes(after, pair.after());
    }

    private static boolean passes(StateGraph graph, Spot spot) {
        return spot.state() >= 0
                && graph.ways(spot.state()).stream()
                        .allMatch(edge -> edge.causes().stream().allMatch(Abreast::passing));
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
            case Cause.Dialled o -> false;
            case Cause.Operator o -> false;
            case Cause.Digits o -> false;
            case Cause.NoValidKey o -> false;
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
        };
    }

    /// The causes of two states, without those that lead to the same on both sides.
    List<Fork> forks(Pair.Stands stands) {
        return forks.computeIfAbsent(stands, key -> {
            Map<Cause, Way> first = byCause(before, stands.before().state());
            Map<Cause, Way> second = byCause(after, stands.after().state());
            Set<Cause> causes = new LinkedHashSet<>(first.keySet());
            causes.addAll(second.keySet());
            List<Fork> all = new ArrayList<>();
            for (Cause cause : causes) {
                Fork fork =
                        new Fork(cause, Optional.ofNullable(first.get(cause)), Optional.ofNullable(second.get(cause)));
                if (!nothing(stands, fork)) {
                    all.add(fork);
                }
            }
            return all;
        });
    }

    private boolean nothing(Pair.Stands from, Fork fork) {
        if (fork.before().isEmpty() || fork.after().isEmpty()) {
            return false;
        }
        Way one = fork.before().get();
        Way other = fork.after().get();
        if (one.target() >= 0 && other.target() >= 0) {
            return same(new Pair.Stands(
                    Spot.in(one.target()),
                    Spot.in(other.target()),
                    past(before, from.before(), from.carriedBefore(), fork.cause()),
                    past(after, from.after(), from.carriedAfter(), fork.cause())));
        }
        return one.target() < 0
                && other.target() < 0
                && Spot.at(before.ending(one.ending())).equals(Spot.at(after.ending(other.ending())));
    }

    private static Carried past(StateGraph graph, Spot from, Carried carried, Cause cause) {
        return carried.past(graph.plan(), graph.state(from.state()), cause);
    }

    /// Where a pair leads when the world does something in which both sides leave by a cause of their own.
    Pair visited(Pair pair, Visit visit, Cause one, Cause other) {
        Way first = way(before, pair.before().state(), one);
        Way second = way(after, pair.after().state(), other);
        Steps wayBefore = and(pair.wayBefore(), before, pair.before().state(), one, first, Optional.of(visit));
        Steps wayAfter = and(pair.wayAfter(), after, pair.after().state(), other, second, Optional.of(visit));
        return new Pair(
                spot(before, first, wayBefore), spot(after, second, wayAfter), pair.calls(), wayBefore, wayAfter);
    }

    private static Way way(StateGraph graph, int state, Cause cause) {
        Way way = byCause(graph, state).get(cause);
        if (way == null) {
            throw new IllegalStateException(graph.state(state).at() + " is not left by " + cause.id());
        }
        return way;
    }

    /// Everything that a call can go on to from a state of one side, for some calls.
    List<Pair> onward(Pair pair, boolean first) {
        StateGraph graph = first ? before : after;
        int state = first ? pair.before().state() : pair.after().state();
        List<Pair> next = new ArrayList<>();
        for (Way way : state < 0 ? List.<Way>of() : graph.ways(state)) {
            CallSet calls = pair.calls().and(way.calls());
            if (!calls.isEmpty()) {
                Steps steps = and(
                        first ? pair.wayBefore() : pair.wayAfter(),
                        graph,
                        state,
                        way.causes().getFirst(),
                        way);
                Spot spot = spot(graph, way, steps);
                next.add(
                        first
                                ? new Pair(spot, pair.after(), calls, steps, pair.wayAfter())
                                : new Pair(pair.before(), spot, calls, pair.wayBefore(), steps));
            }
        }
        return next;
    }

    private static Map<Cause, Way> byCause(StateGraph graph, int state) {
        Map<Cause, Way> all = new LinkedHashMap<>();
        graph.ways(state).forEach(edge -> edge.causes().forEach(cause -> all.put(cause, edge)));
        return all;
    }

    /// The pair that a cause leads to; none where no call has it on both sides.
    List<Pair> fork(Pair pair, Fork fork) {
        CallSet calls = pair.calls();
        Steps wayBefore = pair.wayBefore();
        Steps wayAfter = pair.wayAfter();
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
        return calls.isEmpty() ? List.of() : List.of(new Pair(spotBefore, spotAfter, calls, wayBefore, wayAfter));
    }
}
