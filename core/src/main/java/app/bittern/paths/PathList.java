package app.bittern.paths;

import app.bittern.call.Cause;
import app.bittern.call.Ending;
import app.bittern.callset.CallSet;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Tangle;
import app.bittern.graph.Way;
import app.bittern.plan.Ref;
import app.bittern.witness.Step;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The paths of a number one by one, filtered and paged by counting, without making or walking those passed
/// over.
///
/// How many paths asked for go on from a node is counted once for each node, whether the object asked for has
/// been passed, and how many seconds are still wanted. So the first of 10^12 paths costs as much as the last.
public final class PathList {
    private final StateGraph graph;
    private final PathFilter filter;
    private final List<CallPaths.Start> starts;
    private final CallPaths number;
    private final CallSet at;
    private final Map<Key, BigInteger> counts = new HashMap<>();

    /// @param passed whether the object asked for has been passed
    /// @param wanted seconds that the latest must still be above; -1 where it is already
    /// @param keyed  how many of the keys asked for have been keyed
    private record Key(PathGraph.Node node, boolean passed, long wanted, int keyed) {}

    /// No path that is asked for: something else was keyed.
    private static final int OTHERWISE = -1;

    private PathList(CallPaths number, PathFilter filter) {
        this.number = number;
        this.graph = number.paths().graph();
        this.filter = filter;
        CallSet then =
                filter.at().map(graph.classes()::at).orElse(graph.classes().all());
        this.at = filter.course().map(course -> course.calls().and(then)).orElse(then);
        this.starts = at.isAll() ? number.starts() : number.startsOf(at);
    }

    /// Some of the paths that are asked for.
    ///
    /// @param asked how many are asked for in all
    /// @param skip  how many were passed over
    public record Page(BigInteger asked, long skip, List<Path> paths) {
        public Page {
            paths = List.copyOf(paths);
        }
    }

    /// Some of a number's paths.
    ///
    /// @param skip  how many are passed over
    /// @param limit how many are given at most
    public static List<Path> of(CallPaths number, PathFilter filter, long skip, int limit) {
        return new PathList(number, filter).list(BigInteger.valueOf(skip), limit);
    }

    /// Some of a number's paths, and how many a filter asks for.
    public static Page page(CallPaths number, PathFilter filter, long skip, int limit) {
        PathList list = new PathList(number, filter);
        return new Page(list.count(), skip, list.list(BigInteger.valueOf(skip), limit));
    }

    /// How many paths a filter asks for.
    public static BigInteger count(CallPaths number, PathFilter filter) {
        return new PathList(number, filter).count();
    }

    private BigInteger count() {
        BigInteger count = unmatched().isPresent() ? BigInteger.ONE : BigInteger.ZERO;
        for (CallPaths.Start start : starts) {
            count = count.add(count(key(start)));
        }
        return count;
    }

    private Key key(CallPaths.Start start) {
        return new Key(
                start.node(),
                passes(start.node()),
                filter.longerThan().map(Long::valueOf).orElse(-1L),
                0);
    }

    private Optional<Path> unmatched() {
        CallSet calls = number.unmatchedCalls().and(at);
        Path.End end = new Path.End.Rests(number.unmatchedEnding());
        boolean asked = !calls.isEmpty()
                && filter.passes().isEmpty()
                && filter.course()
                        .map(course -> course.keys().isEmpty()
                                && course.language().isEmpty()
                                && (course.passes().isEmpty() || course.avoids()))
                        .orElse(true)
                && filter.ends(end, false)
                && filter.longerThan().isEmpty();
        return asked ? Optional.of(new Path(List.of(), end, Span.NOW, calls, calls, calls)) : Optional.empty();
    }

    private List<Path> list(BigInteger skip, int limit) {
        List<Path> found = new ArrayList<>();
        BigInteger left = skip;
        Optional<Path> first = unmatched();
        if (first.isPresent()) {
            if (left.signum() == 0 && limit > 0) {
                found.add(first.get());
            }
            left = left.signum() == 0 ? left : left.subtract(BigInteger.ONE);
        }
        for (CallPaths.Start start : starts) {
            BigInteger here = count(key(start));
            if (left.compareTo(here) >= 0) {
                left = left.subtract(here);
            } else if (found.size() < limit) {
                walk(start, left, limit, found);
                left = BigInteger.ZERO;
            }
        }
        return found;
    }

    /// A node on the way, with the next of its legs to look at.
    private static final class Frame {
        private final Key key;
        private int next;

        private Frame(Key key) {
            this.key = key;
        }

        private PathGraph.Leg leg() {
            return key.node().legs().get(next - 1);
        }
    }

