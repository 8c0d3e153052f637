package app.bittern.cover;

import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.callset.CallSet;
import app.bittern.number.E164;
import app.bittern.paths.CallPaths;
import app.bittern.paths.NumberPaths;
import app.bittern.plan.Plan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Calls that take every step of a number, as few as can be found.
///
/// As many as the least flow has are enough where no condition keeps a call from going on as the flow does; where one
/// does, more are made, and how few are needed at least is known. A call may go round on its way.
///
/// @param calls   with what each does
/// @param least   no fewer can take every step
/// @param missing steps for which no call was found
public record Proposal(NumberPaths number, List<Call> calls, int least, List<Steps.Step> missing, Steps steps) {
    /// So many steps at most are made calls for.
    public static final int MOST = 4000;

    /// One call.
    public record Call(Bench bench, Trace trace) {}

    public Proposal {
        calls = List.copyOf(calls);
        missing = List.copyOf(missing);
    }

    /// For a number; nothing where it has more steps than [#MOST].
    public static Optional<Proposal> of(NumberPaths number) {
        Steps steps = Steps.of(number);
        return steps.all().size() > MOST ? Optional.empty() : Optional.of(new Making(steps).made());
    }

    public E164 called() {
        return number.called();
    }

    /// Goes along the flow, call by call.
    private static final class Making {
        /// A call never takes more steps than this: one that comes back 200 times is stopped.
        private static final int LONGEST = 400;

        private final Steps steps;
        private final Plan plan;
        private final LeastFlow fewest;
        private final Map<Integer, Integer> left = new HashMap<>();
        private final Set<Integer> open = new HashSet<>();
        private final Map<Integer, Integer> toTheEnd = new HashMap<>();
        private final List<Call> calls = new ArrayList<>();

        Making(Steps steps) {
            this.steps = steps;
            this.plan = steps.number().paths().plan();
            this.fewest = new LeastFlow(steps);
            steps.all().forEach(step -> {
                left.put(step.id(), fewest.times(step));
                open.add(step.id());
            });
            ends();
        }

        /// How few steps are to an end from each state.
        private void ends() {
            boolean changed = true;
            while (changed) {
                changed = false;
                for (Steps.Step step : steps.all()) {
                    int on = step.way().target() < 0
                            ? 0
                            : toTheEnd.getOrDefault(step.way().target(), LONGEST);
                    if (on + 1 < toTheEnd.getOrDefault(step.from(), LONGEST)) {
                        toTheEnd.put(step.from(), on + 1);
                        changed = true;
                    }
                }
            }
        }

        Proposal made() {
            int unmatched = steps.number().unmatchedCall().isPresent() ? 1 : 0;
            steps.number().unmatchedCall().ifPresent(bench -> calls.add(new Call(bench, Tracer.trace(plan, bench))));
            flow();
            for (Steps.Step step : steps.all()) {
                if (open.contains(step.id())) {
                    reaching(step);
                    flow();
                }
            }
            prune();
            return new Proposal(
                    steps.number(),
                    calls,
                    fewest.calls() + unmatched,
                    steps.all().stream()
                            .filter(step -> open.contains(step.id()))
                            .toList(),
                    steps);
        }

        /// Calls along what is left of the flow, until there is none.
        private void flow() {
            boolean going = true;
            while (going && !open.isEmpty()) {
                going = along();
            }
        }

        /// One more call along what is left of the flow.
        private boolean along() {
            for (CallPaths.Begins begins : steps.number().begins()) {
                Optional<List<Steps.Step>> way = walk(begins, List.of());
                if (way.isPresent() && keep(way.get())) {
                    return true;
                }
            }
            return false;
        }

        /// One more call that comes to a step that is still open: by the shortest way and then as the flow does, or by
        /// that way alone.
        private void reaching(Steps.Step step) {
            for (CallPaths.Begins begins : steps.number().begins()) {
                if (open.contains(step.id())) {
                    shortest(begins, step).ifPresent(there -> {
                        if (walk(begins, there).filter(this::keep).isEmpty()) {
                            keep(there);
                        }
                    });
                }
            }
        }

        /// A way from the beginning to an end: over steps that are open where its calls can take one, then over what
        /// is left of the flow, else the shortest way to an end.
        private Optional<List<Steps.Step>> walk(CallPaths.Begins begins, List<Steps.Step> first) {
            List<Steps.Step> way = new ArrayList<>(first);
            CallSet calls = begins.calls();
            int state = begins.state();
            for (Steps.Step step : first) {
                calls = calls.and(step.calls());
                state = step.way().target();
            }
            Map<Integer, Integer> used = Steps.counted(first);
            boolean news = first.stream().anyMatch(step -> open.contains(step.id()));
            while (state >= 0 && way.size() < LONGEST) {
                Optional<Steps.Step> next = next(state, calls, used);
                if (next.isEmpty()) {
                    return Optional.empty();
                }
                Steps.Step step = next.get();
                news |= open.contains(step.id()) && !used.containsKey(step.id());
                used.merge(step.id(), 1, Integer::sum);
                calls = calls.and(step.calls());
                way.add(step);
                state = step.way().target();
            }
            return news && state < 0 ? Optional.of(way) : Optional.empty();
        }

