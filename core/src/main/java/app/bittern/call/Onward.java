package app.bittern.call;

/// Where an outcome leads: to another object, or to an ending.
public sealed interface Onward {
    record Next(State state) implements Onward {}

    /// @param carried what the call carries when it ends
    record Ends(Ending ending, Context carried) implements Onward {}
}
