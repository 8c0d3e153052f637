package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Presence;
import app.bittern.call.Reaction;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.callset.CallClasses;
import app.bittern.number.E164;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// Looks for a call that shows where two plans part: one that ends differently when both are traced with it.
final class Shown {
    /// How many pairs behind a parting are looked at.
    private static final int MOST_BEHIND = 400;

    private final Abreast abreast;
    private final Plan before;
    private final Plan after;
    private final E164 called;
    private final SideBySide.Parting parting;

    private Shown(Abreast abreast, E164 called, SideBySide.Parting parting) {
        this.abreast = abreast;
        this.before = abreast.before().plan();
        this.after = abreast.after().plan();
        this.called = called;
        this.parting = parting;
    }

    /// The difference that a parting is, if a call shows it.
    static Optional<SideBySide.Found> of(Abreast abreast, E164 called, SideBySide.Parting parting) {
        Shown shown = new Shown(abreast, called, parting);
        return parting.phones().isEmpty() ? shown.at(parting.first()).or(shown::behind) : shown.rung();
    }

    /// Looks for what phones may do that shows a parting of how they ring.
    private Optional<SideBySide.Found> rung() {
        List<Path.Step> steps = parting.first().wayBefore().list();
        return abreast.classes()
                .call(parting.first().calls())
                .flatMap(call -> Witness.of(before, called, call, steps))
                .flatMap(bench -> benches(bench)
                        .flatMap(one -> real(before, steps, one).stream())
                        .findFirst());
    }

    private Stream<Bench> benches(Bench bench) {
        List<Reaction> states =
                List.of(new Reaction.Silent(), new Reaction.Answers(0), new Reaction.Busy(), new Reaction.Off());
        Ref ref = abreast.before().state(parting.first().before().state()).at();
        List<String> others = before.find(ref).map(PlanObject::slots).orElse(List.of()).stream()
                .flatMap(slot -> slot.target().stream())
                .filter(target -> target.kind() == Kind.EXTENSION)
                .map(Ref::key)
                .toList();
        return states.stream()
                .flatMap(rest -> states.stream()
                        .flatMap(own -> parting.phones().stream().map(phone -> {
                            Map<String, List<Reaction>> phones = new LinkedHashMap<>(bench.phones());
                            others.forEach(other -> phones.put(other, List.of(rest)));
                            phones.put(phone, List.of(own));
                            Map<String, List<Presence>> agents = new LinkedHashMap<>(bench.agents());
                            agents.put(phone, List.of(Presence.IN));
                            return new Bench(
                                    bench.called(),
                                    bench.caller(),
                                    bench.at(),
                                    bench.keys(),
                                    bench.again(),
                                    phones,
                                    bench.switches(),
                                    agents,
                                    bench.waiting());
                        })));
    }

    /// Looks behind a parting for a call that shows it.
    private Optional<SideBySide.Found> behind() {
        Deque<Abreast.Pair> work = new ArrayDeque<>(List.of(parting.first()));
        Set<List<Abreast.Spot>> seen = new LinkedHashSet<>();
        while (!work.isEmpty() && seen.size() < MOST_BEHIND) {
            Abreast.Pair pair = work.remove();
            if (!seen.add(List.of(pair.before(), pair.after())) || abreast.same(pair)) {
                continue;
            }
            Optional<SideBySide.Found> shown = at(pair);
            if (shown.isPresent()) {
                return shown;
            }
            abreast.passed(pair).ifPresentOrElse(work::addAll, () -> {
                if (pair.before().state() >= 0 && pair.after().state() >= 0) {
                    abreast.forks(pair.before().state(), pair.after().state())
                            .forEach(fork -> work.addAll(abreast.fork(pair, fork)));
                } else {
                    abreast.oneSide(pair).forEach(work::add);
                }
            });
        }
        return Optional.empty();
    }

    private Optional<SideBySide.Found> at(Abreast.Pair pair) {
        return abreast.classes()
                .call(pair.calls())
                .flatMap(call -> along(call, before, pair.wayBefore()).or(() -> along(call, after, pair.wayAfter())));
    }

    private Optional<SideBySide.Found> along(CallClasses.Call call, Plan plan, Abreast.Steps way) {
        List<Path.Step> steps = way.list();
        return Witness.of(plan, called, call, steps).flatMap(bench -> real(plan, steps, bench));
    }

    /// A difference, where a bench ends differently when both plans are traced with it.
    private Optional<SideBySide.Found> real(Plan plan, List<Path.Step> steps, Bench bench) {
        Trace one = Tracer.trace(before, bench);
        Trace other = Tracer.trace(after, bench);
        return Abreast.Spot.at(one.ending()).equals(Abreast.Spot.at(other.ending()))
                ? Optional.empty()
                : Optional.of(new SideBySide.Found(
                        called,
                        abreast.words().times(parting.calls()),
                        abreast.words().who(parting.calls()),
                        choices(plan, steps),
                        one,
                        other,
                        bench));
    }

    private static List<String> choices(Plan plan, List<Path.Step> steps) {
        return steps.stream()
                .flatMap(step -> step.causes().stream())
                .flatMap(cause -> Path.choice(plan, cause).stream())
                .toList();
    }
}
