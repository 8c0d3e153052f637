package app.bittern.graph;

import app.bittern.call.Cause;
import app.bittern.call.Outcome;
import app.bittern.callset.CallSet;
import java.util.ArrayList;
import java.util.List;

/// A way on from a state: to another, or to an ending.
///
/// @param causes   what makes it happen; one where a caller chose it
/// @param choice   whether a caller chose it
/// @param earliest seconds from entering the state
/// @param latest   seconds from entering the state
/// @param calls    for which calls it is possible
/// @param target   the state it leads to; -1 where it ends
/// @param ending   where it ends; -1 where it goes on
public record Way(List<Cause> causes, boolean choice, int earliest, int latest, CallSet calls, int target, int ending) {
    public Way {
        causes = List.copyOf(causes);
    }

    Way with(Outcome other, CallSet otherCalls) {
        List<Cause> all = new ArrayList<>(causes);
        all.add(other.cause());
        return new Way(
                all,
                choice,
                Math.min(earliest, other.window().earliest()),
                Math.max(latest, other.window().latest()),
                calls.or(otherCalls),
                target,
                ending);
    }

    /// Whether a second may pass, or a caller has chosen it.
    public boolean timeOrChoice() {
        return choice || latest > 0;
    }
}