    private void walk(CallPaths.Start start, BigInteger skip, int limit, List<Path> found) {
        BigInteger left = skip;
        List<Frame> stack = new ArrayList<>(List.of(new Frame(key(start))));
        while (!stack.isEmpty() && found.size() < limit) {
            Frame frame = stack.getLast();
            if (frame.next == frame.key.node().legs().size()) {
                stack.removeLast();
                continue;
            }
            PathGraph.Leg leg = frame.key.node().legs().get(frame.next++);
            BigInteger here = count(frame.key, leg);
            if (left.compareTo(here) >= 0) {
                left = left.subtract(here);
            } else if (leg.goes() == PathGraph.Goes.ON) {
                stack.add(new Frame(after(frame.key, leg)));
            } else {
                found.add(path(start, stack.stream().map(Frame::leg).toList()));
            }
        }
    }

    /// How many paths asked for go on from a node; without recursion, as graphs can be deep.
    private BigInteger count(Key start) {
        if (filter.everything()) {
            return start.node().paths();
        }
        List<Key> work = new ArrayList<>(List.of(start));
        while (!work.isEmpty()) {
            Key key = work.getLast();
            if (counts.containsKey(key)) {
                work.removeLast();
                continue;
            }
            BigInteger sum = BigInteger.ZERO;
            boolean ready = true;
            for (PathGraph.Leg leg : key.node().legs()) {
                if (leg.goes() != PathGraph.Goes.ON) {
                    sum = sum.add(ended(key, leg));
                    continue;
                }
                Key next = after(key, leg);
                if (next.keyed() == OTHERWISE) {
                    continue;
                }
                BigInteger known = plain(next) ? next.node().paths() : counts.get(next);
                if (known == null) {
                    work.add(next);
                    ready = false;
                } else {
                    sum = sum.add(known);
                }
            }
            if (ready) {
                work.removeLast();
                counts.put(key, sum);
            }
        }
        return counts.getOrDefault(start, BigInteger.ZERO);
    }

    /// Whether everything that goes on from here is asked for.
    private boolean plain(Key key) {
        return filter.ending().isEmpty()
                && filter.in().isEmpty()
                && filter.course().isEmpty()
                && key.passed()
                && key.wanted() < 0;
    }

    private BigInteger count(Key key, PathGraph.Leg leg) {
        if (leg.goes() != PathGraph.Goes.ON) {
            return ended(key, leg);
        }
        Key next = after(key, leg);
        return next.keyed() == OTHERWISE ? BigInteger.ZERO : count(next);
    }

    private BigInteger ended(Key key, PathGraph.Leg leg) {
        boolean chosen = leg.way().map(Way::choice).orElse(leg.around().equals(Optional.of(Tangle.Around.CHOSEN)));
        boolean passed = key.passed() || passes(key.node(), leg);
        boolean asked = filter.ends(end(leg), chosen)
                && passed != filter.course().filter(PathCourse::avoids).isPresent()
                && inCourse(key, leg)
                && wanted(key, leg) < 0;
        return asked ? BigInteger.ONE : BigInteger.ZERO;
    }

    private Key after(Key key, PathGraph.Leg leg) {
        return new Key(
                leg.to(),
                key.passed() || passes(key.node(), leg) || passes(leg.to()),
                wanted(key, leg),
                keyed(key, leg));
    }

    /// Whether a path that ends by a leg has had all its keys keyed, and is in the language asked for.
    private boolean inCourse(Key key, PathGraph.Leg leg) {
        return filter.course()
                .map(course -> keyed(key, leg) == course.keys().size()
                        && course.language()
                                .map(graph.state(leg.from()).context().language()::equals)
                                .orElse(true))
                .orElse(true);
    }

    /// Whether callers come by a cause who have keyed nothing that leads on.
    private static boolean nothingKeyed(Cause cause) {
        return cause instanceof Cause.NoValidKey
                || cause instanceof Cause.NoKey
                || cause instanceof Cause.WrongKey
                || cause instanceof Cause.NoValidDigits;
    }

    /// How many of the keys asked for have been keyed after a leg.
    private int keyed(Key key, PathGraph.Leg leg) {
        List<String> keys = filter.course().map(PathCourse::keys).orElse(List.of());
        if (key.keyed() == keys.size() || leg.tangle().isPresent()) {
            return keys.size();
        }
        List<Cause> causes = leg.way().map(Way::causes).orElse(List.of());
        if (causes.stream().anyMatch(PathList::nothingKeyed)) {
            return OTHERWISE;
        }
        boolean dials = graph.state(leg.from()).context().dials().isPresent();
        if (dials || causes.isEmpty()) {
            return key.keyed();
        }
        // Of digits that lead to the same, any that are asked for.
        return causes.stream()
                .mapToInt(cause -> keyed(key.keyed(), keys, Path.chosen(graph.plan(), cause)))
                .filter(keyed -> keyed != OTHERWISE)
                .findFirst()
                .orElse(OTHERWISE);
    }

