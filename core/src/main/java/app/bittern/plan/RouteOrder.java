package app.bittern.plan;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;

/// The order in which routes are tried whose conditions all hold for a call.
///
/// Those that are before all first, then by the called number (exact, range, longer prefix, any), then by the caller
/// (exact, tag, longer prefix, withheld or unavailable, any), then those limited to hours before those that are not.
/// A route that another stands before by its name is passed over where that one holds too ([RouteIndex#before]).
public final class RouteOrder {
    /// By what routes are for; equal where only their order in the plan tells.
    public static final Comparator<Route> BY_RANK = Comparator.comparingInt(
                    (Route route) -> route.before() instanceof Route.Before.All ? 0 : 1)
            .thenComparingInt(route -> called(route.called()))
            .thenComparingInt(route -> caller(route.caller()))
            .thenComparingInt(route -> route.holdsWhile().isPresent() ? 0 : 1);

    /// So many of a round are said.
    private static final int SAID = 4;

    private RouteOrder() {}

    static List<Ref> named(Route route) {
        return route.before() instanceof Route.Before.These(List<Ref> named) ? named : List.of();
    }

    /// Routes as a list shows them: by rank, but each behind those that stand before it by its name.
    public static List<Route> listed(List<Route> routes) {
        Behind behind = new Behind(routes);
        Map<Ref, Integer> places = new HashMap<>();
        routes.forEach(route -> places.put(route.ref(), places.size()));
        PriorityQueue<Route> next =
                new PriorityQueue<>(BY_RANK.thenComparingInt(route -> places.getOrDefault(route.ref(), 0)));
        routes.stream().filter(behind::none).forEach(next::add);
        List<Route> listed = new ArrayList<>(routes.size());
        while (!next.isEmpty()) {
            Route route = next.remove();
            listed.add(route);
            next.addAll(behind.without(route));
        }
        // What stands in a round, which no plan that was read has, comes last.
        Set<Route> all = new LinkedHashSet<>(listed);
        routes.stream().sorted(BY_RANK).filter(all::add).forEach(listed::add);
        return listed;
    }

    /// Behind how many others each route stands by its name, while these are taken away one after another.
    private static final class Behind {
        private final Map<Ref, Route> routes = new HashMap<>();
        private final Map<Ref, Integer> counts = new HashMap<>();

        Behind(List<Route> all) {
            all.forEach(route -> routes.put(route.ref(), route));
            all.forEach(
                    route -> new LinkedHashSet<>(named(route)).forEach(named -> counts.merge(named, 1, Integer::sum)));
        }

        boolean none(Route route) {
            return counts.getOrDefault(route.ref(), 0) == 0;
        }

        /// Takes one away.
        ///
        /// @return those that stand behind none any more
        List<Route> without(Route route) {
            List<Route> free = new ArrayList<>();
            for (Ref named : new LinkedHashSet<>(named(route))) {
                if (counts.merge(named, -1, Integer::sum) == 0) {
                    Optional.ofNullable(routes.get(named)).ifPresent(free::add);
                }
            }
            return free;
        }
    }

    /// Routes that each stand before the next, and the last before the first, if there are any: no order has them.
    public static Optional<List<Ref>> round(Plan plan) {
        List<Route> all = plan.all(Route.class).toList();
        if (all.stream().allMatch(route -> named(route).isEmpty())) {
            return Optional.empty();
        }
        Behind behind = new Behind(all);
        Deque<Route> free = new ArrayDeque<>(all.stream().filter(behind::none).toList());
        while (!free.isEmpty()) {
            free.addAll(behind.without(free.remove()));
        }
        // Who still stands behind somebody is in a round or behind one: backwards from there the round is met.
        return all.stream().filter(route -> !behind.none(route)).findFirst().map(route -> round(all, behind, route));
    }

    private static List<Ref> round(List<Route> all, Behind behind, Route from) {
        List<Ref> way = new ArrayList<>();
        Route at = from;
        while (!way.contains(at.ref())) {
            way.addFirst(at.ref());
            Ref here = at.ref();
            at = all.stream()
                    .filter(route -> !behind.none(route) && named(route).contains(here))
                    .findFirst()
                    .orElseThrow();
        }
        return List.copyOf(way.subList(0, way.indexOf(at.ref()) + 1));
    }

    /// Such a round in words: `Main is before Freight, and Freight before Main`; of a long one its beginning and its
    /// end.
    public static String saidRound(Plan plan, List<Ref> round) {
        List<String> says = new ArrayList<>();
        for (int one = 0; one < round.size(); one++) {
            if (one < SAID || one == round.size() - 1) {
                says.add(plan.title(round.get(one))
                        + (one == 0 ? " is before " : " before ")
                        + plan.title(round.get((one + 1) % round.size())));
            } else if (one == SAID) {
                says.add("so on with " + (round.size() - SAID - 1) + " more");
            }
        }
        return String.join(", and ", says);
    }

    private static int called(Route.Called called) {
        return switch (called) {
            case Route.Called.Exact exact -> 0;
            case Route.Called.Range range -> 1;
            case Route.Called.Prefix prefix -> 100 - prefix.digits().length();
            case Route.Called.Any any -> 200;
        };
    }

    private static int caller(Route.From caller) {
        return switch (caller) {
            case Route.From.Exact exact -> 0;
            case Route.From.Tag tag -> 1;
            case Route.From.Prefix prefix -> 100 - prefix.digits().length();
            case Route.From.Withheld withheld -> 200;
            case Route.From.Unavailable unavailable -> 200;
            case Route.From.Without without -> 250;
            case Route.From.Any any -> 300;
        };
    }
}
