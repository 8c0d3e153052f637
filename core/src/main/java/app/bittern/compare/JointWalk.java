package app.bittern.compare;

import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.Staging;
import app.bittern.call.State;
import app.bittern.callset.CallSet;
import app.bittern.effect.SetsOff;
import app.bittern.effect.What;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Way;
import app.bittern.number.E164;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.witness.Step;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
/// part: that is one difference, told once however often callers come by it. An object that is renamed counts
/// as the same. Pairs that are the same state and from which nothing changed can be reached are left out.
/// Cost: the pairs from which something that changed can be reached, for each number.
final class JointWalk {

    /// Where the plans part: the first pairs at which they do, and for which calls.
    record Parting(Ref at, List<JointState> pairs, CallSet calls) {}

    /// Where callers hear or wait otherwise.
    record Told(
            Difference.Notice notice,
            Ref at,
            Difference.Side before,
            Difference.Side after,
            JointState pair,
            CallSet calls) {}

    private final JointGraph joint;
    private final Differing changed;
    private final StateGraph before;
    private final StateGraph after;
    private final Map<JointGraph.Key, List<TreatedOtherwise.Visited>> otherwise;
    private final Optional<E164> called;
    private final Deque<JointState> work = new ArrayDeque<>();
    private final Map<JointState.Came, CallSet> seen = new HashMap<>();
    private final Map<String, Parting> partings = new LinkedHashMap<>();
    private final Map<String, Told> told = new LinkedHashMap<>();

    /// @param called the number that is called; none where phones dial
    JointWalk(
            JointGraph joint,
            Differing changed,
            Map<JointGraph.Key, List<TreatedOtherwise.Visited>> otherwise,
            Optional<E164> called,
            List<JointState> begun) {
        this.joint = joint;
        this.changed = changed;
        this.before = joint.before();
        this.after = joint.after();
        this.otherwise = otherwise;
        this.called = called;
        work.addAll(begun);
    }

    void walk() {
        while (!work.isEmpty()) {
            joint.wanted().check();
            JointState pair = work.remove();
            boolean passing = joint.passes(pair);
            if (!passing) {
                passedOtherwise(pair);
            }
            JointState.Came key = passing ? pair.came() : new JointState.Came(pair.stands());
            CallSet known = seen.getOrDefault(key, joint.classes().none());
            CallSet fresh = pair.calls().minus(known);
            if (!fresh.isEmpty() && !joint.same(pair)) {
                seen.put(key, known.or(fresh));
                go(pair.of(fresh));
            }
        }
    }

    /// Where the plans part.
    List<Parting> partings() {
        return List.copyOf(partings.values());
    }

    /// Where callers hear or wait otherwise.
    List<Told> told() {
        return List.copyOf(told.values());
    }

    private void go(JointState pair) {
        if (joint.corresponds(pair)) {
            joint.courses(pair).forEach(this::setOffOtherwise);
        }
        Optional<List<JointState>> passed = joint.passed(pair);
        if (passed.isPresent()) {
            work.addAll(passed.get());
            return;
        }
        if (!joint.corresponds(pair)) {
            part(pair, "");
            return;
        }
        joint.courses(pair).forEach(this::goOn);
    }

    private void goOn(JointGraph.InCourse one) {
        JointState pair = one.pair();
        Set<Cause> visited = visitedOtherwise(one);
        for (JointWay fork : joint.forks(pair.stands())) {
            boolean both = fork.before().isPresent() && fork.after().isPresent();
            for (JointState next : joint.fork(pair, fork)) {
                if (both) {
                    work.add(next);
                } else if (!visited.contains(fork.cause())) {
                    part(next, "");
                }
            }
        }
    }

