package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.RouteChoice;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Routes of the same rank that hold for the same calls, so that only their order in the plan tells which wins.
public final class Ties {
    private Ties() {}

    /// Two routes that tie.
    ///
    /// @param first  the one that wins
    /// @param second the one that loses
    /// @param when   for which calls, in words
    /// @param call   one such call
    public record Tie(Ref first, Ref second, String when, Bench call) {}

    /// Every two routes that tie for a call that none before them takes; each pair once.
    public static List<Tie> of(Paths paths) {
        StateGraph graph = paths.graph();
        Plan plan = paths.plan();
        ClassSets sets = graph.classes().sets();
        List<Tie> ties = new ArrayList<>();
        Set<List<Ref>> told = new HashSet<>();
        for (E164 number : numbers(plan)) {
            List<Route> routes = plan.all(Route.class)
                    .filter(route -> route.enabled() && RouteChoice.takes(route.called(), number))
                    .sorted(RouteChoice::compare)
                    .toList();
            int left = sets.all();
            for (int one = 0; one < routes.size() && left != ClassSets.NONE; one++) {
                int calls = sets.and(left, Starts.calls(graph, routes.get(one)));
                for (int other = one + 1;
                        other < routes.size() && RouteChoice.compare(routes.get(one), routes.get(other)) == 0;
                        other++) {
                    int both = sets.and(calls, Starts.calls(graph, routes.get(other)));
                    List<Ref> pair =
                            List.of(routes.get(one).ref(), routes.get(other).ref());
                    graph.classes()
                            .call(both)
                            .filter(call -> told.add(pair))
                            .ifPresent(call -> ties.add(new Tie(
                                    pair.getFirst(),
                                    pair.getLast(),
                                    number.international() + ", "
                                            + graph.classes().words(both),
                                    new Bench(
                                            number,
                                            call.caller(),
                                            call.at(),
                                            List.of(),
                                            Map.of(),
                                            call.switches(),
                                            List.of(),
                                            Map.of()))));
                }
                left = sets.minus(left, calls);
            }
        }
        return ties;
    }

    /// The inbound numbers, and those that routes name at the ends of what they take.
    private static Set<E164> numbers(Plan plan) {
        Set<E164> numbers = new LinkedHashSet<>();
        plan.all(InboundNumber.class).forEach(number -> numbers.add(number.called()));
        plan.all(Route.class).forEach(route -> {
            switch (route.called()) {
                case Route.Called.Exact(E164 number) -> numbers.add(number);
                case Route.Called.Range(E164 from, E164 to) -> {
                    numbers.add(from);
                    numbers.add(to);
                }
                case Route.Called.Prefix(String digits) ->
                    E164.parse((digits + "0000000000").substring(0, Math.max(13, digits.length())))
                            .ifPresent(numbers::add);
                case Route.Called.Any any -> numbers.add(new E164("+447700900999"));
            }
        });
        return numbers;
    }
}
