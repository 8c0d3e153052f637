package app.bittern.graph;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// A strongly connected part of the state graph of two or more states, as calls to one number enter and
/// use it.
///
/// Which of its ways come back depends on where it is entered: a way to a state that dominates the one it
/// leaves is a return, since every way to here has passed that state. What still goes round when these are
/// taken away are the [Tangle]s. Dominance is that from all entries together, conditions aside. Source: K.
/// Cooper, T. Harvey, K. Kennedy, "A Simple, Fast Dominance Algorithm", Rice University TR-06-33870, 2006.
/// Cost: the ways of the part, a few times.
public final class EnteredPart {
    private final int[] members;
    private final List<List<Way>> ways;
    private final Map<Integer, Integer> local = new HashMap<>();
    private final int[] dominator;
    private final int[] depth;
    private final int[] opens;
    private final int[] closes;
    private final List<Optional<Tangle>> tangles = new ArrayList<>();

    EnteredPart(StateGraph graph, Parts.Entered entered) {
        this.members = entered.states().stream().mapToInt(Integer::intValue).toArray();
        this.ways = new ArrayList<>();
        for (int state : members) {
            List<Way> taken = new ArrayList<>();
            List<Way> all = graph.ways(state);
            for (int at = 0; at < all.size(); at++) {
                boolean within = entered.states().contains(all.get(at).target());
                if (!within || entered.taken().contains(((long) state << 32) | at)) {
                    taken.add(all.get(at));
                }
            }
            ways.add(taken);
        }
        for (int index = 0; index < members.length; index++) {
            local.put(members[index], index);
        }
        int size = members.length;
        int[][] targets = new int[size][];
        for (int index = 0; index < size; index++) {
            targets[index] = targets(index);
        }
        this.dominator = dominators(
                targets, entered.entries().stream().mapToInt(local::get).toArray());
        this.depth = new int[size];
        this.opens = new int[size];
        this.closes = new int[size];
        number();
        Components parts = new Components(
                size,
                node -> Arrays.stream(targets[node])
                        .filter(target -> !dominates(target, node))
                        .toArray());
        List<Optional<Tangle>> byPart = new ArrayList<>();
        for (int part = 0; part < parts.count(); part++) {
            int[] tangled = parts.members(part);
            byPart.add(
                    tangled.length < 2
                            ? Optional.empty()
                            : Optional.of(new Tangle(
                                    graph,
                                    Arrays.stream(tangled)
                                            .map(node -> members[node])
                                            .toArray(),
                                    state -> ways.get(index(state)),
                                    this::comesBack)));
        }
        for (int node = 0; node < size; node++) {
            tangles.add(byPart.get(parts.of(node)));
        }
    }

    private int[] targets(int node) {
        return ways.get(node).stream()
                .mapToInt(Way::target)
                .filter(local::containsKey)
                .map(local::get)
                .distinct()
                .toArray();
    }

    /// The immediate dominator of each node; -1 for those that nothing within dominates.
    private static int[] dominators(int[][] targets, int[] entries) {
        int size = targets.length;
        int[] position = new int[size];
        Arrays.fill(position, -1);
        int[] backwards = backwards(targets, entries, position);
        List<List<Integer>> before = new ArrayList<>();
        for (int node = 0; node < size; node++) {
            before.add(new ArrayList<>());
        }
        for (int node = 0; node < size; node++) {
            for (int target : targets[node]) {
                before.get(target).add(node);
            }
        }
        // The root stands before all entries, behind every position.
        int root = size;
        int[] found = new int[size];
        Arrays.fill(found, -1);
        boolean[] entered = new boolean[size];
        for (int entry : entries) {
            entered[entry] = true;
        }
        boolean changed = true;
        while (changed) {
            changed = false;
            for (int at = size - 1; at >= 0; at--) {
                int node = backwards[at];
                int best = entered[node] ? root : -1;
                for (int from : before.get(node)) {
                    if (found[from] >= 0) {
                        best = best < 0 ? from : meet(best, from, found, position, root);
                    }
                }
                if (best != found[node]) {
                    found[node] = best;
                    changed = true;
                }
            }
        }
        return Arrays.stream(found).map(one -> one == root ? -1 : one).toArray();
    }

    private static int meet(int one, int other, int[] found, int[] position, int root) {
        int first = one;
        int second = other;
        while (first != second) {
            while (first != root && (second == root || position[first] < position[second])) {
                first = found[first];
            }
            while (second != root && (first == root || position[second] < position[first])) {
                second = found[second];
            }
        }
        return first;
    }

    /// The nodes in the order in which a walk in depth from the entries leaves them.
    private static int[] backwards(int[][] targets, int[] entries, int[] position) {
        int size = targets.length;
        int[] order = new int[size];
        int[] next = new int[size];
        boolean[] met = new boolean[size];
        int[] work = new int[size];
        int left = 0;
        for (int entry : entries) {
            if (met[entry]) {
                continue;
            }
            int deep = 0;
            work[deep++] = entry;
            met[entry] = true;
            while (deep > 0) {
                int node = work[deep - 1];
                if (next[node] < targets[node].length) {
                    int target = targets[node][next[node]++];
                    if (!met[target]) {
                        met[target] = true;
                        work[deep++] = target;
                    }
                } else {
                    position[node] = left;
                    order[left++] = node;
                    deep--;
                }
            }
        }
        return order;
    }

    /// Numbers the tree of dominators, so that dominance is asked at once.
    private void number() {
        int size = dominator.length;
        List<List<Integer>> below = new ArrayList<>();
        for (int node = 0; node <= size; node++) {
            below.add(new ArrayList<>());
        }
        for (int node = 0; node < size; node++) {
            below.get(dominator[node] < 0 ? size : dominator[node]).add(node);
        }
        int clock = 0;
        List<Integer> work = new ArrayList<>(below.get(size));
        boolean[] opened = new boolean[size];
        while (!work.isEmpty()) {
            int node = work.getLast();
            if (opened[node]) {
                work.removeLast();
                closes[node] = clock++;
                continue;
            }
            opened[node] = true;
            opens[node] = clock++;
            depth[node] = dominator[node] < 0 ? 0 : depth[dominator[node]] + 1;
            work.addAll(below.get(node));
        }
    }

    private boolean dominates(int one, int other) {
        return opens[one] <= opens[other] && closes[other] <= closes[one];
    }

    /// Whether a state is in this part.
    public boolean holds(int state) {
        return local.containsKey(state);
    }

    /// Whether a way from a state comes back: to one that dominates it, or to itself.
    public boolean comesBack(int state, int target) {
        Integer from = local.get(state);
        Integer to = local.get(target);
        return from != null && to != null && dominates(to, from);
    }

    /// How many other states of the part dominate a state.
    public int depth(int state) {
        return depth[index(state)];
    }

    /// The states of the part that dominate a state, itself left out, the outermost first.
    public int[] dominators(int state) {
        int node = index(state);
        int[] all = new int[depth[node]];
        for (int at = all.length - 1; at >= 0; at--) {
            node = dominator[node];
            all[at] = members[node];
        }
        return all;
    }

    private int index(int state) {
        Integer index = local.get(state);
        if (index == null) {
            throw new IllegalArgumentException("state " + state + " is in another part");
        }
        return index;
    }

    /// The tangle that a state is in.
    public Optional<Tangle> tangle(int state) {
        return tangles.get(index(state));
    }
}
