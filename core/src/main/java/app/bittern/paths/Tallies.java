package app.bittern.paths;

import app.bittern.call.Cause;
import app.bittern.call.Ending;
import app.bittern.callset.CallSet;
import app.bittern.graph.Hush;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Tangle;
import app.bittern.graph.Way;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/// One pass from the starts of a number over all that follows: how many ways lead to each node, when, and for
/// which calls. Cost: nodes and legs of the number.
final class Tallies {
    /// What comes to a place.
    ///
    /// @param paths how many ways
    /// @param span  earliest and latest second
    /// @param calls for which calls; exactly those of the ways
    record Tally(BigInteger paths, Span span, CallSet calls) {
        Tally and(Tally other) {
            return new Tally(paths.add(other.paths), span.union(other.span), calls.or(other.calls));
        }
    }

    /// When some of the calls come to a node, as far as it matters from there on. Calls that have come
    /// through a tangle under conditions may come at other times than others.
    private record Piece(CallSet calls, Span span) {}

    private static final int MOST_PIECES = 64;

    private static final class Arrived {
        private BigInteger paths = BigInteger.ZERO;
        private final List<Piece> pieces = new ArrayList<>();
        private CallSet calls;
        private long silent;

        private Arrived(CallSet calls) {
            this.calls = calls;
        }
    }

    private final StateGraph graph;
    private final Hushes hushes;
    private final Map<PathGraph.Node, Arrived> arrived = new HashMap<>();
    private final List<PathGraph.Node> order = new ArrayList<>();
    private final Map<Ending, Tally> endings = new LinkedHashMap<>();
    private final Set<Integer> states = new LinkedHashSet<>();
    private final Set<List<Object>> ways = new HashSet<>();
    private final Map<Ref, Tally> objects = new LinkedHashMap<>();
    private final Optional<Towards> towards;
    private final List<Left> left = new ArrayList<>();
    private long longestQuiet;

    /// A leg with what comes over it.
    private record Left(int from, Way way, Tally tally) {}

    /// Objects that alone are asked about: what does not lead to them, or out of them, is passed over. A menu of
    /// thousands of extensions has thousands of legs, of which one leads to each. How long callers hear nothing
    /// is not reckoned then.
    ///
    /// @param objects routes too, which calls go through and which are no place to come to otherwise
    /// @param leading every node from which one can be come to, its own included
    record Towards(Set<Ref> objects, Set<PathGraph.Node> leading) {}

    Tallies(StateGraph graph, List<CallPaths.Start> starts) {
        this(graph, starts, Optional.empty(), Optional.empty());
    }

    /// Of what leads to some objects, and out of them.
    Tallies(StateGraph graph, List<CallPaths.Start> starts, Towards towards) {
        this(graph, starts, Optional.of(towards), Optional.empty());
    }

    /// @param music whether the music of the routes sounds; absent where they have none
    Tallies(StateGraph graph, List<CallPaths.Start> starts, Optional<Boolean> music) {
        this(graph, starts, Optional.empty(), music);
    }

    private Tallies(
            StateGraph graph, List<CallPaths.Start> starts, Optional<Towards> towards, Optional<Boolean> music) {
        this.graph = graph;
        this.hushes = new Hushes(graph, music);
        this.towards = towards;
        for (CallPaths.Start start : starts) {
            if (through(start.node())) {
                Piece piece = new Piece(start.node().calls(), Span.NOW);
                come(start.node(), BigInteger.ONE, List.of(piece), start.calls(), 0);
            }
        }
        reached(starts);
        for (PathGraph.Node node : order) {
            Arrived here = arrived.get(node);
            if (here != null) {
                leave(node, here);
            }
        }
    }

    private boolean through(PathGraph.Node node) {
        return towards.isEmpty() || towards.get().leading().contains(node);
    }

    /// Whether what comes over a leg is asked about.
    private boolean told(PathGraph.Leg leg) {
        return towards.isEmpty()
                || (leg.goes() == PathGraph.Goes.ON && through(leg.to()))
                || towards.get().objects().contains(graph.state(leg.from()).at());
    }

