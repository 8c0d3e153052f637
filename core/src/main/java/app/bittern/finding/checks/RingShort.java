package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import java.util.List;

/// A ring time shorter than one ring.
final class RingShort implements Check {
    private static final About ABOUT = new About(
            "ring-short",
            "Rings less than once",
            Severity.WARNING,
            "A ring time shorter than one ring.",
            "The phone may not ring at all before the call goes on. Ring for at least two rings.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        int ring = examination.plan().site().ringSeconds();
        return Rings.of(examination.plan()).stream()
                .filter(one -> one.seconds().value() < ring)
                .map(one -> ABOUT.at(
                                one.object().ref(),
                                one.field(),
                                Says.the(one.object()) + " rings for "
                                        + one.seconds().said() + "; one ring takes " + ring + " s.")
                        .of(one.seconds()))
                .toList();
    }
}
