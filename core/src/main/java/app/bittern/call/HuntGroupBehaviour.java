package app.bittern.call;

import app.bittern.plan.HuntGroup;
import app.bittern.plan.Party;
import java.util.ArrayList;
import java.util.List;

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
            int longest = longest(group, able);
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
        return decide(group, scene, bench, Integer.MAX_VALUE);
    }

    /// How long it hunts where everybody rings to the end.
    static int longest(HuntGroup group, List<Ringing.Phone> able) {
        return group.laps() * able.size() * group.ringEach().value();
    }

    /// What happens on a bench in so many seconds: no phone begins to ring later.
    static Decision decide(HuntGroup group, Scene scene, BenchInHand bench, int time) {
        List<Account.Hunt> members = new ArrayList<>();
        List<Hunted> idle = new ArrayList<>();
        for (Ringing.Phone phone : Ringing.of(group, scene.plan()).phones()) {
            Account.Hunt member = new Account.Hunt(phone.party(), Rung.react(phone, bench));
            members.add(member);
            if (member.takesPart()) {
                idle.add(new Hunted(phone, member.seen()));
            }
        }
        return idle.isEmpty()
                ? NobodyRings.decide(
                        members.stream().anyMatch(member -> member.seen() instanceof Reaction.Busy),
                        new Account.Hunted(group, members, List.of()))
                : hunted(group, idle, members, scene, bench, time);
    }

    private static Decision hunted(
            HuntGroup group, List<Hunted> idle, List<Account.Hunt> members, Scene scene, BenchInHand bench, int time) {
        List<Heard> hears = new ArrayList<>();
        List<Account.RungAt> rung = new ArrayList<>();
        int second = 0;
        for (int lap = 0; lap < group.laps(); lap++) {
            for (Hunted member : idle) {
                if (!rung.isEmpty() && second >= time) {
                    break;
                }
                Reaction reaction = lap == 0 ? member.seen() : Rung.react(member.phone(), bench);
                Turn turn = turn(reaction, Math.min(group.ringEach().value(), time - second));
                int end = second + turn.seconds();
                Party party = member.phone().party();
                if (turn.rings()) {
                    rung.add(new Account.RungAt(party, second));
                }
                if (end > second) {
                    hears.add(bench.waiting(
                            second,
                            end,
                            group.hears(),
                            Heard.Sound.RINGING,
                            group.title() + ": " + scene.title(party)));
                }
                second = end;
                if (turn.answered()) {
                    return Decision.of(new Cause.Answered(), second, hears, new Account.Hunted(group, members, rung))
                            .answeredBy(party);
                }
            }
        }
        return Decision.of(new Cause.NoAnswer(), second, hears, new Account.Hunted(group, members, rung));
    }

    /// A member that takes part, with what was seen of its phone on entering.
    private record Hunted(Ringing.Phone phone, Reaction seen) {}

    /// How long a member rings in one lap, and whether somebody answers.
    private record Turn(boolean rings, int seconds, boolean answered) {}

    /// One that has become busy or off since is passed over in no time.
    private static Turn turn(Reaction reaction, int each) {
        return switch (reaction) {
            case Reaction.Silent silent -> new Turn(true, each, false);
            case Reaction.Busy busy -> new Turn(false, 0, false);
            case Reaction.Off off -> new Turn(false, 0, false);
            case Reaction.Answers(int after) ->
                after <= each ? new Turn(true, after, true) : new Turn(true, each, false);
            case Reaction.Machine(int after) ->
                after <= each ? new Turn(true, after, true) : new Turn(true, each, false);
            case Reaction.Declines(int after) -> new Turn(true, Math.min(after, each), false);
        };
    }
}
