package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.Staging;
import app.bittern.call.State;
import app.bittern.call.Trace;
import app.bittern.callset.CallClasses;
import app.bittern.callset.CallSet;
import app.bittern.callset.CallWords;
import app.bittern.graph.StateGraph;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Slot;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Walks the state graphs of two plans side by side, with the same calls doing the same in both.
///
/// A pair is where a call stands in each. Objects that only pass a call on (routes, branches, announcements)
/// are gone through on each side by itself; what they say and how long that takes is compared when both are
/// through. Where a call then stands in the same object on both sides, each cause that is possible on both
/// leads to the next pair, and where the object itself may treat callers otherwise, so does each visit by
/// which the two leave by causes of their own; what is heard and how long it takes is compared. Where it
/// stands in two different objects, ends on one side alone, or can do something on one side alone, the plans
/// part: that is one difference, told once however often callers come by it. It is shown by a call that ends
/// differently when both plans are traced with it; where none is found, it is told without one. An object
/// that is renamed counts as the same. Pairs that are the same state and from which nothing changed can be
/// reached are left out. Cost: the pairs from which something that changed can be reached, for each number.
public final class SideBySide {
    private final Abreast abreast;
    private final Differing changed;
    private final StateGraph before;
    private final StateGraph after;
    private final Map<Abreast.Pair.Stands, List<Otherwise.Visited>> otherwise = new HashMap<>();
    private final List<Difference> found = new ArrayList<>();
    private final Set<Ref> concerned = new LinkedHashSet<>();

    /// Where the plans part: the first pairs at which they do, and for which calls.
    private record Parting(Ref at, List<Abreast.Pair> pairs, CallSet calls) {}

    /// Where callers hear or wait otherwise.
    private record Told(
            Difference.Notice notice,
            Ref at,
            Difference.Side before,
            Difference.Side after,
            Abreast.Pair pair,
            CallSet calls) {}

    private SideBySide(Abreast abreast, Differing changed) {
        this.abreast = abreast;
        this.changed = changed;
        this.before = abreast.before();
        this.after = abreast.after();
    }

    /// Compares two plans.
    ///
    /// @param touched whether something that differs can be reached from an object
    public static SideBySide of(Plan before, Plan after, Horizon horizon, Differing changed, Predicate<Ref> touched) {
        SideBySide walk = new SideBySide(new Abreast(before, after, horizon, touched), changed);
        Set<E164> numbers = new LinkedHashSet<>();
        List.of(before, after)
                .forEach(plan -> plan.all(InboundNumber.class).forEach(number -> numbers.add(number.called())));
        numbers.forEach(number -> walk.new Walk(number).walk());
        return walk;
    }

    /// What differs, by number.
    public List<Difference> differences() {
        return found;
    }

    /// The objects that calls which differ pass, and those that these refer to.
    public Set<Ref> concerned() {
        return concerned;
    }

    /// The classes that the sets of calls are of.
    public CallClasses classes() {
        return abreast.classes();
    }

    /// The walk of one number.
    private final class Walk {
        private final E164 called;
        private final Deque<Abreast.Pair> work = new ArrayDeque<>();
        private final Map<Abreast.Pair.Came, CallSet> seen = new HashMap<>();
        private final Map<String, Parting> partings = new LinkedHashMap<>();
        private final Map<String, Told> told = new LinkedHashMap<>();

        private Walk(E164 called) {
            this.called = called;
            work.addAll(abreast.begin(called));
        }

        private void walk() {
            while (!work.isEmpty()) {
                Abreast.Pair pair = work.remove();
                boolean passing = abreast.passes(pair);
                if (!passing) {
                    passedOtherwise(pair);
                }
                Abreast.Pair.Came key = passing ? pair.came() : new Abreast.Pair.Came(pair.stands());
                CallSet known = seen.getOrDefault(key, abreast.classes().none());
                CallSet fresh = pair.calls().minus(known);
                if (!fresh.isEmpty() && !abreast.same(pair)) {
                    seen.put(key, known.or(fresh));
                    go(pair.of(fresh));
                }
            }
            partings.values().forEach(this::tell);
            told.values().forEach(this::tell);
        }

        private void go(Abreast.Pair pair) {
            Optional<List<Abreast.Pair>> passed = abreast.passed(pair);
            if (passed.isPresent()) {
                work.addAll(passed.get());
                return;
            }
            if (!abreast.corresponds(pair)) {
                part(pair, "");
                return;
            }
            Set<Cause> visited = visitedOtherwise(pair);
            for (Abreast.Fork fork : abreast.forks(pair.stands())) {
                boolean both = fork.before().isPresent() && fork.after().isPresent();
                for (Abreast.Pair next : abreast.fork(pair, fork)) {
                    if (both) {
                        work.add(next);
                    } else if (!visited.contains(fork.cause())) {
                        part(next, "");
                    }
                }
            }
        }

