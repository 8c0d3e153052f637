package app.bittern.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

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

    private RouteOrder() {}

    static List<Ref> named(Route route) {
        return route.before() instanceof Route.Before.These(List<Ref> named) ? named : List.of();
    }

    /// Routes as a list shows them: by rank, but each behind those that stand before it by its name.
    public static List<Route> listed(List<Route> routes) {
        List<Route> left = new ArrayList<>(routes.stream().sorted(BY_RANK).toList());
        List<Route> listed = new ArrayList<>(left.size());
        while (!left.isEmpty()) {
            Set<Ref> behind =
                    left.stream().flatMap(route -> named(route).stream()).collect(Collectors.toSet());
            Route next = left.stream()
                    .filter(route -> !behind.contains(route.ref()))
                    .findFirst()
                    .orElseGet(left::getFirst);
            left.remove(next);
            listed.add(next);
        }
        return listed;
    }

    /// Routes that each stand before the next, and the last before the first, if there are any: no order has them.
    public static Optional<List<Ref>> round(Plan plan) {
        Set<Ref> done = new LinkedHashSet<>();
        return plan.all(Route.class)
                .map(route -> round(plan, route.ref(), new ArrayList<>(), done))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /// Such a round in words: `Main is before Freight, and Freight before Main`.
    public static String saidRound(Plan plan, List<Ref> round) {
        List<String> says = new ArrayList<>();
        for (int one = 0; one < round.size(); one++) {
            says.add(plan.title(round.get(one))
                    + (one == 0 ? " is before " : " before ")
                    + plan.title(round.get((one + 1) % round.size())));
        }
        return String.join(", and ", says);
    }

    private static Optional<List<Ref>> round(Plan plan, Ref at, List<Ref> way, Set<Ref> done) {
        int before = way.indexOf(at);
        if (before >= 0) {
            return Optional.of(List.copyOf(way.subList(before, way.size())));
        }
        if (done.contains(at)) {
            return Optional.empty();
        }
        way.add(at);
        Optional<List<Ref>> found = plan.find(at, Route.class).stream()
                .flatMap(route -> named(route).stream())
                .map(named -> round(plan, named, way, done))
                .flatMap(Optional::stream)
                .findFirst();
        way.removeLast();
        done.add(at);
        return found;
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
