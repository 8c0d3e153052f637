package app.bittern.compare;

import app.bittern.call.Carried;
import app.bittern.callset.CallSet;

/// Where the same call stands in two plans, with the way that led there in each.
record JointState(Spot before, Spot after, CallSet calls, Trail wayBefore, Trail wayAfter) {
    /// Where a call stands on each side, with all that can be heard of how it came there.
    record Stands(Spot before, Spot after, Carried carriedBefore, Carried carriedAfter) {}

    Stands stands() {
        return new Stands(before, after, wayBefore.carried(), wayAfter.carried());
    }

    /// Where a call stands, and what has been said to it since it stood in an object on both sides.
    record Came(Stands stands, int saidBefore, int saidAfter) {
        /// With nothing said.
        Came(Stands stands) {
            this(stands, SaidMeanwhile.NOTHING, SaidMeanwhile.NOTHING);
        }
    }

    Came came() {
        return new Came(stands(), wayBefore.said(), wayAfter.said());
    }

    /// For some of its calls alone.
    JointState of(CallSet some) {
        return new JointState(before, after, some, wayBefore, wayAfter);
    }
}
