package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import java.util.List;

/// Calls come back to where they were after a time, without a caller's choice.
final class Round implements Check {
    private static final About ABOUT = new About(
            "round",
            "Round nobody chose",
            Severity.WARNING,
            "Calls come back to where they were after a time, without a caller's choice.",
            "A caller who only waits goes round until giving up. Lead the last object of the round to a mailbox, or say goodbye.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        return examination.rounds().stream()
                .filter(round -> !round.endless())
                .map(round -> ABOUT.at(
                                round.at(),
                                Says.the(examination.plan().find(round.at()).orElseThrow())
                                        + " is come back to by callers who only wait.")
                        .shownBy(round.witness()))
                .toList();
    }
}
