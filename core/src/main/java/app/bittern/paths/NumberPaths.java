package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.RouteChoice;
import app.bittern.callset.CallClasses;
import app.bittern.callset.CallSet;
import app.bittern.number.E164;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.List;
import java.util.Optional;

/// The paths of calls to one number, such as `+441632960100`.
public final class NumberPaths extends CallPaths {
    private final E164 called;

    NumberPaths(Paths paths, PathGraph graph, E164 called, List<Start> starts, CallSet unmatched) {
        super(paths, graph, starts, unmatched);
        this.called = called;
    }

    public E164 called() {
        return called;
    }

    @Override
    public Ref subject() {
        return new Ref(Kind.NUMBER, called.text());
    }

    @Override
    List<Route> routes() {
        return RouteChoice.inOrder(paths().plan(), called);
    }

    @Override
    Bench begin(CallClasses.Call call) {
        return call.to(called);
    }

    @Override
    public Optional<Bench> unmatchedCall() {
        return paths().call(called, unmatchedCalls());
    }
}