        /// What the object in which both stand makes otherwise of the same visit.
        ///
        /// @return the causes by which one side leaves where the other does not
        private Set<Cause> visitedOtherwise(Abreast.Pair pair) {
            State one = before.state(pair.before().state());
            State other = after.state(pair.after().state());
            boolean alike = one.context().equals(other.context())
                    && one.at().equals(other.at())
                    && abreast.heardAlike(pair.stands());
            if (alike && !changed.near(one.at())) {
                return Set.of();
            }
            Bench call = abreast.classes()
                    .call(pair.calls())
                    .map(some -> Bench.of(called, some.caller(), some.at()).turned(some.switches()))
                    .orElseThrow();
            List<Otherwise.Visited> visits = otherwise.computeIfAbsent(
                    pair.stands(),
                    stands -> Otherwise.of(
                            new Otherwise.Side(before.plan(), one, stands.carriedBefore()),
                            new Otherwise.Side(after.plan(), other, stands.carriedAfter()),
                            call,
                            changed.is(one.at()) || changed.is(other.at())));
            Set<List<Cause>> left = new LinkedHashSet<>();
            for (Otherwise.Visited visited : visits) {
                Staging.Staged first = visited.before();
                Staging.Staged second = visited.after();
                Abreast.Pair next = abreast.visited(pair, visited.visit(), first.cause(), second.cause());
                if (visited.leaves()) {
                    boolean fresh = left.add(List.of(first.cause(), second.cause()));
                    if (!abreast.same(next) && !abreast.corresponds(next)) {
                        if (fresh) {
                            part(next, one.at() + choice(first.cause()) + choice(second.cause()));
                        }
                        continue;
                    }
                    // They leave otherwise and come to the same: the way there is what callers notice.
                    work.add(next);
                }
                if (visited.waits()) {
                    tell(Difference.Notice.WAITS, one.at(), side(first, List.of()), side(second, List.of()), next);
                }
                if (visited.hears()) {
                    tell(
                            Difference.Notice.HEARS,
                            one.at(),
                            side(first, Otherwise.words(first.hears())),
                            side(second, Otherwise.words(second.hears())),
                            next);
                }
            }
            return left.stream().flatMap(List::stream).collect(Collectors.toCollection(LinkedHashSet::new));
        }

        private static String choice(Cause cause) {
            return cause.callersChoice() ? "#" + cause.id() : "";
        }

        /// What has been said otherwise by the objects that a call passed since it last stood in one on both
        /// sides.
        private void passedOtherwise(Abreast.Pair pair) {
            SaidMeanwhile.Passed one = abreast.said(pair.wayBefore());
            SaidMeanwhile.Passed other = abreast.said(pair.wayAfter());
            if (one.alike(other)) {
                return;
            }
            Ref at = Stream.concat(one.at().stream(), other.at().stream())
                    .filter(changed::near)
                    .findFirst()
                    .or(() -> Stream.concat(one.at().stream(), other.at().stream())
                            .findFirst())
                    .orElseThrow();
            if (one.seconds() != other.seconds()) {
                tell(Difference.Notice.WAITS, at, side(one, false), side(other, false), pair);
            }
            if (!one.words().equals(other.words())) {
                tell(Difference.Notice.HEARS, at, side(one, true), side(other, true), pair);
            }
        }

        private Difference.Side side(SaidMeanwhile.Passed passed, boolean words) {
            return new Difference.Side(
                    Optional.empty(), passed.seconds(), words ? passed.words() : List.of(), Optional.empty());
        }

        private Difference.Side side(Staging.Staged staged, List<String> words) {
            return new Difference.Side(Optional.empty(), staged.after(), words, Optional.empty());
        }

        private void tell(
                Difference.Notice notice, Ref at, Difference.Side one, Difference.Side other, Abreast.Pair pair) {
            told.merge(
                    notice + " " + at,
                    new Told(notice, at, one, other, pair, pair.calls()),
                    (known, more) -> new Told(
                            notice,
                            at,
                            known.before(),
                            known.after(),
                            known.pair(),
                            known.calls().or(more.calls())));
        }

        /// @param object where a visit is left otherwise; nothing where the ways themselves differ
        private void part(Abreast.Pair pair, String object) {
            String key = object.isEmpty()
                    ? last(pair.wayBefore()) + "|" + last(pair.wayAfter()) + "|" + name(before, pair.before()) + "|"
                            + name(after, pair.after())
                    : object;
            partings.merge(
                    key,
                    new Parting(at(pair), List.of(pair), pair.calls()),
                    (known, more) -> new Parting(
                            known.at(),
                            object.isEmpty()
                                    ? known.pairs()
                                    : Stream.concat(known.pairs().stream(), more.pairs().stream())
                                            .toList(),
                            known.calls().or(more.calls())));
        }