    private static int keyed(int before, List<String> keys, List<String> chosen) {
        int keyed = before;
        for (String one : chosen) {
            if (keyed < keys.size() && !one.equals(keys.get(keyed))) {
                return OTHERWISE;
            }
            keyed = Math.min(keyed + 1, keys.size());
        }
        return keyed;
    }

    private long wanted(Key key, PathGraph.Leg leg) {
        if (key.wanted() < 0) {
            return -1;
        }
        long latest = latest(key.node(), leg, key.node().calls().and(leg.calls()));
        return latest == Span.UNBOUNDED ? -1 : Math.max(-1, key.wanted() - latest);
    }

    /// The latest second of a leg, counted from entering its node.
    private static long latest(PathGraph.Node node, PathGraph.Leg leg, CallSet calls) {
        if (leg.way().isEmpty()) {
            return TimeAround.span(
                            leg.tangle().orElseThrow(),
                            node.state(),
                            leg.around().orElseThrow(),
                            calls)
                    .last();
        }
        long latest = leg.way().get().window(calls).latest();
        return leg.tangle()
                .map(tangle -> tangle.longest(node.state(), leg.from(), calls)
                        .map(one -> Span.sum(one.second(), latest))
                        .orElse(Span.UNBOUNDED))
                .orElse(latest);
    }

    private boolean passes(PathGraph.Node node) {
        return passes(node.state());
    }

    private boolean passes(int state) {
        return filter.course()
                .flatMap(PathCourse::passes)
                .map(some -> some.at().test(graph.state(state)))
                .orElseGet(() -> filter.passes()
                        .map(graph.state(state).at()::equals)
                        .orElse(filter.course().filter(PathCourse::avoids).isEmpty()));
    }

    /// Whether some way through the tangle of a leg passes what is asked for; where it is to be avoided, whether every
    /// way does.
    private boolean passes(PathGraph.Node node, PathGraph.Leg leg) {
        boolean any = filter.passes().isEmpty()
                && filter.course().flatMap(PathCourse::passes).isEmpty();
        boolean avoids = filter.course().filter(PathCourse::avoids).isPresent();
        if (leg.way().filter(way -> leaves(leg.from(), way)).isPresent()) {
            return true;
        }
        if (any || leg.tangle().isEmpty()) {
            return any && !avoids;
        }
        Tangle tangle = leg.tangle().get();
        CallSet calls = node.calls().and(leg.calls());
        return avoids
                ? !calls.meets(tangle.between(node.state(), leg.from(), state -> !passes(state) && !left(state, true)))
                : tangle.states().stream()
                        .filter(state -> passes(state) || left(state, false))
                        .anyMatch(state -> calls.meets(
                                tangle.between(node.state(), state).and(tangle.between(state, leg.from()))));
    }

    private boolean leaves(int state, Way way) {
        return filter.course()
                .flatMap(PathCourse::passes)
                .filter(some -> some.leaving().test(graph.state(state), way))
                .isPresent();
    }

    /// Whether a state in a tangle is left by ways asked for: every one of them, or any.
    private boolean left(int state, boolean every) {
        List<Way> ways = graph.ways(state);
        return every
                ? ways.stream().allMatch(way -> leaves(state, way))
                : ways.stream().anyMatch(way -> leaves(state, way));
    }

    private Path.End end(PathGraph.Leg leg) {
        return switch (leg.goes()) {
            case ENDS -> new Path.End.Rests(graph.ending(leg.way().orElseThrow().ending()));
            case ENDLESS -> endless(leg.way().orElseThrow().target());
            case BACK -> new Path.End.Returns(at(leg.way().orElseThrow().target()));
            case ROUND ->
                leg.around().equals(Optional.of(Tangle.Around.ENDLESS))
                        ? endless(leg.from())
                        : new Path.End.GoesRound(at(leg.from()), leg.around().orElseThrow());
            case ON -> throw new IllegalStateException("a leg that goes on is no end");
        };
    }

    private Path.End endless(int state) {
        return new Path.End.Rests(Ending.lost(Ending.Lost.ENDLESS, at(state)));
    }

    private Ref at(int state) {
        return graph.state(state).at();
    }

    /// The path of some legs of a number.
    static Path along(CallPaths number, CallPaths.Start start, List<PathGraph.Leg> legs) {
        return new PathList(number, PathFilter.ALL).path(start, legs);
    }

