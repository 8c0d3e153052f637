package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.util.List;

/// A route that no call to an inbound number comes to.
final class RouteNever implements Check {
    private static final About ABOUT = new About(
            "route-never",
            "Route never reached",
            Severity.WARNING,
            "A route that no call to an inbound number comes to.",
            "Another route takes all its calls first, or its conditions never hold. Take it away, or make it more particular.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Route.class)
                .filter(route -> route.enabled()
                        && !examination.reached().comesTo(route.ref())
                        && plan.all(InboundNumber.class).findAny().isPresent()
                        && !(route.called() instanceof Route.Called.Any
                                && route.caller() instanceof Route.From.Any
                                && route.holdsWhile().isEmpty()))
                .map(route -> ABOUT.at(route.ref(), Says.the(route) + " takes no call to any inbound number.")
                        .mendedBy(List.of(new Fix("Take away route " + route.key(), new PlanEdit.Remove(route.ref())))))
                .toList();
    }
}
