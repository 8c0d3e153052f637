package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Pointer;
import java.util.stream.Stream;

/// Messages that are to be sent to nobody, or taken away without having been sent.
final class MailboxDelivery extends PerObject<Mailbox> {
    private static final About ABOUT = new About(
            "mailbox-delivery",
            "Message sent to nobody",
            Severity.WARNING,
            "A mailbox that is to send its messages and has no email address, or takes away what it does not send.",
            "Nobody hears the message. Give the mailbox an email address, and let it send the sound that it takes away.");

    MailboxDelivery() {
        super(ABOUT, Mailbox.class);
    }

    @Override
    Stream<Finding> look(Mailbox mailbox, Examination examination) {
        Mailbox.Deliver deliver = mailbox.deliver();
        if (deliver.thenRemove() && !deliver.withSound()) {
            return Stream.of(ABOUT.at(
                    mailbox.ref(),
                    Pointer.of("deliver", "thenRemove"),
                    Says.the(mailbox) + " takes messages away once it has told of them, and does not send them."));
        }
        return deliver.withSound() && mailbox.email().isEmpty()
                ? Stream.of(ABOUT.at(
                        mailbox.ref(),
                        Pointer.of("deliver"),
                        Says.the(mailbox) + " is to send its messages, and has no email address."))
                : Stream.empty();
    }
}
