package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.paths.RouteTies;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// Two routes of the same rank that hold for the same call.
final class RouteTied implements Check {
    private static final About ABOUT = new About(
            "route-tied",
            "Routes tied",
            Severity.WARNING,
            "Two routes of the same rank that hold for the same call.",
            "The one that stands first in the plan wins, which nobody sees. Make one more particular.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        return RouteTies.of(examination.paths()).stream()
                .map(tie -> ABOUT.at(
                                tie.losing(),
                                "Route " + tie.losing().key() + " is of the same rank as "
                                        + Says.some(tie.winning().stream()
                                                .map(Ref::key)
                                                .toList())
                                        + ", and they hold for the same calls: " + tie.when() + "; "
                                        + tie.winning().getFirst().key() + " wins because it stands first.")
                        .of(tie.winning().toArray())
                        .shownBy(Optional.of(tie.call())))
                .toList();
    }
}
