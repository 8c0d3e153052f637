package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.util.List;

/// A route that no call to an inbound number comes to.
final class RouteNever implements Check {
    private static final About ABOUT = new About(
            "route-never",
            "Route never reached",
            Severity.WARNING,
            "A route that no call comes to, whatever number it is for.",
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
                        && !examination.takes().routes().contains(route.ref())
                        && !States.unknown(plan, route.holdsWhile()))
                .map(route -> ABOUT.at(route.ref(), Says.the(route) + " takes no call at all.")
                        .mendedBy(List.of(new Fix("Take away route " + route.key(), new PlanEdit.Remove(route.ref())))))
                .toList();
    }
}
