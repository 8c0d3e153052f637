package app.bittern.compare;

import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.callset.CallClasses;
import app.bittern.callset.Calling;
import app.bittern.plan.Plan;
import app.bittern.witness.Witness;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/// Writes a call that shows where two plans part: one that does otherwise when both are traced with it.
///
/// @param before its trace in the plan before
/// @param after  its trace in the plan after
record DifferenceWitness(Trace before, Trace after, Bench bench) {
    /// A call that ends differently: along the way of either side to the pair, and on to each end that it can
    /// come to from there.
    static Optional<DifferenceWitness> ending(JointGraph joint, Calling calling, JointState pair) {
        return onward(joint, calling, pair, DifferenceWitness::endsElsewhere);
    }

    /// A call that differs as asked: along the way of either side to the pair, and on to each end that it can come to
    /// from there.
    static Optional<DifferenceWitness> onward(
            JointGraph joint, Calling calling, JointState pair, Predicate<DifferenceWitness> differ) {
        for (boolean first : new boolean[] {true, false}) {
            Deque<JointState> work = new ArrayDeque<>();
            Set<Spot> seen = new HashSet<>();
            work.add(pair);
            while (!work.isEmpty()) {
                JointState next = work.remove();
                Spot spot = first ? next.before() : next.after();
                if (!seen.add(spot)) {
                    continue;
                }
                if (spot.state() < 0 || next.equals(pair)) {
                    Optional<DifferenceWitness> shown = along(joint, calling, next, first, differ);
                    if (shown.isPresent()) {
                        return shown;
                    }
                }
                work.addAll(joint.onward(next, first));
            }
        }
        return Optional.empty();
    }

    private boolean endsElsewhere() {
        return !Spot.at(before.ending()).equals(Spot.at(after.ending()));
    }

    /// A call along the way of one side to a pair, if its traces differ as asked.
    static Optional<DifferenceWitness> along(
            JointGraph joint, Calling calling, JointState pair, boolean first, Predicate<DifferenceWitness> differ) {
        Plan plan = first ? joint.before().plan() : joint.after().plan();
        Trail way = first ? pair.wayBefore() : pair.wayAfter();
        Optional<CallClasses.Call> call = joint.classes().call(pair.calls());
        return call.flatMap(one -> Witness.of(plan, calling.bench(one), way.list(), way.visits()))
                .map(bench -> new DifferenceWitness(
                        Tracer.trace(joint.before().plan(), bench),
                        Tracer.trace(joint.after().plan(), bench),
                        bench))
                .filter(differ);
    }
}
