package app.bittern.graph;

import app.bittern.call.RouteChoice;
import app.bittern.callset.CallSet;
import app.bittern.number.E164;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Which route takes which calls to a number: the best whose conditions all hold.
///
/// @param taken     each route with the calls that it takes, best first
/// @param unmatched the calls that none takes
public record Beginnings(List<Taken> taken, CallSet unmatched) {
    public Beginnings {
        taken = List.copyOf(taken);
    }

    /// A route and its calls that begin in a language.
    ///
    /// @param state in which they enter it
    public record Taken(Route route, String language, CallSet calls, int state) {}

    public static Beginnings of(StateGraph graph, E164 called) {
        Plan plan = graph.plan();
        CallSet left = graph.classes().all();
        List<Taken> taken = new ArrayList<>();
        Map<String, CallSet> languages = graph.beginnings();
        for (Route route : RouteChoice.inOrder(plan, called)) {
            if (left.isEmpty()) {
                break;
            }
            CallSet calls = left.and(calls(graph, route, called));
            left = left.minus(calls);
            languages.forEach((language, begun) -> {
                CallSet some = calls.and(begun);
                int state = some.isEmpty() ? -1 : graph.begin(route, language, called);
                if (state >= 0) {
                    taken.add(new Taken(route, language, some, state));
                }
            });
        }
        return new Beginnings(taken, left);
    }

    /// The calls to a number that is a route's for which its other conditions hold, and those of no route that stands
    /// before it by its name.
    public static CallSet calls(StateGraph graph, Route route, E164 called) {
        CallSet calls = holds(graph, route);
        for (Route other : graph.plan().routes().before(route, Optional.of(called))) {
            calls = calls.minus(holds(graph, other));
        }
        return calls;
    }

    /// The calls for which the conditions of a route hold, apart from the number called.
    public static CallSet holds(StateGraph graph, Route route) {
        return graph.calls(route.caller(), route.holdsWhile());
    }
}
