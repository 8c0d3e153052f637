package app.bittern.call;

import app.bittern.plan.HuntGroup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A hunt group rings its idle members one after another, for as many laps as it is set to.
///
/// On the bench they are rung as listed, whatever the order is set to: a bench has no calls before this one.
final class HuntGroupBehaviour implements Behaviour<HuntGroup> {
    @Override
    public List<Outcome> outcomes(HuntGroup group, Scene scene) {
        Ringing ringing = Ringing.of(group, scene.plan());
        List<Outcome> outcomes = new ArrayList<>();
        List<Ringing.Phone> able = ringing.able();
        if (!able.isEmpty()) {
            int each = group.ringEach().value();
            int longest = group.laps() * able.size() * each;
            boolean declines = able.stream().anyMatch(Ringing.Phone::keyToTake);
            outcomes.add(Outcome.of(
                    new Cause.Answered(), new Window(0, longest), scene.ends(Ending.Kind.ANSWERED, group.ref())));
            outcomes.add(Outcome.of(
                            new Cause.NoAnswer(),
                            new Window(declines ? 0 : each, longest),
                            scene.onward(group.noAnswer()))
                    .by("noAnswer"));
        }
        outcomes.addAll(NobodyRings.outcomes(group, ringing, scene));
        return outcomes;
    }

    @Override
    public Decision decide(HuntGroup group, Scene scene, BenchInHand bench) {
        int each = group.ringEach().value();
        List<Why> why = new ArrayList<>();
        List<Hunted> idle = new ArrayList<>();
        boolean busy = false;
        for (Ringing.Phone phone : Ringing.of(group, scene.plan()).phones()) {
            Hunted member = new Hunted(phone, Rung.words(phone.party(), scene), Rung.react(phone, bench));
            busy |= member.seen() instanceof Reaction.Busy;
            if (member.takesPart()) {
                idle.add(member);
                why.add(Why.held(member.who(), "takes part"));
            } else {
                why.add(Why.not(
                        member.who(),
                        member.seen() instanceof Reaction.Busy
                                ? "busy or not to be disturbed"
                                : "off or not reachable"));
            }
        }
        if (idle.isEmpty()) {
            return NobodyRings.decide(group, scene, busy, why);
        }
        List<Heard> hears = new ArrayList<>();
        int second = 0;
        for (int lap = 0; lap < group.laps(); lap++) {
            for (Hunted member : idle) {
                Reaction reaction = lap == 0 ? member.seen() : Rung.react(member.phone(), bench);
                Turn turn = turn(reaction, each);
                int end = second + turn.seconds();
                if (end > second) {
                    hears.add(bench.waiting(
                            second, end, Optional.empty(), Heard.Sound.RINGING, group.title() + ": " + member.who()));
                }
                second = end;
                if (turn.answered()) {
                    return Decision.of(
                                    new Cause.Answered(),
                                    second,
                                    member.who() + " answers in " + group.title() + " after " + second + " s",
                                    hears,
                                    why)
                            .answeredBy(member.phone().party().toString());
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

    /// A member with what was seen of its phone on entering.
    private record Hunted(Ringing.Phone phone, String who, Reaction seen) {
        boolean takesPart() {
            return !(seen instanceof Reaction.Busy || seen instanceof Reaction.Off);
        }
    }

    /// How long a member rings in one lap, and whether somebody answers.
    private record Turn(int seconds, boolean answered) {}

    /// One that has become busy or off since is passed over in no time.
    private static Turn turn(Reaction reaction, int each) {
        return switch (reaction) {
            case Reaction.Silent silent -> new Turn(each, false);
            case Reaction.Busy busy -> new Turn(0, false);
            case Reaction.Off off -> new Turn(0, false);
            case Reaction.Answers(int after) -> after <= each ? new Turn(after, true) : new Turn(each, false);
            case Reaction.Machine(int after) -> after <= each ? new Turn(after, true) : new Turn(each, false);
            case Reaction.Declines(int after) -> new Turn(Math.min(after, each), false);
        };
    }
}
