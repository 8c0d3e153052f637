package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.RouteChoice;
import app.bittern.callset.CallSet;
import app.bittern.graph.Beginnings;
import app.bittern.graph.StateGraph;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.RouteOrder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Routes of the same rank that hold for the same calls, so that only their order in the plan tells which wins.
public final class RouteTies {
    private RouteTies() {}

    /// A route that loses to others by nothing but its place in the plan.
    ///
    /// @param losing  the one that loses
    /// @param winning those that win, in the order in which they are tried
    /// @param when    for which calls, in words
    /// @param call    one such call
    public record Tie(Ref losing, List<Ref> winning, String when, Bench call) {
        public Tie {
            winning = List.copyOf(winning);
        }
    }

    /// How the first call was found that a route loses so.
    private record First(E164 number, CallSet calls) {}

    /// Every route that ties for a call that none before takes, with those that it loses to.
    public static List<Tie> of(Paths paths) {
        StateGraph graph = paths.graph();
        Map<Ref, Set<Ref>> winning = new LinkedHashMap<>();
        Map<Ref, First> first = new LinkedHashMap<>();
        for (E164 number : numbers(paths.plan())) {
            List<Route> routes = RouteChoice.inOrder(paths.plan(), number);
            List<CallSet> holds = routes.stream()
                    .map(route -> Beginnings.calls(graph, route, number))
                    .toList();
            CallSet left = graph.classes().all();
            List<CallSet> takes = new ArrayList<>();
            CallSet ahead = graph.classes().none();
            for (int other = 0;
                    other < routes.size() && (!left.isEmpty() || (other > 0 && tied(routes, other - 1, other)));
                    other++) {
                boolean equal = other > 0 && tied(routes, other - 1, other);
                ahead = equal ? ahead : graph.classes().none();
                CallSet both = ahead.and(holds.get(other));
                if (!both.isEmpty()) {
                    Ref losing = routes.get(other).ref();
                    first.putIfAbsent(losing, new First(number, both));
                    for (int one = other - 1; one >= 0 && tied(routes, one, other); one--) {
                        if (takes.get(one).meets(holds.get(other))) {
                            winning.computeIfAbsent(losing, ref -> new LinkedHashSet<>())
                                    .add(routes.get(one).ref());
                        }
                    }
                }
                CallSet calls = left.and(holds.get(other));
                takes.add(calls);
                ahead = ahead.or(calls);
                left = left.minus(calls);
            }
        }
        List<Tie> ties = new ArrayList<>();
        first.forEach((losing, found) -> ties.add(new Tie(
                losing,
                winning.getOrDefault(losing, Set.of()).stream().toList(),
                found.number().international() + ", " + paths.words().words(found.calls()),
                paths.call(found.number(), found.calls()).orElseThrow())));
        return ties;
    }

    private static boolean tied(List<Route> routes, int one, int other) {
        return RouteOrder.BY_RANK.compare(routes.get(one), routes.get(other)) == 0;
    }

    /// The inbound numbers, as they are the ones that people know, and one like each other that can be called.
    private static Set<E164> numbers(Plan plan) {
        Set<E164> numbers = new LinkedHashSet<>();
        plan.all(InboundNumber.class).forEach(number -> numbers.add(number.called()));
        numbers.addAll(plan.routes().samples());
        return numbers;
    }
}
