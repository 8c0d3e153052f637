package app.bittern.graph;

import app.bittern.callset.CallSet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.function.IntFunction;
import java.util.function.Predicate;

/// States that lead to each other with several ways in, none of which dominates the others.
///
/// The ways through can be as many as n factorial, and counting them one by one is #P-complete (L. Valiant, "The
/// complexity of computing the permanent", Theoretical Computer Science 8(2), 1979). So a path takes a tangle as one
/// step, in at one state and out by one exit; this class tells for which calls that is possible, how quick and how slow
/// it can be, and for which calls it is possible to go round in it. All of it is a fixed point over the ways within;
/// cost: states × ways, where no condition is asked within only the ways.
public final class Tangle {
    /// How calls can go round without end.
    public enum Around {
        /// No second passes, and nobody chooses.
        ENDLESS,
        /// Time passes, and nobody chooses.
        UNCHOSEN,
        /// Callers choose.
        CHOSEN
    }

    /// A way between two states of the tangle.
    private record Inner(int to, Way way) {}

    /// A way out of one of the states: to elsewhere, to an ending, or back to a state that dominates it.
    public record Exit(int from, Way way) {}

    /// How a state is come to within the tangle.
    ///
    /// @param second counted from the entry, by the quickest or the longest of each way
    /// @param calls  for which calls
    private record Label(int node, long second, CallSet calls, Optional<Label> before, Optional<Way> by) {}

    /// A step on a way through a tangle.
    public record Step(int state, Way way) {}

    private final int[] members;
    private final Map<Integer, Integer> local = new HashMap<>();
    private final List<List<Inner>> inner = new ArrayList<>();
    private final List<Exit> exits = new ArrayList<>();
    private final boolean plain;
    private final CallSet all;
    private final CallSet none;
    private final Map<List<Object>, CallSet[]> reached = new HashMap<>();
    private final Map<Around, CallSet[]> around = new HashMap<>();
    private final Map<Integer, List<List<Label>>> quickest = new HashMap<>();
    private final Map<Integer, CallSet[]> unbounded = new HashMap<>();
    private final Map<Integer, CallSet[]> counting = new HashMap<>();
    private final Map<Integer, CallSet[]> since = new HashMap<>();

    /// Whether a way from one state to another comes back.
    interface Back {
        boolean comesBack(int from, int to);
    }

    Tangle(StateGraph graph, int[] members, IntFunction<List<Way>> taken, Back back) {
        this.members = members;
        this.all = graph.classes().all();
        this.none = graph.classes().none();
        for (int index = 0; index < members.length; index++) {
            local.put(members[index], index);
        }
        boolean conditions = false;
        for (int state : members) {
            List<Inner> ways = new ArrayList<>();
            for (Way way : taken.apply(state)) {
                Integer to = local.get(way.target());
                if (to != null && !back.comesBack(state, way.target())) {
                    ways.add(new Inner(to, way));
                    conditions |= !way.calls().isAll();
                } else {
                    exits.add(new Exit(state, way));
                }
            }
            inner.add(ways);
        }
        this.plain = !conditions;
    }

    /// How many states it has.
    public int size() {
        return members.length;
    }

    public List<Integer> states() {
        return Arrays.stream(members).boxed().toList();
    }

    public boolean holds(int state) {
        return local.containsKey(state);
    }

    /// Every way out, in the order of the states.
    public List<Exit> exits() {
        return exits;
    }

    private int index(int state) {
        Integer index = local.get(state);
        if (index == null) {
            throw new IllegalArgumentException("state " + state + " is not in the tangle");
        }
        return index;
    }

    /// The calls that can come from one of its states to another without leaving it.
    public synchronized CallSet between(int from, int to) {
        return reach(index(from), Allowed.ANY)[index(to)];
    }

    /// Which ways within are gone.
    private enum Allowed {
        ANY,
        UNCHOSEN,
        IMMEDIATE;

        boolean takes(Way way) {
            return switch (this) {
                case ANY -> true;
                case UNCHOSEN -> !way.choice();
                case IMMEDIATE -> !way.choice() && way.earliest() == 0;
            };
        }
    }

    private CallSet[] reach(int from, Allowed allowed) {
        return reached.computeIfAbsent(List.of(from, allowed), key -> {
            CallSet[] sets = nothing();
            sets[from] = all;
            spread(sets, allowed);
            return sets;
        });
    }

