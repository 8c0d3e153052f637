package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Kind;
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
                .flatMap(number -> number.unmatched().stream().map(when -> {
                    Ref ref = new Ref(Kind.NUMBER, number.called().text());
                    PlanObject object = examination.plan().find(ref).orElseThrow();
                    return ABOUT.at(ref, Says.the(object) + " has calls that no route takes: " + when + ".")
                            .shownBy(number.unmatchedCall());
                }))
                .toList();
    }
}
