package app.bittern.call;

/// One way in which a caller can leave an object.
///
/// @param cause  what makes it happen; no two outcomes of a state have the same
/// @param window when, counted from entering the object
/// @param when   what must hold for it to be possible
/// @param onward where it leads
public record Outcome(Cause cause, Window window, Condition when, Onward onward) {
    static Outcome of(Cause cause, Window window, Onward onward) {
        return new Outcome(cause, window, new Condition.Always(), onward);
    }
}
