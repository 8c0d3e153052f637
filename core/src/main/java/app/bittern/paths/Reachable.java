package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.Ending;
import app.bittern.call.Onward;
import app.bittern.call.State;
import app.bittern.call.Transition;
import app.bittern.call.Window;
import app.bittern.callset.CallSet;
import app.bittern.callset.Calling;
import app.bittern.graph.Beginnings;
import app.bittern.graph.InsideBeginnings;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Way;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.witness.Step;
import app.bittern.witness.Witness;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/// What calls to any inbound number of a plan can come to, or all that phones of the site dial, with a shortest way
/// there that some call takes.
///
/// One search in breadth over the state graph, from all numbers at once; a state is gone on from for those
/// calls that have not come there before. Cost: states × ways × the sets of calls that part on the way. Which
/// numbers come to an object, when and after how long is found by going on from these alone
/// ([#numbers(Ref)]).
public final class Reachable {
    private final Paths paths;
    private final StateGraph graph;
    private final CallSet[] come;
    private final List<List<Came>> ways = new ArrayList<>();
    private final Map<Ref, List<Integer>> at = new LinkedHashMap<>();
    private final List<NumberPaths> numbers;
    private final Map<PathGraph.Node, List<PathGraph.Node>> before = new HashMap<>();

    /// How some calls first came to a state.
    private record Came(int state, CallSet calls, Optional<Came> from, Optional<Way> by, Calling calling) {}

    private Reachable(Paths paths, List<NumberPaths> numbers, List<Came> begun) {
        this.paths = paths;
        this.numbers = numbers;
        this.graph = paths.graph();
        this.come = new CallSet[graph.size()];
        Arrays.fill(come, graph.classes().none());
        for (int state = 0; state < graph.size(); state++) {
            ways.add(new ArrayList<>(1));
        }
        Deque<Came> work = new ArrayDeque<>(begun);
        while (!work.isEmpty()) {
            paths.wanted().check();
            enter(work.remove(), work);
        }
    }

    private void enter(Came came, Deque<Came> work) {
        CallSet fresh = came.calls().minus(come[came.state()]);
        if (fresh.isEmpty()) {
            return;
        }
        if (come[came.state()].isEmpty()) {
            at.computeIfAbsent(graph.state(came.state()).at(), ref -> new ArrayList<>())
                    .add(came.state());
        }
        come[came.state()] = come[came.state()].or(fresh);
        Came kept = new Came(came.state(), fresh, came.from(), came.by(), came.calling());
        ways.get(came.state()).add(kept);
        for (Way way : graph.ways(came.state())) {
            if (way.target() >= 0) {
                CallSet on = fresh.and(way.calls()).minus(come[way.target()]);
                if (!on.isEmpty()) {
                    work.add(new Came(way.target(), on, Optional.of(kept), Optional.of(way), came.calling()));
                }
            }
        }
    }

    /// What is reached in a plan.
    public static Reachable of(Paths paths) {
        return of(paths, route -> true);
    }

    /// What calls that some routes take come to.
    public static Reachable of(Paths paths, Predicate<Route> by) {
        List<Came> begun = new ArrayList<>();
        for (InboundNumber number : paths.plan().all(InboundNumber.class).toList()) {
            for (Beginnings.Taken taken :
                    Beginnings.of(paths.graph(), number.called()).taken()) {
                if (by.test(taken.route())) {
                    begun.add(came(taken.state(), taken.calls(), new Calling.ToNumber(number.called())));
                }
            }
        }
        return new Reachable(paths, paths.each(), begun);
    }

    private static Came came(int state, CallSet calls, Calling calling) {
        return new Came(state, calls, Optional.empty(), Optional.empty(), calling);
    }

    /// What calls come to that phones of the site make to numbers of it, as far as no call from outside comes to the
    /// same: those of one phone of each class, to all such numbers.
    ///
    /// @throws java.util.concurrent.CancellationException where it is not wanted any more
    public Reachable dialled() {
        List<InsideBeginnings.Begun> others = InsideBeginnings.all(paths.plan(), graph.classes(), 0).stream()
                .filter(one -> !covers(one))
                .toList();
        Paths dialling = Paths.dialling(paths, others);
        return new Reachable(
                dialling,
                List.of(),
                others.stream()
                        .filter(one -> dialling.graph().find(one.state()) >= 0)
                        .map(one -> came(dialling.graph().find(one.state()), one.calls(), one.calling()))
                        .toList());
    }

    /// Whether calls from outside come to where a phone is connected, and all that they can be.
    private boolean covers(InsideBeginnings.Begun begun) {
        return Transition.outcomes(paths.plan(), begun.state()).stream().allMatch(outcome -> {
            int next = outcome.onward() instanceof Onward.Next(State state) ? graph.find(state) : -1;
            return next >= 0 && begun.calls().minus(come[next]).isEmpty();
        });
    }

