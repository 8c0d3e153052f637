package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// Speaks through phones and loudspeakers.
///
/// @param multicast whether it is sent once to a multicast address; else to each phone in turn
/// @param address   the multicast address and port
/// @param phones    the extensions that are spoken through
public record Page(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        boolean multicast,
        Optional<String> address,
        List<Ref> phones)
        implements PlanObject {
    public Page {
        phones = List.copyOf(phones);
    }

    /// The same through other phones.
    public Page withPhones(List<Ref> others) {
        return new Page(key, name, note, number, multicast, address, others);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.PAGE, key);
    }

    @Override
    public Page over(Places places) {
        return new Page(
                places.key(key),
                name,
                note,
                number,
                multicast,
                address,
                places.refs("phones", Role.RINGS, phones, Kind.EXTENSION));
    }
}
