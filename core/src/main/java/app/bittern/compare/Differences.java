package app.bittern.compare;

import app.bittern.call.KeyPress;
import app.bittern.call.RouteChoice;
import app.bittern.call.Trace;
import app.bittern.callset.CallClasses;
import app.bittern.callset.CallSet;
import app.bittern.callset.CallWords;
import app.bittern.callset.Calling;
import app.bittern.effect.Effects;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Wanted;
import app.bittern.hours.Horizon;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.paths.Path;
import app.bittern.plan.Alarm;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// What callers notice of a change, found by walking both plans with the same calls doing the same in both,
/// and each shown by a call that does otherwise when both plans are traced with it; where none is found, it
/// is told without one. How it is found: [JointWalk].
public final class Differences {
    private final JointGraph joint;
    private final StateGraph before;
    private final StateGraph after;
    private final List<Difference> found = new ArrayList<>();
    private final Set<Ref> concerned = new LinkedHashSet<>();

    private Differences(JointGraph joint) {
        this.joint = joint;
        this.before = joint.before();
        this.after = joint.after();
    }

    /// Compares two plans.
    ///
    /// @param touched whether something that differs can be reached from an object
    /// @throws java.util.concurrent.CancellationException where it is not wanted any more
    public static Differences of(
            Plan before, Plan after, Horizon horizon, Differing changed, Predicate<Ref> touched, Wanted wanted) {
        Differences walk = new Differences(new JointGraph(before, after, horizon, touched, wanted));
        Set<E164> numbers = new LinkedHashSet<>();
        List.of(before, after)
                .forEach(plan -> plan.all(InboundNumber.class).forEach(number -> numbers.add(number.called())));
        numbers.addAll(others(before, after, changed, numbers));
        Map<JointGraph.Key, List<TreatedOtherwise.Visited>> otherwise = new HashMap<>();
        JointBeginnings begins = new JointBeginnings(walk.joint);
        for (E164 number : numbers) {
            walk.go(changed, otherwise, Optional.of(number), begins.of(number));
        }
        walk.go(changed, otherwise, Optional.empty(), begins.dialled());
        return walk;
    }

    /// Numbers that are no inbound numbers of either plan, and that routes take which differ: one of each that the same
    /// routes are for.
    private static List<E164> others(Plan before, Plan after, Differing changed, Set<E164> known) {
        if (changed.refs().stream().noneMatch(ref -> ref.kind() == Kind.ROUTE)) {
            return List.of();
        }
        Map<List<List<Ref>>, E164> alike = new LinkedHashMap<>();
        Stream.of(before, after)
                .flatMap(plan -> plan.routes().samples().stream())
                .filter(number -> !known.contains(number))
                .forEach(number -> {
                    List<List<Ref>> routes = Stream.of(before, after)
                            .map(plan -> RouteChoice.inOrder(plan, number).stream()
                                    .map(Route::ref)
                                    .toList())
                            .toList();
                    if (routes.stream().flatMap(List::stream).anyMatch(changed::is)) {
                        alike.putIfAbsent(routes, number);
                    }
                });
        return List.copyOf(alike.values());
    }

    /// @param called the number that is called; none where phones dial
    private void go(
            Differing changed,
            Map<JointGraph.Key, List<TreatedOtherwise.Visited>> otherwise,
            Optional<E164> called,
            List<JointState> begun) {
        JointWalk walk = new JointWalk(joint, changed, otherwise, called, begun);
        walk.walk();
        walk.partings().forEach(parting -> tell(called, parting));
        walk.told().forEach(told -> tell(called, told));
    }

    /// What differs, by number.
    public List<Difference> differences() {
        return found;
    }

    /// The objects that calls which differ pass, and those that these refer to.
    public Set<Ref> concerned() {
        return concerned;
    }

    /// What was left out and why, where a plan has more states than can be kept.
    Optional<String> limit() {
        return joint.limit();
    }

    /// The classes that the sets of calls are of.
    public CallClasses classes() {
        return joint.classes();
    }

    private void tell(Optional<E164> called, JointWalk.Parting parting) {
        JointState first = parting.pairs().getFirst();
        Optional<DifferenceWitness> shown = parting.pairs().stream()
                .flatMap(pair -> DifferenceWitness.ending(joint, joint.calling(pair, called), pair).stream())
                .findFirst();
        Difference.Side one = shown.map(call -> ended(call.before())).orElseGet(() -> leads(before, first.before()));
        Difference.Side other = shown.map(call -> ended(call.after())).orElseGet(() -> leads(after, first.after()));
        add(
                joint.calling(first, called),
                Difference.Notice.ENDS,
                parting.at(),
                parting.calls(),
                first,
                one,
                other,
                shown);
    }

    private void tell(Optional<E164> called, JointWalk.Told one) {
        Calling calling = joint.calling(one.pair(), called);
        int stepsBefore = one.pair().wayBefore().list().size();
        int stepsAfter = one.pair().wayAfter().list().size();
        boolean effects = one.notice() == Difference.Notice.SHOWN || one.notice() == Difference.Notice.SETS_OFF;
        Optional<DifferenceWitness> shown = effects
                ? settingOff(calling, one)
                : Stream.of(true, false)
                        .flatMap(side -> DifferenceWitness.along(
                                joint,
                                calling,
                                one.pair(),
                                side,
                                call -> Noticed.differ(
                                        one.notice(), call.before(), stepsBefore, call.after(), stepsAfter))
                                .stream())
                        .findFirst();
        add(calling, one.notice(), one.at(), one.calls(), one.pair(), one.before(), one.after(), shown);
    }

