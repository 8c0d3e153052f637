package app.bittern.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A place in an object that refers to another, or that must and does not.
///
/// @param field    the place, such as `keys/3/to`, as the plan file nests it
/// @param target   the object referred to; empty where nothing is given
/// @param required whether nothing given is a hole
public record Link(String field, Optional<Ref> target, boolean required) {
    /// Collects the links of one object in the order of its fields.
    static final class Collector {
        private final List<Link> links = new ArrayList<>();

        /// A destination that must be given.
        Collector needs(String field, Optional<Destination> destination) {
            links.add(new Link(field, destination.flatMap(Destination::target), destination.isEmpty()));
            return this;
        }

        /// A destination that may be left out.
        Collector may(String field, Optional<Destination> destination) {
            destination.flatMap(Destination::target).ifPresent(ref -> ref(field, ref));
            return this;
        }

        /// A reference to an object that is not a destination.
        Collector ref(String field, Ref ref) {
            links.add(new Link(field, Optional.of(ref), false));
            return this;
        }

        Collector ref(String field, Optional<Ref> ref) {
            ref.ifPresent(r -> ref(field, r));
            return this;
        }

        Collector refs(String field, List<Ref> refs) {
            for (int index = 0; index < refs.size(); index++) {
                ref(field + "/" + index, refs.get(index));
            }
            return this;
        }

        /// Something that must be given and is not.
        Collector missing(String field) {
            links.add(new Link(field, Optional.empty(), true));
            return this;
        }

        List<Link> done() {
            return List.copyOf(links);
        }
    }
}
