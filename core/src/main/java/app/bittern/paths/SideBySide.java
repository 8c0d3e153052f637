package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.Trace;
import app.bittern.callset.CallSet;
import app.bittern.graph.StateGraph;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.plan.Extension;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
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
import java.util.stream.Stream;

/// Walks the state graphs of two plans side by side, with the same calls doing the same in both.
///
/// A pair is where a call stands in each. Objects that only pass a call on (routes, branches, announcements) are gone
/// through on each side by itself. Where a call then stands in the same object on both sides, each cause that is
/// possible on both leads to the next pair. Where it stands in two different objects, ends on one side alone, or can do
/// something on one side alone, the plans part: that is one difference, told once however often callers come by it, and
/// nothing behind it is looked at but to show it. It is shown by a call that ends differently when both plans are
/// traced with it; where none is found the parting is not told. An object that is renamed counts as the same. Pairs
/// that are the same state and from which nothing changed can be reached are left out. Cost: the pairs from which
/// something that changed can be reached, for each number.
public final class SideBySide {
    private final Abreast abreast;
    private final StateGraph before;
    private final StateGraph after;
    private final List<Found> found = new ArrayList<>();
    private final Set<Ref> concerned = new LinkedHashSet<>();

    /// A difference: where a call ends in each plan.
    public record Found(
            E164 number,
            String when,
            Optional<String> caller,
            List<String> choices,
            Trace before,
            Trace after,
            Bench witness) {}

    /// Where the plans part.
    ///
    /// @param first  the first pair at which they do
    /// @param phones extensions that ring otherwise there, where that is what differs
    /// @param calls  for which calls
    record Parting(Abreast.Pair first, List<String> phones, CallSet calls) {}

    private SideBySide(Abreast abreast) {
        this.abreast = abreast;
        this.before = abreast.before();
        this.after = abreast.after();
    }

    /// Compares two plans.
    ///
    /// @param touched whether something that differs can be reached from an object
    public static SideBySide of(Plan before, Plan after, Horizon horizon, Predicate<Ref> touched) {
        SideBySide walk = new SideBySide(new Abreast(before, after, horizon, touched));
        Set<E164> numbers = new LinkedHashSet<>();
        List.of(before, after)
                .forEach(plan -> plan.all(InboundNumber.class).forEach(number -> numbers.add(number.called())));
        numbers.forEach(walk::number);
        return walk;
    }

    /// What differs, by number.
    public List<Found> differences() {
        return found;
    }

    /// The objects that calls which end differently pass, and those that these refer to.
    public Set<Ref> concerned() {
        return concerned;
    }

    private void number(E164 called) {
        Deque<Abreast.Pair> work = new ArrayDeque<>(abreast.begin(called));
        Map<List<Abreast.Spot>, CallSet> seen = new HashMap<>();
        Map<String, Parting> partings = new LinkedHashMap<>();
        while (!work.isEmpty()) {
            Abreast.Pair pair = work.remove();
            List<Abreast.Spot> key = List.of(pair.before(), pair.after());
            CallSet known = seen.getOrDefault(key, abreast.classes().none());
            CallSet fresh = pair.calls().minus(known);
            if (!fresh.isEmpty() && !abreast.same(pair)) {
                seen.put(key, known.or(fresh));
                go(pair.of(fresh), work, partings);
            }
        }
        for (Parting parting : partings.values()) {
            Shown.of(abreast, called, parting).ifPresent(one -> {
                found.add(one);
                concern(before.plan(), one.before());
                concern(after.plan(), one.after());
            });
        }
    }

    private void go(Abreast.Pair pair, Deque<Abreast.Pair> work, Map<String, Parting> partings) {
        Optional<List<Abreast.Pair>> passed = abreast.passed(pair);
        if (passed.isPresent()) {
            work.addAll(passed.get());
        } else if (!abreast.corresponds(pair)) {
            part(pair, List.of(), partings);
        } else {
            List<String> changed = rungOtherwise(pair);
            if (!changed.isEmpty()) {
                part(pair, changed, partings);
            }
            for (Abreast.Fork fork :
                    abreast.forks(pair.before().state(), pair.after().state())) {
                boolean both = fork.before().isPresent() && fork.after().isPresent();
                for (Abreast.Pair next : abreast.fork(pair, fork)) {
                    if (both) {
                        work.add(next);
                    } else {
                        part(next, List.of(), partings);
                    }
                }
            }
        }
    }

    /// The phones that ring otherwise when an object rings them: an extension's own settings have changed.
    private List<String> rungOtherwise(Abreast.Pair pair) {
        Ref ref = before.state(pair.before().state()).at();
        if (ref.kind() == Kind.EXTENSION || ref.kind() == Kind.MENU) {
            return List.of();
        }
        return before.plan().find(ref).map(PlanObject::slots).orElse(List.of()).stream()
                .flatMap(slot -> slot.target().stream())
                .flatMap(target -> Stream.concat(
                        Stream.of(target),
                        before.plan().find(target, RingGroup.class).stream()
                                .flatMap(group -> group.slots().stream())
                                .flatMap(slot -> slot.target().stream())))
                .filter(target -> target.kind() == Kind.EXTENSION
                        && !rings(before, target).equals(rings(after, target)))
                .map(Ref::key)
                .distinct()
                .toList();
    }

    /// What of an extension's settings counts when something else rings it.
    private static List<Object> rings(StateGraph graph, Ref ref) {
        return graph.plan()
                .find(ref, Extension.class)
                .map(one -> List.<Object>of(
                        one.phones().isEmpty(),
                        one.doNotDisturb(),
                        one.callWaiting(),
                        one.forward().always()))
                .orElse(List.of());
    }

    private void part(Abreast.Pair pair, List<String> phones, Map<String, Parting> partings) {
        String key = last(pair.wayBefore()) + "|" + last(pair.wayAfter()) + "|" + name(before, pair.before()) + "|"
                + name(after, pair.after());
        partings.merge(
                key,
                new Parting(pair, phones, pair.calls()),
                (known, more) -> new Parting(
                        known.first(),
                        Stream.concat(known.phones().stream(), phones.stream())
                                .distinct()
                                .toList(),
                        known.calls().or(more.calls())));
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
            Ref.parse(step.object()).ifPresent(ref -> {
                concerned.add(ref);
                plan.find(ref).map(PlanObject::slots).orElse(List.of()).stream()
                        .map(Slot::target)
                        .flatMap(Optional::stream)
                        .forEach(concerned::add);
            });
        }
    }
}
