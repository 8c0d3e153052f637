package app.bittern.paths;

import app.bittern.plan.Plan;
import java.math.BigInteger;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/// All paths of a plan as one graph without rounds, in which every way from a start to an end is a path that some call
/// can take, and every such path is one way.
///
/// A node is a state, the region it was come to in (which tells what comes back, see [Region]), the calls that can
/// still be on the way as far as it matters from here, and how many of the regions around it a second has passed or a
/// caller has chosen in. Nodes are shared by all numbers, so counting costs the graph, not the paths. Limit: where
/// rounds with several entries are nested in one another, each order of entries is a region of its own.
final class PathGraph {
    /// The most nodes that are made; a plan that needs more is refused with [TooManyPaths].
    static final int MOST_NODES = 20_000_000;

    /// A node of the graph, in the order of completion: every arc leads to a node of a smaller place.
    static final class Node {
        private final int state;
        private final Region region;
        private final int calls;
        private final int seen;
        private int place = -1;
        private List<Arc> arcs = List.of();
        private BigInteger paths = BigInteger.ZERO;
        private BigInteger returns = BigInteger.ZERO;

        private Node(int state, Region region, int calls, int seen) {
            this.state = state;
            this.region = region;
            this.calls = calls;
            this.seen = seen;
        }

        int state() {
            return state;
        }

        int place() {
            return place;
        }

        List<Arc> arcs() {
            return arcs;
        }

        /// How many paths go on from here.
        BigInteger paths() {
            return paths;
        }

        /// How many of them end by coming back.
        BigInteger returns() {
            return returns;
        }
    }

    /// How an arc goes on.
    enum Goes {
        ON,
        ENDS,
        /// Back to a state that the path has passed, by time or a caller's choice.
        BACK,
        /// Back with no second passed and no choice: the call is lost.
        ENDLESS
    }

    /// A way on from a node.
    ///
    /// @param to the node it leads to; itself the node it starts from where it does not go on
    record Arc(StateGraph.Edge edge, Goes goes, Node to) {}

    private record Key(int state, int region, int calls, int seen) {}

    private final StateGraph graph;
    private final Predicate<StateGraph.Edge> counts;
    private final ClassSets sets;
    private final Region whole;
    private final Map<Key, Node> nodes = new HashMap<>();
    private int completed;

    /// @param counts which ways on make coming back no endless round
    PathGraph(StateGraph graph, Predicate<StateGraph.Edge> counts) {
        this.graph = graph;
        this.counts = counts;
        this.sets = graph.classes().sets();
        this.whole = new Region(graph);
    }

    StateGraph graph() {
        return graph;
    }

    /// The node of calls that enter a state from outside, complete with all that follows.
    Node start(int state, int calls) {
        Node node = node(state, whole.entering(state), calls, 0);
        complete(node);
        return node;
    }

    private Node node(int state, Region region, int calls, int seen) {
        int matters =
                sets.only(calls, graph.relevance().levels(graph.state(state).at()));
        return nodes.computeIfAbsent(new Key(state, region.id(), matters, seen), key -> {
            if (nodes.size() >= MOST_NODES) {
                throw new TooManyPaths(graph.plan());
            }
            return new Node(state, region, matters, seen);
        });
    }

    /// The rounds of a plan are nested with so many entries that its paths cannot be told one from another.
    static final class TooManyPaths extends RuntimeException {
        private static final long serialVersionUID = 1;

        TooManyPaths(Plan plan) {
            super("The paths of " + plan + " need more than " + MOST_NODES
                    + " states: rounds with several entries are nested in one another.");
        }
    }

    /// Makes everything that follows a node, what is farthest first.
    private void complete(Node start) {
        if (start.place >= 0) {
            return;
        }
        Deque<Node> work = new ArrayDeque<>(List.of(start));
        while (!work.isEmpty()) {
            Node node = work.peek();
            if (node.place >= 0) {
                work.pop();
                continue;
            }
            if (node.arcs.isEmpty()) {
                node.arcs = arcs(node);
            }
            boolean ready = true;
            for (Arc arc : node.arcs) {
                if (arc.goes() == Goes.ON && arc.to().place < 0) {
                    work.push(arc.to());
                    ready = false;
                }
            }
            if (ready) {
                work.pop();
                count(node);
                node.place = completed++;
            }
        }
    }

    private List<Arc> arcs(Node node) {
        List<StateGraph.Edge> edges = graph.edges(node.state);
        List<Arc> arcs = new ArrayList<>(edges.size());
        for (StateGraph.Edge edge : edges) {
            int calls = sets.and(node.calls, edge.calls());
            if (calls == ClassSets.NONE) {
                continue;
            }
            arcs.add(edge.target() < 0 ? new Arc(edge, Goes.ENDS, node) : arc(node, edge, calls));
        }
        return arcs;
    }

    private Arc arc(Node node, StateGraph.Edge edge, int calls) {
        int seen = counts.test(edge) ? node.region.depth() : node.seen;
        int back = node.region.comesBack(edge.target());
        if (back > 0) {
            return new Arc(edge, seen >= back ? Goes.BACK : Goes.ENDLESS, node);
        }
        Region holding = node.region.holding(edge.target());
        Region entered = holding.entering(edge.target());
        return new Arc(edge, Goes.ON, node(edge.target(), entered, calls, Math.min(seen, holding.depth())));
    }

    private static void count(Node node) {
        BigInteger paths = BigInteger.ZERO;
        BigInteger returns = BigInteger.ZERO;
        long ends = 0;
        long backs = 0;
        for (Arc arc : node.arcs) {
            if (arc.goes() == Goes.ON) {
                paths = paths.add(arc.to().paths);
                returns = returns.add(arc.to().returns);
            } else {
                ends++;
                backs += arc.goes() == Goes.BACK ? 1 : 0;
            }
        }
        node.paths = paths.add(BigInteger.valueOf(ends));
        node.returns = returns.add(BigInteger.valueOf(backs));
    }
}
