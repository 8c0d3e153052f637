package app.bittern.effect;

import app.bittern.plan.Ref;
import java.util.Optional;

/// Something that one call sets off.
///
/// @param second   counted from the beginning of the call
/// @param object   where the call is then
/// @param heldBack why it does not happen after all; it happens where absent
public record Effect(int second, Ref object, What what, Optional<String> heldBack) {
    static Effect of(int second, Ref object, What what) {
        return new Effect(second, object, what, Optional.empty());
    }

    /// Whether it happens.
    public boolean happens() {
        return heldBack.isEmpty();
    }
}
