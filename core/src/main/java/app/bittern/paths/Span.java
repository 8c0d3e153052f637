package app.bittern.paths;

import app.bittern.call.Window;
import java.util.OptionalLong;

/// The earliest and the latest second at which something can happen, counted from the beginning of the call.
///
/// @param earliest second
/// @param last     second; [#UNBOUNDED] where there is no latest
public record Span(long earliest, long last) {
    static final long UNBOUNDED = Long.MAX_VALUE;

    /// The beginning of the call.
    public static final Span NOW = new Span(0, 0);

    /// The latest second; none where calls can go round on the way as long as they like.
    public OptionalLong latest() {
        return last == UNBOUNDED ? OptionalLong.empty() : OptionalLong.of(last);
    }

    Span plus(long quick, long slow) {
        return new Span(earliest + quick, sum(last, slow));
    }

    public Span union(Span other) {
        return new Span(Math.min(earliest, other.earliest), Math.max(last, other.last));
    }

    /// A sum that has no bound where one of both has none.
    static long sum(long one, long other) {
        return one == UNBOUNDED || other == UNBOUNDED ? UNBOUNDED : one + other;
    }

    /// Whether a second is in it.
    public boolean contains(long second) {
        return second >= earliest && second <= last;
    }

    static Span of(Window window) {
        return new Span(window.earliest(), window.latest());
    }
}
