package app.bittern.plan;

import java.util.Optional;

/// A finding that is known and left as it is.
///
/// It counts only while the finding says the same: when what it was about changes, it comes back.
///
/// @param code   the check
/// @param about  the object
/// @param field  the field of the object
/// @param says   what the finding said when it was accepted
/// @param reason why it is left as it is
public record Accepted(
        String key, Optional<String> note, String code, Ref about, Optional<Pointer> field, String says, String reason)
        implements Aside {
    @Override
    public Optional<String> name() {
        return Optional.empty();
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.ACCEPTED, key);
    }

    @Override
    public Accepted over(Places places) {
        return new Accepted(places.key(key), note, code, about, field, says, reason);
    }
}
