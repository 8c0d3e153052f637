package app.bittern.finding.checks;

import app.bittern.call.Answer;
import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Branch;
import app.bittern.plan.Pointer;
import java.util.stream.Stream;

/// A branch by a lookup that says nothing of one that fails.
final class LookupFailed extends PerObject<Branch> {
    private static final About ABOUT = new About(
            "lookup-failed",
            "Lookup that fails not thought of",
            Severity.WARNING,
            "A branch by a lookup without a case for its failing.",
            "Who calls while it does not answer goes where its else leads, as somebody unknown does. Say where they go.");

    LookupFailed() {
        super(ABOUT, Branch.class);
    }

    @Override
    Stream<Finding> look(Branch branch, Examination examination) {
        return branch.by() instanceof Branch.By.OfLookup
                        && branch.otherwise().isPresent()
                        && !branch.cases().containsKey(Answer.FAILED)
                ? Stream.of(ABOUT.at(
                                branch.ref(),
                                Pointer.of("cases", Answer.FAILED),
                                Says.the(branch) + " has no case for a lookup that fails; its else is taken.")
                        .together("have no case for a lookup that fails; their else is taken"))
                : Stream.empty();
    }
}
