package app.bittern.formats;

import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Pin;
import app.bittern.plan.Ref;
import app.bittern.plan.Spoken;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/// Mailboxes.
final class MailboxFormat implements KindFormat<Mailbox> {
    static final String ALLOWED_GREETING =
            "a reference such as prompt/key, or with its language: prompt/key in nb-NO, or { always: prompt/key, busy: prompt/key, noAnswer: prompt/key, closed: prompt/key }";
    private static final String ALWAYS = "always";

    /// What is said: to everybody else, and by reason.
    private record Greeting(Optional<Spoken> always, Map<Mailbox.Reason, Spoken> byReason) {}

    @Override
    public Optional<Mailbox> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        Optional<String> number = fields.dialled("number");
        Optional<Ref> owner = fields.ref("owner", Kind.EXTENSION);
        Greeting greeting = fields.choose("greeting", Choosing.of(Kind.PROMPT))
                .either(
                        "greeting",
                        ALLOWED_GREETING,
                        text -> Reading.asSpoken(text).map(one -> new Greeting(Optional.of(one), Map.of())),
                        MailboxFormat::byReason)
                .orElseGet(() -> new Greeting(Optional.empty(), Map.of()));
        return Optional.of(new Mailbox(
                key,
                name,
                note,
                number,
                owner,
                greeting.always(),
                greeting.byReason(),
                fields.destination("keyZero"),
                fields.parsed("email", RecipientsFormat.ALLOWED_EMAIL, RecipientsFormat::email),
                fields.inner("deliver")
                        .map(inner -> {
                            Mailbox.Deliver deliver =
                                    new Mailbox.Deliver(inner.usualFlag("withSound"), inner.usualFlag("thenRemove"));
                            inner.done();
                            return deliver;
                        })
                        .orElse(Mailbox.Deliver.TOLD),
                fields.duration("longestMessage"),
                fields.integer("mostMessages"),
                fields.read("pin", Pin.ALLOWED, text -> Pin.parse(text, new Ref(Kind.MAILBOX, key)))));
    }

    private static Optional<Greeting> byReason(Reading fields) {
        Optional<Spoken> always = fields.oneSpoken(ALWAYS);
        Map<Mailbox.Reason, Spoken> byReason = new LinkedHashMap<>();
        for (Mailbox.Reason reason : Mailbox.Reason.values()) {
            fields.oneSpoken(reason.word()).ifPresent(prompt -> byReason.put(reason, prompt));
        }
        fields.done();
        return Optional.of(new Greeting(always, byReason));
    }

    @Override
    public Writing write(Mailbox mailbox) {
        Writing written = new Writing()
                .text("name", mailbox.name())
                .text("note", mailbox.note())
                .text("number", mailbox.number())
                .text("owner", mailbox.owner());
        if (mailbox.greetings().isEmpty()) {
            written.text("greeting", mailbox.greeting());
        } else {
            Writing greetings = new Writing().text(ALWAYS, mailbox.greeting());
            mailbox.greetings().forEach((reason, prompt) -> greetings.text(reason.word(), prompt));
            written.fields("greeting", greetings);
        }
        return written.text("keyZero", mailbox.keyZero())
                .texts("email", mailbox.email())
                .fields(
                        "deliver",
                        new Writing()
                                .flag("withSound", mailbox.deliver().withSound(), false)
                                .flag("thenRemove", mailbox.deliver().thenRemove(), false))
                .text("longestMessage", mailbox.longestMessage())
                .integer("mostMessages", mailbox.mostMessages())
                .text("pin", mailbox.pin());
    }
}
