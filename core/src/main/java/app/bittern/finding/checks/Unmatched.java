package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.paths.NumberPaths;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.List;

/// Calls to an inbound number that no route takes.
final class Unmatched implements Check {
    private static final About ABOUT = new About(
            "unmatched",
            "Calls no route takes",
            Severity.BLOCKING,
            "Calls to an inbound number that no route takes.",
            "They hear number unobtainable. Give the number a route, or a route for anything.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        return examination.paths().each().stream()
                .filter(number -> rings(examination.plan(), number))
                .flatMap(number -> number.unmatched().stream().map(when -> {
                    Ref ref = new Ref(Kind.NUMBER, number.called().text());
                    PlanObject object = examination.plan().find(ref).orElseThrow();
                    return ABOUT.at(ref, Says.the(object) + " has calls that no route takes: " + when + ".")
                            .of(when)
                            .shownBy(number.unmatchedCall());
                }))
                .toList();
    }

    /// Whether calls to a number can come at all: it is neither kept spare nor only ordered.
    private static boolean rings(Plan plan, NumberPaths number) {
        return plan.find(new Ref(Kind.NUMBER, number.called().text()), InboundNumber.class)
                .filter(one ->
                        one.status() == InboundNumber.Status.SPARE || one.status() == InboundNumber.Status.ORDERED)
                .isEmpty();
    }
}
