package app.bittern.call;

import app.bittern.plan.Party;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// One phone as it is rung together with others on the bench.
///
/// @param phone     what it can do at all
/// @param who       as a sentence names it
/// @param reachable whether it is neither busy nor off
/// @param busy      whether it is busy
/// @param rings     whether it rings at all within the time
/// @param answersAt second at which it is answered; -1 where it is not
/// @param endsAt    second at which its ringing ends without an answer
record Rung(
        Ringing.Phone phone,
        String who,
        boolean reachable,
        boolean busy,
        boolean rings,
        int answersAt,
        int endsAt,
        Why why) {
    /// Rings phones together for so long; each is asked once, however often it is listed.
    static List<Rung> together(Ringing ringing, int time, Scene scene, BenchInHand bench) {
        Map<Party, Reaction> reactions = new HashMap<>();
        List<Rung> all = new ArrayList<>();
        for (Ringing.Phone phone : ringing.phones()) {
            Reaction reaction = reactions.get(phone.party());
            if (reaction == null) {
                reaction = react(phone, bench);
                reactions.put(phone.party(), reaction);
            }
            all.add(of(phone, reaction, ringing.rings(phone, time), time, scene));
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

    private static Rung of(Ringing.Phone phone, Reaction reaction, boolean rings, int time, Scene scene) {
        String who = words(phone.party(), scene);
        String rule = who + (phone.from() > 0 ? " after " + phone.from() + "s" : "");
        return switch (reaction) {
            case Reaction.Off off -> unreachable(phone, who, false, Why.not(rule, "off or not reachable"));
            case Reaction.Busy busy -> unreachable(phone, who, true, Why.not(rule, "busy or not to be disturbed"));
            case Reaction.Silent silent ->
                unanswered(phone, who, rings, time, rule, "rings and does not answer in time");
            case Reaction.Declines(int after) -> {
                int at = Math.min(time, phone.from() + after);
                yield unanswered(phone, who, rings, at, rule, "declines after " + after + " s of ringing");
            }
            case Reaction.Answers(int after) -> answered(phone, who, rings, after, time, rule, "answers");
            case Reaction.Machine(int after) ->
                answered(phone, who, rings, after, time, rule, "its own voicemail takes the call");
        };
    }

    private static Rung unreachable(Ringing.Phone phone, String who, boolean busy, Why why) {
        return new Rung(phone, who, false, busy, false, -1, 0, why);
    }

    private static Rung unanswered(
            Ringing.Phone phone, String who, boolean rings, int ends, String rule, String because) {
        return rings
                ? new Rung(phone, who, true, false, true, -1, ends, Why.not(rule, because))
                : new Rung(phone, who, true, false, false, -1, 0, Why.not(rule, "ringing has stopped before that"));
    }

    private static Rung answered(
            Ringing.Phone phone, String who, boolean rings, int after, int time, String rule, String how) {
        int at = phone.from() + after;
        return rings && at <= time
                ? new Rung(
                        phone,
                        who,
                        true,
                        false,
                        true,
                        at,
                        at,
                        Why.held(rule, how + " after " + after + " s of ringing"))
                : unanswered(phone, who, rings, time, rule, "rings and does not answer in time");
    }

    static String words(Party party, Scene scene) {
        return switch (party) {
            case Party.Inside(var extension) -> scene.title(extension);
            case Party.Outside(var number) -> number.international();
        };
    }

    String reference() {
        return phone.party().toString();
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
