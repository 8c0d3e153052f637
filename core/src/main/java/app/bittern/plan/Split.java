package app.bittern.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Sends calls several ways, by the state that something is in.
///
/// @param by        what decides
/// @param cases     a destination for each state, in order
/// @param otherwise the destination of states without a case
public record Split(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        By by,
        Map<String, Destination> cases,
        Optional<Destination> otherwise)
        implements PlanObject {
    public Split {
        cases = Collections.unmodifiableMap(new LinkedHashMap<>(cases));
    }

    /// What a split asks.
    public sealed interface By {
        /// The state of hours at the call's instant.
        record OfHours(Ref hours) implements By {}
    }

    /// The destination of a state: its case, else what is for the rest.
    public Optional<Destination> destination(String state) {
        return Optional.ofNullable(cases.get(state)).or(() -> otherwise);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.SPLIT, key);
    }

    @Override
    public List<Link> links() {
        Link.Collector links = new Link.Collector();
        switch (by) {
            case By.OfHours(Ref hours) -> links.ref("by", hours);
        }
        cases.forEach((state, to) -> links.may("cases/" + state, Optional.of(to)));
        return links.may("else", otherwise).done();
    }
}
