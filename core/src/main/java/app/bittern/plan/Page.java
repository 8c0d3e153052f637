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

    @Override
    public Ref ref() {
        return new Ref(Kind.PAGE, key);
    }

    @Override
    public List<Link> links() {
        Link.Collector links = new Link.Collector();
        for (int index = 0; index < phones.size(); index++) {
            links.ref("phones/" + index, phones.get(index));
        }
        return links.done();
    }
}
