package app.bittern.graph;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntFunction;

/// The strongly connected parts of a graph whose nodes are numbers from 0.
///
/// Without recursion. Source: R. Tarjan, "Depth-first search and linear graph algorithms", SIAM J. Comput. 1(2), 1972.
/// Cost: nodes and edges. A part has a smaller number than the parts from which it is reached.
public final class Components {
    private final int[] of;
    private final List<int[]> parts = new ArrayList<>();

    private final IntFunction<int[]> targets;
    private final int[] order;
    private final int[] low;
    private final int[] next;
    private final boolean[] open;
    private final int[] stack;
    private int top;
    private int met;

    /// @param size    how many nodes there are
    /// @param targets the nodes that the edges of a node lead to
    public Components(int size, IntFunction<int[]> targets) {
        this.targets = targets;
        this.of = new int[size];
        this.order = new int[size];
        this.low = new int[size];
        this.next = new int[size];
        this.open = new boolean[size];
        this.stack = new int[size];
        Arrays.fill(order, -1);
        int[] work = new int[size];
        int[][] known = new int[size][];
        for (int start = 0; start < size; start++) {
            if (order[start] < 0) {
                from(start, work, known);
            }
        }
    }

    private void from(int start, int[] work, int[][] known) {
        int depth = 0;
        work[depth++] = start;
        while (depth > 0) {
            int node = work[depth - 1];
            if (order[node] < 0) {
                order[node] = met;
                low[node] = met++;
                open[node] = true;
                stack[top++] = node;
                known[node] = targets.apply(node);
            }
            int deeper = deeper(node, known[node]);
            if (deeper >= 0) {
                work[depth++] = deeper;
                continue;
            }
            depth--;
            known[node] = new int[0];
            if (low[node] == order[node]) {
                close(node);
            }
            if (depth > 0) {
                low[work[depth - 1]] = Math.min(low[work[depth - 1]], low[node]);
            }
        }
    }

    /// The next node that has not been looked at, or -1.
    private int deeper(int node, int[] to) {
        while (next[node] < to.length) {
            int target = to[next[node]++];
            if (order[target] < 0) {
                return target;
            }
            if (open[target]) {
                low[node] = Math.min(low[node], order[target]);
            }
        }
        return -1;
    }

    private void close(int node) {
        int size = 1;
        while (stack[top - size] != node) {
            size++;
        }
        int[] part = Arrays.copyOfRange(stack, top - size, top);
        top -= size;
        for (int member : part) {
            open[member] = false;
            of[member] = parts.size();
        }
        Arrays.sort(part);
        parts.add(part);
    }

    public int count() {
        return parts.size();
    }

    /// The part of a node.
    public int of(int node) {
        return of[node];
    }

    /// The nodes of a part, in order.
    public int[] members(int part) {
        return parts.get(part);
    }
}