        private void tell(Parting parting) {
            Abreast.Pair first = parting.pairs().getFirst();
            Optional<Shown> shown = parting.pairs().stream()
                    .flatMap(pair -> Shown.ending(abreast, called, pair).stream())
                    .findFirst();
            Difference.Side one =
                    shown.map(call -> ended(call.before())).orElseGet(() -> leads(before, first.before()));
            Difference.Side other = shown.map(call -> ended(call.after())).orElseGet(() -> leads(after, first.after()));
            add(Difference.Notice.ENDS, parting.at(), parting.calls(), first, one, other, shown);
        }

        private void tell(Told one) {
            int stepsBefore = one.pair().wayBefore().list().size();
            int stepsAfter = one.pair().wayAfter().list().size();
            Optional<Shown> shown = Stream.of(true, false)
                    .flatMap(side -> Shown.along(
                            abreast,
                            called,
                            one.pair(),
                            side,
                            (first, second) -> Noticed.differ(one.notice(), first, stepsBefore, second, stepsAfter))
                            .stream())
                    .findFirst();
            add(one.notice(), one.at(), one.calls(), one.pair(), one.before(), one.after(), shown);
        }

        private void add(
                Difference.Notice notice,
                Ref at,
                CallSet calls,
                Abreast.Pair pair,
                Difference.Side one,
                Difference.Side other,
                Optional<Shown> shown) {
            CallWords words = abreast.words();
            List<CallWords.Product> products = words.products(calls).list();
            // Where times, callers and switches hang together, they cannot be told apart from each other.
            Optional<CallWords.Product> alone =
                    products.size() == 1 ? Optional.of(products.getFirst()) : Optional.empty();
            found.add(new Difference(
                    notice,
                    called,
                    at,
                    calls,
                    alone.map(product ->
                                    product.when() + (product.turned().isEmpty() ? "" : ", with " + product.turned()))
                            .orElseGet(() -> words.words(calls)),
                    alone.flatMap(CallWords.Product::who),
                    choices(pair),
                    one,
                    other,
                    shown.map(Shown::bench)));
            concern(before.plan(), at);
            concern(after.plan(), at);
            shown.ifPresent(call -> {
                concern(before.plan(), call.before());
                concern(after.plan(), call.after());
            });
        }
    }

    /// The object in which the plans part: the last on the way that differs, else the last.
    private Ref at(Abreast.Pair pair) {
        List<Ref> passed = Stream.concat(pair.wayBefore().list().stream(), pair.wayAfter().list().stream())
                .map(step -> step.state().at())
                .toList();
        return passed.reversed().stream()
                .filter(changed::is)
                .findFirst()
                .or(() -> passed.reversed().stream().findFirst())
                .orElseGet(() -> Stream.of(ref(before, pair.before()), ref(after, pair.after()))
                        .flatMap(Optional::stream)
                        .findFirst()
                        .orElseThrow());
    }

    private static Difference.Side ended(Trace trace) {
        return new Difference.Side(Optional.of(trace.ending()), trace.second(), List.of(), Optional.empty());
    }

    private static Difference.Side leads(StateGraph graph, Abreast.Spot spot) {
        return new Difference.Side(spot.ending(), 0, List.of(), ref(graph, spot));
    }

    private static Optional<Ref> ref(StateGraph graph, Abreast.Spot spot) {
        return spot.state() < 0
                ? Optional.empty()
                : Optional.of(graph.state(spot.state()).at());
    }

    /// What the caller keys on the way, on the side where that is more.
    private List<String> choices(Abreast.Pair pair) {
        List<String> one = choices(before.plan(), pair.wayBefore());
        List<String> other = choices(after.plan(), pair.wayAfter());
        return other.size() > one.size() ? other : one;
    }

    private static List<String> choices(Plan plan, Abreast.Steps way) {
        return way.list().stream()
                .flatMap(step -> step.causes().stream())
                .flatMap(cause -> Path.choice(plan, cause).stream())
                .toList();
    }

    /// The object in which something was last done, with what a caller chose there.
    private static String last(Abreast.Steps way) {
        for (Abreast.Steps at = way; at.last().isPresent(); at = at.earlier().orElse(Abreast.Steps.NONE)) {
            Path.Step step = at.last().get();
            Cause cause = step.causes().getFirst();
            if (!Abreast.passing(cause)) {
                return step.state().at() + (cause.callersChoice() ? "#" + cause.id() : "");
            }
        }
        return "";
    }

    private static String name(StateGraph graph, Abreast.Spot spot) {
        return spot.state() < 0
                ? spot.toString()
                : graph.state(spot.state()).at().toString();
    }

    private void concern(Plan plan, Trace trace) {
        for (Trace.Step step : trace.steps()) {
            Ref.parse(step.object()).ifPresent(ref -> concern(plan, ref));
        }
    }

    private void concern(Plan plan, Ref ref) {
        concerned.add(ref);
        plan.find(ref).map(PlanObject::slots).orElse(List.of()).stream()
                .map(Slot::target)
                .flatMap(Optional::stream)
                .forEach(concerned::add);
    }
}
