package app.bittern.plan;

import java.util.List;
import java.util.Optional;
import java.util.Set;

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
    /// @param ring    an extension, an outside number, a group or a queue
    /// @param time    how long
    /// @param keyToTake whether the person must press a key to take the call
    public record Stage(Destination ring, Seconds time, boolean keyToTake) {
        /// What is allowed as a target, as a refusal says it.
        public static final String ALLOWED =
                "what is rung: extension/2001, ring-group/reception, hunt-group/duty, queue/bookings or"
                        + " outside/+441632960100";

        /// What can be rung.
        public static final Takes TAKES = new Takes(
                Set.of(Kind.EXTENSION, Kind.RING_GROUP, Kind.HUNT_GROUP, Kind.QUEUE), Set.of(Takes.Fixed.OUTSIDE));

        /// Whether a destination can be rung.
        public static boolean rings(Destination to) {
            return TAKES.fitted(to).isPresent();
        }

        /// What it rings, where that is of a kind and there.
        public <T extends PlanObject> Optional<T> rung(Plan plan, Class<T> kind) {
            return ring.target().flatMap(ref -> plan.find(ref, kind));
        }

        /// @throws IllegalArgumentException where the target cannot be rung
        public Stage {
            if (!rings(ring)) {
                throw new IllegalArgumentException(ring + " cannot be rung: " + ALLOWED);
            }
        }
    }

    /// A stage by its place from 0; none after the last.
    public Optional<Stage> stage(int place) {
        return place < stages.size() ? Optional.of(stages.get(place)) : Optional.empty();
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.CHAIN, key);
    }

    @Override
    public Chain over(Places places) {
        return new Chain(
                places.key(key),
                name,
                note,
                number,
                places.items(
                        "stages",
                        stages,
                        (stage, one) -> stage.rings("ring", one.ring(), Stage.TAKES)
                                .map(ring -> new Stage(ring, one.time(), one.keyToTake()))),
                places.needs("then", then));
    }
}
