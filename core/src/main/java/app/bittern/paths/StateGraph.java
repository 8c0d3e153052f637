package app.bittern.paths;

import app.bittern.call.Cause;
import app.bittern.call.Condition;
import app.bittern.call.Context;
import app.bittern.call.Ending;
import app.bittern.call.Onward;
import app.bittern.call.Outcome;
import app.bittern.call.State;
import app.bittern.call.Transition;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Every state that a call can be in, with an edge for each way on.
///
/// Choices by a caller are edges of their own; outcomes that are nobody's choice and lead to the same state or the
/// same ending are one edge that lists its causes, its window and its calls being the union. States keep only
/// what can still matter ([Relevance]). The same graph serves all numbers of a plan. Cost: states × outcomes.
final class StateGraph {
    /// A way on.
    ///
    /// @param causes   what makes it happen; one where a caller chose it
    /// @param choice   whether a caller chose it
    /// @param earliest seconds from entering the state
    /// @param latest   seconds from entering the state
    /// @param calls    for which calls it is possible, as [ClassSets] number them
    /// @param target   the state it leads to; -1 where it ends
    /// @param ending   where it ends; -1 where it goes on
    record Edge(List<Cause> causes, boolean choice, int earliest, int latest, int calls, int target, int ending) {
        Edge with(Outcome other, int otherCalls, ClassSets sets) {
            List<Cause> all = new ArrayList<>(causes);
            all.add(other.cause());
            return new Edge(
                    List.copyOf(all),
                    choice,
                    Math.min(earliest, other.window().earliest()),
                    Math.max(latest, other.window().latest()),
                    sets.or(calls, otherCalls),
                    target,
                    ending);
        }

        /// Whether a second may pass, or a caller has chosen it.
        boolean timeOrChoice() {
            return choice || latest > 0;
        }
    }

    private final Plan plan;
    private final int index;
    private final CallClasses classes;
    private final Relevance relevance;
    private final Map<State, Integer> ids = new HashMap<>();
    private final List<State> states = new ArrayList<>();
    private final List<List<Edge>> edges = new ArrayList<>();
    private final List<int[]> targets = new ArrayList<>();
    private final Map<Ending, Integer> endingIds = new HashMap<>();
    private final List<Ending> endings = new ArrayList<>();

    /// The graph of all calls to a plan.
    ///
    /// @param index the place of the plan among those that the classes are of
    StateGraph(Plan plan, CallClasses classes, int index) {
        this.plan = plan;
        this.index = index;
        this.classes = classes;
        this.relevance = new Relevance(plan, classes);
        plan.all(Route.class)
                .filter(Route::enabled)
                .forEach(route -> classes.beginnings(index).forEach(language -> begin(route, language)));
        for (int state = 0; state < states.size(); state++) {
            List<Edge> expanded = expand(states.get(state));
            edges.add(expanded);
            targets.add(expanded.stream()
                    .mapToInt(Edge::target)
                    .filter(target -> target >= 0)
                    .toArray());
        }
    }

    /// The state in which a call that begins in a language enters a route.
    int begin(Route route, String language) {
        return id(new State(route.ref(), Context.in(language)));
    }

    /// The languages that calls begin in, each with its calls.
    Map<String, Integer> beginnings() {
        Map<String, Integer> all = new LinkedHashMap<>();
        classes.beginnings(index).forEach(language -> all.put(language, classes.beginningIn(index, language)));
        return all;
    }

    private int id(State full) {
        State state = relevance.reduced(full);
        Integer known = ids.get(state);
        if (known != null) {
            return known;
        }
        ids.put(state, states.size());
        states.add(state);
        return states.size() - 1;
    }

    private List<Edge> expand(State state) {
        List<Edge> choices = new ArrayList<>();
        Map<Long, Edge> others = new LinkedHashMap<>();
        for (Outcome outcome : Transition.outcomes(plan, state)) {
            int calls = outcome.when() instanceof Condition.Always
                    ? classes.sets().all()
                    : classes.of(index, outcome.when());
            if (calls == ClassSets.NONE) {
                continue;
            }
            int target = outcome.onward() instanceof Onward.Next(State next) ? id(next) : -1;
            int ending = outcome.onward() instanceof Onward.Ends(Ending end) ? ending(end) : -1;
            Edge edge = new Edge(
                    List.of(outcome.cause()),
                    outcome.cause().callersChoice(),
                    outcome.window().earliest(),
                    outcome.window().latest(),
                    calls,
                    target,
                    ending);
            if (edge.choice()) {
                choices.add(edge);
                continue;
            }
            long key = ((long) target << 32) | (ending & 0xffffffffL);
            Edge before = others.get(key);
            others.put(key, before == null ? edge : before.with(outcome, calls, classes.sets()));
        }
        choices.addAll(others.values());
        return List.copyOf(choices);
    }

    private int ending(Ending ending) {
        return endingIds.computeIfAbsent(ending, one -> {
            endings.add(one);
            return endings.size() - 1;
        });
    }

    int size() {
        return states.size();
    }

    State state(int id) {
        return states.get(id);
    }

    /// The state as this graph keeps it, or -1 where no call comes to it.
    int find(State full) {
        return ids.getOrDefault(relevance.reduced(full), -1);
    }

    List<Edge> edges(int state) {
        return edges.get(state);
    }

    /// The states that the edges of a state lead to.
    int[] targets(int state) {
        return targets.get(state);
    }

    Ending ending(int id) {
        return endings.get(id);
    }

    Plan plan() {
        return plan;
    }

    CallClasses classes() {
        return classes;
    }

    /// The calls for which a condition of this plan holds.
    int calls(Condition condition) {
        return classes.of(index, condition);
    }

    Relevance relevance() {
        return relevance;
    }
}
