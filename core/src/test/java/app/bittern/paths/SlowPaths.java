package app.bittern.paths;

import app.bittern.call.Arrival;
import app.bittern.call.Callers;
import app.bittern.call.Cause;
import app.bittern.call.Condition;
import app.bittern.call.Context;
import app.bittern.call.Dialling;
import app.bittern.call.Ending;
import app.bittern.call.Onward;
import app.bittern.call.Outcome;
import app.bittern.call.Phones;
import app.bittern.call.RouteChoice;
import app.bittern.call.State;
import app.bittern.call.Transition;
import app.bittern.graph.StateGraph;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Extension;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Switch;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;

/// Every path of a number, found the obvious way, for small plans: what dominates what by taking states away
/// one by one, what goes round by who reaches whom, and then for each class of calls by itself a walk in
/// depth.
final class SlowPaths {
    /// @param earliest second of the end
    /// @param latest   second of the end; [Span#UNBOUNDED] where there is none
    record Found(String end, long earliest, long latest) {}

    /// A caller, an instant and the positions of switches.
    private record Kindred(Caller caller, LocalDateTime at, Map<Ref, String> positions) {}

    /// A way on for one class of calls.
    private record Edge(String key, boolean choice, int earliest, int latest, Optional<State> next, String end) {
        boolean counts() {
            return choice || latest > 0;
        }
    }

    private final Plan plan;
    private final StateGraph graph;
    private final List<Kindred> classes = new ArrayList<>();
    private final Map<State, Map<String, Edge>> union = new LinkedHashMap<>();
    private final Set<State> starts = new LinkedHashSet<>();
    private final Map<State, Set<State>> dominators = new HashMap<>();
    private final Map<State, Set<State>> tangles = new HashMap<>();
    private final Map<String, Found> paths = new TreeMap<>();
    private final Map<List<Object>, List<Edge>> known = new HashMap<>();
    private final Map<List<Object>, Map<State, Long>> quick = new HashMap<>();
    private final Map<List<Object>, Long> slow = new HashMap<>();
    private final Map<List<Object>, Boolean> counted = new HashMap<>();

    SlowPaths(Plan plan, Paths fast, List<LocalDateTime> instants) {
        this.plan = plan;
        this.graph = fast.graph();
        for (Caller caller : fast.classes().callers()) {
            for (LocalDateTime instant : instants) {
                turnings().forEach(turned -> classes.add(new Kindred(caller, instant, turned)));
            }
        }
    }

    /// The paths by what is done on them.
    Map<String, Found> of(E164 called) {
        return all(one -> RouteChoice.winner(plan, new Arrival.Meant(called), one.caller(), one.at())
                .map(route -> Map.of(
                        route.key(),
                        new State(
                                route.ref(),
                                Context.in(Callers.language(plan, one.caller())).calling(called))))
                .orElse(Map.of()));
    }

    /// The paths of calls in which a phone of the site dials.
    Map<String, Found> dialled(Extension phone, String digits) {
        Caller caller = new Caller.Inside(phone.dialled());
        return all(one -> {
            Dialling dialling = Dialling.of(plan, digits);
            Optional<Ref> route = dialling.number()
                    .flatMap(number -> RouteChoice.winner(plan, new Arrival.Meant(number), caller, one.at()))
                    .map(Route::ref);
            return Map.of(route.toString(), Phones.dialling(plan, phone, dialling, route));
        });
    }