    /// Every node that can be reached, those that lead to others first.
    private void reached(List<CallPaths.Start> starts) {
        Set<PathGraph.Node> met = new HashSet<>();
        List<PathGraph.Node> work = new ArrayList<>();
        starts.forEach(start -> work.add(start.node()));
        while (!work.isEmpty()) {
            PathGraph.Node node = work.removeLast();
            if (through(node) && met.add(node)) {
                node.legs().stream()
                        .filter(leg -> leg.goes() == PathGraph.Goes.ON && through(leg.to()))
                        .forEach(leg -> work.add(leg.to()));
            }
        }
        order.addAll(met);
        order.sort(Comparator.comparingInt(PathGraph.Node::place).reversed());
    }

    private void come(PathGraph.Node node, BigInteger paths, List<Piece> pieces, CallSet calls, long silent) {
        Arrived there =
                arrived.computeIfAbsent(node, one -> new Arrived(graph.classes().none()));
        there.paths = there.paths.add(paths);
        there.calls = there.calls.or(calls);
        there.silent = Math.max(there.silent, silent);
        for (Piece piece : pieces) {
            add(there.pieces, new Piece(graph.mattering(node.state(), piece.calls()), piece.span()));
        }
    }

    private static void add(List<Piece> pieces, Piece more) {
        for (int index = 0; index < pieces.size(); index++) {
            Piece known = pieces.get(index);
            if (known.calls() == more.calls() || pieces.size() >= MOST_PIECES) {
                pieces.set(
                        index,
                        new Piece(known.calls().or(more.calls()), known.span().union(more.span())));
                return;
            }
        }
        pieces.add(more);
    }

    private void leave(PathGraph.Node node, Arrived here) {
        Map<Tangle, Tangle.Silences> silences = new HashMap<>();
        enter(node.state(), new Tally(here.paths, span(here.pieces), here.calls));
        for (PathGraph.Leg leg : node.legs()) {
            leg.tangle().ifPresent(tangle -> silences.computeIfAbsent(tangle, one -> within(one, node, here)));
        }
        for (PathGraph.Leg leg : node.legs()) {
            if (!told(leg)) {
                continue;
            }
            CallSet calls = here.calls.and(leg.calls());
            if (leg.way().isEmpty()) {
                if (leg.around().equals(Optional.of(Tangle.Around.ENDLESS))) {
                    Span span = TimeAround.span(leg.tangle().orElseThrow(), node.state(), Tangle.Around.ENDLESS, calls);
                    Span before = span(meeting(here.pieces, calls));
                    lost(node.state(), here.paths, before.plus(span.earliest(), span.last()), calls);
                }
                continue;
            }
            Way way = leg.way().get();
            ways.add(List.of(leg.from(), way.causes(), way.target(), way.ending()));
            List<Piece> pieces = leg.tangle()
                    .map(tangle -> through(tangle, node.state(), leg.from(), way, here.pieces))
                    .orElseGet(() -> over(way, here.pieces));
            long before = leg.tangle()
                    .map(tangle -> Optional.ofNullable(silences.get(tangle))
                            .map(one -> one.trailing().getOrDefault(leg.from(), 0L))
                            .orElse(0L))
                    .orElse(here.silent);
            Hush hush = towards.isEmpty() ? hushes.of(leg.from(), way) : Hush.SOUND;
            longestQuiet = Math.max(longestQuiet, hush.stretch(before));
            Tally tally = new Tally(here.paths, span(pieces), calls);
            left.add(new Left(leg.from(), way, tally));
            switch (leg.goes()) {
                case ON -> {
                    if (through(leg.to())) {
                        come(leg.to(), here.paths, pieces, calls, hush.after(before));
                    }
                }
                case ENDS -> endings.merge(graph.ending(way.ending()), tally, Tally::and);
                case ENDLESS -> lost(way.target(), here.paths, span(pieces), calls);
                case BACK, ROUND -> {}
            }
        }
    }

