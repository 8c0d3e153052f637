package app.bittern.callset;

import java.util.BitSet;

/// A set of classes of calls: combinations of a caller, a position of each switch, and a time class.
///
/// A value: equal sets are one object of their space, so comparing costs nothing. Kept as a multi-valued decision
/// diagram in which every node stands once and a level that makes no difference is left out. Source: R. E. Bryant,
/// "Graph-Based Algorithms for Boolean Function Manipulation", IEEE Transactions on Computers C-35(8), 1986. Cost of
/// an operation: the product of the nodes of both at most, remembered.
public final class CallSet {
    /// The level of the two sets that look at nothing: none and all.
    static final int LEAF = Integer.MAX_VALUE;

    final CallSpace space;
    final int id;
    final int level;
    /// What the level may be, for each child; the parts share no value, and what is in none of them is in no call.
    final BitSet[] parts;
    final CallSet[] children;

    CallSet(CallSpace space, int id, int level, BitSet[] parts, CallSet[] children) {
        this.space = space;
        this.id = id;
        this.level = level;
        this.parts = parts;
        this.children = children;
    }

    /// Whether no call is in it.
    public boolean isEmpty() {
        return this == space.none();
    }

    /// Whether every call is in it.
    public boolean isAll() {
        return this == space.all();
    }

    public CallSet and(CallSet other) {
        return this == other || other.isAll() ? this : isAll() ? other : space.and(this, other);
    }

    public CallSet or(CallSet other) {
        return this == other || other.isEmpty() ? this : isEmpty() ? other : space.or(this, other);
    }

    public CallSet minus(CallSet other) {
        return other.isEmpty() ? this : this == other ? space.none() : space.minus(this, other);
    }

    /// Whether some call is in both.
    public boolean meets(CallSet other) {
        return !and(other).isEmpty();
    }

    /// Whether every call of another is in it.
    public boolean holds(CallSet other) {
        return this == other || isAll() || other.minus(this).isEmpty();
    }

    /// What a level may be for calls of the set.
    BitSet at(int asked) {
        return space.at(this, asked);
    }

    /// The child for a value of a level that is the set's own or above it.
    CallSet child(int asked, int value) {
        if (level > asked) {
            return this;
        }
        for (int index = 0; index < parts.length; index++) {
            if (parts[index].get(value)) {
                return children[index];
            }
        }
        return space.none();
    }
}
