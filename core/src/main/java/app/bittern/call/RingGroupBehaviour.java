package app.bittern.call;

import app.bittern.plan.RingGroup;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

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
        List<Rung> members = Rung.together(Ringing.of(group, scene.plan()), rings, bench);
        Account account = new Account.RangTogether(group, members);
        if (Rung.nobodyRings(members)) {
            return NobodyRings.decide(members.stream().anyMatch(Rung::busy), account);
        }
        Optional<Rung> first = Rung.first(members);
        int end = first.map(Rung::answersAt).orElseGet(() -> Rung.ends(members, rings));
        List<Heard> hears = end == 0
                ? List.of()
                : List.of(bench.waiting(
                        0, end, group.hears(), Heard.Sound.RINGING, group.title() + ": " + who(members, scene)));
        return first.map(one ->
                        Decision.of(new Cause.Answered(), end, hears, account).answeredBy(one.party()))
                .orElseGet(() -> Decision.of(new Cause.NoAnswer(), end, hears, account));
    }

    private static String who(List<Rung> members, Scene scene) {
        return members.stream()
                .filter(Rung::rings)
                .map(one -> scene.title(one.party()) + (one.from() > 0 ? " from +" + Seconds.said(one.from()) : ""))
                .collect(Collectors.joining(", "));
    }
}
