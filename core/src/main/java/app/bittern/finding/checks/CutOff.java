package app.bittern.finding.checks;

import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.paths.Reachable;
import app.bittern.plan.Extension;
import app.bittern.plan.Ref;
import java.util.Optional;
import java.util.stream.Stream;

/// A call to an extension that is not answered ends, as there is no mailbox and nothing after.
final class CutOff extends PerObject<Extension> {
    private static final About ABOUT = new About(
            "cut-off",
            "Caller cut off",
            Severity.WARNING,
            "A call to an extension that is not answered ends, as there is no mailbox and nothing after.",
            "The caller hears ringing, and then nothing. Give the extension a mailbox, or forward calls that are not answered.");

    CutOff() {
        super(ABOUT, Extension.class);
    }

    @Override
    Stream<Finding> look(Extension extension, Examination examination) {
        if (extension.mailbox().isPresent() || extension.forward().noAnswer().isPresent()) {
            return Stream.empty();
        }
        return exit(extension.ref(), examination).stream()
                .map(exit -> ABOUT.at(
                                extension.ref(),
                                Says.the(extension)
                                        + " has no mailbox and is forwarded nowhere: a call that nobody answers ends after "
                                        + extension.ringFor().said() + ".")
                        .together("have no mailbox and are forwarded nowhere: a call that nobody answers ends"));
    }

    private static Optional<Reachable.Exit> exit(Ref extension, Examination examination) {
        return examination.reached().exits(extension).stream()
                .filter(exit -> exit.causes().contains(new Cause.NoAnswer())
                        && exit.ending().isPresent())
                .findFirst();
    }

    @Override
    public Optional<Bench> witness(Finding finding, Examination examination) {
        return exit(finding.object(), examination)
                .flatMap(exit -> examination.reached().witness(exit, cause -> cause instanceof Cause.NoAnswer));
    }
}
