package app.bittern.finding.checks;

import app.bittern.call.Ending;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Destination;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A call ends with nobody to answer and nothing after.
final class Lost implements Check {
    private static final About ABOUT = new About(
            "lost",
            "Lost call",
            Severity.BLOCKING,
            "A call ends with nobody to answer and nothing after.",
            "The caller hears nothing more. Give the group members or a way on, or the person a mailbox.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        List<Finding> findings = new ArrayList<>();
        for (Ref ref : examination.reached().objects()) {
            examination.reached().exits(ref).stream()
                    .filter(exit -> exit.lost(Ending.Lost.NOBODY))
                    .findFirst()
                    .ifPresent(exit -> {
                        PlanObject object = plan.find(ref).orElseThrow();
                        boolean own = object.slots().stream()
                                .anyMatch(slot -> slot.holds().equals(Optional.of(new Destination.OwnMailbox())));
                        String says = own
                                ? Says.the(object) + " sends calls to their own mailbox, and "
                                        + exit.state()
                                                .context()
                                                .firstCalled()
                                                .map(plan::title)
                                                .map(who -> who + " has none.")
                                                .orElse("nobody was called before.")
                                : Says.the(object) + " has nobody to ring and nothing after.";
                        findings.add(ABOUT.at(ref, says)
                                .of(exit.state().context().firstCalled().stream()
                                        .toArray())
                                .shownBy(examination.reached().witness(exit, cause -> true)));
                    });
        }
        return findings;
    }
}
