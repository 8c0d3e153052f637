package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Plan;
import java.util.List;
import java.util.stream.Stream;

/// A mailbox that keeps only a few messages.
final class MailboxSmall implements Check {
    private static final About ABOUT = new About(
            "mailbox-small",
            "Mailbox soon full",
            Severity.HINT,
            "A mailbox that keeps only a few messages.",
            "Callers are cut off when it is full. Let it keep more.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final int FEW = 20;

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Mailbox.class)
                .flatMap(mailbox -> mailbox.keep().filter(keep -> keep < FEW).isPresent()
                        ? Stream.of(ABOUT.at(
                                mailbox.ref(),
                                "keep",
                                Says.the(mailbox) + " is full after "
                                        + Says.count(mailbox.keep().orElseThrow(), "message") + "; " + FEW
                                        + " or more are usual."))
                        : Stream.empty())
                .toList();
    }
}