    private void lost(int state, BigInteger paths, Span span, CallSet calls) {
        Ending ending = Ending.lost(Ending.Lost.ENDLESS, graph.state(state).at());
        endings.merge(ending, new Tally(paths, span, calls), Tally::and);
    }

    /// Of those that come, when some calls do: others may have come at other times.
    private static List<Piece> meeting(List<Piece> pieces, CallSet calls) {
        return pieces.stream().filter(piece -> piece.calls().meets(calls)).toList();
    }

    private static Span span(List<Piece> pieces) {
        return pieces.stream().map(Piece::span).reduce(Span::union).orElse(Span.NOW);
    }

    private static List<Piece> over(Way way, List<Piece> pieces) {
        List<Piece> all = new ArrayList<>();
        for (Piece piece : pieces) {
            for (Way.Timed timed : way.timed()) {
                CallSet calls = piece.calls().and(timed.calls());
                if (!calls.isEmpty()) {
                    add(all, new Piece(calls, piece.span().plus(timed.earliest(), timed.latest())));
                }
            }
        }
        return all;
    }

    private static List<Piece> through(Tangle tangle, int entry, int from, Way way, List<Piece> pieces) {
        List<Piece> all = new ArrayList<>();
        for (Piece piece : pieces) {
            for (Tangle.Quickest quickest : tangle.quickest(entry, from)) {
                for (Way.Timed timed : way.timed()) {
                    CallSet calls = piece.calls().and(quickest.calls()).and(timed.calls());
                    if (!calls.isEmpty()) {
                        tangle.slowest(entry, from, calls)
                                .forEach(slow -> add(
                                        all,
                                        new Piece(
                                                slow.calls(),
                                                piece.span()
                                                        .plus(
                                                                quickest.second() + timed.earliest(),
                                                                Span.sum(slow.second(), timed.latest())))));
                    }
                }
            }
        }
        return all;
    }

    /// What comes to the states of a tangle, and how silent it can be there.
    private Tangle.Silences within(Tangle tangle, PathGraph.Node node, Arrived here) {
        for (int state : tangle.states()) {
            CallSet calls = here.calls.and(tangle.between(node.state(), state));
            if (state != node.state() && !calls.isEmpty()) {
                Span span = span(meeting(here.pieces, calls));
                long quick = tangle.quickest(node.state(), state).stream()
                        .filter(one -> one.calls().meets(calls))
                        .mapToLong(Tangle.Quickest::second)
                        .min()
                        .orElse(0);
                long slow = tangle.longest(node.state(), state, calls)
                        .map(Tangle.Longest::second)
                        .orElse(Span.UNBOUNDED);
                enter(state, new Tally(here.paths, span.plus(quick, slow), calls));
            }
        }
        Tangle.Silences silences = tangle.silences(node.state(), here.silent, here.calls, hushes::of);
        longestQuiet = Math.max(longestQuiet, silences.longest());
        return silences;
    }

    private void enter(int state, Tally tally) {
        states.add(state);
        Ref at = graph.state(state).at();
        if (at.kind() != Kind.ROUTE
                || towards.filter(one -> one.objects().contains(at)).isPresent()) {
            objects.merge(at, tally, Tally::and);
        }
    }

    Map<Ending, Tally> endings() {
        return endings;
    }

    Set<Integer> states() {
        return states;
    }

    int ways() {
        return ways.size();
    }

    /// The longest that a caller hears nothing, in seconds; [Span#UNBOUNDED] where a round is silent.
    long longestQuiet() {
        return longestQuiet;
    }

    /// What leaves an object by some causes: when, and for which calls.
    Optional<Tally> leaving(Ref ref, Predicate<Cause> asked) {
        return left.stream()
                .filter(one -> graph.state(one.from()).at().equals(ref)
                        && one.way().causes().stream().anyMatch(asked))
                .map(Left::tally)
                .reduce(Tally::and);
    }

    /// What comes to each object: the first second, the last, and the calls.
    Map<Ref, Tally> objects() {
        return objects;
    }
}
