package app.bittern.graph;

import java.util.concurrent.CancellationException;

/// Asked now and then by what takes long on a large plan: whether somebody still wants the answer, such as
/// `() -> !closed`. It may be asked from any thread, and often.
@FunctionalInterface
public interface Wanted {
    /// Every answer is wanted.
    Wanted ALWAYS = () -> true;

    boolean still();

    /// Ends a computation that nobody wants the answer of.
    ///
    /// @throws CancellationException where it is not wanted any more
    default void check() {
        if (!still()) {
            throw new CancellationException("The answer is not wanted any more.");
        }
    }
}
