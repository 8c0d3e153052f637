package app.bittern.graph;

import app.bittern.callset.CallSet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;

/// States that lead to each other with several ways in, none of which dominates the others.
///
/// The ways through can be as many as n factorial, and counting them one by one is #P-complete (L. Valiant,
/// "The complexity of computing the permanent", Theoretical Computer Science 8(2), 1979). So a path takes a
/// tangle as one step, in at one state and out by one exit; this class tells for which calls that is possible,
/// how quick and how slow it can be, and for which calls it is possible to go round in it. All of it is a fixed
/// point over the ways within; cost: states × ways, where no condition is asked within only the ways.
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

    /// A way out of one of the states: to elsewhere, to an ending, or back to a state that dominates it.
    public record Exit(int from, Way way) {}

    /// A step on a way through a tangle.
    public record Step(int state, Way way) {}

    private final int[] members;
    private final Map<Integer, Integer> local = new HashMap<>();
    private final List<List<TangleTimes.Inner>> inner = new ArrayList<>();
    private final List<Exit> exits = new ArrayList<>();
    private final boolean plain;
    private final CallSet all;
    private final CallSet none;
    private final Map<List<Object>, CallSet[]> reached = new HashMap<>();
    private final Map<Around, CallSet[]> around = new HashMap<>();
    private final TangleTimes times;
    private final Map<Integer, List<List<TangleTimes.Label>>> quickest = new HashMap<>();
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
            List<TangleTimes.Inner> ways = new ArrayList<>();
            for (Way way : taken.apply(state)) {
                Integer to = local.get(way.target());
                if (to != null && !back.comesBack(state, way.target())) {
                    ways.add(new TangleTimes.Inner(to, way));
                    conditions |= !way.calls().isAll() || !way.apart().isEmpty();
                } else {
                    exits.add(new Exit(state, way));
                }
            }
            inner.add(ways);
        }
        this.plain = !conditions;
        this.times = new TangleTimes(members, inner, all, none);
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

    /// The calls that can come from one of its states to another without leaving it, by some of its states alone.
    public synchronized CallSet between(int from, int to, IntPredicate by) {
        CallSet[] sets = times.nothing();
        if (by.test(from)) {
            sets[index(from)] = all;
            spread(sets, Allowed.ANY, node -> by.test(members[node]));
        }
        return sets[index(to)];
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

        /// The calls that go such a way so, where any does.
        CallSet calls(Way way) {
            return this == IMMEDIATE ? way.atOnce() : way.calls();
        }
    }

    private CallSet[] reach(int from, Allowed allowed) {
        return reached.computeIfAbsent(List.of(from, allowed), key -> {
            CallSet[] sets = times.nothing();
            sets[from] = all;
            spread(sets, allowed);
            return sets;
        });
    }

    /// Goes on from what is reached until nothing changes.
    private void spread(CallSet[] sets, Allowed allowed) {
        spread(sets, allowed, node -> true);
    }

    private void spread(CallSet[] sets, Allowed allowed, IntPredicate by) {
        List<Integer> work = new ArrayList<>();
        for (int node = 0; node < sets.length; node++) {
            if (!sets[node].isEmpty()) {
                work.add(node);
            }
        }
        while (!work.isEmpty()) {
            int node = work.removeLast();
            CallSet here = sets[node];
            for (TangleTimes.Inner way : inner.get(node)) {
                if (!allowed.takes(way.way()) || !by.test(way.to())) {
                    continue;
                }
                CallSet there = sets[way.to()].or(here.and(allowed.calls(way.way())));
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
            case ENDLESS -> closed(Allowed.IMMEDIATE, Way::atOnce);
            case UNCHOSEN -> closed(Allowed.UNCHOSEN, Way::taking);
            case CHOSEN -> closed(Allowed.ANY, this::chosen);
        });
    }

    private CallSet chosen(Way way) {
        return way.choice() ? way.calls() : none;
    }

    /// For each state the calls that can come back to it by allowed ways, the first of which they go in a certain
    /// manner.
    private CallSet[] closed(Allowed allowed, Function<Way, CallSet> certain) {
        Components parts = new Components(
                members.length,
                node -> inner.get(node).stream()
                        .filter(way -> allowed.takes(way.way()))
                        .mapToInt(TangleTimes.Inner::to)
                        .toArray());
        CallSet[] sets = times.nothing();
        for (int node = 0; node < members.length; node++) {
            for (TangleTimes.Inner way : inner.get(node)) {
                CallSet first = allowed.takes(way.way()) && parts.of(way.to()) == parts.of(node)
                        ? certain.apply(way.way())
                        : none;
                if (!first.isEmpty()) {
                    CallSet back = plain ? all : reach(way.to(), allowed)[node];
                    sets[node] = sets[node].or(first.and(back));
                }
            }
        }
        return sets;
    }

    /// The calls that can come from a state to another with a second gone by or something chosen on the way.
    public synchronized CallSet counting(int from, int to) {
        return counting.computeIfAbsent(index(from), entry -> {
            CallSet[] here = reach(entry, Allowed.ANY);
            CallSet[] sets = times.nothing();
            for (int node = 0; node < members.length; node++) {
                for (TangleTimes.Inner way : inner.get(node)) {
                    sets[way.to()] = sets[way.to()].or(here[node].and(way.way().counting()));
                }
            }
            spread(sets, Allowed.ANY);
            return sets;
        })[index(to)];
    }

    /// The same for ways that do not come back to where they begin.
    public synchronized CallSet countingSince(int from, int to) {
        return since.computeIfAbsent(index(from), start -> {
            CallSet[] plainly = times.nothing();
            CallSet[] counted = times.nothing();
            List<Integer> work = new ArrayList<>(List.of(start));
            plainly[start] = all;
            while (!work.isEmpty()) {
                int node = work.removeLast();
                for (TangleTimes.Inner way : inner.get(node)) {
                    if (way.to() == start) {
                        continue;
                    }
                    CallSet here = plainly[node].and(way.way().calls());
                    CallSet time = plainly[node]
                            .and(way.way().counting())
                            .or(counted[node].and(way.way().calls()));
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
                    CallSet[] round = closed(Allowed.ANY, Way::taking);
                    CallSet[] sets = times.nothing();
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

    private List<List<TangleTimes.Label>> labels(int from) {
        return quickest.computeIfAbsent(from, times::quickest);
    }

    /// The quickest way from a state to another for some calls; all that take it are in the label's set.
    public synchronized List<Step> quickestWay(int from, int to, CallSet calls) {
        return labels(index(from)).get(index(to)).stream()
                .filter(label -> label.calls().meets(calls))
                .findFirst()
                .map(times::steps)
                .orElseThrow(() -> new IllegalArgumentException("none of these calls comes from there to here"));
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
            times.longest(index(from), index(to), rest)
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
        TangleTimes.Label last = times.longest(start, end, calls).stream()
                .reduce((one, other) -> other.second() > one.second() ? other : one)
                .orElseThrow(() -> new IllegalArgumentException("none of these calls comes from there to here"));
        return new Longest(last.second(), last.calls(), times.steps(last));
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
            TangleTimes.Label first = labels(index(entry)).get(node).stream()
                    .filter(label -> label.calls().meets(some))
                    .findFirst()
                    .orElseThrow();
            CallSet left = some.and(first.calls());
            for (TangleTimes.Inner way : inner.get(node)) {
                CallSet certain = !allowed.takes(way.way())
                        ? none
                        : switch (kind) {
                            case ENDLESS -> way.way().atOnce();
                            case UNCHOSEN -> way.way().taking();
                            case CHOSEN -> chosen(way.way());
                        };
                CallSet both = certain.isEmpty() ? none : left.and(certain).and(reach(way.to(), allowed)[node]);
                if (!both.isEmpty()) {
                    List<Step> round = new ArrayList<>(List.of(new Step(members[node], way.way())));
                    CallSet taking = times.back(
                            way.to(), node, one -> allowed.takes(one) ? allowed.calls(one) : none, both, round);
                    return new Turn(times.steps(first), round, taking);
                }
            }
        }
        throw new IllegalArgumentException("none of these calls goes round here");
    }

    /// The longest silence on any way from a state on, over silent ways that follow one another.
    ///
    /// @param carried how long it has been silent on coming in
    /// @param calls   that come in
    /// @param hush    what is heard on a way out of a state
    public synchronized Silences silences(int entry, long carried, CallSet calls, Hushed hush) {
        return times.silences(index(entry), reach(index(entry), Allowed.ANY), carried, calls, hush);
    }

    /// What is heard on a way out of a state.
    public interface Hushed {
        Hush of(int state, Way way);
    }

    /// @param longest  the longest within; [Long#MAX_VALUE] where it can be gone round in silence
    /// @param trailing how long it may have been silent on coming to each state that these calls come to
    public record Silences(long longest, Map<Integer, Long> trailing) {}
}
