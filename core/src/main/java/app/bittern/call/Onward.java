package app.bittern.call;

/// Where an outcome leads: to another object, or to an ending.
public sealed interface Onward {
    record Next(State state) implements Onward {}

    record Ends(Ending ending) implements Onward {}
}