    /// What calls set off otherwise that leave the object in which both stand by the same cause.
    private void setOffOtherwise(JointGraph.InCourse in) {
        JointState pair = in.pair();
        Map<Cause, List<SetsOff.Possible>> first = setOff(before, pair.before(), pair.wayBefore(), pair.calls());
        Map<Cause, List<SetsOff.Possible>> second = setOff(after, pair.after(), pair.wayAfter(), pair.calls());
        Ref at = before.state(pair.before().state()).at();
        first.forEach((cause, one) -> {
            List<SetsOff.Possible> other = second.getOrDefault(cause, one);
            if (!shown(one).equals(shown(other))) {
                tell(Difference.Notice.SHOWN, at, side(shown(one)), side(shown(other)), pair);
            }
            if (!others(one).equals(others(other))) {
                tell(Difference.Notice.SETS_OFF, at, side(others(one)), side(others(other)), pair);
            } else {
                hoursOf(one).forEach(hours -> setOffAtOtherHours(at, hours, one, pair));
            }
        });
    }

    /// Hours that differ, in which alone something is set off.
    private Set<Route.While> hoursOf(List<SetsOff.Possible> all) {
        return all.stream()
                .flatMap(one -> one.holdsWhile().stream())
                .filter(hours -> changed.is(hours.hours()))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /// The same is set off in hours that are others: by calls of the one plan, and by calls of the other.
    private void setOffAtOtherHours(Ref at, Route.While hours, List<SetsOff.Possible> all, JointState pair) {
        List<String> words = others(all.stream()
                .filter(one -> one.holdsWhile().equals(Optional.of(hours)))
                .toList());
        CallSet first = pair.calls().and(joint.classes().of(0, new Route.From.Any(), Optional.of(hours)));
        CallSet second = pair.calls().and(joint.classes().of(1, new Route.From.Any(), Optional.of(hours)));
        CallSet once = first.minus(second);
        CallSet now = second.minus(first);
        if (!once.isEmpty()) {
            tell(Difference.Notice.SETS_OFF, at, side(words), side(List.of()), pair.of(once), " once " + hours);
        }
        if (!now.isEmpty()) {
            tell(Difference.Notice.SETS_OFF, at, side(List.of()), side(words), pair.of(now), " now " + hours);
        }
    }

    private static Map<Cause, List<SetsOff.Possible>> setOff(StateGraph graph, Spot spot, Trail trail, CallSet calls) {
        Map<Cause, List<SetsOff.Possible>> all = new LinkedHashMap<>();
        State state = graph.state(spot.state());
        for (Way way : graph.ways(spot.state())) {
            // What is dialled in a menu sets off nothing there, and may be thousands of extensions.
            boolean dials = state.context().dials().isEmpty() && way.causes().getFirst() instanceof Cause.Dialled;
            if (!dials && way.calls().meets(calls)) {
                way.causes()
                        .forEach(cause -> all.put(
                                cause, SetsOff.at(graph.plan(), state, cause, way.window(calls), trail.carried())));
            }
        }
        return all;
    }

    private static List<String> shown(List<SetsOff.Possible> all) {
        return all.stream()
                .flatMap(one -> one.what() instanceof What.Shown shown
                        ? Stream.of(shown.text() + shown.rings())
                        : Stream.<String>empty())
                .toList();
    }

    private static List<String> others(List<SetsOff.Possible> all) {
        return all.stream()
                .filter(one -> !(one.what() instanceof What.Shown))
                .map(one -> one.what().words(Ref::toString)
                        + one.holdsWhile().map(hours -> " while " + hours).orElse(""))
                .toList();
    }

    private static Difference.Side side(List<String> words) {
        return new Difference.Side(Optional.empty(), 0, words, Optional.empty());
    }

    /// What the object in which both stand makes otherwise of the same visit.
    ///
    /// @return the causes by which one side leaves where the other does not
    private Set<Cause> visitedOtherwise(JointGraph.InCourse in) {
        JointState pair = in.pair();
        State one = before.state(pair.before().state());
        State other = after.state(pair.after().state());
        boolean alike =
                one.context().equals(other.context()) && one.at().equals(other.at()) && joint.heardAlike(pair.stands());
        if (alike && !changed.near(one.at())) {
            return Set.of();
        }
        List<TreatedOtherwise.Visited> visits = otherwise.computeIfAbsent(
                in.key(),
                key -> TreatedOtherwise.of(
                        new TreatedOtherwise.Side(
                                before.plan(), one, key.stands().carriedBefore()),
                        new TreatedOtherwise.Side(
                                after.plan(), other, key.stands().carriedAfter()),
                        call(pair),
                        changed.is(one.at()) || changed.is(other.at())));
        Set<List<Cause>> left = new LinkedHashSet<>();
        for (TreatedOtherwise.Visited visited : visits) {
            Staging.Staged first = visited.before();
            Staging.Staged second = visited.after();
            Optional<JointState> leads = joint.visited(pair, visited.visit(), first.cause(), second.cause());
            if (leads.isEmpty()) {
                continue;
            }
            JointState next = leads.get();
            if (visited.leaves()) {
                boolean fresh = left.add(List.of(first.cause(), second.cause()));
                if (!joint.same(next) && !joint.corresponds(next)) {
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
                        side(first, TreatedOtherwise.words(first.hears())),
                        side(second, TreatedOtherwise.words(second.hears())),
                        next);
            }
        }
        return left.stream().flatMap(List::stream).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private Bench call(JointState pair) {
        return joint.classes()
                .call(pair.calls())
                .map(joint.calling(pair, called)::bench)
                .orElseThrow();
    }

    private static String choice(Cause cause) {
        return cause.callersChoice() ? "#" + cause.id() : "";
    }

    /// What has been said otherwise by the objects that a call passed since it last stood in one on both
    /// sides.
    private void passedOtherwise(JointState pair) {
        SaidMeanwhile.Passed one = joint.said(pair.wayBefore());
        SaidMeanwhile.Passed other = joint.said(pair.wayAfter());
        if (one.alike(other)) {
            return;
        }
        Ref at = Stream.concat(one.at().stream(), other.at().stream())
                .filter(changed::near)
                .findFirst()
                .or(() -> Stream.concat(one.at().stream(), other.at().stream()).findFirst())
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

    private void tell(Difference.Notice notice, Ref at, Difference.Side one, Difference.Side other, JointState pair) {
        tell(notice, at, one, other, pair, "");
    }

    /// @param apart what tells it from others of that sort in that place, which are told as one
    private void tell(
            Difference.Notice notice,
            Ref at,
            Difference.Side one,
            Difference.Side other,
            JointState pair,
            String apart) {
        told.merge(
                notice + " " + at + apart,
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
    private void part(JointState pair, String object) {
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

    /// The object in which the plans part: the last on the way that differs, else the last.
    private Ref at(JointState pair) {
        List<Ref> passed = Stream.concat(pair.wayBefore().list().stream(), pair.wayAfter().list().stream())
                .map(step -> step.state().at())
                .toList();
        return passed.reversed().stream()
                .filter(changed::is)
                .findFirst()
                .or(() -> passed.reversed().stream().findFirst())
                .orElseGet(
                        () -> Stream.of(pair.before().ref(before), pair.after().ref(after))
                                .flatMap(Optional::stream)
                                .findFirst()
                                .orElseThrow());
    }

    /// The object in which something was last done, with what a caller chose there.
    private static String last(Trail way) {
        for (Trail at = way; at.last().isPresent(); at = at.earlier().orElse(Trail.NONE)) {
            Step step = at.last().get();
            Cause cause = step.causes().getFirst();
            if (!JointGraph.passing(cause)) {
                return step.state().at() + (cause.callersChoice() ? "#" + cause.id() : "");
            }
        }
        return "";
    }

    private static String name(StateGraph graph, Spot spot) {
        return spot.state() < 0
                ? spot.toString()
                : graph.state(spot.state()).at().toString();
    }
}
