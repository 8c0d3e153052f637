package app.bittern.call;

import app.bittern.plan.PlanObject;
import java.util.List;

/// What one kind of object does to a call.
interface Behaviour<T extends PlanObject> {
    /// Everything that can happen to a caller here; a cause more than once only for calls that have none in common.
    List<Outcome> outcomes(T object, Scene scene);

    /// The outcomes of one cause.
    default List<Outcome> outcomes(T object, Scene scene, Cause cause) {
        return outcomes(object, scene).stream()
                .filter(one -> one.cause().equals(cause))
                .toList();
    }

    /// What happens on a bench: one of the outcomes, within its window.
    Decision decide(T object, Scene scene, BenchInHand bench);
}
