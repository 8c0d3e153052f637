package app.bittern.graph;

import app.bittern.call.Cause;
import app.bittern.call.Condition;
import app.bittern.call.Context;
import app.bittern.call.Ending;
import app.bittern.call.Onward;
import app.bittern.call.Outcome;
import app.bittern.call.State;
import app.bittern.call.StillMatters;
import app.bittern.call.Transition;
import app.bittern.callset.CallClasses;
import app.bittern.callset.CallSet;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// Every state that a call can be in, with each way on.
///
/// Choices by a caller are ways of their own, all digits that lead to the same state being one; outcomes that are
/// nobody's choice and lead to the same state or
/// the same ending are one way that lists its causes, its window and its calls being the union. States keep
/// only what can still matter ([StillMatters]). The same graph serves all numbers of a plan. Cost: states ×
/// outcomes.
///
/// What a caller carries can make more states than can be kept: tags set one after another, or `back` through
/// many menus. Then the states beyond [#MOST_STATES] are not made, the ways to them are left out, and
/// [#limit()] says so.
///
/// A graph of which little is asked can be made [#asAsked]: a state's ways are then found when they are asked
/// for, the same as they always are. Such a graph is for one thread.
public final class StateGraph {
    /// The most states that are made.
    public static final int MOST_STATES = 200_000;

    private static final int MOST_WAYS = 3_000_000;
    private static final int MOST_CARRIED = 600_000;

    /// How many states are expanded side by side: few enough that what comes of them is soon done with.
    private static final int AT_ONCE = 256;

    private final Plan plan;
    private final int index;
    private final CallClasses classes;
    private final StillMatters matters;
    private final Map<State, Integer> ids = new HashMap<>();
    private final List<State> states = new ArrayList<>();
    private final List<BitSet> levels = new ArrayList<>();
    private final List<List<Way>> ways = new ArrayList<>();
    private final List<Ending> endings = new ArrayList<>();
    private final Map<Ending, Integer> endingIds = new HashMap<>();
    private final BitSet expanded = new BitSet();
    private int leftOut;
    private int carried;
    private int made;

    private StateGraph(Plan plan, CallClasses classes, int index) {
        this.plan = plan;
        this.index = index;
        this.classes = classes;
        this.matters = StillMatters.of(plan);
    }

    /// The graph of all calls to a plan.
    ///
    /// @param index the place of the plan among those that the classes are of
    public static StateGraph whole(Plan plan, CallClasses classes, int index) {
        return whole(plan, classes, index, Wanted.ALWAYS);
    }

    /// The same, as long as it is wanted.
    ///
    /// @throws java.util.concurrent.CancellationException where it is not wanted any more
    public static StateGraph whole(Plan plan, CallClasses classes, int index, Wanted wanted) {
        StateGraph graph = new StateGraph(plan, classes, index);
        List<E164> called =
                plan.all(InboundNumber.class).map(InboundNumber::called).toList();
        plan.all(Route.class).filter(Route::enabled).forEach(route -> {
            // Most routes do the same for all of their numbers; their states are one.
            Optional<E164> any = called.stream().filter(route.called()::takes).findFirst();
            List<E164> some = graph.matters.asksForNumber(route)
                    ? called.stream().filter(route.called()::takes).toList()
                    : any.stream().toList();
            classes.beginnings(index).forEach(language -> {
                if (some.isEmpty()) {
                    graph.begin(route, Context.in(language));
                }
                some.forEach(number -> graph.begin(route, Context.in(language).calling(number)));
            });
        });
        graph.expandAll(wanted);
        return graph;
    }

    /// The graph of all calls that phones of a plan make.
    ///
    /// @param begins where each begins ([app.bittern.call.Phones])
    /// @throws java.util.concurrent.CancellationException where it is not wanted any more
    public static StateGraph dialled(Plan plan, CallClasses classes, int index, List<State> begins, Wanted wanted) {
        StateGraph graph = new StateGraph(plan, classes, index);
        begins.forEach(graph::begin);
        graph.expandAll(wanted);
        return graph;
    }

    private void expandAll(Wanted wanted) {
        for (int from = 0; from < states.size(); ) {
            wanted.check();
            int to = Math.min(states.size(), from + AT_ONCE);
            expand(from, to);
            from = to;
        }
    }

    /// The same graph, of which each state is expanded when its ways are asked for.
    ///
    /// @param index the place of the plan among those that the classes are of
    public static StateGraph asAsked(Plan plan, CallClasses classes, int index) {
        return new StateGraph(plan, classes, index);
    }

    private void expand(int from, int to) {
        List<State> some = List.copyOf(states.subList(from, to));
        if (made >= MOST_WAYS) {
            leftOut += some.size();
            expanded.set(from, to);
            return;
        }
        int at = from;
        for (List<Went> went : some.size() == 1 ? List.of(gone(some.getFirst())) : gone(some)) {
            List<Way> onward = expand(went);
            made += onward.size();
            ways.set(at, onward);
            expanded.set(at);
            at++;
        }
    }

    /// An outcome, and the state that it leads to, if it does, as this graph keeps it.
    private record Went(Outcome outcome, Optional<State> to) {}

