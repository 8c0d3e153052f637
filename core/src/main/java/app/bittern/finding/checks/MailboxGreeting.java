package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Pointer;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A mailbox that says nothing.
final class MailboxGreeting extends PerObject<Mailbox> {
    private static final About ABOUT = new About(
            "mailbox-greeting",
            "Mailbox without greeting",
            Severity.WARNING,
            "A mailbox that says nothing, or nothing to callers who come for another reason.",
            "Callers do not know where they are or that they should speak. Give it a greeting.");

    MailboxGreeting() {
        super(ABOUT, Mailbox.class);
    }

    @Override
    Stream<Finding> look(Mailbox mailbox, Examination examination) {
        if (mailbox.greeting().isPresent()) {
            return Stream.empty();
        }
        if (mailbox.greetings().isEmpty()) {
            return Stream.of(ABOUT.at(mailbox.ref(), Pointer.of("greeting"), Says.the(mailbox) + " has no greeting.")
                    .together("have no greeting"));
        }
        List<String> reasons =
                mailbox.greetings().keySet().stream().map(Mailbox.Reason::word).toList();
        List<Optional<Mailbox.Reason>> come = examination.everywhere().stream()
                .flatMap(all -> all.states(mailbox.ref()).stream())
                .map(state -> state.context().facts().greeting())
                .toList();
        boolean others = come.isEmpty()
                ? reasons.size() < Mailbox.Reason.values().length
                : come.stream().anyMatch(reason -> mailbox.greeting(reason).isEmpty());
        return !others
                ? Stream.empty()
                : Stream.of(ABOUT.at(
                                mailbox.ref(),
                                Pointer.of("greeting"),
                                Says.the(mailbox) + " has a greeting for " + Says.some(reasons)
                                        + " alone; other callers hear nothing.")
                        .of(reasons.toArray()));
    }
}
