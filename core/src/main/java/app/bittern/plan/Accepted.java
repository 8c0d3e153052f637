package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// A finding that is known and left as it is.
///
/// It counts while the finding is about the same: when what it was about changes, it comes back. What the
/// finding says does not matter, as sentences change with names and from one release to the next.
///
/// @param code   the check
/// @param about  the object
/// @param field  the field of the object
/// @param values what the finding depended on when it was accepted; a reference among them is renamed with
///               its object
/// @param reason why it is left as it is
public record Accepted(
        String key,
        Optional<String> note,
        String code,
        Ref about,
        Optional<Pointer> field,
        List<String> values,
        String reason)
        implements Aside {
    public Accepted {
        values = List.copyOf(values);
    }

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
        return new Accepted(
                places.key(key),
                note,
                code,
                places.mention(about),
                field,
                values.stream()
                        .map(value -> Ref.parse(value)
                                .map(ref -> places.mention(ref).toString())
                                .orElse(value))
                        .toList(),
                reason);
    }
}
