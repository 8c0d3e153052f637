package app.bittern.formats;

import app.bittern.number.E164;
import app.bittern.plan.Recipients;
import java.util.Optional;
import java.util.regex.Pattern;

/// Recipients.
final class RecipientsFormat implements KindFormat<Recipients> {
    static final String ALLOWED_EMAIL = "an address such as duty@example.org";
    static final Pattern EMAIL = Pattern.compile("[^@\\s]{1,64}@[A-Za-z0-9.-]{1,255}");

    static Optional<String> email(String text) {
        return EMAIL.matcher(text).matches() ? Optional.of(text) : Optional.empty();
    }

    @Override
    public Optional<Recipients> read(String key, Reading fields) {
        return Optional.of(new Recipients(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.parsed("emails", ALLOWED_EMAIL, RecipientsFormat::email),
                fields.parsed("texts", E164.ALLOWED, E164::parse)));
    }

    @Override
    public Writing write(Recipients recipients) {
        return new Writing()
                .text("name", recipients.name())
                .text("note", recipients.note())
                .texts("emails", recipients.emails())
                .texts("texts", recipients.texts());
    }
}
