package app.bittern.call;

import app.bittern.plan.Plan;
import java.time.LocalDateTime;

/// A bench in the course of a call: the keys are used up one after another.
final class BenchInHand {
    private final Bench bench;
    private final LocalDateTime local;
    private int keysUsed;

    BenchInHand(Bench bench, Plan plan) {
        this.bench = bench;
        this.local = LocalDateTime.ofInstant(bench.at(), plan.site().timeZone());
    }

    Bench bench() {
        return bench;
    }

    /// The call's instant at the site. The whole call is judged by it, so that hours asked twice in
    /// one call answer alike.
    LocalDateTime local() {
        return local;
    }

    /// The next key asked for, without taking it.
    KeyPress peek() {
        return keysUsed < bench.keys().size() ? bench.keys().get(keysUsed) : KeyPress.SILENCE;
    }

    /// The next key asked for.
    KeyPress take() {
        KeyPress next = peek();
        keysUsed++;
        return next;
    }
}
