package app.bittern.formats;

import app.bittern.plan.Lookup;
import app.bittern.plan.Seconds;
import java.util.Optional;

/// Lookups.
final class LookupFormat implements KindFormat<Lookup> {
    static final String ALLOWED_WITHIN = "a duration from 1s to 10s";

    @Override
    public Optional<Lookup> read(String key, Reading fields) {
        return Optional.of(new Lookup(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.read("answersWithin", ALLOWED_WITHIN, LookupFormat::within)
                        .or(() -> within(fields.declared().usual("answersWithin")))
                        .orElseThrow(),
                fields.texts("tags")));
    }

    private static Optional<Seconds> within(String text) {
        return Seconds.parse(text).filter(time -> time.value() >= 1 && time.value() <= Lookup.LONGEST);
    }

    @Override
    public Writing write(Lookup lookup) {
        return new Writing()
                .text("name", lookup.name())
                .text("note", lookup.note())
                .text("answersWithin", lookup.answersWithin())
                .texts("tags", lookup.tags());
    }
}
