package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// An ordered list of stages that a forwarded call goes through.
///
/// @param then where the call goes after the last stage
public record Chain(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        List<Stage> stages,
        Optional<Destination> then)
        implements PlanObject {
    public Chain {
        stages = List.copyOf(stages);
    }

    /// One target that is rung; its own forwarding is not followed.
    ///
    /// @param ring    an extension, a ring group or an outside number
    /// @param time    how long
    /// @param confirm whether the person must press a key to take the call
    public record Stage(Destination ring, Seconds time, boolean confirm) {
        /// What is allowed as a target, as a refusal says it.
        public static final String ALLOWED =
                "what is rung: extension/2001, ring-group/reception or outside/+441632960100";

        /// Whether a destination can be rung.
        public static boolean rings(Destination to) {
            return to instanceof Destination.Outside
                    || to.target()
                            .filter(ref -> ref.kind() == Kind.EXTENSION || ref.kind() == Kind.RING_GROUP)
                            .isPresent();
        }

        /// @throws IllegalArgumentException where the target cannot be rung
        public Stage {
            if (!rings(ring)) {
                throw new IllegalArgumentException(ring + " cannot be rung: " + ALLOWED);
            }
        }
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.CHAIN, key);
    }

    @Override
    public List<Link> links() {
        Link.Collector links = new Link.Collector();
        for (int index = 0; index < stages.size(); index++) {
            links.may("stages/" + index + "/ring", Optional.of(stages.get(index).ring()));
        }
        return links.needs("then", then).done();
    }
}
