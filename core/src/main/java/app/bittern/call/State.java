package app.bittern.call;

import app.bittern.plan.Ref;

/// A caller at an object, with what is carried.
///
/// @param stage which stage of a chain, from 0; 0 elsewhere
public record State(Ref at, int stage, Context context) {
    /// At the beginning of an object.
    public State(Ref at, Context context) {
        this(at, 0, context);
    }
}
