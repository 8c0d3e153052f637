package app.bittern.formats;

import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import java.util.Optional;

/// Mailboxes.
final class MailboxFormat implements KindFormat<Mailbox> {
    @Override
    public Optional<Mailbox> read(String key, Reading fields) {
        return Optional.of(new Mailbox(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.dialled("number"),
                fields.ref("greeting", Kind.PROMPT),
                fields.parsed(
                        "email",
                        "an address such as desk@saltreach.example",
                        text -> text.matches("[^@\\s]+@[^@\\s]+") ? Optional.of(text) : Optional.empty()),
                fields.duration("maxMessage"),
                fields.integer("keep", 1, 100_000),
                fields.destination("operator", false)));
    }

    @Override
    public Writing write(Mailbox mailbox) {
        return new Writing()
                .text("name", mailbox.name())
                .text("note", mailbox.note())
                .text("number", mailbox.number())
                .text("greeting", mailbox.greeting())
                .texts("email", mailbox.email())
                .text("maxMessage", mailbox.maxMessage())
                .integer("keep", mailbox.keep())
                .text("operator", mailbox.operator());
    }
}
