package app.bittern.call;

import app.bittern.plan.RingGroup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A ring group rings its members together, each after its delay, for as long as it is set to.
final class RingGroupBehaviour implements Behaviour<RingGroup> {
    @Override
    public List<Outcome> outcomes(RingGroup group, Scene scene) {
        Ringing ringing = Ringing.of(group, scene.plan());
        int rings = group.ringFor().value();
        List<Outcome> outcomes = new ArrayList<>();
        ringing.answered(rings)
                .ifPresent(window -> outcomes.add(
                        Outcome.of(new Cause.Answered(), window, scene.ends(Ending.Kind.ANSWERED, group.ref()))));
        ringing.unanswered(rings)
                .ifPresent(
                        window -> outcomes.add(Outcome.of(new Cause.NoAnswer(), window, scene.onward(group.noAnswer()))
                                .by("noAnswer")));
        outcomes.addAll(NobodyRings.outcomes(group, ringing, scene));
        return outcomes;
    }

    @Override
    public Decision decide(RingGroup group, Scene scene, BenchInHand bench) {
        int rings = group.ringFor().value();
        List<Rung> members = Rung.together(Ringing.of(group, scene.plan()), rings, scene, bench);
        List<Why> phones = members.stream().map(Rung::why).toList();
        if (members.stream().noneMatch(Rung::reachable)) {
            return NobodyRings.decide(group, scene, members);
        }
        Optional<Rung> first = Rung.first(members);
        int end = first.map(Rung::answersAt).orElseGet(() -> Rung.ends(members, rings));
        List<Heard> hears = end == 0
                ? List.of()
                : List.of(bench.waiting(
                        0, end, Optional.empty(), Heard.Sound.RINGING, group.title() + ": " + who(members)));
        if (first.isPresent()) {
            String by = first.get().who();
            return Decision.of(
                            new Cause.Answered(),
                            end,
                            by + " answers in " + group.title() + " after " + end + " s",
                            hears,
                            phones)
                    .answeredBy(first.get().reference());
        }
        return Decision.of(
                new Cause.NoAnswer(),
                end,
                group.title() + " rang for " + end + " s and nobody answered: to " + scene.words(group.noAnswer()),
                hears,
                and(phones, Why.held("no answer", "nobody took the call within " + end + " s")));
    }

    private static String who(List<Rung> members) {
        return String.join(
                ", ",
                members.stream()
                        .filter(Rung::rings)
                        .map(one -> one.who()
                                + (one.phone().from() > 0
                                        ? " from +" + one.phone().from() + " s"
                                        : ""))
                        .toList());
    }

    private static List<Why> and(List<Why> phones, Why last) {
        List<Why> all = new ArrayList<>(phones);
        all.add(last);
        return all;
    }
}
