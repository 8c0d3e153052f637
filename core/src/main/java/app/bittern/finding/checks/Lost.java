package app.bittern.finding.checks;

import app.bittern.call.Ending;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.paths.Reachable;
import app.bittern.plan.Destination;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

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
        Set<Ref> told = new HashSet<>();
        examination.everywhere().forEach(reached -> look(plan, reached, told, findings));
        return findings;
    }

    /// @param told the objects that are told already
    private static void look(Plan plan, Reachable reached, Set<Ref> told, List<Finding> findings) {
        for (Ref ref : reached.objects()) {
            reached.exits(ref).stream()
                    .filter(exit -> exit.lost(Ending.Lost.NOBODY))
                    .findFirst()
                    .filter(exit -> told.add(ref))
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
                                .shownBy(reached.witness(exit, cause -> true)));
                    });
        }
    }
}
