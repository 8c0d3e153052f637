package app.bittern.call;

import app.bittern.plan.Party;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// One phone as it is rung together with others on the bench.
///
/// @param from      seconds after which it would begin to ring
/// @param reaction  what it does this time
/// @param rings     whether it rings at all within the time
/// @param answersAt second at which it is answered; -1 where it is not
/// @param endsAt    second at which its ringing ends without an answer
public record Rung(Party party, int from, Reaction reaction, boolean rings, int answersAt, int endsAt) {
    /// Rings phones together for so long; each is asked once, however often it is listed.
    static List<Rung> together(Ringing ringing, int time, BenchInHand bench) {
        Map<Party, Reaction> reactions = new HashMap<>();
        List<Rung> all = new ArrayList<>();
        for (Ringing.Phone phone : ringing.phones()) {
            Reaction reaction = reactions.get(phone.party());
            if (reaction == null) {
                reaction = react(phone, bench);
                reactions.put(phone.party(), reaction);
            }
            all.add(of(phone, reaction, ringing.rings(phone, time), time));
        }
        return all;
    }

    /// What a phone does this time, its own settings taken into account; one that cannot ring is not asked.
    static Reaction react(Ringing.Phone phone, BenchInHand bench) {
        if (!phone.can()) {
            return phone.disturbed() ? new Reaction.Busy() : new Reaction.Off();
        }
        Reaction said = bench.react(phone.party().phone());
        return switch (said) {
            case Reaction.Busy busy -> phone.busy() ? busy : new Reaction.Silent();
            case Reaction.Declines declines ->
                phone.keyToTake() ? declines : phone.busy() ? new Reaction.Busy() : new Reaction.Silent();
            case Reaction.Machine machine -> phone.keyToTake() ? new Reaction.Silent() : machine;
            case Reaction.Silent silent -> silent;
            case Reaction.Answers answers -> answers;
            case Reaction.Off off -> off;
        };
    }

    private static Rung of(Ringing.Phone phone, Reaction reaction, boolean within, int time) {
        boolean rings = within && Reaction.reachable(reaction);
        return switch (reaction) {
            case Reaction.Off off -> unanswered(phone, off, false, 0);
            case Reaction.Busy busy -> unanswered(phone, busy, false, 0);
            case Reaction.Silent silent -> unanswered(phone, silent, rings, time);
            case Reaction.Declines(int after) ->
                unanswered(phone, reaction, rings, Math.min(time, phone.from() + after));
            case Reaction.Answers(int after) -> answered(phone, reaction, rings, after, time);
            case Reaction.Machine(int after) -> answered(phone, reaction, rings, after, time);
        };
    }

    private static Rung unanswered(Ringing.Phone phone, Reaction reaction, boolean rings, int ends) {
        return new Rung(phone.party(), phone.from(), reaction, rings, -1, rings ? ends : 0);
    }

    private static Rung answered(Ringing.Phone phone, Reaction reaction, boolean rings, int after, int time) {
        int at = phone.from() + after;
        return rings && at <= time
                ? new Rung(phone.party(), phone.from(), reaction, true, at, at)
                : unanswered(phone, reaction, rings, time);
    }

    /// Whether it is neither busy nor off.
    public boolean reachable() {
        return Reaction.reachable(reaction);
    }

    /// Whether it is busy.
    public boolean busy() {
        return reaction instanceof Reaction.Busy;
    }

    /// Whether callers are told at once that nobody rings: every phone is busy or off, or some are busy and the
    /// others would only ring when the time is over.
    static boolean nobodyRings(List<Rung> rung) {
        return rung.stream().noneMatch(Rung::reachable)
                || (rung.stream().anyMatch(Rung::busy) && rung.stream().noneMatch(Rung::rings));
    }

    /// Who answers first of those rung together; of two at once the one listed first.
    static Optional<Rung> first(List<Rung> rung) {
        return rung.stream()
                .filter(one -> one.answersAt() >= 0)
                .reduce((one, other) -> other.answersAt() < one.answersAt() ? other : one);
    }

    /// When ringing that nobody answers ends: when the last who rings has declined, else when the time is over.
    static int ends(List<Rung> rung, int time) {
        return rung.stream().filter(Rung::rings).mapToInt(Rung::endsAt).max().orElse(time);
    }
}
