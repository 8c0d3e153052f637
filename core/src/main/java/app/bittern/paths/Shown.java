package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.callset.CallClasses;
import app.bittern.number.E164;
import app.bittern.plan.Plan;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;

/// Writes a call that shows where two plans part: one that does otherwise when both are traced with it.
///
/// @param before its trace in the plan before
/// @param after  its trace in the plan after
record Shown(Trace before, Trace after, Bench bench) {
    /// A call that ends differently: along the way of either side to the pair, and on to each end that it can
    /// come to from there.
    static Optional<Shown> ending(Abreast abreast, E164 called, Abreast.Pair pair) {
        for (boolean first : new boolean[] {true, false}) {
            Deque<Abreast.Pair> work = new ArrayDeque<>();
            Set<Abreast.Spot> seen = new HashSet<>();
            work.add(pair);
            while (!work.isEmpty()) {
                Abreast.Pair next = work.remove();
                Abreast.Spot spot = first ? next.before() : next.after();
                if (!seen.add(spot)) {
                    continue;
                }
                if (spot.state() < 0 || next.equals(pair)) {
                    Optional<Shown> shown = along(abreast, called, next, first, Shown::endsElsewhere);
                    if (shown.isPresent()) {
                        return shown;
                    }
                }
                work.addAll(abreast.onward(next, first));
            }
        }
        return Optional.empty();
    }

    private static boolean endsElsewhere(Trace one, Trace other) {
        return !Abreast.Spot.at(one.ending()).equals(Abreast.Spot.at(other.ending()));
    }

    /// A call along the way of one side to a pair, if its traces differ as asked.
    static Optional<Shown> along(
            Abreast abreast, E164 called, Abreast.Pair pair, boolean first, BiPredicate<Trace, Trace> differ) {
        Plan plan = first ? abreast.before().plan() : abreast.after().plan();
        Abreast.Steps way = first ? pair.wayBefore() : pair.wayAfter();
        Optional<CallClasses.Call> call = abreast.classes().call(pair.calls());
        return call.flatMap(one -> Witness.of(plan, called, one, way.list(), way.visits()))
                .map(bench -> new Shown(
                        Tracer.trace(abreast.before().plan(), bench),
                        Tracer.trace(abreast.after().plan(), bench),
                        bench))
                .filter(shown -> differ.test(shown.before(), shown.after()));
    }
}
