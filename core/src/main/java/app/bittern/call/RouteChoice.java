package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Which route takes a call: the most particular of those whose conditions all hold.
///
/// Ranked with those that are before all first, then by the called number (exact, range, longer prefix, any), then
/// by the caller (exact, tag, longer prefix, withheld or unavailable, any), then those limited to hours before those
/// that are not; the first in the plan among equals.
public final class RouteChoice {
    private static final Comparator<Route> ORDER = Comparator.comparingInt((Route route) -> route.beforeAll() ? 0 : 1)
            .thenComparingInt(route -> calledRank(route.called()))
            .thenComparingInt(route -> callerRank(route.caller()))
            .thenComparingInt(route -> route.holdsWhile().isPresent() ? 0 : 1);

    private RouteChoice() {}

    /// A route and the first of its conditions that fails for a call, if any.
    public record Ranked(Route route, Optional<Fails> fails) {}

    /// Which condition of a route fails first.
    public enum Fails {
        /// It is off.
        OFF,
        /// It is for other numbers.
        CALLED,
        /// It is for other callers.
        CALLER,
        /// It is for other hours, or for hours that are missing.
        HOURS
    }

    /// All routes: those that hold first, best first, then those that fail in the order of the plan.
    ///
    /// @param local the call's instant at the site
    public static List<Ranked> ranked(Plan plan, Arrival called, Caller caller, LocalDateTime local) {
        List<Ranked> all = plan.all(Route.class)
                .map(route -> new Ranked(route, failing(plan, route, called, caller, local)))
                .toList();
        return Stream.concat(
                        all.stream()
                                .filter(one -> one.fails().isEmpty())
                                .sorted(Comparator.comparing(Ranked::route, ORDER)),
                        all.stream().filter(one -> one.fails().isPresent()))
                .toList();
    }

    /// Which of two routes is tried first; 0 where only their order in the plan tells.
    public static int compare(Route one, Route other) {
        return ORDER.compare(one, other);
    }

    /// The enabled routes that are for a called number, best first.
    public static List<Route> inOrder(Plan plan, E164 called) {
        return plan.routes().called(Optional.of(called)).stream()
                .filter(Route::enabled)
                .sorted(ORDER)
                .toList();
    }

    /// The routes that can take calls to a number, best first, up to the first that takes them all.
    public static List<Route> reached(Plan plan, E164 called) {
        List<Route> ranked = inOrder(plan, called);
        List<Route> reached = new ArrayList<>();
        for (Route route : ranked) {
            reached.add(route);
            if (route.always()) {
                break;
            }
        }
        return List.copyOf(reached);
    }

    /// The route that takes a call, if any does.
    public static Optional<Route> winner(Plan plan, Arrival called, Caller caller, LocalDateTime local) {
        return plan.routes().called(called.meant(plan)).stream()
                .filter(route -> holds(plan, route, caller, local))
                .min(ORDER);
    }

    /// Whether all conditions of a route for a called number hold.
    private static boolean holds(Plan plan, Route route, Caller caller, LocalDateTime local) {
        return route.enabled() && Callers.is(plan, caller, route.caller()) && inItsHours(plan, route, local);
    }

    private static Optional<Fails> failing(Plan plan, Route route, Arrival called, Caller caller, LocalDateTime local) {
        if (!route.enabled()) {
            return Optional.of(Fails.OFF);
        }
        if (!(route.called() instanceof Route.Called.Any)
                && called.meant(plan).filter(route.called()::takes).isEmpty()) {
            return Optional.of(Fails.CALLED);
        }
        if (!Callers.is(plan, caller, route.caller())) {
            return Optional.of(Fails.CALLER);
        }
        return inItsHours(plan, route, local) ? Optional.empty() : Optional.of(Fails.HOURS);
    }

    private static boolean inItsHours(Plan plan, Route route, LocalDateTime local) {
        return route.holdsWhile()
                .map(during -> plan.find(during.hours(), Hours.class)
                        .filter(hours -> hours.at(plan.site()).stateAt(local).equals(during.state()))
                        .isPresent())
                .orElse(true);
    }

    private static int calledRank(Route.Called called) {
        return switch (called) {
            case Route.Called.Exact exact -> 0;
            case Route.Called.Range range -> 1;
            case Route.Called.Prefix prefix -> 100 - prefix.digits().length();
            case Route.Called.Any any -> 200;
        };
    }

    private static int callerRank(Route.From caller) {
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
