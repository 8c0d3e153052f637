package app.bittern.graph;

import app.bittern.callset.CallSet;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/// The strongly connected parts of a state graph, and how calls to a number enter those in which they can go
/// round.
public final class Parts {
    private final StateGraph graph;
    private final Components components;
    private final boolean[] leads;
    private final Map<List<Object>, EnteredPart> known = new HashMap<>();

    /// Some calls in a state.
    public record Start(int state, CallSet calls) {}

    /// How calls to a number use a part in which they can go round.
    ///
    /// @param entries the states that are entered from outside
    /// @param states  all that calls come to
    /// @param taken   the ways that some call takes: state × 2^32 + the place of the way among those of the
    ///                state
    public record Entered(Set<Integer> entries, Set<Integer> states, Set<Long> taken) {}

    public Parts(StateGraph graph) {
        this.graph = graph;
        this.components = new Components(
                graph.size(),
                state -> graph.ways(state).stream()
                        .mapToInt(Way::target)
                        .filter(target -> target >= 0)
                        .toArray());
        this.leads = new boolean[components.count()];
        for (int part = 0; part < leads.length; part++) {
            leads[part] = components.members(part).length > 1 || anyLeads(part);
        }
    }

    private boolean anyLeads(int part) {
        return Arrays.stream(components.members(part))
                .anyMatch(state -> graph.ways(state).stream()
                        .anyMatch(way -> way.target() >= 0 && leads[components.of(way.target())]));
    }

    private boolean rounds(int part) {
        return components.members(part).length > 1;
    }

    /// The part of a state.
    public int of(int state) {
        return components.of(state);
    }

    /// How calls that begin in some states use the parts in which they can go round; what leads to none is
    /// not looked at. Cost: the ways that lead there, times the sets of calls that part on the way.
    public Map<Integer, Entered> entered(List<Start> starts) {
        Map<Integer, Entered> entered = new LinkedHashMap<>();
        Map<Integer, CallSet> come = new HashMap<>();
        Deque<Integer> work = new ArrayDeque<>();
        for (Start start : starts) {
            come(-1, start.state(), start.calls(), come, work, entered);
        }
        while (!work.isEmpty()) {
            int state = work.remove();
            CallSet here = come.getOrDefault(state, graph.classes().none());
            int part = components.of(state);
            List<Way> ways = graph.ways(state);
            for (int at = 0; at < ways.size(); at++) {
                Way way = ways.get(at);
                CallSet on = here.and(way.calls());
                if (way.target() < 0 || !leads[components.of(way.target())] || on.isEmpty()) {
                    continue;
                }
                if (components.of(way.target()) == part && rounds(part)) {
                    of(entered, part).taken().add(((long) state << 32) | at);
                }
                come(part, way.target(), on, come, work, entered);
            }
        }
        return entered;
    }

    private static Entered of(Map<Integer, Entered> entered, int part) {
        return entered.computeIfAbsent(part, one -> new Entered(new TreeSet<>(), new TreeSet<>(), new TreeSet<>()));
    }

    private void come(
            int from,
            int state,
            CallSet calls,
            Map<Integer, CallSet> come,
            Deque<Integer> work,
            Map<Integer, Entered> entered) {
        int part = components.of(state);
        if (!leads[part]) {
            return;
        }
        if (rounds(part)) {
            of(entered, part).states().add(state);
            if (from != part) {
                of(entered, part).entries().add(state);
            }
        }
        CallSet before = come.getOrDefault(state, graph.classes().none());
        CallSet after = before.or(calls);
        if (after != before) {
            come.put(state, after);
            work.add(state);
        }
    }

    /// A part as it is entered and used.
    public synchronized EnteredPart rounds(int part, Entered entered) {
        return known.computeIfAbsent(List.of(part, entered), key -> new EnteredPart(graph, entered));
    }
}