    /// A way out of an object that some call takes.
    ///
    /// @param state  the state it leads out of
    /// @param causes what makes it happen
    /// @param ending where the call ends by it, if it does
    public record Exit(State state, List<Cause> causes, Optional<Ending> ending, Handle handle) {
        public Exit {
            causes = List.copyOf(causes);
        }

        /// Whether the call is lost by it, for a reason.
        public boolean lost(Ending.Lost why) {
            return ending.filter(end -> end.cause().equals(Optional.of(why))).isPresent();
        }
    }

    /// Finds the witness of an exit.
    public static final class Handle {
        private final int state;
        private final Way way;

        private Handle(int state, Way way) {
            this.state = state;
            this.way = way;
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
        return at.getOrDefault(ref, List.of()).stream().map(graph::state).toList();
    }

    /// The ways out of an object that some call takes.
    public List<Exit> exits(Ref ref) {
        List<Exit> exits = new ArrayList<>();
        for (int state : at.getOrDefault(ref, List.of())) {
            for (Way way : graph.ways(state)) {
                if (come[state].meets(way.calls())) {
                    Optional<Ending> ending =
                            way.ending() < 0 ? Optional.empty() : Optional.of(graph.ending(way.ending()));
                    exits.add(new Exit(graph.state(state), way.causes(), ending, new Handle(state, way)));
                }
            }
        }
        return exits;
    }

    /// The place in its object that decides where an exit leads by a cause.
    public Optional<Pointer> slot(Exit exit, Cause cause) {
        return Transition.outcomes(paths.plan(), exit.state(), cause).stream()
                .flatMap(outcome -> outcome.slot().stream())
                .findFirst();
    }

    /// Whether an exit is decided at a place by one of its causes.
    public boolean decidedAt(Exit exit, Pointer place) {
        return exit.causes().stream().anyMatch(cause -> slot(exit, cause).equals(Optional.of(place)));
    }

    /// A call that comes to an object, shown by tracing it.
    public Optional<Bench> witness(Ref ref) {
        return witness(ref, state -> true);
    }

    /// A call that comes to an object in a state asked for.
    public Optional<Bench> witness(Ref ref, Predicate<State> asked) {
        return at.getOrDefault(ref, List.of()).stream()
                .filter(state -> asked.test(graph.state(state)))
                .findFirst()
                .flatMap(state -> witness(ways.get(state).getFirst(), List.of()));
    }

    /// A call that takes a way out by a cause, shown by tracing it.
    public Optional<Bench> witness(Exit exit, Predicate<Cause> asked) {
        Way way = exit.handle().way;
        return exit.causes().stream()
                .filter(asked)
                .flatMap(cause -> ways.get(exit.handle().state).stream()
                        .filter(came -> came.calls().meets(way.calls()))
                        .flatMap(came -> witness(
                                new Came(
                                        came.state(),
                                        came.calls().and(way.calls()),
                                        came.from(),
                                        came.by(),
                                        came.calling()),
                                List.of(step(came.state(), way, List.of(cause))))
                                .stream()))
                .findFirst();
    }

    /// A bench that comes to a state as these calls first did, and goes on by some steps.
    private Optional<Bench> witness(Came last, List<Step> further) {
        return witness(last, further, step -> false);
    }

    /// The same, through some steps as slowly as it can.
    private Optional<Bench> witness(Came last, List<Step> further, Predicate<Step> slow) {
        List<Step> steps = new ArrayList<>(further);
        Came here = last;
        while (here.from().isPresent()) {
            Came from = here.from().get();
            Way by = here.by().orElseThrow();
            steps.addFirst(step(from.state(), by, by.causes()));
            here = from;
        }
        return graph.classes()
                .call(last.calls())
                .flatMap(call -> Witness.of(paths.plan(), last.calling().bench(call), steps, slow));
    }

    private Step step(int state, Way way, List<Cause> causes) {
        return new Step(graph.state(state), causes, new Window(way.earliest(), way.latest()), 0);
    }

    /// A round that some calls go without anybody choosing to.
    ///
    /// @param at      the object at which a call that goes it comes into it
    /// @param passed  all of its objects
    /// @param endless whether it can be gone without a second passing; else it takes time
    public record Around(Ref at, Set<Ref> passed, boolean endless, Optional<Bench> witness) {}

    /// Each round that nobody chooses, once, by where it is come into.
    public List<Around> rounds() {
        List<Around> rounds = new ArrayList<>();
        for (UnchosenRounds.Turn turn : UnchosenRounds.of(graph, come)) {
            // A round may be come into at any of its states; the one with the fewest steps before it is told.
            Optional<Came> first = turn.steps().stream()
                    .flatMap(step -> ways.get(step.state()).stream()
                            .filter(came -> came.calls().meets(turn.calls()))
                            .limit(1))
                    .min((one, other) -> Integer.compare(steps(one), steps(other)));
            first.ifPresent(came -> {
                List<Step> round = turn.from(came.state()).stream()
                        .map(step -> step(step.state(), step.way(), step.way().causes()))
                        .toList();
                CallSet calls = came.calls().and(turn.calls());
                Came some = new Came(came.state(), calls, came.from(), came.by(), came.calling());
                Set<Ref> passed = turn.steps().stream()
                        .map(step -> graph.state(step.state()).at())
                        .collect(Collectors.toSet());
                rounds.add(new Around(
                        graph.state(came.state()).at(), passed, turn.endless(), going(some, round, turn.endless())));
            });
        }
        return rounds;
    }

