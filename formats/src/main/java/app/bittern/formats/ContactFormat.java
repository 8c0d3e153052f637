package app.bittern.formats;

import app.bittern.number.E164;
import app.bittern.plan.Contact;
import java.util.Optional;

/// Contacts.
final class ContactFormat implements KindFormat<Contact> {
    @Override
    public Optional<Contact> read(String key, Reading fields) {
        return Optional.of(new Contact(
                new E164(key),
                fields.text("name"),
                fields.text("note"),
                fields.text("company"),
                fields.text("account"),
                fields.texts("tags"),
                fields.language("language")));
    }

    @Override
    public Writing write(Contact contact) {
        return new Writing()
                .text("name", contact.name())
                .text("note", contact.note())
                .text("company", contact.company())
                .text("account", contact.account())
                .texts("tags", contact.tags())
                .text("language", contact.language());
    }
}
