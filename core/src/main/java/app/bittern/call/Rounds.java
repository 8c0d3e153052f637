package app.bittern.call;

import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.HashMap;
import java.util.Map;

/// Where a call has been, and whether it goes round: two states are one where they differ in nothing that can still
/// matter ([StillMatters]), such as a tag that nobody asks for. What can is reckoned only when a call comes to a place
/// again and carries something else: most never do, and on a plan of 5,000 extensions it takes a fifth of a second.
final class Rounds {
    private record Place(Ref at, int stage) {}

    /// The states that a call was in at a place, each with the stretch in which it was there last: one as it
    /// is, several reduced.
    private static final class Been {
        private final State first;
        private int stretch;
        private Map<State, Integer> all = Map.of();

        private Been(State first, int stretch) {
            this.first = first;
            this.stretch = stretch;
        }
    }

    private final Plan plan;
    private final Map<Place, Been> been = new HashMap<>();

    /// Seconds and choices part a call into stretches.
    private int stretch;
    private int again;
    private boolean endless;

    Rounds(Plan plan) {
        this.plan = plan;
    }

    void comesTo(State state) {
        Place place = new Place(state.at(), state.stage());
        Been here = been.get(place);
        endless = false;
        if (here == null) {
            been.put(place, new Been(state, stretch));
            return;
        }
        if (here.all.isEmpty() && here.first.equals(state)) {
            again++;
            endless = here.stretch == stretch;
            here.stretch = stretch;
            return;
        }
        StillMatters matters = StillMatters.of(plan);
        if (here.all.isEmpty()) {
            here.all = new HashMap<>(Map.of(matters.reduced(here.first), here.stretch));
        }
        Integer before = here.all.put(matters.reduced(state), stretch);
        if (before != null) {
            again++;
            endless = before == stretch;
        }
    }

    /// A second has passed, or the caller has chosen, or there is more to come of what was used.
    void timeOrChoice() {
        stretch++;
    }

    /// How often it came to a state that it was in before.
    int again() {
        return again;
    }

    /// Whether it is back in a state without a second or a choice between.
    boolean endless() {
        return endless;
    }
}
