package app.bittern.paths;

import app.bittern.call.Callers;
import app.bittern.call.Cause;
import app.bittern.call.Condition;
import app.bittern.call.Context;
import app.bittern.call.Ending;
import app.bittern.call.Onward;
import app.bittern.call.Outcome;
import app.bittern.call.RouteChoice;
import app.bittern.call.State;
import app.bittern.call.Transition;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Switch;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/// Every path of a number, found the obvious way: for each class of calls by itself, a walk in depth that ends where it
/// comes back to a state on its way. Only for small plans.
final class SlowPaths {
    /// @param earliest second of the end
    /// @param latest   second of the end
    record Found(String end, int earliest, int latest) {}

    private final Plan plan;
    private final CallClasses classes;
    private final Relevance relevance;
    private final Map<String, Found> paths = new TreeMap<>();
    private Caller caller = new Caller.Withheld();
    private LocalDateTime at = LocalDateTime.MIN;
    private Map<Ref, String> positions = Map.of();

    SlowPaths(Plan plan, CallClasses classes) {
        this.plan = plan;
        this.classes = classes;
        this.relevance = new Relevance(plan, classes);
    }

    /// The paths by what is done on them.
    Map<String, Found> of(E164 called, List<LocalDateTime> instants) {
        for (Caller one : classes.callers()) {
            for (LocalDateTime instant : instants) {
                for (Map<Ref, String> turned : turnings()) {
                    caller = one;
                    at = instant;
                    positions = turned;
                    walk(called);
                }
            }
        }
        return paths;
    }

    private List<Map<Ref, String>> turnings() {
        List<Map<Ref, String>> all = new ArrayList<>(List.of(Map.of()));
        for (Switch one : plan.all(Switch.class).toList()) {
            List<Map<Ref, String>> more = new ArrayList<>();
            for (Map<Ref, String> before : all) {
                for (String position : one.positions()) {
                    Map<Ref, String> turned = new LinkedHashMap<>(before);
                    turned.put(one.ref(), position);
                    more.add(turned);
                }
            }
            all = more;
        }
        return all;
    }

    private void walk(E164 called) {
        Optional<Route> route = RouteChoice.winner(plan, called, caller, at);
        if (route.isEmpty()) {
            paths.put("unmatched", new Found("unmatched", 0, 0));
            return;
        }
        State start = relevance.reduced(new State(route.get().ref(), Context.in(Callers.language(plan, caller))));
        go(
                start,
                new ArrayList<>(List.of(start)),
                new ArrayList<>(),
                route.get().key(),
                0,
                0);
    }

    /// @param since for each state on the way, whether a second may have passed or a caller chosen since
    private void go(State state, List<State> way, List<Boolean> since, String done, int earliest, int latest) {
        for (Map.Entry<String, List<Outcome>> edge : edges(state).entrySet()) {
            List<Outcome> outcomes = edge.getValue();
            int from = outcomes.stream()
                    .mapToInt(one -> one.window().earliest())
                    .min()
                    .orElseThrow();
            int to = outcomes.stream()
                    .mapToInt(one -> one.window().latest())
                    .max()
                    .orElseThrow();
            boolean counts = outcomes.getFirst().cause().callersChoice() || widest(state, edge.getKey()) > 0;
            String now = done + ">" + state + "#" + edge.getKey();
            switch (outcomes.getFirst().onward()) {
                case Onward.Ends(Ending ending) ->
                    put(now, ending.kind() + " " + ending.in() + " " + ending.cause(), earliest + from, latest + to);
                case Onward.Next(State full) -> {
                    State next = relevance.reduced(full);
                    int back = way.indexOf(next);
                    List<Boolean> steps = new ArrayList<>(since);
                    steps.add(counts);
                    if (back >= 0) {
                        boolean some = steps.subList(back, steps.size()).contains(true);
                        put(now, (some ? "returns " : "endless ") + next.at(), earliest + from, latest + to);
                    } else {
                        List<State> further = new ArrayList<>(way);
                        further.add(next);
                        go(next, further, steps, now, earliest + from, latest + to);
                    }
                }
            }
        }
    }

    private void put(String path, String end, int earliest, int latest) {
        paths.merge(
                path,
                new Found(end, earliest, latest),
                (one, other) -> new Found(
                        one.end(), Math.min(one.earliest(), other.earliest()), Math.max(one.latest(), other.latest())));
    }

    /// The latest second of an edge over all calls, as the graph has it.
    private int widest(State state, String edge) {
        return Transition.outcomes(plan, state).stream()
                .filter(one -> key(one).equals(edge))
                .mapToInt(one -> one.window().latest())
                .max()
                .orElse(0);
    }

    private Map<String, List<Outcome>> edges(State state) {
        Map<String, List<Outcome>> edges = new LinkedHashMap<>();
        for (Outcome outcome : Transition.outcomes(plan, state)) {
            if (holds(outcome.when())) {
                edges.computeIfAbsent(key(outcome), k -> new ArrayList<>()).add(outcome);
            }
        }
        return edges;
    }

    /// A choice by itself; anything else by where it leads.
    private String key(Outcome outcome) {
        Cause cause = outcome.cause();
        if (cause.callersChoice()) {
            return cause.id();
        }
        return switch (outcome.onward()) {
            case Onward.Ends ends -> "to " + ends.ending();
            case Onward.Next(State next) -> "to " + relevance.reduced(next);
        };
    }

    private boolean holds(Condition condition) {
        return switch (condition) {
            case Condition.Always always -> true;
            case Condition.CallerIs is -> is.holds(plan, caller);
            case Condition.HoursIn(Ref ref, String state) ->
                plan.find(ref, Hours.class).orElseThrow().calendar().stateAt(at).equals(state);
            case Condition.SwitchIn(Ref ref, String position) -> position.equals(positions.get(ref));
        };
    }
}
