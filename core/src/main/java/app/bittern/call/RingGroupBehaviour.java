package app.bittern.call;

import app.bittern.plan.RingGroup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A ring group rings its members together, each after its delay, for as long as it is set to.
final class RingGroupBehaviour implements Behaviour<RingGroup> {
    @Override
    public List<Outcome> outcomes(RingGroup group, Scene scene) {
        List<Outcome> outcomes = new ArrayList<>();
        if (!group.members().isEmpty()) {
            int rings = group.ringFor().value();
            outcomes.add(Outcome.of(
                    new Cause.Answered(), new Window(0, rings), scene.ends(Ending.Kind.ANSWERED, group.ref())));
            outcomes.add(Outcome.of(new Cause.NoAnswer(), Window.at(rings), scene.onward(group.noAnswer()))
                    .by("noAnswer"));
        }
        outcomes.addAll(NobodyRings.outcomes(group, scene));
        return outcomes;
    }

    @Override
    public Decision decide(RingGroup group, Scene scene, BenchInHand bench) {
        List<Rung> members = group.members().stream()
                .map(member -> Rung.of(
                        member, group.followForwarding(), group.ringFor().value(), scene, bench.bench()))
                .toList();
        List<Why> phones = members.stream().map(Rung::why).toList();
        if (members.stream().noneMatch(Rung::rings)) {
            return NobodyRings.decide(group, scene, members);
        }
        Optional<Rung> first = members.stream()
                .filter(one -> one.answersAt() >= 0)
                .reduce((one, other) -> other.answersAt() < one.answersAt() ? other : one);
        int end = first.map(Rung::answersAt).orElse(group.ringFor().value());
        List<Heard> hears = end == 0
                ? List.of()
                : List.of(new Heard(0, end, Heard.Sound.RINGING, group.title() + ": " + who(members)));
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
                and(phones, Why.held("no answer", "nobody took the call within " + group.ringFor())));
    }

    private static String who(List<Rung> members) {
        return String.join(
                ", ",
                members.stream()
                        .filter(Rung::rings)
                        .map(one -> one.who() + (one.from() > 0 ? " from +" + one.from() + " s" : ""))
                        .toList());
    }

    private static List<Why> and(List<Why> phones, Why last) {
        List<Why> all = new ArrayList<>(phones);
        all.add(last);
        return all;
    }
}
