package app.bittern.call;

import app.bittern.plan.Plan;

/// Which of the outcomes of a state are for a call.
public final class Holding {
    private Holding() {}

    /// Whether an outcome is possible for the call on a bench.
    public static boolean holds(Plan plan, Bench bench, Outcome outcome) {
        return new BenchInHand(bench, plan).holds(outcome.when());
    }
}
