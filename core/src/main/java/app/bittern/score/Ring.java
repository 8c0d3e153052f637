package app.bittern.score;

/// A stretch in which a phone rings, in seconds since the call came, such as 12 to 24: it has rung for 12 s by the end.
///
/// @param from the first second
/// @param to   when it rings no more
public record Ring(int from, int to) {
    /// @throws IllegalArgumentException where it is negative or ends before it begins
    public Ring {
        if (from < 0 || to < from) {
            throw new IllegalArgumentException("rings from " + from + " to " + to + " s");
        }
    }
}
