package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.paths.RouteTakes;
import app.bittern.plan.Destination;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Route;
import java.util.List;
import java.util.stream.Stream;

/// A route that no call to an inbound number comes to.
final class RouteNever implements Check {
    private static final About ABOUT = new About(
            "route-never",
            "Route never reached",
            Severity.WARNING,
            "A route that no call comes to, or one for some callers behind the routes of numbers, that blocks them only elsewhere.",
            "Another route takes all its calls first, or its conditions never hold. Take it away, or make it more particular.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return Stream.concat(untaken(plan, examination), behind(plan, examination))
                .toList();
    }

    /// A route for some callers, whatever they call, that stands behind the routes of numbers: one that is to block
    /// them does not where it stands behind any, another is of no use where it stands behind all.
    private static Stream<Finding> behind(Plan plan, Examination examination) {
        List<InboundNumber> numbers = plan.all(InboundNumber.class)
                .filter(number -> number.status() != InboundNumber.Status.SPARE)
                .toList();
        return plan.all(Route.class)
                .filter(route -> route.enabled()
                        && !(route.before() instanceof Route.Before.All)
                        && route.called() instanceof Route.Called.Any
                        && !(route.caller() instanceof Route.From.Any)
                        && examination.takes().routes().contains(route.ref()))
                .flatMap(route -> {
                    List<String> past = numbers.stream()
                            .filter(number -> !RouteTakes.takes(examination.paths(), route, number.called()))
                            .map(InboundNumber::title)
                            .toList();
                    boolean found = blocks(route) ? !past.isEmpty() : !past.isEmpty() && past.size() == numbers.size();
                    return found
                            ? Stream.of(ABOUT.at(
                                            route.ref(),
                                            Pointer.of("before"),
                                            Says.the(route) + " takes no calls to " + Says.some(past)
                                                    + ": their own routes stand before it.")
                                    .mendedBy(List.of(new Fix(
                                            "Put route " + route.title() + " before all",
                                            new PlanEdit.Put(route.before(new Route.Before.All()))))))
                            : Stream.<Finding>empty();
                });
    }

    private static boolean blocks(Route route) {
        return route.to()
                .filter(to -> to instanceof Destination.HangUp || to instanceof Destination.Busy)
                .isPresent();
    }

    private static Stream<Finding> untaken(Plan plan, Examination examination) {
        return plan.all(Route.class)
                .filter(route -> route.enabled()
                        && !examination.takes().routes().contains(route.ref())
                        && !States.unknown(plan, route.holdsWhile()))
                .map(route -> ABOUT.at(route.ref(), Says.the(route) + " takes no call at all.")
                        .mendedBy(
                                List.of(new Fix("Take away route " + route.key(), new PlanEdit.Remove(route.ref())))));
    }
}
