package app.bittern.graph;

import app.bittern.callset.CallSet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.function.Function;

/// How long calls take from one state of a tangle to another: the quickest, the longest, and in silence.
///
/// A label is a second at which some calls come to a state; where no condition is asked within, one label a
/// state is enough. Quickest by E. W. Dijkstra, "A note on two problems in connexion with graphs", Numerische
/// Mathematik 1, 1959; longest by correcting labels, R. Bellman, "On a routing problem", Quarterly of Applied
/// Mathematics 16, 1958. States are numbered within the tangle. Cost: states × ways × labels of a state.
final class TangleTimes {
    /// A way between two states of the tangle.
    record Inner(int to, Way way) {}

    /// How a state is come to within the tangle.
    ///
    /// @param second counted from the entry, by the quickest or the longest of each way
    /// @param calls  for which calls
    record Label(int node, long second, CallSet calls, Optional<Label> before, Optional<Way> by) {}

    private final int[] members;
    private final List<List<Inner>> inner;
    private final CallSet all;
    private final CallSet none;

    /// @param members the states, as the graph numbers them
    /// @param inner   the ways from each to others of them
    TangleTimes(int[] members, List<List<Inner>> inner, CallSet all, CallSet none) {
        this.members = members;
        this.inner = inner;
        this.all = all;
        this.none = none;
    }

    /// A set for each state, with no call.
    CallSet[] nothing() {
        CallSet[] sets = new CallSet[members.length];
        Arrays.fill(sets, none);
        return sets;
    }

    /// Dijkstra's algorithm by classes of calls: a state is settled for those calls that come to it first.
    List<List<Label>> quickest(int entry) {
        List<List<Label>> settled = new ArrayList<>();
        for (int node = 0; node < members.length; node++) {
            settled.add(new ArrayList<>());
        }
        CallSet[] done = nothing();
        PriorityQueue<Label> work = new PriorityQueue<>((one, other) -> one.second() == other.second()
                ? Integer.compare(one.node(), other.node())
                : Long.compare(one.second(), other.second()));
        work.add(new Label(entry, 0, all, Optional.empty(), Optional.empty()));
        while (!work.isEmpty()) {
            Label label = work.remove();
            CallSet fresh = label.calls().minus(done[label.node()]);
            if (fresh.isEmpty()) {
                continue;
            }
            done[label.node()] = done[label.node()].or(fresh);
            Label kept = new Label(label.node(), label.second(), fresh, label.before(), label.by());
            settled.get(label.node()).add(kept);
            for (Inner way : inner.get(label.node())) {
                for (Way.Timed timed : way.way().timed()) {
                    CallSet on = fresh.and(timed.calls()).minus(done[way.to()]);
                    if (!on.isEmpty()) {
                        work.add(new Label(
                                way.to(),
                                label.second() + timed.earliest(),
                                on,
                                Optional.of(kept),
                                Optional.of(way.way())));
                    }
                }
            }
        }
        return settled;
    }

    /// The steps that lead to a label.
    List<Tangle.Step> steps(Label last) {
        List<Tangle.Step> steps = new ArrayList<>();
        Label label = last;
        while (label.before().isPresent()) {
            Label before = label.before().get();
            steps.addFirst(new Tangle.Step(members[before.node()], label.by().orElseThrow()));
            label = before;
        }
        return steps;
    }

    /// How long each of some calls can take from one to another, corrected until nothing gets longer: what they
    /// can go round in on the way takes no time.
    List<Label> longest(int start, int end, CallSet calls) {
        CallSet[] leading = leading(end);
        List<List<Label>> longest = new ArrayList<>();
        for (int node = 0; node < members.length; node++) {
            longest.add(new ArrayList<>());
        }
        List<Label> work = new ArrayList<>();
        improve(longest, work, new Label(start, 0, calls, Optional.empty(), Optional.empty()));
        while (!work.isEmpty()) {
            Label label = work.removeFirst();
            if (!longest.get(label.node()).contains(label)) {
                continue;
            }
            for (Inner way : inner.get(label.node())) {
                for (Way.Timed timed : way.way().timed()) {
                    CallSet on = label.calls().and(timed.calls()).and(leading[way.to()]);
                    if (!on.isEmpty()) {
                        improve(
                                longest,
                                work,
                                new Label(
                                        way.to(),
                                        label.second() + timed.latest(),
                                        on,
                                        Optional.of(label),
                                        Optional.of(way.way())));
                    }
                }
            }
        }
        return longest.get(end);
    }

