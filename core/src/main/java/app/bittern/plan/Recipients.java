package app.bittern.plan;

import app.bittern.number.E164;
import java.util.List;
import java.util.Optional;

/// Who is told: addresses for mail and numbers for texts.
public record Recipients(
        String key, Optional<String> name, Optional<String> note, List<String> emails, List<E164> texts)
        implements Aside {
    public Recipients {
        emails = List.copyOf(emails);
        texts = List.copyOf(texts);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.RECIPIENTS, key);
    }

    @Override
    public Recipients over(Places places) {
        return new Recipients(places.key(key), name, note, emails, texts);
    }
}
