package app.bittern.paths;

import app.bittern.Plans;
import app.bittern.call.Arrival;
import app.bittern.call.Bench;
import app.bittern.call.Callers;
import app.bittern.call.Cause;
import app.bittern.call.Context;
import app.bittern.call.Dialling;
import app.bittern.call.Ending;
import app.bittern.call.Holding;
import app.bittern.call.Onward;
import app.bittern.call.Outcome;
import app.bittern.call.Phones;
import app.bittern.call.State;
import app.bittern.call.Trace;
import app.bittern.call.Transition;
import app.bittern.callset.CallSet;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Tangle;
import app.bittern.number.Caller;
import app.bittern.plan.Extension;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The path that a traced call takes, found by following its steps from state to state.
///
/// @param legs   of the path graph, from the start on
/// @param second at which the call comes to the path's end
record Walked(CallPaths.Start start, List<PathGraph.Leg> legs, int second) {
    /// A step of a trace with the state it is taken in.
    ///
    /// @param to the state that it leads to; the same where it ends
    private record Made(int state, Cause cause, int second, boolean choice, State to) {}

    static Optional<Walked> of(CallPaths number, Bench bench, Trace trace, LocalDateTime local) {
        StateGraph graph = number.paths().graph();
        Plan plan = number.paths().plan();
        boolean inside = bench.called() instanceof Arrival.Inside;
        if (!inside && trace.ending().kind() == Ending.Kind.UNMATCHED) {
            return Optional.empty();
        }
        List<Made> made = made(graph, plan, bench, trace);
        // Who calls from inside is part of the state.
        Caller caller = inside ? graph.classes().callers().getFirst() : bench.caller();
        CallSet calls = graph.classes().like(0, caller, local, bench.switches());
        List<CallPaths.Start> starts = number.starts().stream()
                .filter(start -> start.node().state() == made.getFirst().state()
                        && start.calls().meets(calls))
                .toList();
        if (starts.size() != 1) {
            throw new AssertionError("begins on " + starts.size() + " paths");
        }
        PathGraph.Node node = starts.getFirst().node();
        List<PathGraph.Leg> legs = new ArrayList<>();
        int at = 0;
        while (true) {
            while (at < made.size() && leg(node, made.get(at), calls).isEmpty()) {
                at++;
            }
            if (at == made.size()) {
                legs.add(around(node, made, graph.find(made.getLast().to()), trace.second()));
                return Optional.of(new Walked(starts.getFirst(), legs, trace.second()));
            }
            PathGraph.Leg leg = leg(node, made.get(at), calls).orElseThrow();
            legs.add(leg);
            at++;
            if (leg.goes() != PathGraph.Goes.ON) {
                int second = at < made.size() ? made.get(at).second() : trace.second();
                return Optional.of(new Walked(starts.getFirst(), legs, second));
            }
            node = leg.to();
        }
    }

    private static List<Made> made(StateGraph graph, Plan plan, Bench bench, Trace trace) {
        List<Made> made = new ArrayList<>();
        State state = graph.reduced(
                switch (bench.called()) {
                    case Arrival.Inside(String digits) ->
                        Phones.dialling(
                                plan,
                                plan.find(Ref.parse(bench.caller().toString()).orElseThrow(), Extension.class)
                                        .orElseThrow(),
                                Dialling.of(plan, digits),
                                trace.route());
                    case Arrival.Meant meant ->
                        new State(
                                trace.route().orElseThrow(),
                                Context.in(Callers.language(plan, bench.caller()))
                                        .calling(Plans.MAIN));
                    case Arrival.Unclear unclear -> throw new IllegalArgumentException(unclear.because());
                });
        for (Trace.Step step : trace.steps()) {
            Outcome outcome = Transition.outcomes(plan, state).stream()
                    .filter(one -> one.cause().id().equals(step.exit()) && Holding.holds(plan, bench, one))
                    .findFirst()
                    .orElseThrow();
            made.add(new Made(
                    graph.find(state),
                    outcome.cause(),
                    step.second(),
                    outcome.cause().callersChoice(),
                    outcome.onward() instanceof Onward.Next(State next) ? graph.reduced(next) : state));
            state = made.getLast().to();
        }
        return made;
    }

    /// The leg that is taken by a step: out of its state by its cause.
    private static Optional<PathGraph.Leg> leg(PathGraph.Node node, Made step, CallSet calls) {
        List<PathGraph.Leg> legs = node.legs().stream()
                .filter(leg -> leg.from() == step.state()
                        && leg.way()
                                .filter(way -> way.causes().contains(step.cause())
                                        && way.calls().meets(calls))
                                .isPresent())
                .toList();
        if (legs.size() > 1) {
            throw new AssertionError("goes on by " + legs.size() + " legs");
        }
        return legs.stream().findFirst();
    }

    /// The leg of a call that stays in a tangle: by its last whole round, from the state in which it ends.
    ///
    /// @param arrival the state in which the call ends
    private static PathGraph.Leg around(PathGraph.Node node, List<Made> made, int arrival, int ended) {
        int begun = made.size() - 1;
        while (made.get(begun).state() != arrival) {
            begun--;
        }
        boolean choice = made.subList(begun, made.size()).stream().anyMatch(Made::choice);
        boolean time = ended > made.get(begun).second();
        Tangle.Around kind = choice ? Tangle.Around.CHOSEN : time ? Tangle.Around.UNCHOSEN : Tangle.Around.ENDLESS;
        return node.legs().stream()
                .filter(leg -> leg.around().equals(Optional.of(kind)))
                .findFirst()
                .orElseThrow(() -> new AssertionError("goes round " + kind + ", which no path does"));
    }

    /// The listed path of these legs.
    Path path(CallPaths number) {
        return PathList.along(number, start, legs);
    }
}
