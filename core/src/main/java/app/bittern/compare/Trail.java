package app.bittern.compare;

import app.bittern.call.Carried;
import app.bittern.call.Visit;
import app.bittern.witness.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The steps of a way in reverse, so that ways share their beginnings.
///
/// @param visit   what the world does in the last step, where that is what counts
/// @param carried what the call carries behind them
/// @param said    what those at the end that only pass calls on have said
record Trail(Optional<Trail> earlier, Optional<Step> last, Optional<Visit> visit, Carried carried, int said) {
    static final Trail NONE =
            new Trail(Optional.empty(), Optional.empty(), Optional.empty(), Carried.NOTHING, SaidMeanwhile.NOTHING);

    /// The visits that are given, by the place of their steps.
    Map<Integer, Visit> visits() {
        int place = list().size();
        Map<Integer, Visit> visits = new HashMap<>();
        for (Trail at = this; at.last().isPresent(); at = at.earlier().orElse(NONE)) {
            place--;
            int here = place;
            at.visit().ifPresent(one -> visits.put(here, one));
        }
        return visits;
    }

    List<Step> list() {
        List<Step> steps = new ArrayList<>();
        for (Trail at = this; at.last().isPresent(); at = at.earlier().orElse(NONE)) {
            steps.addFirst(at.last().get());
        }
        return steps;
    }
}
