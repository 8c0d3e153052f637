package app.bittern.paths;

import app.bittern.call.Condition;
import app.bittern.call.RouteChoice;
import app.bittern.number.E164;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Which route takes which calls to a number: the best whose conditions all hold.
///
/// @param taken     each route with the calls that it takes, best first
/// @param unmatched the calls that none takes
record Starts(List<Taken> taken, int unmatched) {
    /// A route and its calls that begin in a language, as [ClassSets] number them.
    record Taken(Route route, String language, int calls) {}

    static Starts of(StateGraph graph, E164 called) {
        Plan plan = graph.plan();
        ClassSets sets = graph.classes().sets();
        int left = sets.all();
        List<Taken> taken = new ArrayList<>();
        List<Route> routes = plan.all(Route.class)
                .filter(route -> route.enabled() && RouteChoice.takes(route.called(), called))
                .sorted(RouteChoice::compare)
                .toList();
        for (Route route : routes) {
            int calls = sets.and(left, calls(graph, route));
            left = sets.minus(left, calls);
            graph.beginnings().forEach((language, begun) -> {
                int some = sets.and(calls, begun);
                if (some != ClassSets.NONE) {
                    taken.add(new Taken(route, language, some));
                }
            });
        }
        return new Starts(taken, left);
    }

    /// The calls for which the conditions of a route hold, apart from the number called.
    static int calls(StateGraph graph, Route route) {
        ClassSets sets = graph.classes().sets();
        int callers = route.caller() instanceof Route.From.Any
                ? sets.all()
                : graph.calls(new Condition.CallerIs(List.of(), Optional.of(route.caller())));
        return route.holdsWhile()
                .map(during -> sets.and(callers, graph.calls(new Condition.HoursIn(during.hours(), during.state()))))
                .orElse(callers);
    }
}
