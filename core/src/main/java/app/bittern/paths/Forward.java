package app.bittern.paths;

import app.bittern.call.Cause;
import app.bittern.call.Ending;
import app.bittern.call.Window;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;

/// One pass from the starts of a number over all that follows: how many ways lead to each node, when, and for which
/// calls. Cost: nodes and arcs of the number.
final class Forward {
    /// What comes to a node.
    ///
    /// @param paths  how many ways
    /// @param window earliest and latest second
    /// @param calls  for which calls, as [ClassSets] number them; exactly those of the ways
    /// @param quiet  the longest without words or music up to here, in seconds
    record Tally(BigInteger paths, Window window, int calls, int quiet) {
        Tally and(Tally other, ClassSets sets) {
            return new Tally(
                    paths.add(other.paths),
                    window.union(other.window),
                    sets.or(calls, other.calls),
                    Math.max(quiet, other.quiet));
        }
    }

    private final StateGraph graph;
    private final ClassSets sets;
    private final Map<PathGraph.Node, Tally> tallies = new HashMap<>();
    private final List<PathGraph.Node> order = new ArrayList<>();
    private final Map<Ending, Tally> endings = new LinkedHashMap<>();
    private final Set<Integer> states = new TreeSet<>();
    private final Set<StateGraph.Edge> edges = Collections.newSetFromMap(new IdentityHashMap<>());
    private int longestQuiet;
    private boolean done;

    private final List<NumberPaths.Start> starts;
    private final Predicate<PathGraph.Node> through;

    Forward(StateGraph graph, List<NumberPaths.Start> starts) {
        this(graph, starts, node -> true);
    }

    /// @param through which nodes are gone through
    Forward(StateGraph graph, List<NumberPaths.Start> starts, Predicate<PathGraph.Node> through) {
        this.through = through;
        this.graph = graph;
        this.sets = graph.classes().sets();
        this.starts = starts;
    }

    /// Goes over it the first time somebody asks.
    private Forward run() {
        if (done) {
            return this;
        }
        done = true;
        for (NumberPaths.Start start : starts) {
            come(start.node(), new Tally(BigInteger.ONE, Window.NOW, start.calls(), 0));
        }
        reached();
        for (PathGraph.Node node : order) {
            Tally here = tallies.get(node);
            if (here != null) {
                leave(node, here);
            }
        }
        return this;
    }

    /// Every node that can be reached, those that lead to others first.
    private void reached() {
        Set<PathGraph.Node> met = new HashSet<>();
        List<PathGraph.Node> work = new ArrayList<>();
        starts.forEach(start -> work.add(start.node()));
        while (!work.isEmpty()) {
            PathGraph.Node node = work.removeLast();
            if (through.test(node) && met.add(node)) {
                node.arcs().stream()
                        .filter(arc -> arc.goes() == PathGraph.Goes.ON)
                        .forEach(arc -> work.add(arc.to()));
            }
        }
        order.addAll(met);
        order.sort(Comparator.comparingInt(PathGraph.Node::place).reversed());
    }

    private void come(PathGraph.Node node, Tally tally) {
        if (!through.test(node)) {
            return;
        }
        tallies.merge(node, tally, (one, other) -> one.and(other, sets));
    }

    private void leave(PathGraph.Node node, Tally here) {
        states.add(node.state());
        Quiet.Of quiet = Quiet.of(graph, node.state());
        for (PathGraph.Arc arc : node.arcs()) {
            StateGraph.Edge edge = arc.edge();
            int calls = sets.and(here.calls(), edge.calls());
            edges.add(edge);
            Window window = here.window().plus(new Window(edge.earliest(), edge.latest()));
            int stretch = quiet.spoken() ? quiet.longest() : here.quiet() + Math.min(quiet.longest(), edge.latest());
            longestQuiet = Math.max(longestQuiet, stretch);
            Tally there = new Tally(here.paths(), window, calls, quiet.spoken() ? 0 : stretch);
            switch (arc.goes()) {
                case ON -> come(arc.to(), there);
                case ENDS -> end(graph.ending(edge.ending()), there);
                case ENDLESS ->
                    end(
                            Ending.lost(
                                    Ending.Lost.ENDLESS,
                                    graph.state(edge.target()).at()),
                            there);
                case BACK -> {}
            }
        }
    }

    private void end(Ending ending, Tally tally) {
        Ending where = new Ending(ending.kind(), ending.in(), Optional.empty(), ending.cause());
        endings.merge(where, tally, (one, other) -> one.and(other, sets));
    }

    Map<Ending, Tally> endings() {
        return run().endings;
    }

    Set<Integer> states() {
        return run().states;
    }

    int edges() {
        return run().edges.size();
    }

    int longestQuiet() {
        return run().longestQuiet;
    }

    /// What leaves an object by some causes: when, and for which calls.
    Optional<Tally> leaving(Ref ref, Predicate<Cause> asked) {
        Optional<Tally> all = Optional.empty();
        for (PathGraph.Node node : run().order) {
            Tally here = tallies.get(node);
            if (here == null || !graph.state(node.state()).at().equals(ref)) {
                continue;
            }
            for (PathGraph.Arc arc : node.arcs()) {
                int calls = sets.and(here.calls(), arc.edge().calls());
                if (calls != ClassSets.NONE && arc.edge().causes().stream().anyMatch(asked)) {
                    Window window = here.window()
                            .plus(new Window(arc.edge().earliest(), arc.edge().latest()));
                    Tally one = new Tally(here.paths(), window, calls, 0);
                    all = Optional.of(all.map(other -> other.and(one, sets)).orElse(one));
                }
            }
        }
        return all;
    }

    /// What comes to each object: the first second, the last, and the calls.
    Map<Ref, Tally> objects() {
        Map<Ref, Tally> objects = new LinkedHashMap<>();
        run().order.forEach(node -> {
            Tally here = tallies.get(node);
            Ref at = graph.state(node.state()).at();
            if (here != null && at.kind() != Kind.ROUTE) {
                objects.merge(at, here, (one, other) -> one.and(other, sets));
            }
        });
        return objects;
    }
}
