package app.bittern.call;

import app.bittern.plan.PlanObject;
import java.util.List;
import java.util.Optional;

/// What one kind of object does to a call.
interface Behaviour<T extends PlanObject> {
    /// Everything that can happen to a caller here, each cause once.
    List<Outcome> outcomes(T object, Scene scene);

    /// The outcome of one cause.
    default Optional<Outcome> outcome(T object, Scene scene, Cause cause) {
        return outcomes(object, scene).stream()
                .filter(one -> one.cause().equals(cause))
                .findFirst();
    }

    /// What happens on a bench: one of the outcomes, within its window.
    Decision decide(T object, Scene scene, BenchInHand bench);
}