    private static void improve(List<List<Label>> longest, List<Label> work, Label label) {
        List<Label> here = longest.get(label.node());
        CallSet fresh = label.calls();
        for (Label known : here) {
            fresh = known.second() >= label.second() ? fresh.minus(known.calls()) : fresh;
        }
        if (fresh.isEmpty()) {
            return;
        }
        Label kept = new Label(label.node(), label.second(), fresh, label.before(), label.by());
        List<Label> others = new ArrayList<>();
        for (Label known : here) {
            CallSet left = known.second() >= label.second()
                    ? known.calls()
                    : known.calls().minus(fresh);
            if (left == known.calls()) {
                others.add(known);
            } else if (!left.isEmpty()) {
                // What is left of it is looked at again, as its successors may have been cut as well.
                Label less = new Label(known.node(), known.second(), left, known.before(), known.by());
                others.add(less);
                work.add(less);
            }
        }
        here.clear();
        here.addAll(others);
        here.add(kept);
        work.add(kept);
    }

    /// For each state the calls that can come from it to another.
    private CallSet[] leading(int to) {
        CallSet[] sets = nothing();
        sets[to] = all;
        boolean changed = true;
        while (changed) {
            changed = false;
            for (int node = 0; node < members.length; node++) {
                CallSet here = sets[node];
                for (Inner way : inner.get(node)) {
                    here = here.or(sets[way.to()].and(way.way().calls()));
                }
                changed |= here != sets[node];
                sets[node] = here;
            }
        }
        return sets;
    }

    /// Adds the steps of a shortest way back, and tells which calls can take it.
    CallSet back(int from, int to, Function<Way, CallSet> allowed, CallSet calls, List<Tangle.Step> round) {
        List<Label> work = new ArrayList<>(List.of(new Label(from, 0, calls, Optional.empty(), Optional.empty())));
        CallSet[] done = nothing();
        while (!work.isEmpty()) {
            Label label = work.removeFirst();
            if (label.node() == to) {
                round.addAll(steps(label));
                return label.calls();
            }
            CallSet fresh = label.calls().minus(done[label.node()]);
            done[label.node()] = done[label.node()].or(fresh);
            if (fresh.isEmpty()) {
                continue;
            }
            for (Inner way : inner.get(label.node())) {
                CallSet on = fresh.and(allowed.apply(way.way()));
                if (!on.isEmpty()) {
                    work.add(new Label(way.to(), 0, on, Optional.of(label), Optional.of(way.way())));
                }
            }
        }
        throw new IllegalStateException("a way back that is known is not found");
    }

    /// The longest silence on any way from a state on, over silent ways that follow one another.
    ///
    /// @param here    the calls that come to each state
    /// @param carried how long it has been silent on coming in
    /// @param calls   that come in
    /// @param hush    what is heard on a way out of a state
    Tangle.Silences silences(int entry, CallSet[] here, long carried, CallSet calls, Tangle.Hushed hush) {
        long[] trailing = new long[members.length];
        Arrays.fill(trailing, -1);
        trailing[entry] = carried;
        long bound = carried;
        for (int node = 0; node < members.length; node++) {
            for (Inner way : inner.get(node)) {
                bound += hush.of(members[node], way.way()).trail();
            }
        }
        long longest = carried;
        List<Integer> work = new ArrayList<>(List.of(entry));
        while (!work.isEmpty()) {
            int node = work.removeFirst();
            for (Inner way : inner.get(node)) {
                if (!calls.meets(here[node].and(way.way().calls()))) {
                    continue;
                }
                Hush one = hush.of(members[node], way.way());
                longest = Math.max(longest, one.stretch(trailing[node]));
                long on = one.after(trailing[node]);
                if (on > bound) {
                    return silent(Long.MAX_VALUE, trailing);
                }
                if (on > trailing[way.to()]) {
                    trailing[way.to()] = on;
                    work.add(way.to());
                }
            }
        }
        return silent(longest, trailing);
    }

    private Tangle.Silences silent(long longest, long[] trailing) {
        Map<Integer, Long> byState = new HashMap<>();
        for (int node = 0; node < trailing.length; node++) {
            if (trailing[node] >= 0) {
                byState.put(members[node], trailing[node]);
            }
        }
        return new Tangle.Silences(longest, byState);
    }
}
