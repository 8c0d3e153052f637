package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.Ending;
import app.bittern.call.Outcome;
import app.bittern.call.State;
import app.bittern.call.Transition;
import app.bittern.call.Window;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;

/// What calls to any inbound number of a plan can come to, with a shortest way there that some call takes.
///
/// One search in breadth over the path graph, from all numbers at once; cost: its nodes and arcs. Which numbers come to
/// an object, when and after how long is found by going on from these alone ([#numbers(Ref)]).
public final class Reached {
    private final Paths paths;
    private final StateGraph graph;
    private final ClassSets sets;
    private final Map<PathGraph.Node, Came> came = new HashMap<>();
    private final Map<Ref, List<PathGraph.Node>> at = new LinkedHashMap<>();

    /// How a node was first come to.
    private record Came(Optional<PathGraph.Node> from, Optional<PathGraph.Arc> by, E164 number, int calls) {}

    private Reached(Paths paths, PathGraph all) {
        this.paths = paths;
        this.graph = paths.graph();
        this.sets = graph.classes().sets();
        Deque<PathGraph.Node> work = new ArrayDeque<>();
        for (InboundNumber number : paths.plan().all(InboundNumber.class).toList()) {
            for (Starts.Taken taken : Starts.of(graph, number.called()).taken()) {
                PathGraph.Node node = all.start(graph.begin(taken.route(), taken.language()), taken.calls());
                Came start = new Came(Optional.empty(), Optional.empty(), number.called(), taken.calls());
                if (came.putIfAbsent(node, start) == null) {
                    work.add(node);
                }
            }
        }
        while (!work.isEmpty()) {
            PathGraph.Node node = work.remove();
            Came here = Objects.requireNonNull(came.get(node));
            at.computeIfAbsent(graph.state(node.state()).at(), ref -> new ArrayList<>())
                    .add(node);
            for (PathGraph.Arc arc : node.arcs()) {
                if (arc.goes() == PathGraph.Goes.ON && !came.containsKey(arc.to())) {
                    int calls = sets.and(here.calls(), arc.edge().calls());
                    came.put(arc.to(), new Came(Optional.of(node), Optional.of(arc), here.number(), calls));
                    work.add(arc.to());
                }
            }
        }
    }

    /// What is reached in a plan.
    public static Reached of(Paths paths) {
        return new Reached(paths, paths.all());
    }

    /// The same, telling as endless every round that no caller has chosen to take, however long it takes.
    public static Reached ofRounds(Paths paths) {
        return new Reached(paths, new PathGraph(paths.graph(), StateGraph.Edge::choice));
    }

    /// A way out of an object that some call takes.
    ///
    /// @param state   the state it leads out of
    /// @param causes  what makes it happen
    /// @param ending  where the call ends by it, if it does
    /// @param endless whether it comes back with nothing in between
    /// @param back    the object it comes back to, if it does
    public record Exit(
            State state,
            List<Cause> causes,
            Optional<Ending> ending,
            boolean endless,
            Optional<Ref> back,
            Handle handle) {}

    /// Finds the witness of an exit.
    public static final class Handle {
        private final PathGraph.Node node;
        private final PathGraph.Arc arc;

        private Handle(PathGraph.Node node, PathGraph.Arc arc) {
            this.node = node;
            this.arc = arc;
        }
    }

    /// The objects that calls come to, in the order in which they are met.
    public Set<Ref> objects() {
        return at.keySet();
    }

    public boolean comesTo(Ref ref) {
        return at.containsKey(ref);
    }

    /// The states that calls come to an object in, each once.
    public List<State> states(Ref ref) {
        return at.getOrDefault(ref, List.of()).stream()
                .map(node -> graph.state(node.state()))
                .distinct()
                .toList();
    }

    /// The ways out of an object that some call takes.
    public List<Exit> exits(Ref ref) {
        List<Exit> exits = new ArrayList<>();
        for (PathGraph.Node node : at.getOrDefault(ref, List.of())) {
            for (PathGraph.Arc arc : node.arcs()) {
                boolean ends = arc.goes() == PathGraph.Goes.ENDS;
                boolean back = arc.goes() == PathGraph.Goes.BACK || arc.goes() == PathGraph.Goes.ENDLESS;
                exits.add(new Exit(
                        graph.state(node.state()),
                        arc.edge().causes(),
                        ends ? Optional.of(graph.ending(arc.edge().ending())) : Optional.empty(),
                        arc.goes() == PathGraph.Goes.ENDLESS,
                        back ? Optional.of(graph.state(arc.edge().target()).at()) : Optional.empty(),
                        new Handle(node, arc)));
            }
        }
        return exits;
    }

    /// The place in its object that decides where an exit leads by a cause.
    public Optional<Pointer> slot(Exit exit, Cause cause) {
        return Transition.outcome(paths.plan(), exit.state(), cause).flatMap(Outcome::slot);
    }

