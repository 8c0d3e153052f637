package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Kind;
import app.bittern.promise.Breach;
import java.util.List;

/// A promise that some call breaks.
final class PromiseBroken implements Check {
    private static final About ABOUT = new About(
            "promise-broken",
            "Broken promise",
            Severity.BLOCKING,
            "A promise that some call breaks.",
            "What was promised of every call does not hold. Change what these calls come to, or the promise.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        return examination.promises().stream()
                .filter(kept -> !kept.breaches().isEmpty())
                .map(kept -> {
                    Breach first = kept.breaches().getFirst();
                    return ABOUT.at(
                                    kept.about(),
                                    Says.the(kept.promise()) + " is broken: calls "
                                            + from(examination, first) + " " + first.says() + ", " + first.when()
                                            + (kept.breaches().size() == 1
                                                    ? "."
                                                    : ", and "
                                                            + (kept.breaches().size() - 1) + " more."))
                            .of(kept.breaches().stream()
                                    .map(Breach::calls)
                                    .distinct()
                                    .toArray())
                            .shownBy(first.witness());
                })
                .toList();
    }

    private static String from(Examination examination, Breach breach) {
        boolean phone = breach.calls().kind() == Kind.EXTENSION;
        return (phone ? "from " : "to ") + examination.plan().title(breach.calls());
    }
}
