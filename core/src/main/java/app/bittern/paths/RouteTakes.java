package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.RouteChoice;
import app.bittern.callset.CallSet;
import app.bittern.graph.Beginnings;
import app.bittern.graph.StateGraph;
import app.bittern.number.E164;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Which routes take any call at all, to whatever number it comes in, and which calls none takes.
///
/// One number of each kind that the routes tell apart is looked at ([app.bittern.plan.RouteIndex#samples()]),
/// so the answer holds for every number that can be called, in the plan or not.
public final class RouteTakes {
    private final Map<Ref, Bench> taken = new LinkedHashMap<>();
    private Optional<Untaken> untaken = Optional.empty();

    /// Calls to a number that is for no route in particular, which none takes.
    ///
    /// @param when at which times and for whom; empty where it is always and for everybody
    public record Untaken(Optional<String> when, Bench call) {}

    private RouteTakes(Paths paths) {
        StateGraph graph = paths.graph();
        for (E164 number : paths.plan().routes().samples()) {
            CallSet left = graph.classes().all();
            boolean particular = false;
            for (Route route : RouteChoice.inOrder(paths.plan(), number)) {
                CallSet calls = left.and(Beginnings.calls(graph, route, number));
                if (!calls.isEmpty()) {
                    taken.computeIfAbsent(
                            route.ref(), ref -> paths.call(number, calls).orElseThrow());
                }
                left = left.minus(calls);
                particular |= !(route.called() instanceof Route.Called.Any);
            }
            if (!particular && !left.isEmpty() && untaken.isEmpty()) {
                untaken = Optional.of(new Untaken(
                        left.isAll()
                                ? Optional.empty()
                                : Optional.of(paths.words().words(left)),
                        paths.call(number, left).orElseThrow()));
            }
        }
    }

    /// Whether a route takes some call to a number.
    public static boolean takes(Paths paths, Route route, E164 number) {
        CallSet left = paths.graph().classes().all();
        for (Route one : RouteChoice.inOrder(paths.plan(), number)) {
            CallSet calls = left.and(Beginnings.calls(paths.graph(), one, number));
            if (one.equals(route)) {
                return !calls.isEmpty();
            }
            left = left.minus(calls);
        }
        return false;
    }

    public static RouteTakes of(Paths paths) {
        return new RouteTakes(paths);
    }

    /// A call that a route takes.
    public Optional<Bench> call(Ref route) {
        return Optional.ofNullable(taken.get(route));
    }

    /// The routes that take some call.
    public Set<Ref> routes() {
        return taken.keySet();
    }

    /// Calls to a number that no route is for in particular, which none takes; empty where each is taken.
    public Optional<Untaken> untaken() {
        return untaken;
    }
}
