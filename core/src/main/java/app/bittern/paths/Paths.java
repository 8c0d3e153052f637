package app.bittern.paths;

import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/// Every path that calls to a plan can take.
///
/// Made once for a plan and asked for each number, such as `paths.of(number).count()`.
public final class Paths {
    private final StateGraph graph;
    private final PathGraph all;

    private Paths(StateGraph graph) {
        this.graph = graph;
        this.all = new PathGraph(graph, StateGraph.Edge::timeOrChoice);
    }

    /// The paths of a plan.
    ///
    /// @param horizon the 53 weeks that are looked at
    public static Paths of(Plan plan, Horizon horizon) {
        return new Paths(new StateGraph(plan, new CallClasses(List.of(plan), horizon), 0));
    }

    public Plan plan() {
        return graph.plan();
    }

    /// The classes of calls.
    public CallClasses classes() {
        return graph.classes();
    }

    PathGraph all() {
        return all;
    }

    StateGraph graph() {
        return graph;
    }

    /// The paths of calls to a number.
    public NumberPaths of(E164 called) {
        Starts starts = Starts.of(graph, called);
        List<NumberPaths.Start> begun = new ArrayList<>();
        for (Starts.Taken taken : starts.taken()) {
            begun.add(new NumberPaths.Start(
                    all.start(graph.begin(taken.route(), taken.language()), taken.calls()),
                    taken.route(),
                    taken.calls()));
        }
        return new NumberPaths(this, called, begun, starts.unmatched());
    }

    /// The paths of each inbound number, in order.
    public List<NumberPaths> each() {
        return plan().all(InboundNumber.class)
                .map(number -> of(number.called()))
                .toList();
    }

    /// How many paths there are for all inbound numbers together.
    public BigInteger count() {
        return plan().all(InboundNumber.class)
                .map(number -> of(number.called()).count())
                .reduce(BigInteger.ZERO, BigInteger::add);
    }
}
