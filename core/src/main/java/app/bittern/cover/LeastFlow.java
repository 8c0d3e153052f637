package app.bittern.cover;

import app.bittern.paths.CallPaths;
import app.bittern.paths.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;

/// The fewest calls that take every step, conditions aside, and how often each step is taken by them; among as few
/// those with the fewest key presses.
///
/// A minimum flow with lower bound 1 on each step. What a state is short of or has too much of is balanced over the
/// steps by a flow of least cost, where a call costs more than all keys together. Source: R. Ahuja, T. Magnanti, J.
/// Orlin, "Network Flows", 1993, 6.7 and 9.7 (successive shortest paths with potentials). Cost: imbalance × steps ×
/// log(states).
final class LeastFlow {
    private static final long CALL = 1_000_000;

    private final Steps steps;
    private final Map<Integer, Integer> nodes = new LinkedHashMap<>();
    private final List<List<Arc>> arcs = new ArrayList<>();
    private final int[] times;
    private int calls;

    /// A way that flow can take, with its way back.
    private static final class Arc {
        private final int to;
        private final long cost;
        private int room;
        private int back;

        private Arc(int to, long cost, int room) {
            this.to = to;
            this.cost = cost;
            this.room = room;
        }
    }

    LeastFlow(Steps steps) {
        this.steps = steps;
        this.times = new int[steps.all().size()];
        Arrays.fill(times, 1);
        solve();
    }

    /// How many calls.
    int calls() {
        return calls;
    }

    /// How often a step is taken.
    int times(Steps.Step step) {
        return times[step.id()];
    }

    private int node(int state) {
        return nodes.computeIfAbsent(state, one -> {
            arcs.add(new ArrayList<>());
            return arcs.size() - 1;
        });
    }

    private Arc arc(int from, int to, long cost, int room) {
        Arc there = new Arc(to, cost, room);
        Arc back = new Arc(from, -cost, 0);
        there.back = arcs.get(to).size();
        back.back = arcs.get(from).size();
        arcs.get(from).add(there);
        arcs.get(to).add(back);
        return there;
    }

    private void solve() {
        final int begin = node(-2);
        final int end = node(-1);
        final int more = node(-3);
        final int less = node(-4);
        int size = steps.all().size();
        Map<Integer, Integer> balance = new HashMap<>();
        List<Arc> extra = new ArrayList<>();
        for (Steps.Step step : steps.all()) {
            int to = step.way().target() < 0 ? end : node(step.way().target());
            int from = node(step.from());
            balance.merge(from, -1, Integer::sum);
            balance.merge(to, 1, Integer::sum);
            extra.add(arc(from, to, keys(step), size));
        }
        List<Arc> begun = new ArrayList<>();
        for (CallPaths.Begins begins : steps.number().begins()) {
            begun.add(arc(begin, node(begins.state()), CALL, size));
        }
        arc(begin, end, 0, size * 2);
        int missing = 0;
        int over = 0;
        for (Map.Entry<Integer, Integer> one : balance.entrySet()) {
            if (one.getValue() > 0 && one.getKey() != end) {
                arc(more, one.getKey(), 0, one.getValue());
                over += one.getValue();
            } else if (one.getValue() < 0) {
                arc(one.getKey(), less, 0, -one.getValue());
                missing -= one.getValue();
            }
        }
        arc(more, begin, 0, missing);
        arc(end, less, 0, over);
        send(more, less);
        for (int index = 0; index < extra.size(); index++) {
            times[index] += arcs.get(extra.get(index).to).get(extra.get(index).back).room;
        }
        calls = begun.stream()
                .mapToInt(arc -> arcs.get(arc.to).get(arc.back).room)
                .sum();
    }

    private long keys(Steps.Step step) {
        return step.way().choice()
                ? Path.chosen(steps.number().paths().plan(), step.way().causes().getFirst()).stream()
                        .mapToInt(String::length)
                        .sum()
                : 0;
    }

    /// Sends as much as can be sent, each time by the way of least cost.
    private void send(int from, int to) {
        long[] potential = new long[arcs.size()];
        while (true) {
            long[] cost = new long[arcs.size()];
            Arc[] by = new Arc[arcs.size()];
            Arrays.fill(cost, Long.MAX_VALUE);
            cost[from] = 0;
            PriorityQueue<long[]> work = new PriorityQueue<>((one, other) -> Long.compare(one[0], other[0]));
            work.add(new long[] {0, from});
            while (!work.isEmpty()) {
                long[] least = work.remove();
                int node = (int) least[1];
                if (least[0] > cost[node]) {
                    continue;
                }
                for (Arc arc : arcs.get(node)) {
                    long then = least[0] + arc.cost + potential[node] - potential[arc.to];
                    if (arc.room > 0 && then < cost[arc.to]) {
                        cost[arc.to] = then;
                        by[arc.to] = arc;
                        work.add(new long[] {then, arc.to});
                    }
                }
            }
            if (cost[to] == Long.MAX_VALUE) {
                return;
            }
            for (int node = 0; node < potential.length; node++) {
                potential[node] += cost[node] == Long.MAX_VALUE ? cost[to] : Math.min(cost[node], cost[to]);
            }
            int room = Integer.MAX_VALUE;
            for (int node = to; node != from; node = origin(by[node])) {
                room = Math.min(room, by[node].room);
            }
            for (int node = to; node != from; node = origin(by[node])) {
                by[node].room -= room;
                arcs.get(node).get(by[node].back).room += room;
            }
        }
    }

    private int origin(Arc arc) {
        return arcs.get(arc.to).get(arc.back).to;
    }
}
