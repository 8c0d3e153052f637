package app.bittern.paths;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// Sets of classes of calls: combinations of a caller, a position of each switch, and a time class.
///
/// A set is a number; equal sets have the same number, so that sets can be compared and remembered at once. Kept as a
/// multi-valued decision diagram over the callers, the switches and the time classes, in this order, in which
/// every node stands once and every level is present; the last level is a set of time classes. Source: R. E. Bryant,
/// "Graph-Based Algorithms for Boolean Function Manipulation", IEEE Transactions on Computers C-35(8), 1986; S.
/// Minato, "Zero-suppressed BDDs and their applications", 2001, for sets. Cost of an operation: the product of the
/// nodes of both at most, remembered.
final class ClassSets {
    /// The empty set.
    static final int NONE = 0;

    private final int[] sizes;
    private final int times;
    private final List<int[]> nodes = new ArrayList<>();
    private final List<BitSet> leaves = new ArrayList<>();
    private final Map<List<Integer>, Integer> byNode = new HashMap<>();
    private final Map<BitSet, Integer> byLeaf = new HashMap<>();
    private final Map<Long, Integer> remembered = new HashMap<>();
    private final int[] full;

    /// @param sizes how many classes each level has: callers, each switch, and times last
    ClassSets(int[] sizes) {
        this.sizes = sizes.clone();
        this.times = sizes.length - 1;
        nodes.add(new int[0]);
        leaves.add(new BitSet());
        full = new int[sizes.length];
        BitSet all = new BitSet();
        all.set(0, sizes[times]);
        full[times] = leaf(all);
        for (int level = times - 1; level >= 0; level--) {
            int[] children = new int[sizes[level]];
            Arrays.fill(children, full[level + 1]);
            full[level] = node(level, children);
        }
    }

    private int leaf(BitSet set) {
        if (set.isEmpty()) {
            return NONE;
        }
        return byLeaf.computeIfAbsent(set, kept -> add(new int[0], kept));
    }

    private int node(int level, int[] children) {
        boolean empty = true;
        List<Integer> key = new ArrayList<>(children.length + 1);
        key.add(level);
        for (int child : children) {
            empty &= child == NONE;
            key.add(child);
        }
        return empty ? NONE : byNode.computeIfAbsent(key, kept -> add(children, new BitSet()));
    }

    private int add(int[] children, BitSet set) {
        nodes.add(children);
        leaves.add(set);
        return nodes.size() - 1;
    }

    /// Every class.
    int all() {
        return full[0];
    }

    /// The classes in which one level is one of some.
    int of(int level, BitSet some) {
        int below = level == times ? leaf((BitSet) some.clone()) : node(level, children(level, some));
        for (int up = level - 1; up >= 0; up--) {
            int[] children = new int[sizes[up]];
            Arrays.fill(children, below);
            below = node(up, children);
        }
        return below;
    }

    private int[] children(int level, BitSet some) {
        int[] children = new int[sizes[level]];
        some.stream().forEach(index -> children[index] = full[level + 1]);
        return children;
    }

    int and(int one, int other) {
        return one == all() ? other : other == all() ? one : combined(0, 0, one, other);
    }

    int or(int one, int other) {
        return one == NONE || one == other ? other : other == NONE ? one : combined(1, 0, one, other);
    }

    int minus(int one, int other) {
        return other == NONE ? one : one == other ? NONE : combined(2, 0, one, other);
    }

    private int combined(int operation, int level, int one, int other) {
        if (operation == 0 && (one == NONE || other == NONE)) {
            return NONE;
        }
        if (operation == 2 && (one == NONE || other == NONE)) {
            return one;
        }
        if (operation == 1 && (one == NONE || other == NONE)) {
            return one == NONE ? other : one;
        }
        if (one == other) {
            return operation == 2 ? NONE : one;
        }
        long key = ((long) operation << 60) | ((long) one << 30) | other;
        Integer known = remembered.get(key);
        if (known != null) {
            return known;
        }
        int result;
        if (level == times) {
            BitSet set = (BitSet) leaves.get(one).clone();
            switch (operation) {
                case 0 -> set.and(leaves.get(other));
                case 1 -> set.or(leaves.get(other));
                default -> set.andNot(leaves.get(other));
            }
            result = leaf(set);
        } else {
            int[] children = new int[sizes[level]];
            for (int index = 0; index < children.length; index++) {
                children[index] = combined(operation, level + 1, nodes.get(one)[index], nodes.get(other)[index]);
            }
            result = node(level, children);
        }
        remembered.put(key, result);
        return result;
    }

    /// The set with some levels forgotten: whatever they are, so long as the set has one such class.
    ///
    /// @param kept the levels that are not forgotten
    int only(int set, BitSet kept) {
        if (set == NONE || set == all() || kept.cardinality() == sizes.length) {
            return set;
        }
        return kept.isEmpty() ? all() : forgetting(0, set, kept, new HashMap<>());
    }

    private int forgetting(int level, int set, BitSet kept, Map<Integer, Integer> known) {
        if (set == NONE) {
            return NONE;
        }
        Integer before = known.get(set);
        if (before != null) {
            return before;
        }
        int result;
        if (level == times) {
            result = kept.get(level) ? set : full[level];
        } else {
            int[] children = new int[sizes[level]];
            int any = NONE;
            for (int index = 0; index < children.length; index++) {
                children[index] = forgetting(level + 1, nodes.get(set)[index], kept, known);
                any = combined(1, level + 1, any, children[index]);
            }
            if (!kept.get(level)) {
                Arrays.fill(children, any);
            }
            result = node(level, children);
        }
        known.put(set, result);
        return result;
    }

    /// What a level may be in a set.
    BitSet at(int level, int set) {
        BitSet found = new BitSet();
        int[] ahead = {set};
        for (int up = 0; up < level; up++) {
            ahead = Arrays.stream(ahead)
                    .flatMap(node -> Arrays.stream(nodes.get(node)))
                    .filter(child -> child != NONE)
                    .distinct()
                    .toArray();
        }
        for (int node : ahead) {
            if (node == NONE) {
                continue;
            }
            if (level == times) {
                found.or(leaves.get(node));
            } else {
                for (int index = 0; index < sizes[level]; index++) {
                    if (nodes.get(node)[index] != NONE) {
                        found.set(index);
                    }
                }
            }
        }
        return found;
    }

    int levels() {
        return sizes.length;
    }

    int size(int level) {
        return sizes[level];
    }
}
