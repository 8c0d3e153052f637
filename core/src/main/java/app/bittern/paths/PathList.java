package app.bittern.paths;

import app.bittern.call.Ending;
import app.bittern.call.Window;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// The paths of a number one by one, filtered, without making them all first.
///
/// A walk in depth that leaves out every node from which no path asked for goes on. Cost: the paths given and passed
/// over, each at most as long as the graph is deep.
public final class PathList {
    private final NumberPaths number;
    private final StateGraph graph;
    private final ClassSets sets;
    private final PathFilter filter;
    private final int at;
    private final Map<PathGraph.Node, Boolean> leads = new HashMap<>();
    private final Map<PathGraph.Node, Boolean> leadsPast = new HashMap<>();
    private final List<Path> found = new ArrayList<>();
    private int toSkip;
    private final int limit;

    private PathList(NumberPaths number, PathFilter filter, int skip, int limit) {
        this.number = number;
        this.graph = number.paths().graph();
        this.sets = graph.classes().sets();
        this.filter = filter;
        this.toSkip = skip;
        this.limit = limit;
        this.at = filter.at().map(graph.classes()::at).orElse(sets.all());
    }

    /// Some of a number's paths.
    ///
    /// @param skip  how many are passed over
    /// @param limit how many are given at most
    public static List<Path> of(NumberPaths number, PathFilter filter, int skip, int limit) {
        PathList list = new PathList(number, filter, skip, limit);
        list.run();
        return list.found;
    }

    /// A node on the way, with the next of its arcs to look at.
    private static final class Frame {
        private final PathGraph.Node node;
        private final int calls;
        private final Window window;
        private final boolean passed;
        private int next;

        private Frame(PathGraph.Node node, int calls, Window window, boolean passed) {
            this.node = node;
            this.calls = calls;
            this.window = window;
            this.passed = passed;
        }

        private PathGraph.Arc arc() {
            return node.arcs().get(next - 1);
        }
    }

    private void run() {
        if (number.unmatchedCalls() != ClassSets.NONE) {
            int calls = sets.and(number.unmatchedCalls(), at);
            give(
                    List.of(),
                    new Path.End.Rests(number.unmatchedEnding()),
                    Window.NOW,
                    calls,
                    filter.passes().isEmpty());
        }
        for (NumberPaths.Start start : number.starts()) {
            int calls = sets.and(start.calls(), at);
            if (calls != ClassSets.NONE && found.size() < limit) {
                walk(start.node(), calls);
            }
        }
    }

    private void walk(PathGraph.Node start, int calls) {
        List<Frame> stack = new ArrayList<>();
        stack.add(new Frame(start, calls, Window.NOW, passes(start)));
        while (!stack.isEmpty() && found.size() < limit) {
            Frame frame = stack.getLast();
            if (frame.next == frame.node.arcs().size()) {
                stack.removeLast();
                continue;
            }
            PathGraph.Arc arc = frame.node.arcs().get(frame.next++);
            int left = sets.and(frame.calls, arc.edge().calls());
            if (left == ClassSets.NONE) {
                continue;
            }
            Window window = frame.window.plus(
                    new Window(arc.edge().earliest(), arc.edge().latest()));
            if (arc.goes() != PathGraph.Goes.ON) {
                give(stack, end(arc), window, left, frame.passed);
            } else {
                boolean passed = frame.passed || passes(arc.to());
                if (leads(arc.to(), passed)) {
                    stack.add(new Frame(arc.to(), left, window, passed));
                }
            }
        }
    }

    private boolean passes(PathGraph.Node node) {
        return filter.passes().map(graph.state(node.state()).at()::equals).orElse(true);
    }

    private Path.End end(PathGraph.Arc arc) {
        return switch (arc.goes()) {
            case ENDS -> new Path.End.Rests(graph.ending(arc.edge().ending()));
            case ENDLESS ->
                new Path.End.Rests(Ending.lost(
                        Ending.Lost.ENDLESS, graph.state(arc.edge().target()).at()));
            case BACK -> new Path.End.Returns(graph.state(arc.edge().target()).at());
            case ON -> throw new IllegalStateException("an arc that goes on is no end");
        };
    }

    /// Whether a path asked for goes on from a node.
    private boolean leads(PathGraph.Node start, boolean passed) {
        Map<PathGraph.Node, Boolean> known = passed ? leadsPast : leads;
        if (filter.ending().isEmpty() && filter.in().isEmpty() && passed) {
            return true;
        }
        List<PathGraph.Node> work = new ArrayList<>(List.of(start));
        while (!work.isEmpty()) {
            PathGraph.Node node = work.getLast();
            if (known.containsKey(node)) {
                work.removeLast();
                continue;
            }
            boolean does = false;
            boolean ready = true;
            for (PathGraph.Arc arc : node.arcs()) {
                if (arc.goes() != PathGraph.Goes.ON) {
                    does |= passed && filter.ends(end(arc));
                    continue;
                }
                if (!passed && passes(arc.to())) {
                    does |= leads(arc.to(), true);
                    continue;
                }
                Boolean further = known.get(arc.to());
                if (further == null) {
                    work.add(arc.to());
                    ready = false;
                } else {
                    does |= further;
                }
            }
            if (ready || does) {
                known.put(node, does);
            }
        }
        return known.getOrDefault(start, false);
    }

    private void give(List<Frame> stack, Path.End end, Window window, int calls, boolean passed) {
        boolean asked = passed
                && calls != ClassSets.NONE
                && filter.ends(end)
                && filter.longerThan().map(least -> window.latest() > least).orElse(true);
        if (!asked) {
            return;
        }
        if (toSkip > 0) {
            toSkip--;
            return;
        }
        List<Path.Step> steps = new ArrayList<>();
        for (Frame frame : stack) {
            StateGraph.Edge edge = frame.arc().edge();
            steps.add(new Path.Step(
                    graph.state(frame.node.state()), edge.causes(), new Window(edge.earliest(), edge.latest())));
        }
        found.add(new Path(steps, end, window, graph.classes().words(calls), calls));
    }
}
