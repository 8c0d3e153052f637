package app.bittern.call;

import app.bittern.plan.PlanObject;
import java.util.List;

/// What one kind of object does to a call.
interface Behaviour<T extends PlanObject> {
    /// Everything that can happen to a caller here, each cause once.
    List<Outcome> outcomes(T object, Scene scene);

    /// What happens on a bench: one of the outcomes, within its window.
    Decision decide(T object, Scene scene, BenchInHand bench);
}
