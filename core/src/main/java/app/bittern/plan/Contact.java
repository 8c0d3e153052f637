package app.bittern.plan;

import app.bittern.number.E164;
import java.util.List;
import java.util.Optional;

/// Somebody who calls, as the site's directory knows them.
///
/// @param caller  the number they call from, which is the key
/// @param account what they key when asked for it
/// @param tags    groups they belong to, such as `haulier`
public record Contact(
        E164 caller,
        Optional<String> name,
        Optional<String> note,
        Optional<String> company,
        Optional<String> account,
        List<String> tags,
        Optional<String> language)
        implements Aside {
    public Contact {
        tags = List.copyOf(tags);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.CONTACT, caller.text());
    }

    @Override
    public Contact over(Places places) {
        return new Contact(new E164(places.key(caller.text())), name, note, company, account, tags, language);
    }
}
