package app.bittern.paths;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/// A part of the state graph in which calls can go round, entered at one state.
///
/// A path ends where it comes back to a state that it has passed. Which states those are depends on the way, but only
/// through the states at which rounds were entered: in a strongly connected part that is entered at *e*, every edge to
/// e comes back; without e the rest falls into smaller strongly connected parts, which no path comes back to once it
/// has left them, and each is entered in turn at one state. So the parts, nested, with their entries tell exactly which
/// edges come back. Where every round has one entry (a reducible graph) that entry dominates its part, and each part is
/// met once; else once for each entry. Source: F. Bourdoncle, "Efficient chaotic iteration strategies with widenings",
/// FMPA 1993 (hierarchical decomposition); R. Tarjan, "Depth-first search and linear graph algorithms", SIAM J. Comput.
/// 1(2), 1972.
final class Region {
    private final StateGraph graph;
    private final Region parent;
    private final int entry;
    private final int depth;
    private final int id;
    private final Map<Integer, Integer> parts = new HashMap<>();
    private final List<List<Integer>> rounds = new ArrayList<>();
    private final Map<Long, Region> inner = new HashMap<>();
    private final Ids ids;

    /// Numbers regions, and remembers for all of them what lies within a round.
    private static final class Ids {
        private final Map<Integer, int[]> within = new HashMap<>();
        private int next;
    }

    /// The whole graph.
    Region(StateGraph graph) {
        this.graph = graph;
        this.parent = this;
        this.entry = -1;
        this.depth = 0;
        this.ids = new Ids();
        this.id = ids.next++;
        List<Integer> all = new ArrayList<>();
        for (int state = 0; state < graph.size(); state++) {
            all.add(state);
        }
        divide(all);
    }

    private Region(Region parent, List<Integer> members, int entry) {
        this.graph = parent.graph;
        this.parent = parent;
        this.entry = entry;
        this.depth = parent.depth + 1;
        this.ids = parent.ids;
        this.id = ids.next++;
        divide(members.stream().filter(state -> state != entry).toList());
    }

    int id() {
        return id;
    }

    /// How many regions it is in, itself included; 0 for the whole graph.
    int depth() {
        return depth;
    }

    int entry() {
        return entry;
    }

    Region parent() {
        return parent;
    }

    /// The region out of this and those around it that is entered at a state: an edge to it comes back there.
    ///
    /// @return its depth, or 0 where none is
    int comesBack(int state) {
        for (Region region = this; region.depth > 0; region = region.parent) {
            if (region.entry == state) {
                return region.depth;
            }
        }
        return 0;
    }

    /// The innermost of this and those around it that holds a state.
    Region holding(int state) {
        Region region = this;
        while (region.depth > 0 && !region.parts.containsKey(state)) {
            region = region.parent;
        }
        return region;
    }

    /// The region in which a state of this one is entered: this one, or one entered there.
    Region entering(int state) {
        int part = Objects.requireNonNull(parts.get(state));
        if (rounds.get(part).isEmpty()) {
            return this;
        }
        return inner.computeIfAbsent(((long) part << 32) | state, key -> new Region(this, rounds.get(part), state));
    }

    /// Where Tarjan's algorithm stands with a state.
    private static final class Mark {
        private int order = -1;
        private int low;
        private boolean open;
        private int at;
    }

    /// Divides states into strongly connected parts (Tarjan's algorithm, without recursion).
    private void divide(List<Integer> members) {
        Map<Integer, Mark> marks = new HashMap<>(members.size() * 2);
        members.forEach(state -> marks.put(state, new Mark()));
        List<Integer> stack = new ArrayList<>();
        List<Integer> work = new ArrayList<>();
        int next = 0;
        for (int start : members) {
            if (Objects.requireNonNull(marks.get(start)).order >= 0) {
                continue;
            }
            work.add(start);
            while (!work.isEmpty()) {
                int state = work.getLast();
                Mark mark = Objects.requireNonNull(marks.get(state));
                if (mark.order < 0) {
                    mark.order = next;
                    mark.low = next++;
                    mark.open = true;
                    stack.add(state);
                }
                int deeper = deeper(state, mark, marks);
                if (deeper >= 0) {
                    work.add(deeper);
                    continue;
                }
                work.removeLast();
                if (mark.low == mark.order) {
                    close(state, stack, marks);
                }
                if (!work.isEmpty()) {
                    Mark above = Objects.requireNonNull(marks.get(work.getLast()));
                    above.low = Math.min(above.low, mark.low);
                }
            }
        }
    }

    /// The next state that has not been looked at, or -1.
    private int deeper(int state, Mark mark, Map<Integer, Mark> marks) {
        int[] targets = targets(state);
        while (mark.at < targets.length) {
            int target = targets[mark.at++];
            Mark seen = marks.get(target);
            if (seen != null && seen.order < 0) {
                return target;
            }
            if (seen != null && seen.open) {
                mark.low = Math.min(mark.low, seen.order);
            }
        }
        return -1;
    }

    /// The states that edges lead to; within a round only those of the same outermost round, as no other matters.
    private int[] targets(int state) {
        return depth == 0 ? graph.targets(state) : ids.within.computeIfAbsent(state, this::targetsWithin);
    }

    private int[] targetsWithin(int state) {
        Region whole = this;
        while (whole.depth > 0) {
            whole = whole.parent;
        }
        Map<Integer, Integer> of = whole.parts;
        int part = Objects.requireNonNull(of.get(state));
        return Arrays.stream(graph.targets(state))
                .filter(target -> of.getOrDefault(target, -1) == part)
                .toArray();
    }

    private void close(int state, List<Integer> stack, Map<Integer, Mark> marks) {
        List<Integer> part = new ArrayList<>();
        int member;
        do {
            member = stack.removeLast();
            Objects.requireNonNull(marks.get(member)).open = false;
            part.add(member);
            parts.put(member, rounds.size());
        } while (member != state);
        boolean round = part.size() > 1 || Arrays.stream(targets(state)).anyMatch(target -> target == state);
        rounds.add(round ? List.copyOf(part) : List.of());
    }
}