    /// What can happen in some states, computed side by side: it is told by the plan and the state alone. The
    /// states themselves are numbered one after another, so that the graph is the same on any machine.
    private List<List<Went>> gone(List<State> some) {
        return some.parallelStream().map(this::gone).toList();
    }

    private List<Went> gone(State state) {
        return Transition.outcomes(plan, state).stream()
                .map(outcome -> new Went(
                        outcome,
                        outcome.onward() instanceof Onward.Next(State next)
                                ? Optional.of(matters.reduced(next))
                                : Optional.empty()))
                .toList();
    }

    /// The state in which a call to a number that begins in a language enters a route.
    public int begin(Route route, String language, E164 called) {
        return begin(route, Context.in(language).calling(called));
    }

    private int begin(Route route, Context context) {
        return begin(new State(route.ref(), context));
    }

    /// The state in which calls begin, as this graph keeps it.
    public int begin(State state) {
        return id(matters.reduced(state));
    }

    /// The languages that calls begin in, each with its calls.
    public Map<String, CallSet> beginnings() {
        Map<String, CallSet> all = new LinkedHashMap<>();
        classes.beginnings(index).forEach(language -> all.put(language, classes.beginningIn(index, language)));
        return all;
    }

    private int id(State state) {
        Integer known = ids.get(state);
        if (known != null) {
            return known;
        }
        carried += state.context().menus().size() + state.context().tags().size();
        if (states.size() == MOST_STATES || carried > MOST_CARRIED) {
            leftOut++;
            return -1;
        }
        ids.put(state, states.size());
        states.add(state);
        levels.add(asked(state));
        ways.add(List.of());
        return states.size() - 1;
    }

    /// The levels of class sets that are asked from a state on.
    private BitSet asked(State state) {
        BitSet all = new BitSet();
        all.set(classes.callerLevel(), matters.callers(state));
        all.set(classes.timeLevel(), matters.instants(state));
        matters.switches(state).map(classes::level).filter(level -> level >= 0).forEach(all::set);
        return all;
    }

    private List<Way> expand(List<Went> all) {
        Map<List<Object>, List<Way>> choices = new LinkedHashMap<>();
        Map<Long, List<Way>> others = new LinkedHashMap<>();
        for (Went went : all) {
            Outcome outcome = went.outcome();
            CallSet calls =
                    outcome.when() instanceof Condition.Always ? classes.all() : classes.of(index, outcome.when());
            if (calls.isEmpty()) {
                continue;
            }
            int target = went.to().map(this::id).orElse(-1);
            int ending = outcome.onward() instanceof Onward.Ends(Ending end, var _) ? ending(end) : -1;
            if (target < 0 && ending < 0) {
                continue;
            }
            Way way = Way.of(outcome.cause(), outcome.window(), calls, target, ending);
            if (way.choice()) {
                choices.computeIfAbsent(List.of(chosen(outcome.cause()), target, ending), key -> new ArrayList<>())
                        .add(way);
            } else {
                others.computeIfAbsent(((long) target << 32) | (ending & 0xffffffffL), key -> new ArrayList<>())
                        .add(way);
            }
        }
        return Stream.concat(choices.values().stream(), others.values().stream())
                .map(Way::of)
                .toList();
    }

    /// What a caller chooses: of digits that are given, that some are; whose they are is told by where they lead.
    private static Object chosen(Cause cause) {
        boolean digits = cause instanceof Cause.Digits || cause instanceof Cause.Looked;
        return digits ? Cause.Digits.class : cause;
    }

    /// Endings of the same kind at the same object are one, whoever answered.
    private int ending(Ending ending) {
        return endingIds.computeIfAbsent(ending.anybody(), one -> {
            endings.add(one);
            return endings.size() - 1;
        });
    }

    /// What was left out and why, where the plan has more states than can be kept.
    public Optional<String> limit() {
        return leftOut == 0
                ? Optional.empty()
                : Optional.of("Calls to this plan can be in more than " + states.size()
                        + " states, as callers carry tags, digits or the way back through menus with them; "
                        + "what lies beyond these states is not counted.");
    }

    public int size() {
        return states.size();
    }

    public State state(int id) {
        return states.get(id);
    }

    /// A state without what can no longer matter.
    public State reduced(State full) {
        return matters.reduced(full);
    }

    /// The state as this graph keeps it, or -1 where no call comes to it.
    public int find(State full) {
        return ids.getOrDefault(matters.reduced(full), -1);
    }

    public List<Way> ways(int state) {
        if (!expanded.get(state)) {
            expand(state, state + 1);
        }
        return ways.get(state);
    }

    public Ending ending(int id) {
        return endings.get(id);
    }

    public Plan plan() {
        return plan;
    }

    public CallClasses classes() {
        return classes;
    }

    /// The calls for which a condition of this plan holds.
    public CallSet calls(Condition condition) {
        return classes.of(index, condition);
    }

    /// The calls by some callers in some hours.
    CallSet calls(Route.From caller, Optional<Route.While> during) {
        return classes.of(index, caller, during);
    }

    /// The part of a set of calls that can still matter from a state on: whatever no condition ahead looks at
    /// is forgotten.
    public CallSet mattering(int state, CallSet calls) {
        return classes.only(calls, levels.get(state));
    }
}