    private Path path(CallPaths.Start start, List<PathGraph.Leg> legs) {
        CallSet calls = start.calls();
        for (PathGraph.Leg leg : legs) {
            calls = calls.and(leg.calls());
        }
        Extreme soonest = extreme(start.node(), legs, calls, true);
        Extreme slowest = extreme(start.node(), legs, calls, false);
        CallSet quick = soonest.calls();
        List<Step> steps = new ArrayList<>();
        PathGraph.Node node = start.node();
        for (PathGraph.Leg leg : legs) {
            int state = node.state();
            Way way = leg.way().orElse(null);
            if (leg.tangle().isPresent() && way != null) {
                Tangle tangle = leg.tangle().get();
                for (Tangle.Step step : tangle.quickestWay(state, leg.from(), quick)) {
                    steps.add(step(step, calls, tangle.size()));
                }
            }
            if (way == null) {
                Tangle tangle = leg.tangle().orElseThrow();
                Tangle.Turn turn = tangle.turn(state, leg.around().orElseThrow(), quick);
                quick = quick.and(turn.calls());
                for (Tangle.Step step : turn.to()) {
                    steps.add(step(step, calls, tangle.size()));
                }
                for (Tangle.Step step : turn.round()) {
                    steps.add(step(step, calls, tangle.size()));
                }
            } else {
                steps.add(step(
                        new Tangle.Step(leg.from(), way),
                        calls,
                        leg.tangle().map(Tangle::size).orElse(0)));
            }
            node = leg.to();
        }
        return new Path(
                steps,
                end(legs.getLast()),
                new Span(soonest.second(), slowest.second()),
                calls,
                quick,
                slowest.calls());
    }

    /// When some calls come through at the soonest, or at the latest.
    private record Extreme(long second, CallSet calls) {}

    /// The soonest or the latest that some call comes to the end: calls that are quick in one place may be slow in the
    /// next, so those that are alike so far are kept apart.
    private static Extreme extreme(PathGraph.Node start, List<PathGraph.Leg> legs, CallSet calls, boolean quick) {
        boolean tangled = legs.stream().anyMatch(leg -> leg.tangle().isPresent());
        List<Extreme> apart = List.of(new Extreme(0, calls));
        PathGraph.Node node = start;
        for (PathGraph.Leg leg : legs) {
            List<Extreme> more = new ArrayList<>();
            for (Extreme one : apart) {
                more.addAll(after(node.state(), leg, one, quick));
            }
            // Calls that are as quick by other ways through a tangle do not take the steps that are shown.
            apart = tangled ? more : alike(more);
            node = leg.to();
        }
        Comparator<Extreme> bySecond = Comparator.comparingLong(Extreme::second);
        return apart.stream()
                .min(quick ? bySecond : bySecond.reversed())
                .orElseThrow(() -> new IllegalStateException("a path that no call takes"));
    }

    private static List<Extreme> alike(List<Extreme> some) {
        Map<Long, CallSet> bySecond = new LinkedHashMap<>();
        some.forEach(one -> bySecond.merge(one.second(), one.calls(), CallSet::or));
        return bySecond.entrySet().stream()
                .map(entry -> new Extreme(entry.getKey(), entry.getValue()))
                .toList();
    }

    private static List<Extreme> after(int state, PathGraph.Leg leg, Extreme one, boolean quick) {
        if (leg.way().isEmpty()) {
            Span round = around(leg.tangle().orElseThrow(), state, leg, one.calls());
            if (round.earliest() == Span.UNBOUNDED) {
                return List.of();
            }
            return List.of(new Extreme(Span.sum(one.second(), quick ? round.earliest() : round.last()), one.calls()));
        }
        List<Extreme> all = new ArrayList<>();
        for (Way.Timed timed : leg.way().get().timed()) {
            CallSet calls = one.calls().and(timed.calls());
            if (calls.isEmpty()) {
                continue;
            }
            long then = Span.sum(one.second(), quick ? timed.earliest() : timed.latest());
            if (leg.tangle().isEmpty()) {
                all.add(new Extreme(then, calls));
                continue;
            }
            Tangle tangle = leg.tangle().get();
            List<Tangle.Quickest> within =
                    quick ? tangle.quickest(state, leg.from()) : tangle.slowest(state, leg.from(), calls);
            within.stream()
                    .filter(through -> through.calls().meets(calls))
                    .forEach(through ->
                            all.add(new Extreme(Span.sum(then, through.second()), calls.and(through.calls()))));
        }
        return all;
    }

    private static Span around(Tangle tangle, int state, PathGraph.Leg leg, CallSet calls) {
        return TimeAround.span(tangle, state, leg.around().orElseThrow(), calls);
    }

    private Step step(Tangle.Step step, CallSet calls, int tangle) {
        Way way = step.way();
        return new Step(graph.state(step.state()), way.causes(), way.window(calls), tangle);
    }
}
