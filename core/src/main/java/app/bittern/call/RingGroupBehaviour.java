package app.bittern.call;

import app.bittern.plan.Destination;
import app.bittern.plan.RingGroup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A ring group rings its members together, each after its delay, for as long as it is set to.
final class RingGroupBehaviour implements Behaviour<RingGroup> {
    @Override
    public List<Outcome> outcomes(RingGroup group, Scene scene) {
        if (group.members().isEmpty()) {
            return List.of(Outcome.of(new Cause.Unreachable(), Window.NOW, empty(group, scene)));
        }
        return List.of(
                Outcome.of(
                        new Cause.Answered(),
                        new Window(0, group.ringFor().value()),
                        scene.ends(Ending.Kind.ANSWERED, group.ref())),
                Outcome.of(new Cause.NoAnswer(), Window.at(group.ringFor().value()), scene.onward(group.noAnswer())),
                Outcome.of(new Cause.Busy(), Window.NOW, scene.onward(group.onBusy())),
                Outcome.of(new Cause.Unreachable(), Window.NOW, scene.onward(group.onUnreachable())));
    }

    private static Onward empty(RingGroup group, Scene scene) {
        return group.onUnreachable().isPresent() ? scene.onward(group.onUnreachable()) : scene.lost(Ending.Lost.NOBODY);
    }

    @Override
    public Decision decide(RingGroup group, Scene scene, BenchInHand bench) {
        List<Rung> members = group.members().stream()
                .map(member -> Rung.of(
                        member, group.honourForwarding(), group.ringFor().value(), scene, bench.bench()))
                .toList();
        List<Why> phones = members.stream().map(Rung::why).toList();
        if (members.stream().noneMatch(Rung::rings)) {
            return nobodyRings(group, scene, members, phones);
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

    private static Decision nobodyRings(RingGroup group, Scene scene, List<Rung> members, List<Why> phones) {
        boolean busy = members.stream().anyMatch(Rung::busy);
        String says = members.isEmpty() ? " has no members" : busy ? " has nobody free" : " has every phone off";
        Optional<Destination> to = busy ? group.onBusy() : group.onUnreachable();
        return Decision.of(
                busy ? new Cause.Busy() : new Cause.Unreachable(),
                0,
                group.title() + says + ": to " + scene.words(to),
                List.of(),
                and(phones, Why.held(busy ? "busy" : "unreachable", group.title() + says)));
    }

    private static List<Why> and(List<Why> phones, Why last) {
        List<Why> all = new ArrayList<>(phones);
        all.add(last);
        return all;
    }
}
