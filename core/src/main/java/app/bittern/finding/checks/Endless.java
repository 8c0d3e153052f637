package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import java.util.List;

/// Calls go round with no second passed and no choice by the caller.
final class Endless implements Check {
    private static final About ABOUT = new About(
            "endless",
            "Endless round",
            Severity.BLOCKING,
            "Calls go round with no second passed and no choice by the caller.",
            "The call is cut off as endless. Lead one of the objects somewhere else.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        return examination.rounds().stream()
                .filter(round -> round.endless())
                .map(round -> ABOUT.at(
                                round.at(),
                                Says.the(examination.plan().find(round.at()).orElseThrow())
                                        + " is come back to with no second passed and no choice by the caller.")
                        .shownBy(round.witness()))
                .toList();
    }
}
