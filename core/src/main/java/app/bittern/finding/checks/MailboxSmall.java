package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Pointer;
import java.util.stream.Stream;

/// A mailbox that keeps only a few messages.
final class MailboxSmall extends PerObject<Mailbox> {
    private static final About ABOUT = new About(
            "mailbox-small",
            "Mailbox soon full",
            Severity.HINT,
            "A mailbox that keeps only a few messages.",
            "Callers are cut off when it is full. Let it keep more.");

    private static final int FEW = 20;

    MailboxSmall() {
        super(ABOUT, Mailbox.class);
    }

    @Override
    Stream<Finding> look(Mailbox mailbox, Examination examination) {
        return mailbox.mostMessages().filter(keep -> keep < FEW).isPresent()
                ? Stream.of(ABOUT.at(
                                mailbox.ref(),
                                Pointer.of("mostMessages"),
                                Says.the(mailbox) + " is full after "
                                        + Says.count(mailbox.mostMessages().orElseThrow(), "message") + "; " + FEW
                                        + " or more are usual.")
                        .of(mailbox.mostMessages().orElseThrow())
                        .together("are full after fewer than " + FEW + " messages"))
                : Stream.empty();
    }
}