    /// A call that goes round: where the round takes time one that takes it, as it could be gone through at once as
    /// well, and would be endless.
    private Optional<Bench> going(Came come, List<Step> round, boolean endless) {
        Optional<Bench> slowly = endless ? Optional.empty() : witness(come, round, round::contains);
        return slowly.or(() -> witness(come, round));
    }

    private static int steps(Came last) {
        int steps = 0;
        for (Optional<Came> came = Optional.of(last);
                came.isPresent();
                came = came.get().from()) {
            steps++;
        }
        return steps;
    }

    /// A number whose calls come to an object.
    ///
    /// @param when at which times, for whom, with which switches turned where
    /// @param span after how long
    public record ByNumber(E164 number, String when, Span span) {}

    /// Which numbers come to an object, when and after how long; in order of the plan.
    public List<ByNumber> numbers(Ref ref) {
        return numbers(Set.of(ref));
    }

    /// Which numbers come to any of some objects, or are taken by any of some routes, when and after how long; in
    /// order of the plan.
    public List<ByNumber> numbers(Set<Ref> refs) {
        return tallied(
                refs,
                tallies -> refs.stream()
                        .flatMap(ref -> Optional.ofNullable(tallies.objects().get(ref)).stream())
                        .reduce(Tallies.Tally::and));
    }

    /// Which numbers leave an object by some causes, when and after how long; in order of the plan.
    public List<ByNumber> numbers(Ref ref, Predicate<Cause> asked) {
        return tallied(Set.of(ref), tallies -> tallies.leaving(ref, asked));
    }

    /// Which numbers leave an object by what a place in it decides, when and after how long; in order of the
    /// plan.
    public List<ByNumber> numbers(Ref ref, List<Exit> exits, Pointer place) {
        Set<Cause> causes = new HashSet<>();
        exits.forEach(exit -> exit.causes().stream()
                .filter(cause -> slot(exit, cause).equals(Optional.of(place)))
                .forEach(causes::add));
        return numbers(ref, causes::contains);
    }

    private List<ByNumber> tallied(Set<Ref> refs, Function<Tallies, Optional<Tallies.Tally>> tallied) {
        Set<PathGraph.Node> leading = leading(refs);
        List<ByNumber> found = new ArrayList<>();
        for (NumberPaths number : numbers) {
            if (number.starts().stream().anyMatch(start -> leading.contains(start.node()))) {
                tallied.apply(new Tallies(graph, number.starts(), new Tallies.Towards(refs, leading)))
                        .ifPresent(tally -> found.add(
                                new ByNumber(number.called(), paths.words().words(tally.calls()), tally.span())));
            }
        }
        return found;
    }

    /// Every node from which one of some objects can be come to, their own included.
    private synchronized Set<PathGraph.Node> leading(Set<Ref> refs) {
        if (before.isEmpty()) {
            link();
        }
        Set<PathGraph.Node> leading = new HashSet<>();
        Deque<PathGraph.Node> work = new ArrayDeque<>();
        refs.forEach(ref -> work.addAll(holding.getOrDefault(ref, List.of())));
        while (!work.isEmpty()) {
            PathGraph.Node node = work.remove();
            if (leading.add(node)) {
                work.addAll(before.getOrDefault(node, List.of()));
            }
        }
        return leading;
    }

    private final Map<Ref, List<PathGraph.Node>> holding = new HashMap<>();

    /// Notes which nodes come before which, and at which objects calls are in them.
    private void link() {
        Set<PathGraph.Node> met = new HashSet<>();
        Deque<PathGraph.Node> work = new ArrayDeque<>();
        numbers.forEach(number -> number.starts().forEach(start -> work.add(start.node())));
        while (!work.isEmpty()) {
            PathGraph.Node node = work.remove();
            if (!met.add(node)) {
                continue;
            }
            Set<Integer> states = new HashSet<>(Set.of(node.state()));
            for (PathGraph.Leg leg : node.legs()) {
                leg.tangle().ifPresent(tangle -> states.addAll(tangle.states()));
                if (leg.goes() == PathGraph.Goes.ON) {
                    before.computeIfAbsent(leg.to(), n -> new ArrayList<>()).add(node);
                    work.add(leg.to());
                }
            }
            states.forEach(state -> holding.computeIfAbsent(graph.state(state).at(), r -> new ArrayList<>())
                    .add(node));
        }
    }
}
