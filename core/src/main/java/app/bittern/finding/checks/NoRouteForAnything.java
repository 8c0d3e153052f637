package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.util.List;

/// No route takes calls to numbers that are not in the plan.
final class NoRouteForAnything implements Check {
    private static final About ABOUT = new About(
            "no-route-for-anything",
            "No route for anything",
            Severity.WARNING,
            "No route takes calls to numbers that are not in the plan.",
            "A trunk can deliver numbers that nobody has written down. A route without called, caller and hours takes them.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        boolean some = plan.all(Route.class)
                .anyMatch(route -> route.enabled()
                        && route.called() instanceof Route.Called.Any
                        && route.caller() instanceof Route.From.Any
                        && route.holdsWhile().isEmpty());
        return some || plan.all(InboundNumber.class).findAny().isEmpty()
                ? List.of()
                : List.of(ABOUT.at(
                        plan.site().ref(), "A call to a number that is not in the plan is taken by no route."));
    }
}
