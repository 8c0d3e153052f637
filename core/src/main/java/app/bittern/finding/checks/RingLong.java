package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import java.util.List;

/// A ring time longer than callers hold on.
final class RingLong implements Check {
    private static final About ABOUT = new About(
            "ring-long",
            "Rings too long",
            Severity.WARNING,
            "A ring time longer than callers hold on.",
            "Callers seldom wait longer than 60 s. Ring for less, and let the call go on.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final int LONGEST = 60;

    @Override
    public List<Finding> examine(Examination examination) {
        return Rings.of(examination.plan()).stream()
                .filter(one -> one.seconds().value() > LONGEST)
                .map(one -> ABOUT.at(
                        one.object().ref(),
                        one.field(),
                        Says.the(one.object()) + " rings for " + one.seconds() + "; callers seldom wait longer than "
                                + LONGEST + " s."))
                .toList();
    }
}
