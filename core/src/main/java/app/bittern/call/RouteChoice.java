package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import app.bittern.plan.RouteOrder;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Which route takes a call: of those whose conditions all hold the one that is tried first ([RouteOrder]), and the
/// first in the plan among equals.
public final class RouteChoice {
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

    /// All routes: those that hold first, best first and those that are passed over last of them, then those that fail
    /// in the order of the plan.
    ///
    /// @param local the call's instant at the site
    public static List<Ranked> ranked(Plan plan, Arrival called, Caller caller, LocalDateTime local) {
        List<Ranked> all = plan.all(Route.class)
                .map(route -> new Ranked(route, failing(plan, route, called, caller, local)))
                .toList();
        List<Route> holding = all.stream()
                .filter(one -> one.fails().isEmpty())
                .map(Ranked::route)
                .toList();
        return Stream.concat(
                        all.stream()
                                .filter(one -> one.fails().isEmpty())
                                .sorted(Comparator.comparing((Ranked one) -> passedOver(plan, one.route(), holding)
                                                .isPresent())
                                        .thenComparing(Ranked::route, RouteOrder.BY_RANK)),
                        all.stream().filter(one -> one.fails().isPresent()))
                .toList();
    }

    /// A route that stands before another by its name, and holds too.
    public static Optional<Route> passedOver(Plan plan, Route route, List<Route> holding) {
        return plan.routes().before(route).stream().filter(holding::contains).findFirst();
    }

    /// The enabled routes that are for a called number, best first.
    public static List<Route> inOrder(Plan plan, E164 called) {
        return plan.routes().called(Optional.of(called)).stream()
                .filter(Route::enabled)
                .sorted(RouteOrder.BY_RANK)
                .toList();
    }

    /// The routes that can take calls to a number, best first, up to the first that takes them all.
    public static List<Route> reached(Plan plan, E164 called) {
        List<Route> ranked = inOrder(plan, called);
        List<Route> reached = new ArrayList<>();
        for (Route route : ranked) {
            reached.add(route);
            if (route.always()
                    && plan.routes().before(route, Optional.of(called)).isEmpty()) {
                break;
            }
        }
        return List.copyOf(reached);
    }

    /// The route that takes a call, if any does.
    public static Optional<Route> winner(Plan plan, Arrival called, Caller caller, LocalDateTime local) {
        List<Route> holding = plan.routes().called(called.meant(plan)).stream()
                .filter(route -> holds(plan, route, caller, local))
                .toList();
        return holding.stream()
                .filter(route -> passedOver(plan, route, holding).isEmpty())
                .min(RouteOrder.BY_RANK);
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
}