    private CallSet[] nothing() {
        CallSet[] sets = new CallSet[members.length];
        Arrays.fill(sets, none);
        return sets;
    }

    /// Goes on from what is reached until nothing changes.
    private void spread(CallSet[] sets, Allowed allowed) {
        List<Integer> work = new ArrayList<>();
        for (int node = 0; node < sets.length; node++) {
            if (!sets[node].isEmpty()) {
                work.add(node);
            }
        }
        while (!work.isEmpty()) {
            int node = work.removeLast();
            CallSet here = sets[node];
            for (Inner way : inner.get(node)) {
                if (!allowed.takes(way.way())) {
                    continue;
                }
                CallSet there = sets[way.to()].or(here.and(way.way().calls()));
                if (there != sets[way.to()]) {
                    sets[way.to()] = there;
                    work.add(way.to());
                }
            }
        }
    }

    /// The calls that can go round from a state on, in one of the ways.
    public synchronized CallSet around(int entry, Around kind) {
        CallSet[] here = reach(index(entry), Allowed.ANY);
        CallSet[] rounds = rounds(kind);
        CallSet calls = none;
        for (int node = 0; node < here.length; node++) {
            calls = calls.or(here[node].and(rounds[node]));
        }
        return calls;
    }

    /// The calls that can come from a state to another and go round through that in one of the ways.
    public synchronized CallSet around(int entry, int state, Around kind) {
        return reach(index(entry), Allowed.ANY)[index(state)].and(rounds(kind)[index(state)]);
    }

    /// For each state the calls that can go round through it in one of the ways.
    private CallSet[] rounds(Around kind) {
        return around.computeIfAbsent(kind, one -> switch (one) {
            case ENDLESS -> closed(Allowed.IMMEDIATE, way -> true);
            case UNCHOSEN -> closed(Allowed.UNCHOSEN, way -> way.latest() > 0);
            case CHOSEN -> closed(Allowed.ANY, Way::choice);
        });
    }

    /// For each state the calls that can come back to it by allowed ways, the first of which is a certain one.
    private CallSet[] closed(Allowed allowed, Predicate<Way> certain) {
        Components parts = new Components(
                members.length,
                node -> inner.get(node).stream()
                        .filter(way -> allowed.takes(way.way()))
                        .mapToInt(Inner::to)
                        .toArray());
        CallSet[] sets = nothing();
        for (int node = 0; node < members.length; node++) {
            for (Inner way : inner.get(node)) {
                if (allowed.takes(way.way()) && certain.test(way.way()) && parts.of(way.to()) == parts.of(node)) {
                    CallSet back = plain ? all : reach(way.to(), allowed)[node];
                    sets[node] = sets[node].or(way.way().calls().and(back));
                }
            }
        }
        return sets;
    }

    /// The calls that can come from a state to another with a second gone by or something chosen on the way.
    public synchronized CallSet counting(int from, int to) {
        return counting.computeIfAbsent(index(from), entry -> {
            CallSet[] here = reach(entry, Allowed.ANY);
            CallSet[] sets = nothing();
            for (int node = 0; node < members.length; node++) {
                for (Inner way : inner.get(node)) {
                    if (way.way().timeOrChoice()) {
                        sets[way.to()] =
                                sets[way.to()].or(here[node].and(way.way().calls()));
                    }
                }
            }
            spread(sets, Allowed.ANY);
            return sets;
        })[index(to)];
    }

    /// The same for ways that do not come back to where they begin.
    public synchronized CallSet countingSince(int from, int to) {
        return since.computeIfAbsent(index(from), start -> {
            CallSet[] plainly = nothing();
            CallSet[] counted = nothing();
            List<Integer> work = new ArrayList<>(List.of(start));
            plainly[start] = all;
            while (!work.isEmpty()) {
                int node = work.removeLast();
                for (Inner way : inner.get(node)) {
                    if (way.to() == start) {
                        continue;
                    }
                    CallSet here = plainly[node].and(way.way().calls());
                    CallSet time = way.way().timeOrChoice()
                            ? here
                            : counted[node].and(way.way().calls());
                    CallSet reached = plainly[way.to()].or(here);
                    CallSet reachedLate = counted[way.to()].or(time);
                    if (reached != plainly[way.to()] || reachedLate != counted[way.to()]) {
                        plainly[way.to()] = reached;
                        counted[way.to()] = reachedLate;
                        work.add(way.to());
                    }
                }
            }
            return counted;
        })[index(to)];
    }

