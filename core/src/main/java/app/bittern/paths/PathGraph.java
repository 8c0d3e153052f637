package app.bittern.paths;

import app.bittern.callset.CallSet;
import app.bittern.graph.EnteredPart;
import app.bittern.graph.Parts;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Tangle;
import app.bittern.graph.Way;
import java.math.BigInteger;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// All paths of a plan as one graph without rounds, in which every way from a start to an end is a path that
/// some call can take, and every such path is one way.
///
/// A node is a state, the calls that can still be on the way as far as it matters from here, and how many of
/// the states that dominate it have been left by time or a caller's choice since (which tells what coming
/// back to them is). Nodes are shared by all numbers that enter the parts with rounds alike, so counting
/// costs the graph, not the paths. What can still grow is how many sets of calls a state is come to with,
/// where many conditions are asked on one way; then the nodes beyond [#MOST_NODES] are not made and [#full()]
/// says so.
final class PathGraph {
    /// The most nodes that are made.
    static final int MOST_NODES = 1_000_000;

    private static final int MOST_LEGS = 8_000_000;

    /// A node of the graph, in the order of completion: every leg leads to a node of a smaller place.
    static final class Node {
        private final int state;
        private final CallSet calls;
        private final int since;
        private int place = -1;
        private List<Leg> legs = List.of();
        private boolean opened;
        private BigInteger paths = BigInteger.ZERO;
        private BigInteger returns = BigInteger.ZERO;
        private BigInteger rounds = BigInteger.ZERO;

        private Node(int state, CallSet calls, int since) {
            this.state = state;
            this.calls = calls;
            this.since = since;
        }

        int state() {
            return state;
        }

        /// The calls that come here, as far as it matters from here on.
        CallSet calls() {
            return calls;
        }

        int place() {
            return place;
        }

        List<Leg> legs() {
            return legs;
        }

        /// How many paths go on from here.
        BigInteger paths() {
            return paths;
        }

        /// How many of them end by coming back.
        BigInteger returns() {
            return returns;
        }

        /// How many of them go round in a tangle.
        BigInteger rounds() {
            return rounds;
        }
    }

    /// How a leg goes on.
    enum Goes {
        ON,
        ENDS,
        /// Back to a state that the path has passed, by time or a caller's choice.
        BACK,
        /// Back with no second passed and no choice: the call is lost.
        ENDLESS,
        /// Round in a tangle, without coming out.
        ROUND
    }

    /// A leg of a path: one way on from its node, or a way through a tangle and out of it.
    ///
    /// @param tangle the tangle that is gone through, where one is
    /// @param from   the state that it leaves
    /// @param way    the way out; none where it goes round
    /// @param around how it goes round
    /// @param calls  for which calls, whatever was before
    /// @param to     the node it leads to; itself the node it starts from where it does not go on
    record Leg(
            Optional<Tangle> tangle,
            int from,
            Optional<Way> way,
            Optional<Tangle.Around> around,
            CallSet calls,
            Goes goes,
            Node to) {}

    private record Key(int state, CallSet calls, int since) {}

    private final StateGraph graph;
    private final Parts parts;
    private final Map<Integer, Parts.Entered> entries = new LinkedHashMap<>();
    private final Map<Integer, EnteredPart> rounds = new HashMap<>();
    private final Map<Key, Node> nodes = new HashMap<>();
    private int completed;
    private long legs;
    private boolean full;

    PathGraph(StateGraph graph, Parts parts) {
        this.graph = graph;
        this.parts = parts;
    }

    /// Whether parts with rounds that are entered and used so agree with what is here already; then they are
    /// kept.
    boolean agrees(Map<Integer, Parts.Entered> entered) {
        boolean same = entered.entrySet().stream()
                .allMatch(one ->
                        entries.getOrDefault(one.getKey(), one.getValue()).equals(one.getValue()));
        if (same) {
            entered.forEach((part, one) -> {
                if (entries.putIfAbsent(part, one) == null) {
                    rounds.put(part, parts.rounds(part, one));
                }
            });
        }
        return same;
    }

    /// Whether nodes were left out.
    boolean full() {
        return full;
    }

    private Optional<EnteredPart> rounds(int state) {
        return Optional.ofNullable(rounds.get(parts.of(state)));
    }

    /// The node of calls that enter a state from outside, complete with all that follows.
    Node start(int state, CallSet calls) {
        Node node = node(state, calls, 0).orElseThrow(() -> new IllegalStateException("no room for a start"));
        complete(node);
        return node;
    }

