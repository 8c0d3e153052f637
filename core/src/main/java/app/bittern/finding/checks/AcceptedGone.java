package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.Accepted;
import java.util.List;
import java.util.Set;

/// An acceptance of something that is not found any more.
///
/// What is found is known only when all other checks have looked, so the catalogue asks for it last.
public final class AcceptedGone implements Check {
    private static final About ABOUT = new About(
            "accepted-gone",
            "Accepted and not found any more",
            Severity.HINT,
            "A finding that is accepted and not found any more.",
            "It would be accepted again unseen if it came back. Take the acceptance away.");

    AcceptedGone() {}

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        return List.of();
    }

    /// @param met the acceptances whose findings were found
    public static List<Finding> examine(Examination examination, Set<Accepted> met) {
        return examination
                .plan()
                .all(Accepted.class)
                .filter(one -> !met.contains(one) && !one.code().equals(OffLong.CODE))
                .map(one -> ABOUT.at(
                                one.ref(),
                                "The finding " + one.code() + " that is accepted of "
                                        + one.about().kind().title() + " "
                                        + examination.plan().title(one.about()) + " is not found any more.")
                        .of(one.code(), one.about())
                        .mendedBy(List.of(new Fix("Take the acceptance away", new PlanEdit.Remove(one.ref())))))
                .toList();
    }
}
