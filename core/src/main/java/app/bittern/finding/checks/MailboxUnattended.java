package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Extension;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// A mailbox with neither an owner nor an email address.
final class MailboxUnattended implements Check {
    private static final About ABOUT = new About(
            "mailbox-unattended",
            "Mailbox that nobody hears",
            Severity.WARNING,
            "A mailbox with neither an owner nor an email address.",
            "Messages stay where nobody looks. Give it to an extension, or an address that they are sent to.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Set<Ref> owned = new HashSet<>();
        examination
                .plan()
                .all(Extension.class)
                .forEach(extension -> extension.mailbox().ifPresent(owned::add));
        return examination
                .plan()
                .all(Mailbox.class)
                .filter(mailbox ->
                        mailbox.email().isEmpty() && mailbox.owner().isEmpty() && !owned.contains(mailbox.ref()))
                .map(mailbox -> ABOUT.at(
                                mailbox.ref(),
                                Pointer.of("email"),
                                Says.the(mailbox) + " belongs to no extension and sends no email.")
                        .together("belong to no extension and send no email")
                        .shownBy(examination.reached().witness(mailbox.ref())))
                .toList();
    }
}
