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

/// A mailbox that says nothing.
final class MailboxSilent implements Check {
    private static final About ABOUT = new About(
            "mailbox-greeting",
            "Mailbox without greeting",
            Severity.WARNING,
            "A mailbox that says nothing.",
            "Callers do not know where they are or that they should speak. Give it a greeting.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Mailbox.class)
                .flatMap(mailbox -> mailbox.greeting().isEmpty()
                                && mailbox.greetings().isEmpty()
                        ? Stream.of(ABOUT.at(mailbox.ref(), "greeting", Says.the(mailbox) + " has no greeting."))
                        : Stream.empty())
                .toList();
    }
}