    /// Whether an exit is decided at a place by one of its causes.
    public boolean decidedAt(Exit exit, Pointer at) {
        return exit.causes().stream().anyMatch(cause -> slot(exit, cause).equals(Optional.of(at)));
    }

    /// A call that comes to an object, shown by tracing it.
    public Optional<Bench> witness(Ref ref) {
        return witness(ref, state -> true);
    }

    /// A call that comes to an object in a state asked for.
    public Optional<Bench> witness(Ref ref, Predicate<State> asked) {
        return at.getOrDefault(ref, List.of()).stream()
                .filter(node -> asked.test(graph.state(node.state())))
                .limit(3)
                .flatMap(node -> witness(node, Optional.empty(), Optional.empty()).stream())
                .findFirst();
    }

    /// A call that takes a way out by a cause, shown by tracing it.
    public Optional<Bench> witness(Exit exit, Predicate<Cause> asked) {
        return exit.causes().stream()
                .filter(asked)
                .flatMap(cause ->
                        witness(exit.handle().node, Optional.of(exit.handle().arc), Optional.of(cause)).stream())
                .findFirst();
    }

    private Optional<Bench> witness(PathGraph.Node node, Optional<PathGraph.Arc> arc, Optional<Cause> cause) {
        Came last = Objects.requireNonNull(came.get(node));
        List<Path.Step> steps = new ArrayList<>();
        arc.ifPresent(out ->
                steps.add(step(node, out, cause.map(List::of).orElse(out.edge().causes()))));
        PathGraph.Node here = node;
        Came by = last;
        while (by.from().isPresent()) {
            PathGraph.Node before = by.from().get();
            PathGraph.Arc over = by.by().orElseThrow();
            steps.addFirst(step(before, over, over.edge().causes()));
            here = before;
            by = Objects.requireNonNull(came.get(here));
        }
        int calls = arc.map(out -> sets.and(last.calls(), out.edge().calls())).orElse(last.calls());
        return graph.classes().call(calls).flatMap(call -> Witness.of(paths.plan(), last.number(), call, steps));
    }

    private Path.Step step(PathGraph.Node node, PathGraph.Arc arc, List<Cause> causes) {
        return new Path.Step(
                graph.state(node.state()),
                causes,
                new Window(arc.edge().earliest(), arc.edge().latest()));
    }

    /// A number whose calls come to an object.
    ///
    /// @param when   at which times, for whom, with which switches turned where
    /// @param window after how long
    public record ByNumber(E164 number, String when, Window window) {}

    /// Which numbers come to an object, when and after how long; in order of the plan.
    public List<ByNumber> numbers(Ref ref) {
        return tallied(ref, forward -> Optional.ofNullable(forward.objects().get(ref)));
    }

    /// Which numbers leave an object by some causes, when and after how long; in order of the plan.
    public List<ByNumber> numbers(Ref ref, Predicate<Cause> asked) {
        return tallied(ref, forward -> forward.leaving(ref, asked));
    }

    /// Which numbers leave an object by what a place in it decides, when and after how long; in order of the plan.
    public List<ByNumber> numbers(Ref ref, List<Exit> exits, Pointer at) {
        Set<Cause> causes = new HashSet<>();
        exits.forEach(exit -> exit.causes().stream()
                .filter(cause -> slot(exit, cause).equals(Optional.of(at)))
                .forEach(causes::add));
        return numbers(ref, causes::contains);
    }

    private List<ByNumber> tallied(Ref ref, Function<Forward, Optional<Forward.Tally>> tallied) {
        Set<PathGraph.Node> leading = leading(ref);
        List<ByNumber> numbers = new ArrayList<>();
        for (NumberPaths number : paths.each()) {
            if (number.starts().stream().anyMatch(start -> leading.contains(start.node()))) {
                tallied.apply(new Forward(graph, number.starts(), leading::contains))
                        .ifPresent(tally -> numbers.add(
                                new ByNumber(number.called(), graph.classes().words(tally.calls()), tally.window())));
            }
        }
        return numbers;
    }

    /// Every node from which an object can be come to, its own included.
    private Set<PathGraph.Node> leading(Ref ref) {
        Map<PathGraph.Node, List<PathGraph.Node>> before = new HashMap<>();
        came.keySet()
                .forEach(node -> node.arcs().stream()
                        .filter(arc -> arc.goes() == PathGraph.Goes.ON)
                        .forEach(arc -> before.computeIfAbsent(arc.to(), n -> new ArrayList<>())
                                .add(node)));
        Set<PathGraph.Node> leading = new HashSet<>();
        Deque<PathGraph.Node> work = new ArrayDeque<>(at.getOrDefault(ref, List.of()));
        while (!work.isEmpty()) {
            PathGraph.Node node = work.remove();
            if (leading.add(node)) {
                work.addAll(before.getOrDefault(node, List.of()));
            }
        }
        return leading;
    }
}
