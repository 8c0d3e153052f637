package app.bittern.compare;

import app.bittern.call.Ending;
import app.bittern.graph.StateGraph;
import app.bittern.plan.Ref;
import java.util.Optional;

/// Where a call stands: in a state, or at its end.
///
/// @param state -1 at the end
record Spot(int state, Optional<Ending> ending) {
    static Spot in(int state) {
        return new Spot(state, Optional.empty());
    }

    static Spot at(Ending ending) {
        return new Spot(-1, Optional.of(new Ending(ending.kind(), ending.in(), Optional.empty(), ending.cause())));
    }

    /// The object that the call stands in; none at the end.
    Optional<Ref> ref(StateGraph graph) {
        return state < 0 ? Optional.empty() : Optional.of(graph.state(state).at());
    }
}
