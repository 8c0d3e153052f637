package app.bittern.callset;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/// All sets of calls over some levels, each made once.
///
/// What has been computed is remembered, which nobody can see; several threads may use one space at a time.
final class CallSpace {
    private static final int AND = 0;
    private static final int OR = 1;
    private static final int MINUS = 2;

    private final int[] sizes;
    private final BitSet[] whole;
    private final CallSet none;
    private final CallSet all;
    private final Map<Key, CallSet> nodes = new HashMap<>();
    private final Map<Long, CallSet> combined = new HashMap<>();
    private final Map<Forgotten, CallSet> forgotten = new HashMap<>();
    private int made;

    private record Key(int level, List<BitSet> parts, List<CallSet> children) {}

    private record Forgotten(CallSet set, BitSet kept) {}

    /// @param sizes how many classes each level has: callers, each switch, and times last
    CallSpace(int[] sizes) {
        this.sizes = sizes.clone();
        this.none = new CallSet(this, made++, CallSet.LEAF, new BitSet[0], new CallSet[0]);
        this.all = new CallSet(this, made++, CallSet.LEAF, new BitSet[0], new CallSet[0]);
        this.whole = new BitSet[sizes.length];
        for (int level = 0; level < sizes.length; level++) {
            whole[level] = new BitSet();
            whole[level].set(0, sizes[level]);
        }
    }

    CallSet none() {
        return none;
    }

    CallSet all() {
        return all;
    }

    int levels() {
        return sizes.length;
    }

    int size(int level) {
        return sizes[level];
    }

    /// The calls in which a level is one of some.
    synchronized CallSet of(int level, BitSet some) {
        return node(level, List.of((BitSet) some.clone()), List.of(all));
    }

    CallSet and(CallSet one, CallSet other) {
        return combine(AND, one, other);
    }

    CallSet or(CallSet one, CallSet other) {
        return combine(OR, one, other);
    }

    CallSet minus(CallSet one, CallSet other) {
        return combine(MINUS, one, other);
    }

    private synchronized CallSet combine(int operation, CallSet one, CallSet other) {
        if (one.space != this || other.space != this) {
            throw new IllegalArgumentException("two sets of calls of different classes");
        }
        return combined(operation, one, other);
    }

    private CallSet combined(int operation, CallSet one, CallSet other) {
        CallSet plain = plain(operation, one, other);
        if (plain != null) {
            return plain;
        }
        boolean turned = operation != MINUS && one.id > other.id;
        long key = ((long) operation << 60) | ((long) (turned ? other : one).id << 30) | (turned ? one : other).id;
        CallSet known = combined.get(key);
        if (known != null) {
            return known;
        }
        int level = Math.min(one.level, other.level);
        List<BitSet> parts = new ArrayList<>();
        List<CallSet> children = new ArrayList<>();
        // Every value of the level falls in a part of the first set, or in none, and likewise of the other.
        for (int first = 0; first <= count(one, level); first++) {
            BitSet left = part(one, level, first);
            for (int second = 0; second <= count(other, level); second++) {
                BitSet both = part(other, level, second);
                both.and(left);
                if (!both.isEmpty()) {
                    add(
                            parts,
                            children,
                            both,
                            combined(operation, child(one, level, first), child(other, level, second)));
                }
            }
        }
        CallSet result = node(level, parts, children);
        combined.put(key, result);
        return result;
    }

    private @org.jspecify.annotations.Nullable CallSet plain(int operation, CallSet one, CallSet other) {
        return switch (operation) {
            case AND ->
                one == none || other == none ? none : one == all || one == other ? other : other == all ? one : null;
            case OR ->
                one == all || other == all ? all : one == none || one == other ? other : other == none ? one : null;
            default -> one == none || other == all || one == other ? none : other == none ? one : null;
        };
    }

    /// How many parts a set has at a level; the last one more is what is in none of them.
    private static int count(CallSet set, int level) {
        return set.level > level ? 1 : set.parts.length;
    }

    private BitSet part(CallSet set, int level, int index) {
        if (set.level > level) {
            return index == 0 ? (BitSet) whole[level].clone() : new BitSet();
        }
        if (index < set.parts.length) {
            return (BitSet) set.parts[index].clone();
        }
        BitSet rest = (BitSet) whole[level].clone();
        for (BitSet part : set.parts) {
            rest.andNot(part);
        }
        return rest;
    }

    private CallSet child(CallSet set, int level, int index) {
        return set.level > level ? set : index < set.parts.length ? set.children[index] : none;
    }

    /// Adds a part, to that of the same child where there is one.
    private void add(List<BitSet> parts, List<CallSet> children, BitSet part, CallSet child) {
        if (child == none) {
            return;
        }
        int same = children.indexOf(child);
        if (same < 0) {
            parts.add(part);
            children.add(child);
        } else {
            parts.get(same).or(part);
        }
    }

    private CallSet node(int level, List<BitSet> parts, List<CallSet> children) {
        if (children.isEmpty() || parts.stream().allMatch(BitSet::isEmpty)) {
            return none;
        }
        if (children.size() == 1 && parts.getFirst().equals(whole[level])) {
            return children.getFirst();
        }
        Integer[] order = new Integer[parts.size()];
        Arrays.setAll(order, index -> index);
        Arrays.sort(
                order,
                (one, other) -> Integer.compare(
                        parts.get(one).nextSetBit(0), parts.get(other).nextSetBit(0)));
        List<BitSet> sorted = Arrays.stream(order).map(parts::get).toList();
        List<CallSet> below = Arrays.stream(order).map(children::get).toList();
        return nodes.computeIfAbsent(
                new Key(level, sorted, below),
                key -> new CallSet(this, made++, level, sorted.toArray(BitSet[]::new), below.toArray(CallSet[]::new)));
    }

    /// The set with some levels forgotten: whatever they are, so long as the set has one such call.
    ///
    /// @param kept the levels that are not forgotten
    synchronized CallSet only(CallSet set, BitSet kept) {
        if (set.level == CallSet.LEAF) {
            return set;
        }
        Forgotten key = new Forgotten(set, kept);
        CallSet known = forgotten.get(key);
        if (known != null) {
            return known;
        }
        List<BitSet> parts = new ArrayList<>();
        List<CallSet> children = new ArrayList<>();
        CallSet any = none;
        for (int index = 0; index < set.parts.length; index++) {
            CallSet child = only(set.children[index], kept);
            add(parts, children, (BitSet) set.parts[index].clone(), child);
            any = combined(OR, any, child);
        }
        CallSet result = kept.get(set.level) ? node(set.level, parts, children) : any;
        forgotten.put(new Forgotten(set, (BitSet) kept.clone()), result);
        return result;
    }

    /// What a level may be for calls of a set.
    synchronized BitSet at(CallSet set, int level) {
        BitSet found = new BitSet();
        List<CallSet> ahead = new ArrayList<>(List.of(set));
        Map<CallSet, Boolean> met = new HashMap<>();
        while (!ahead.isEmpty()) {
            CallSet one = ahead.removeLast();
            if (one == none || met.put(one, true) != null) {
                continue;
            }
            if (one.level > level) {
                return (BitSet) whole[level].clone();
            }
            for (int index = 0; index < one.parts.length; index++) {
                if (one.level == level) {
                    found.or(one.parts[index]);
                } else {
                    ahead.add(Objects.requireNonNull(one.children[index]));
                }
            }
        }
        return found;
    }
}
