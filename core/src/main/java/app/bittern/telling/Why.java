package app.bittern.telling;

/// A rule that was looked at: whether it held, and the reason in words.
public record Why(String rule, boolean held, String because) {
    static Why held(String rule, String because) {
        return new Why(rule, true, because);
    }

    static Why not(String rule, String because) {
        return new Why(rule, false, because);
    }
}