    /// @param begun where the calls of a class begin, by a name of its own; nowhere where no route takes them
    private Map<String, Found> all(Function<Kindred, Map<String, State>> begun) {
        Map<Kindred, Map<String, State>> begins = new LinkedHashMap<>();
        for (Kindred one : classes) {
            Map<String, State> some = new LinkedHashMap<>();
            begun.apply(one).forEach((name, state) -> some.put(name, graph.reduced(state)));
            begins.put(one, some);
            starts.addAll(some.values());
            some.values().forEach(start -> explore(start, one));
        }
        union.keySet().forEach(state -> dominators.put(state, dominating(state)));
        union.keySet().forEach(this::tangle);
        begins.forEach((one, some) -> {
            if (some.isEmpty()) {
                paths.put("unmatched", new Found("unmatched", 0, 0));
            }
            some.forEach((name, start) -> go(one, start, Map.of(start, false), name, 0, 0));
        });
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

    /// Notes all ways of all classes together, conditions aside.
    private void explore(State start, Kindred one) {
        Set<State> met = new HashSet<>();
        List<State> work = new ArrayList<>(List.of(start));
        while (!work.isEmpty()) {
            State state = work.removeLast();
            if (met.add(state)) {
                Map<String, Edge> together = union.computeIfAbsent(state, s -> new LinkedHashMap<>());
                edges(state, one).forEach(edge -> {
                    together.merge(edge.key(), edge, SlowPaths::wider);
                    edge.next().ifPresent(work::add);
                });
            }
        }
    }

    private static Edge wider(Edge one, Edge other) {
        return new Edge(
                one.key(),
                one.choice(),
                Math.min(one.earliest(), other.earliest()),
                Math.max(one.latest(), other.latest()),
                one.next(),
                one.end());
    }

    private Set<State> dominating(State state) {
        Set<State> all = new LinkedHashSet<>(List.of(state));
        for (State other : union.keySet()) {
            if (!reached(starts, one -> !one.equals(other), edge -> true).contains(state)) {
                all.add(other);
            }
        }
        return all;
    }

    private Set<State> reached(Set<State> from, Predicate<State> through, Predicate<Edge> over) {
        Set<State> met = new LinkedHashSet<>();
        List<State> work = new ArrayList<>(from.stream().filter(through).toList());
        while (!work.isEmpty()) {
            State state = work.removeLast();
            if (met.add(state)) {
                union.getOrDefault(state, Map.of()).values().stream()
                        .filter(over)
                        .flatMap(edge -> edge.next().stream())
                        .filter(through)
                        .forEach(work::add);
            }
        }
        return met;
    }

    private boolean returns(State from, State to) {
        return dominators.getOrDefault(from, Set.of()).contains(to);
    }

    /// The states that lead to each other when ways to dominators are taken away.
    private void tangle(State state) {
        Set<State> both = new LinkedHashSet<>();
        for (State other : onward(state)) {
            if (onward(other).contains(state)) {
                both.add(other);
            }
        }
        both.add(state);
        if (both.size() > 1) {
            tangles.put(state, both);
        }
    }

    private Set<State> onward(State from) {
        Set<State> met = new LinkedHashSet<>();
        List<State> work = new ArrayList<>(List.of(from));
        while (!work.isEmpty()) {
            State state = work.removeLast();
            for (Edge edge : union.getOrDefault(state, Map.of()).values()) {
                edge.next()
                        .filter(next -> !returns(state, next) && met.add(next))
                        .ifPresent(work::add);
            }
        }
        return met;
    }

    /// @param since for each state on the way, whether a second may have passed or a caller chosen since
    private void go(Kindred one, State state, Map<State, Boolean> since, String done, long earliest, long latest) {
        if (tangles.containsKey(state)) {
            tangled(one, state, since, done, earliest, latest);
            return;
        }
        for (Edge edge : edges(state, one)) {
            Map<State, Boolean> now = new LinkedHashMap<>(since);
            if (widest(state, edge).counts()) {
                now.replaceAll((any, before) -> true);
            }
            leave(one, state, edge, now, done + ">" + state + "#" + edge.key(), earliest, latest);
        }
    }

    private Edge widest(State state, Edge edge) {
        return union.getOrDefault(state, Map.of()).getOrDefault(edge.key(), edge);
    }

    private void leave(
            Kindred one, State from, Edge edge, Map<State, Boolean> since, String now, long earliest, long latest) {
        long quick = earliest + edge.earliest();
        long slow = Span.sum(latest, edge.latest());
        if (edge.next().isEmpty()) {
            put(now, edge.end(), quick, slow);
            return;
        }
        State next = edge.next().get();
        if (returns(from, next)) {
            boolean some = since.getOrDefault(next, false);
            put(now, (some ? "returns " : "endless ") + next.at(), quick, slow);
            return;
        }
        Map<State, Boolean> further = new LinkedHashMap<>(since);
        further.put(next, false);
        go(one, next, further, now, quick, slow);
    }

    /// One step through a tangle to each of its ways out, and round in it.
    private void tangled(Kindred one, State entry, Map<State, Boolean> since, String done, long earliest, long latest) {
        Set<State> tangle = tangles.getOrDefault(entry, Set.of());
        Map<State, Long> quickest = quickest(one, entry, tangle);
        for (State from : quickest.keySet()) {
            long least = quickest.getOrDefault(from, 0L);
            long most = longest(one, entry, from, tangle);
            for (Edge edge : edges(from, one)) {
                if (edge.next()
                        .filter(next -> tangle.contains(next) && !returns(from, next))
                        .isPresent()) {
                    continue;
                }
                boolean within = counting(one, entry, from, tangle);
                Map<State, Boolean> now = new LinkedHashMap<>(since);
                now.replaceAll((any, before) -> before || within);
                // What dominates the way out is passed on every way to it.
                dominators.getOrDefault(from, Set.of()).stream()
                        .filter(tangle::contains)
                        .forEach(state ->
                                now.put(state, !state.equals(from) && countingSince(one, state, from, tangle)));
                if (widest(from, edge).counts()) {
                    now.replaceAll((any, before) -> true);
                }
                String path = done + ">" + entry + "~" + from + "#" + edge.key();
                leave(one, from, edge, now, path, earliest + least, Span.sum(latest, most));
            }
        }
        around(one, entry, tangle, quickest, done, earliest, latest);
    }

    /// Whether a way from a state to another that does not come back to the first can take time or has a
    /// choice on it.
    private boolean countingSince(Kindred one, State from, State to, Set<State> tangle) {
        Set<List<Object>> met = new HashSet<>();
        List<List<Object>> work = new ArrayList<>(List.of(List.of(from, false)));
        while (!work.isEmpty()) {
            List<Object> at = work.removeLast();
            State state = (State) at.getFirst();
            for (Edge edge : inner(one, state, tangle)) {
                State next = edge.next().orElseThrow();
                boolean counts = (Boolean) at.getLast() || widest(state, edge).counts();
                if (!next.equals(from) && met.add(List.of(next, counts))) {
                    work.add(List.of(next, counts));
                }
            }
        }
        return met.contains(List.of(to, true));
    }

    private List<Edge> inner(Kindred one, State state, Set<State> tangle) {
        return edges(state, one).stream()
                .filter(edge -> edge.next()
                        .filter(next -> tangle.contains(next) && !returns(state, next))
                        .isPresent())
                .toList();
    }

    private Map<State, Long> quickest(Kindred one, State entry, Set<State> tangle) {
        Map<State, Long> before = quick.get(List.of(one, entry));
        if (before == null) {
            before = computedQuickest(one, entry, tangle);
            quick.put(List.of(one, entry), before);
        }
        return before;
    }

    private Map<State, Long> computedQuickest(Kindred one, State entry, Set<State> tangle) {
        Map<State, Long> least = new LinkedHashMap<>(Map.of(entry, 0L));
        for (int round = 0; round <= tangle.size(); round++) {
            for (State state : List.copyOf(least.keySet())) {
                for (Edge edge : inner(one, state, tangle)) {
                    least.merge(edge.next().orElseThrow(), least.getOrDefault(state, 0L) + edge.earliest(), Math::min);
                }
            }
        }
        return least;
    }

    /// The longest way, where each round on the way takes no time; else without bound.
    private long longest(Kindred one, State entry, State to, Set<State> tangle) {
        Long before = slow.get(List.of(one, entry, to));
        if (before == null) {
            before = computedLongest(one, entry, to, tangle);
            slow.put(List.of(one, entry, to), before);
        }
        return before;
    }

    private long computedLongest(Kindred one, State entry, State to, Set<State> tangle) {
        Map<State, Long> most = new LinkedHashMap<>(Map.of(entry, 0L));
        for (int round = 0; round <= tangle.size() + 1; round++) {
            for (State state : List.copyOf(most.keySet())) {
                for (Edge edge : inner(one, state, tangle)) {
                    State next = edge.next().orElseThrow();
                    if (!next.equals(to) && !quickest(one, next, tangle).containsKey(to)) {
                        continue;
                    }
                    long before = most.getOrDefault(next, -1L);
                    long now = most.getOrDefault(state, 0L) + edge.latest();
                    if (now > before) {
                        if (round == tangle.size() + 1) {
                            return Span.UNBOUNDED;
                        }
                        most.put(next, now);
                    }
                }
            }
        }
        return most.getOrDefault(to, 0L);
    }

    private boolean counting(Kindred one, State from, State to, Set<State> tangle) {
        Boolean before = counted.get(List.of(one, from, to));
        if (before == null) {
            before = computedCounting(one, from, to, tangle);
            counted.put(List.of(one, from, to), before);
        }
        return before;
    }

    private boolean computedCounting(Kindred one, State from, State to, Set<State> tangle) {
        return quickest(one, from, tangle).keySet().stream()
                .anyMatch(state -> inner(one, state, tangle).stream()
                        .filter(edge -> widest(state, edge).counts())
                        .anyMatch(edge -> edge.next()
                                .filter(next -> next.equals(to)
                                        || quickest(one, next, tangle).containsKey(to))
                                .isPresent()));
    }

    private void around(
            Kindred one,
            State entry,
            Set<State> tangle,
            Map<State, Long> least,
            String done,
            long earliest,
            long latest) {
        Map<String, Predicate<Edge>> allowed = new LinkedHashMap<>();
        allowed.put("endless", edge -> !edge.choice() && edge.earliest() == 0);
        allowed.put("round", edge -> !edge.choice());
        allowed.put("chosen", edge -> true);
        allowed.forEach((kind, over) -> {
            for (State state : least.keySet()) {
                boolean round = inner(one, state, tangle).stream()
                        .filter(over)
                        .filter(edge ->
                                kind.equals("endless") || (kind.equals("round") ? edge.latest() > 0 : edge.choice()))
                        .anyMatch(edge -> leads(one, edge.next().orElseThrow(), state, tangle, over));
                if (round) {
                    put(
                            done + ">" + entry + "~" + kind,
                            (kind.equals("endless") ? "endless " : kind + " ") + entry.at(),
                            earliest + least.getOrDefault(state, 0L),
                            Span.sum(latest, longest(one, entry, state, tangle)));
                }
            }
        });
    }

    private boolean leads(Kindred one, State from, State to, Set<State> tangle, Predicate<Edge> over) {
        Set<State> met = new HashSet<>(Set.of(from));
        List<State> work = new ArrayList<>(List.of(from));
        while (!work.isEmpty()) {
            State state = work.removeLast();
            if (state.equals(to)) {
                return true;
            }
            inner(one, state, tangle).stream()
                    .filter(over)
                    .flatMap(edge -> edge.next().stream())
                    .filter(met::add)
                    .forEach(work::add);
        }
        return false;
    }

    /// A path that some calls come back on by time and others at once comes back.
    private void put(String path, String end, long earliest, long latest) {
        paths.merge(
                path,
                new Found(end, earliest, latest),
                (one, other) -> new Found(
                        one.end().startsWith("endless ") ? other.end() : one.end(),
                        Math.min(one.earliest(), other.earliest()),
                        Math.max(one.latest(), other.latest())));
    }

    private List<Edge> edges(State state, Kindred one) {
        List<Edge> before = known.get(List.of(state, one));
        if (before == null) {
            before = computedEdges(state, one);
            known.put(List.of(state, one), before);
        }
        return before;
    }

    private List<Edge> computedEdges(State state, Kindred one) {
        Map<String, Edge> edges = new LinkedHashMap<>();
        for (Outcome outcome : Transition.outcomes(plan, state)) {
            if (!holds(outcome.when(), one)) {
                continue;
            }
            Optional<State> next = outcome.onward() instanceof Onward.Next(State full)
                    ? Optional.of(graph.reduced(full))
                    : Optional.empty();
            String end = outcome.onward() instanceof Onward.Ends(Ending ending, var _)
                    ? ending.kind() + " " + ending.in() + " " + ending.cause()
                    : "";
            Cause cause = outcome.cause();
            // Digits that are given are one choice, whoever's they are.
            boolean digits = cause instanceof Cause.Digits || cause instanceof Cause.Looked;
            String key = (cause.callersChoice() ? (digits ? "digits" : cause.id()) + " " : "")
                    + next.map(to -> "to " + to).orElse("to " + end);
            Edge edge = new Edge(
                    key,
                    cause.callersChoice(),
                    outcome.window().earliest(),
                    outcome.window().latest(),
                    next,
                    end);
            edges.merge(key, edge, SlowPaths::wider);
        }
        return List.copyOf(edges.values());
    }

    private boolean holds(Condition condition, Kindred one) {
        return switch (condition) {
            case Condition.Always always -> true;
            case Condition.CallerIs is -> is.holds(plan, one.caller());
            case Condition.AllOf(List<Condition> all) -> all.stream().allMatch(each -> holds(each, one));
            case Condition.AnyOf(List<Condition> any) -> any.stream().anyMatch(each -> holds(each, one));
            case Condition.Day(LocalDate last, boolean after) ->
                one.at().toLocalDate().isAfter(last) == after;
            case Condition.HoursIn(Ref ref, String state) ->
                plan.find(ref, Hours.class)
                        .orElseThrow()
                        .at(plan.site())
                        .stateAt(one.at())
                        .equals(state);
            case Condition.SwitchIn(Ref ref, String position) ->
                position.equals(one.positions().get(ref));
        };
    }
}
