package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import java.util.List;
import java.util.Optional;

/// No route takes calls to numbers that are not in the plan.
final class NoRouteForAnything implements Check {
    private static final About ABOUT = new About(
            "no-route-for-anything",
            "No route for anything",
            Severity.WARNING,
            "No route takes calls to numbers that are not in the plan.",
            "A trunk can deliver numbers that nobody has written down. Let a route without called take them, at all hours.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        if (plan.all(InboundNumber.class).findAny().isEmpty()) {
            return List.of();
        }
        return examination.takes().untaken().stream()
                .map(calls -> ABOUT.at(
                                plan.site().ref(),
                                "A call to a number that is not in the plan is taken by no route"
                                        + calls.when().map(when -> ": " + when).orElse("") + ".")
                        .of(calls.when().map(List::of).orElse(List.of()).toArray())
                        .shownBy(Optional.of(calls.call())))
                .toList();
    }
}
