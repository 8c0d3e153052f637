package app.bittern.paths;

import app.bittern.callset.CallSet;
import app.bittern.graph.Tangle;

/// When calls that go round in a tangle come to where they do.
final class TimeAround {
    private TimeAround() {}

    /// Counted from the entry.
    ///
    /// @param calls that come in
    static Span span(Tangle tangle, int entry, Tangle.Around kind, CallSet calls) {
        long earliest = Span.UNBOUNDED;
        long last = 0;
        for (int state : tangle.states()) {
            CallSet some = calls.and(tangle.around(entry, state, kind));
            if (some.isEmpty()) {
                continue;
            }
            for (Tangle.Quickest quickest : tangle.quickest(entry, state)) {
                earliest = quickest.calls().meets(some) ? Math.min(earliest, quickest.second()) : earliest;
            }
            last = Math.max(
                    last,
                    tangle.longest(entry, state, some)
                            .map(Tangle.Longest::second)
                            .orElse(Span.UNBOUNDED));
        }
        return new Span(earliest, last);
    }
}
