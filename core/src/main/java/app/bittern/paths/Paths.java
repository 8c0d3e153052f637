package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Condition;
import app.bittern.call.State;
import app.bittern.callset.CallClasses;
import app.bittern.callset.CallSet;
import app.bittern.callset.CallWords;
import app.bittern.graph.Beginnings;
import app.bittern.graph.InsideBeginnings;
import app.bittern.graph.Parts;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Wanted;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.plan.Extension;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Every path that calls to a plan can take.
///
/// Made once for a plan and asked for each number, such as `paths.of(number).count()`. Several may ask at once.
public final class Paths {
    private final StateGraph graph;
    private final Wanted wanted;
    private final Parts parts;
    private final CallWords words;
    private final List<PathGraph> graphs = new ArrayList<>();

    private Paths(StateGraph graph, Wanted wanted) {
        this.graph = graph;
        this.wanted = wanted;
        this.parts = new Parts(graph);
        this.words = new CallWords(graph.classes());
    }

    /// The paths of a plan.
    ///
    /// @param horizon the 53 weeks that are looked at
    public static Paths of(Plan plan, Horizon horizon) {
        return of(plan, horizon, Wanted.ALWAYS);
    }

    /// The paths of a plan, as long as they are wanted.
    ///
    /// @param horizon the 53 weeks that are looked at
    /// @param wanted  asked while they are found, now and whenever a number's are asked for
    /// @throws java.util.concurrent.CancellationException where they are not wanted any more
    public static Paths of(Plan plan, Horizon horizon, Wanted wanted) {
        return new Paths(StateGraph.whole(plan, new CallClasses(List.of(plan), horizon), 0, wanted), wanted);
    }

    /// The paths of calls in which a phone of the plan dials; asked for by [#of(Extension, String)].
    ///
    /// @param digits what it dials
    /// @throws java.util.concurrent.CancellationException where they are not wanted any more
    public static Paths dialling(Plan plan, Horizon horizon, Extension phone, List<String> digits, Wanted wanted) {
        CallClasses classes = new CallClasses(List.of(plan), horizon);
        return dialling(
                plan,
                classes,
                digits.stream()
                        .flatMap(some -> InsideBeginnings.of(plan, classes, 0, phone, some).stream())
                        .toList(),
                wanted);
    }

    /// The paths of calls that phones begin, by the classes of others of the same plan.
    static Paths dialling(Paths others, List<InsideBeginnings.Begun> begun) {
        return dialling(others.plan(), others.classes(), begun, others.wanted);
    }

    private static Paths dialling(Plan plan, CallClasses classes, List<InsideBeginnings.Begun> begun, Wanted wanted) {
        List<State> states = begun.stream().map(InsideBeginnings.Begun::state).toList();
        return new Paths(StateGraph.dialled(plan, classes, 0, states, wanted), wanted);
    }

    /// The paths of calls in which a phone dials some digits.
    ///
    /// @throws IllegalArgumentException where these paths are not of that phone and those digits
    public synchronized DialledPaths of(Extension phone, String digits) {
        wanted.check();
        List<InsideBeginnings.Begun> begun = InsideBeginnings.of(plan(), classes(), 0, phone, digits);
        if (graph.limit().isEmpty() && begun.stream().anyMatch(one -> graph.find(one.state()) < 0)) {
            throw new IllegalArgumentException("these paths are not of " + phone.ref() + " dialling " + digits);
        }
        List<InsideBeginnings.Begun> kept =
                begun.stream().filter(one -> graph.find(one.state()) >= 0).toList();
        PathGraph all = graph(kept.stream()
                .map(one -> new Parts.Start(graph.find(one.state()), one.calls()))
                .toList());
        return new DialledPaths(
                this,
                all,
                phone.ref(),
                digits,
                kept.stream()
                        .map(one -> new CallPaths.Start(
                                all.start(graph.find(one.state()), one.calls()), one.route(), one.calls()))
                        .toList());
    }

    public Plan plan() {
        return graph.plan();
    }

    /// The classes of calls.
    public CallClasses classes() {
        return graph.classes();
    }

    /// Sets of calls in words.
    public CallWords words() {
        return words;
    }

    /// Whether somebody still wants what is found of these paths.
    Wanted wanted() {
        return wanted;
    }

    /// The calls that are made while hours are in a state.
    public CallSet calls(Route.While hours) {
        return graph.calls(new Condition.HoursIn(hours.hours(), hours.state()));
    }

    /// The calls that are made while a switch is in a position.
    public CallSet calls(Ref turned, String position) {
        return graph.calls(new Condition.SwitchIn(turned, position));
    }

    /// The states that calls can be in.
    public StateGraph graph() {
        return graph;
    }

    /// What was left out and why, where the plan is too tangled to be counted whole.
    public synchronized Optional<String> limit() {
        return graph.limit()
                .or(() -> graphs.stream().anyMatch(PathGraph::full)
                        ? Optional.of("Conditions are asked in so many combinations on one way that more than "
                                + PathGraph.MOST_NODES + " cases would have to be told apart; what lies beyond these"
                                + " is not counted.")
                        : Optional.empty());
    }

    /// The paths of calls to a number.
    public synchronized NumberPaths of(E164 called) {
        wanted.check();
        Beginnings beginnings = Beginnings.of(graph, called);
        PathGraph all = graph(beginnings.taken().stream()
                .map(taken -> new Parts.Start(taken.state(), taken.calls()))
                .toList());
        List<CallPaths.Start> begun = new ArrayList<>();
        for (Beginnings.Taken taken : beginnings.taken()) {
            begun.add(new CallPaths.Start(
                    all.start(taken.state(), taken.calls()), Optional.of(taken.route()), taken.calls()));
        }
        return new NumberPaths(this, all, called, begun, beginnings.unmatched());
    }

    /// The starts of some of the calls of a number.
    synchronized List<CallPaths.Start> begun(PathGraph all, List<CallPaths.Start> starts, CallSet some) {
        return starts.stream()
                .filter(start -> start.calls().meets(some))
                .map(start -> new CallPaths.Start(
                        all.start(start.node().state(), start.calls().and(some)),
                        start.route(),
                        start.calls().and(some)))
                .toList();
    }

    /// The graph of calls that enter the parts with rounds as these do.
    private PathGraph graph(List<Parts.Start> begun) {
        Map<Integer, Parts.Entered> entries = parts.entered(begun);
        return graphs.stream().filter(one -> one.agrees(entries)).findFirst().orElseGet(() -> {
            PathGraph fresh = new PathGraph(graph, parts);
            fresh.agrees(entries);
            graphs.add(fresh);
            return fresh;
        });
    }

    /// The paths of each inbound number, in order.
    public List<NumberPaths> each() {
        return plan().all(InboundNumber.class)
                .map(number -> of(number.called()))
                .toList();
    }

    /// A call of a set to a number; none where the set is empty.
    Optional<Bench> call(E164 number, CallSet calls) {
        return classes().call(calls).map(one -> one.to(number));
    }

    /// The paths of all inbound numbers together.
    public AllNumbers all() {
        return AllNumbers.of(this);
    }

    /// How many paths there are for all inbound numbers together.
    public BigInteger count() {
        return plan().all(InboundNumber.class)
                .map(number -> of(number.called()).count())
                .reduce(BigInteger.ZERO, BigInteger::add);
    }
}