    private Optional<DifferenceWitness> settingOff(Calling calling, JointWalk.Told one) {
        return DifferenceWitness.onward(
                joint,
                calling,
                one.pair(),
                call -> Noticed.differ(
                        one.notice(),
                        one.at(),
                        Effects.of(before.plan(), call.bench(), call.before()),
                        Effects.of(after.plan(), call.bench(), call.after())));
    }

    private void add(
            Calling calling,
            Difference.Notice notice,
            Ref at,
            CallSet calls,
            JointState pair,
            Difference.Side one,
            Difference.Side other,
            Optional<DifferenceWitness> shown) {
        CallWords words = joint.words();
        List<CallWords.Product> products = words.products(calls).list();
        // Where times, callers and switches hang together, they cannot be told apart from each other.
        Optional<CallWords.Product> alone = products.size() == 1 ? Optional.of(products.getFirst()) : Optional.empty();
        add(new Difference(
                notice,
                calling,
                at,
                calls,
                alone.map(product -> product.when() + (product.turned().isEmpty() ? "" : ", with " + product.turned()))
                        .orElseGet(() -> words.words(calls)),
                alone.flatMap(CallWords.Product::who),
                choices(pair),
                one,
                other,
                calling instanceof Calling.Phone,
                shown.map(DifferenceWitness::bench)));
        concern(before.plan(), at);
        concern(after.plan(), at);
        shown.ifPresent(call -> {
            concern(before.plan(), call.before());
            concern(after.plan(), call.after());
        });
    }

    /// What a call shows that was made on purpose at an object.
    Difference difference(Ref at, Probes.Shown shown) {
        LocalDateTime local =
                LocalDateTime.ofInstant(shown.bench().at(), before.plan().site().timeZone());
        Caller caller = shown.bench().caller() instanceof Caller.Inside
                ? new Caller.Unavailable()
                : shown.bench().caller();
        CallSet calls = joint.classes().like(0, caller, local, shown.bench().switches());
        return new Difference(
                shown.notice(),
                shown.calling(),
                at,
                calls,
                joint.words().words(calls),
                Optional.empty(),
                shown.bench().keys().stream().map(KeyPress::toString).toList(),
                shown.before(),
                shown.after(),
                shown.calling() instanceof Calling.Phone,
                Optional.of(shown.bench()));
    }

    /// What phones of the site notice just as callers do who come there from outside is told once.
    private void add(Difference fresh) {
        Optional<Difference> same = found.stream()
                .filter(one -> fresh.inside() && one.holdsFor(fresh))
                .findFirst();
        // So is what is noticed on a number that is not in the plan and on one that is.
        boolean unlisted = !fresh.calling().listed(before.plan(), after.plan());
        if (unlisted && found.stream().anyMatch(one -> one.holdsFor(fresh))) {
            return;
        }
        if (same.isPresent()) {
            found.set(found.indexOf(same.get()), same.get().alsoInside());
        } else {
            found.add(fresh);
        }
    }

    private static Difference.Side ended(Trace trace) {
        return new Difference.Side(Optional.of(trace.ending()), trace.second(), List.of(), Optional.empty());
    }

    private static Difference.Side leads(StateGraph graph, Spot spot) {
        return new Difference.Side(spot.ending(), 0, List.of(), spot.ref(graph));
    }

    /// What the caller keys on the way, on the side where that is more.
    private List<String> choices(JointState pair) {
        List<String> one = choices(before.plan(), pair.wayBefore());
        List<String> other = choices(after.plan(), pair.wayAfter());
        return other.size() > one.size() ? other : one;
    }

    private static List<String> choices(Plan plan, Trail way) {
        return way.list().stream()
                .filter(step -> step.state().context().dials().isEmpty())
                .map(step -> step.causes().getFirst())
                .flatMap(cause -> Path.chosen(plan, cause).stream())
                .toList();
    }

    private void concern(Plan plan, Trace trace) {
        for (Trace.Step step : trace.steps()) {
            Ref.parse(step.object()).ifPresent(ref -> concern(plan, ref));
        }
    }

    private void concern(Plan plan, Ref ref) {
        concerned.add(ref);
        // What sets alarms off does not name them.
        plan.all(Alarm.class)
                .filter(alarm -> alarm.listensTo().equals(Optional.of(ref)))
                .forEach(alarm -> {
                    concerned.add(alarm.ref());
                    alarm.slots()
                            .forEach(slot ->
                                    concerned.addAll(slot.target().stream().toList()));
                });
        named(plan, ref).forEach(concerned::add);
        plan.find(ref, Queue.class).stream()
                .flatMap(Differing::insideTheWait)
                .flatMap(there -> named(plan, there))
                .forEach(concerned::add);
    }

    private static Stream<Ref> named(Plan plan, Ref ref) {
        return plan.find(ref).map(PlanObject::slots).orElse(List.of()).stream().flatMap(slot -> slot.target().stream());
    }
}