    /// The calls that can be as long as they like on the way from a state to another.
    private CallSet unbounded(int from, int to) {
        return unbounded
                .computeIfAbsent(from, entry -> {
                    CallSet[] here = reach(entry, Allowed.ANY);
                    CallSet[] round = closed(Allowed.ANY, way -> way.latest() > 0);
                    CallSet[] sets = nothing();
                    for (int node = 0; node < members.length; node++) {
                        sets[node] = here[node].and(round[node]);
                    }
                    spread(sets, Allowed.ANY);
                    return sets;
                })[to];
    }

    /// The quickest ways from a state to another, in seconds; each for calls that have no quicker one.
    ///
    /// @param calls for which calls
    public record Quickest(long second, CallSet calls) {}

    public synchronized List<Quickest> quickest(int from, int to) {
        return labels(index(from)).get(index(to)).stream()
                .map(label -> new Quickest(label.second(), label.calls()))
                .toList();
    }

    /// Dijkstra's algorithm by classes of calls: a state is settled for those calls that come to it first.
    private List<List<Label>> labels(int from) {
        return quickest.computeIfAbsent(from, entry -> {
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
                    CallSet on = fresh.and(way.way().calls()).minus(done[way.to()]);
                    if (!on.isEmpty()) {
                        work.add(new Label(
                                way.to(),
                                label.second() + way.way().earliest(),
                                on,
                                Optional.of(kept),
                                Optional.of(way.way())));
                    }
                }
            }
            return settled;
        });
    }

    /// The quickest way from a state to another for some calls; all that take it are in the label's set.
    public synchronized List<Step> quickestWay(int from, int to, CallSet calls) {
        return labels(index(from)).get(index(to)).stream()
                .filter(label -> label.calls().meets(calls))
                .findFirst()
                .map(this::steps)
                .orElseThrow(() -> new IllegalArgumentException("none of these calls comes from there to here"));
    }

    private List<Step> steps(Label last) {
        List<Step> steps = new ArrayList<>();
        Label label = last;
        while (label.before().isPresent()) {
            Label before = label.before().get();
            steps.addFirst(new Step(members[before.node()], label.by().orElseThrow()));
            label = before;
        }
        return steps;
    }

    /// The longest that some calls can take from a state to another, in seconds; empty where there is no bound.
    ///
    /// @param calls that can come there
    public synchronized Optional<Longest> longest(int from, int to, CallSet calls) {
        int start = index(from);
        int end = index(to);
        return calls.meets(unbounded(start, end)) ? Optional.empty() : Optional.of(stretched(start, end, calls));
    }

    /// The longest that each of some calls can take from a state to another: sets that share no call.
    ///
    /// @param calls that can come there
    /// @return seconds, [Long#MAX_VALUE] where there is no bound
    public synchronized List<Quickest> slowest(int from, int to, CallSet calls) {
        List<Quickest> all = new ArrayList<>();
        CallSet endless = calls.and(unbounded(index(from), index(to)));
        if (!endless.isEmpty()) {
            all.add(new Quickest(Long.MAX_VALUE, endless));
        }
        CallSet rest = calls.minus(endless);
        if (!rest.isEmpty()) {
            stretchedLabels(index(from), index(to), rest)
                    .forEach(label -> all.add(new Quickest(label.second(), label.calls())));
        }
        return all;
    }

    /// The longest way, and the calls that can take it.
    public record Longest(long second, CallSet calls, List<Step> way) {
        public Longest {
            way = List.copyOf(way);
        }
    }

    /// Corrects labels until nothing gets longer: what these calls can go round in on the way takes no time.
    private Longest stretched(int start, int end, CallSet calls) {
        Label last = stretchedLabels(start, end, calls).stream()
                .reduce((one, other) -> other.second() > one.second() ? other : one)
                .orElseThrow(() -> new IllegalArgumentException("none of these calls comes from there to here"));
        return new Longest(last.second(), last.calls(), steps(last));
    }

    private List<Label> stretchedLabels(int start, int end, CallSet calls) {
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
                CallSet on = label.calls().and(way.way().calls()).and(leading[way.to()]);
                if (!on.isEmpty()) {
                    improve(
                            longest,
                            work,
                            new Label(
                                    way.to(),
                                    label.second() + way.way().latest(),
                                    on,
                                    Optional.of(label),
                                    Optional.of(way.way())));
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

    /// The way round from a state on for some calls, in one of the ways: to where it begins, and once round.
    ///
    /// @param to    the way to where it begins
    /// @param round once round
    /// @param calls that can take both
    public record Turn(List<Step> to, List<Step> round, CallSet calls) {
        public Turn {
            to = List.copyOf(to);
            round = List.copyOf(round);
        }
    }

    public synchronized Turn turn(int entry, Around kind, CallSet calls) {
        CallSet[] here = reach(index(entry), Allowed.ANY);
        CallSet[] rounds = rounds(kind);
        Allowed allowed =
                kind == Around.ENDLESS ? Allowed.IMMEDIATE : kind == Around.UNCHOSEN ? Allowed.UNCHOSEN : Allowed.ANY;
        for (int node = 0; node < members.length; node++) {
            CallSet some = calls.and(here[node]).and(rounds[node]);
            if (some.isEmpty()) {
                continue;
            }
            Label first = labels(index(entry)).get(node).stream()
                    .filter(label -> label.calls().meets(some))
                    .findFirst()
                    .orElseThrow();
            CallSet left = some.and(first.calls());
            for (Inner way : inner.get(node)) {
                boolean certain = allowed.takes(way.way())
                        && (kind == Around.ENDLESS
                                || (kind == Around.CHOSEN
                                        ? way.way().choice()
                                        : way.way().latest() > 0));
                CallSet both = certain ? left.and(way.way().calls()).and(reach(way.to(), allowed)[node]) : none;
                if (!both.isEmpty()) {
                    List<Step> round = new ArrayList<>(List.of(new Step(members[node], way.way())));
                    CallSet taking = back(way.to(), node, allowed, both, round);
                    return new Turn(steps(first), round, taking);
                }
            }
        }
        throw new IllegalArgumentException("none of these calls goes round here");
    }

    /// Adds the steps of a shortest way back, and tells which calls can take it.
    private CallSet back(int from, int to, Allowed allowed, CallSet calls, List<Step> round) {
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
                CallSet on = allowed.takes(way.way()) ? fresh.and(way.way().calls()) : none;
                if (!on.isEmpty()) {
                    work.add(new Label(way.to(), 0, on, Optional.of(label), Optional.of(way.way())));
                }
            }
        }
        throw new IllegalStateException("a way back that is known is not found");
    }

    /// The longest silence on any way from a state on, over silent ways that follow one another.
    ///
    /// @param carried how long it has been silent on coming in
    /// @param calls   that come in
    /// @param hush    what is heard on a way out of a state
    public synchronized Silences silences(int entry, long carried, CallSet calls, Hushed hush) {
        CallSet[] here = reach(index(entry), Allowed.ANY);
        long[] trailing = new long[members.length];
        Arrays.fill(trailing, -1);
        trailing[index(entry)] = carried;
        long bound = carried;
        for (int node = 0; node < members.length; node++) {
            for (Inner way : inner.get(node)) {
                bound += hush.of(members[node], way.way()).trail();
            }
        }
        long longest = carried;
        List<Integer> work = new ArrayList<>(List.of(index(entry)));
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
                    return silences(Long.MAX_VALUE, trailing);
                }
                if (on > trailing[way.to()]) {
                    trailing[way.to()] = on;
                    work.add(way.to());
                }
            }
        }
        return silences(longest, trailing);
    }

    /// What is heard on a way out of a state.
    public interface Hushed {
        Hush of(int state, Way way);
    }

    /// @param longest  the longest within; [Long#MAX_VALUE] where it can be gone round in silence
    /// @param trailing how long it may have been silent on coming to each state that these calls come to
    public record Silences(long longest, Map<Integer, Long> trailing) {}

    private Silences silences(long longest, long[] trailing) {
        Map<Integer, Long> byState = new HashMap<>();
        for (int node = 0; node < trailing.length; node++) {
            if (trailing[node] >= 0) {
                byState.put(members[node], trailing[node]);
            }
        }
        return new Silences(longest, byState);
    }
}
