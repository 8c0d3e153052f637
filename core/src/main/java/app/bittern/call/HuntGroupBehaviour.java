package app.bittern.call;

import app.bittern.plan.HuntGroup;
import java.util.ArrayList;
import java.util.List;

/// A hunt group rings its idle members one after another, for as many laps as it is set to.
///
/// On the bench they are rung as listed, whatever the order is set to: a bench has no calls before this one.
final class HuntGroupBehaviour implements Behaviour<HuntGroup> {
    @Override
    public List<Outcome> outcomes(HuntGroup group, Scene scene) {
        List<Outcome> outcomes = new ArrayList<>();
        if (!group.members().isEmpty()) {
            int lap = group.ringEach().value();
            int longest = group.laps() * group.members().size() * lap;
            outcomes.add(Outcome.of(
                    new Cause.Answered(), new Window(0, longest), scene.ends(Ending.Kind.ANSWERED, group.ref())));
            outcomes.add(Outcome.of(
                            new Cause.NoAnswer(),
                            new Window(group.laps() * lap, longest),
                            scene.onward(group.noAnswer()))
                    .by("noAnswer"));
        }
        outcomes.addAll(NobodyRings.outcomes(group, scene));
        return outcomes;
    }

    @Override
    public Decision decide(HuntGroup group, Scene scene, BenchInHand bench) {
        int each = group.ringEach().value();
        List<Rung> members = group.members().stream()
                .map(member -> Rung.of(member, false, each, scene, bench.bench()))
                .toList();
        List<Why> why = new ArrayList<>(members.stream().map(Rung::why).toList());
        List<Rung> idle = members.stream().filter(Rung::rings).toList();
        if (idle.isEmpty()) {
            return NobodyRings.decide(group, scene, members);
        }
        List<Heard> hears = new ArrayList<>();
        int second = 0;
        for (int lap = 0; lap < group.laps(); lap++) {
            for (Rung member : idle) {
                int end = second + (member.answersAt() >= 0 ? member.answersAt() : each);
                if (end > second) {
                    hears.add(new Heard(second, end, Heard.Sound.RINGING, group.title() + ": " + member.who()));
                }
                second = end;
                if (member.answersAt() >= 0) {
                    return Decision.of(
                                    new Cause.Answered(),
                                    second,
                                    member.who() + " answers in " + group.title() + " after " + second + " s",
                                    hears,
                                    why)
                            .answeredBy(member.reference());
                }
            }
        }
        why.add(Why.held("no answer", group.laps() + " laps of " + idle.size() + " phones for " + group.ringEach()));
        return Decision.of(
                new Cause.NoAnswer(),
                second,
                group.title() + " hunted for " + second + " s and nobody answered: to " + scene.words(group.noAnswer()),
                hears,
                why);
    }
}