        private Optional<Steps.Step> next(int state, CallSet calls, Map<Integer, Integer> used) {
            Steps.Step best = null;
            long least = Long.MAX_VALUE;
            for (Steps.Step step : steps.out(state)) {
                if (!step.calls().meets(calls)) {
                    continue;
                }
                int times = used.getOrDefault(step.id(), 0);
                boolean fresh = open.contains(step.id()) && times == 0;
                int flow = left.getOrDefault(step.id(), 0) - times;
                int far = step.way().target() < 0
                        ? 0
                        : toTheEnd.getOrDefault(step.way().target(), LONGEST);
                // What goes on comes before what ends, so that rounds are made before the call is over.
                long cost = fresh
                        ? (step.way().target() < 0 ? 1000 : 0) + LONGEST - far
                        : flow > 0 ? 10_000 + far : 1_000_000L * (times + 1) + far;
                if (cost < least) {
                    least = cost;
                    best = step;
                }
            }
            return Optional.ofNullable(best);
        }

        private Optional<List<Steps.Step>> shortest(CallPaths.Begins begins, Steps.Step wanted) {
            record Come(int state, CallSet calls, List<Steps.Step> way) {}
            List<Come> work = new ArrayList<>(List.of(new Come(begins.state(), begins.calls(), List.of())));
            Map<Integer, CallSet> seen = new LinkedHashMap<>();
            while (!work.isEmpty()) {
                Come come = work.removeFirst();
                CallSet known =
                        seen.getOrDefault(come.state(), steps.graph().classes().none());
                if (come.calls().minus(known).isEmpty()) {
                    continue;
                }
                seen.put(come.state(), known.or(come.calls()));
                for (Steps.Step step : steps.out(come.state())) {
                    CallSet on = come.calls().and(step.calls());
                    if (on.isEmpty()) {
                        continue;
                    }
                    List<Steps.Step> way = new ArrayList<>(come.way());
                    way.add(step);
                    if (step.id() == wanted.id()) {
                        return Optional.of(way);
                    }
                    if (step.way().target() >= 0) {
                        work.add(new Come(step.way().target(), on, way));
                    }
                }
            }
            return Optional.empty();
        }

        /// Makes the call of a way, and keeps it where it takes a step that is open.
        private boolean keep(List<Steps.Step> way) {
            CallSet calls =
                    way.stream().map(Steps.Step::calls).reduce(CallSet::and).orElseThrow();
            Optional<Bench> bench = steps.number()
                    .bench(
                            calls,
                            way.stream()
                                    .map(step -> new app.bittern.witness.Step(
                                            steps.graph().state(step.from()),
                                            step.way().causes(),
                                            step.way().window(calls),
                                            0))
                                    .toList());
            if (bench.isEmpty()) {
                return false;
            }
            Trace trace = Tracer.trace(plan, bench.get());
            List<Steps.Step> taken = steps.taken(bench.get(), trace);
            boolean news = taken.stream().anyMatch(step -> open.contains(step.id()));
            if (news) {
                taken.forEach(step -> {
                    open.remove(step.id());
                    left.merge(step.id(), -1, Integer::sum);
                });
                this.calls.add(new Call(bench.get(), trace));
            }
            return news;
        }

        /// Leaves out calls whose steps others take.
        private void prune() {
            List<Set<Integer>> taken = calls.stream()
                    .map(call -> Steps.counted(steps.taken(call.bench(), call.trace()))
                            .keySet())
                    .toList();
            Map<Integer, Integer> times = new HashMap<>();
            taken.forEach(some -> some.forEach(step -> times.merge(step, 1, Integer::sum)));
            List<Call> kept = new ArrayList<>();
            for (int index = calls.size() - 1; index >= 0; index--) {
                Set<Integer> some = taken.get(index);
                boolean needed = some.isEmpty() || some.stream().anyMatch(step -> times.getOrDefault(step, 0) < 2);
                if (needed) {
                    kept.addFirst(calls.get(index));
                } else {
                    some.forEach(step -> times.merge(step, -1, Integer::sum));
                }
            }
            calls.clear();
            calls.addAll(kept);
        }
    }
}