    private Optional<Node> node(int state, CallSet calls, int since) {
        Key key = new Key(state, graph.mattering(state, calls), since);
        Node known = nodes.get(key);
        // Starts are always made.
        if (known == null && (nodes.size() >= MOST_NODES || legs > MOST_LEGS) && completed > 0) {
            full = true;
            return Optional.empty();
        }
        if (known == null) {
            known = new Node(state, key.calls(), since);
            nodes.put(key, known);
        }
        return Optional.of(known);
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
            if (!node.opened) {
                node.opened = true;
                node.legs = legs(node);
                legs += node.legs.size();
            }
            boolean ready = true;
            for (Leg leg : node.legs) {
                if (leg.goes() == Goes.ON && leg.to().place < 0) {
                    work.push(leg.to());
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

    private List<Leg> legs(Node node) {
        Optional<EnteredPart> rounds = rounds(node.state);
        Optional<Tangle> tangle = rounds.flatMap(one -> one.tangle(node.state));
        List<Leg> made = new ArrayList<>();
        if (tangle.isPresent()) {
            through(node, rounds.orElseThrow(), tangle.get(), made);
            return made;
        }
        for (Way way : graph.ways(node.state)) {
            CallSet calls = node.calls.and(way.calls());
            if (!calls.isEmpty()) {
                boolean counts = way.timeOrChoice();
                leg(node, rounds, Optional.empty(), node.state, way, calls, way.calls(), counts ? -1 : node.since)
                        .ifPresent(made::add);
            }
        }
        return List.copyOf(made);
    }

    /// All ways through a tangle: a leg for each exit, and one for each kind of going round.
    private void through(Node node, EnteredPart rounds, Tangle tangle, List<Leg> made) {
        for (Tangle.Exit exit : tangle.exits()) {
            CallSet between = tangle.between(node.state, exit.from());
            CallSet possible = between.and(exit.way().calls());
            CallSet calls = node.calls.and(possible);
            if (!calls.isEmpty()) {
                int since = exit.way().timeOrChoice() ? -1 : since(node, rounds, tangle, exit, calls);
                leg(node, Optional.of(rounds), Optional.of(tangle), exit.from(), exit.way(), calls, possible, since)
                        .ifPresent(made::add);
            }
        }
        for (Tangle.Around around : Tangle.Around.values()) {
            CallSet possible = tangle.around(node.state, around);
            if (node.calls.meets(possible)) {
                made.add(new Leg(
                        Optional.of(tangle),
                        node.state,
                        Optional.empty(),
                        Optional.of(around),
                        possible,
                        Goes.ROUND,
                        node));
            }
        }
    }

    /// How many of the states that dominate the exit's have been left by time or choice since; those within
    /// the tangle are asked one by one.
    private static int since(Node node, EnteredPart rounds, Tangle tangle, Tangle.Exit exit, CallSet calls) {
        boolean within = calls.meets(tangle.counting(node.state, exit.from()));
        int left = within ? rounds.depth(node.state) : node.since;
        int[] dominators = rounds.dominators(exit.from());
        for (int index = 0; index < dominators.length; index++) {
            int dominator = dominators[index];
            boolean counts = tangle.holds(dominator)
                    && calls.meets(
                            tangle.between(node.state, dominator).and(tangle.countingSince(dominator, exit.from())));
            left = counts ? Math.max(left, index + 1) : left;
        }
        return left;
    }

    /// @param since how many dominators have been left by time or choice; -1 where the way itself counts
    private Optional<Leg> leg(
            Node node,
            Optional<EnteredPart> rounds,
            Optional<Tangle> tangle,
            int from,
            Way way,
            CallSet calls,
            CallSet possible,
            int since) {
        Optional<Way> out = Optional.of(way);
        if (way.target() < 0) {
            return Optional.of(new Leg(tangle, from, out, Optional.empty(), possible, Goes.ENDS, node));
        }
        boolean itself = way.target() == from;
        if (itself || rounds.filter(one -> one.comesBack(from, way.target())).isPresent()) {
            int depth = rounds.map(one -> one.depth(way.target())).orElse(0);
            boolean time = since < 0 || since > depth;
            return Optional.of(
                    new Leg(tangle, from, out, Optional.empty(), possible, time ? Goes.BACK : Goes.ENDLESS, node));
        }
        int depth = rounds.filter(one -> one.holds(way.target()))
                .map(one -> one.depth(way.target()))
                .orElse(0);
        int on = since < 0 ? depth : Math.min(since, depth);
        return node(way.target(), calls, on)
                .map(to -> new Leg(tangle, from, out, Optional.empty(), possible, Goes.ON, to));
    }

    private static void count(Node node) {
        long ends = 0;
        long backs = 0;
        long around = 0;
        BigInteger paths = BigInteger.ZERO;
        BigInteger returns = BigInteger.ZERO;
        BigInteger rounds = BigInteger.ZERO;
        for (Leg leg : node.legs) {
            if (leg.goes() == Goes.ON) {
                paths = paths.add(leg.to().paths);
                returns = returns.add(leg.to().returns);
                rounds = rounds.add(leg.to().rounds);
                continue;
            }
            ends++;
            backs += leg.goes() == Goes.BACK ? 1 : 0;
            around += goesRound(leg) ? 1 : 0;
        }
        node.paths = paths.add(BigInteger.valueOf(ends));
        node.returns = returns.add(BigInteger.valueOf(backs));
        node.rounds = rounds.add(BigInteger.valueOf(around));
    }

    /// Whether a leg goes round without being lost.
    static boolean goesRound(Leg leg) {
        return leg.around().filter(one -> one != Tangle.Around.ENDLESS).isPresent();
    }
}
