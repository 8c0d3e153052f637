package app.bittern.call;

import app.bittern.plan.Ref;

/// What must hold for an outcome to be possible at all, apart from what callers and phones do.
public sealed interface Condition {
    record Always() implements Condition {}

    /// Hours are in a state at the call's instant.
    record HoursIn(Ref hours, String state) implements Condition {}

    /// The caller withholds the number, or does not.
    record WithheldIs(boolean withheld) implements Condition {}
}
