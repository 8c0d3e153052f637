package app.bittern.witness;

import app.bittern.call.Cause;
import app.bittern.call.State;
import app.bittern.call.Window;
import java.util.List;

/// A state on a way, and what leads out of it there.
///
/// @param causes one of them happens
/// @param window when, counted from entering the state
/// @param tangle how many states the tangle has that it is in; 0 outside
public record Step(State state, List<Cause> causes, Window window, int tangle) {
    public Step {
        causes = List.copyOf(causes);
    }
}
