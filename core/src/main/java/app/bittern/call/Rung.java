package app.bittern.call;

import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import java.util.Optional;

/// One member on the bench.
///
/// @param from      second at which it begins to ring
/// @param answersAt second at which it is answered; -1 where it is not
record Rung(String reference, String who, boolean rings, boolean busy, int from, int answersAt, Why why) {
    static Rung of(Member member, boolean followForwarding, int stops, Scene scene, Bench bench) {
        Party party = followForwarding ? followed(member.party(), scene) : member.party();
        String who = words(party, scene);
        int from = member.after().value();
        String rule = who + (from > 0 ? " after " + member.after() : "");
        PhoneState phone = phone(party, scene, bench);
        if (phone instanceof PhoneState.Off) {
            return new Rung(party.toString(), who, false, false, from, -1, Why.not(rule, "off or not reachable"));
        }
        if (phone instanceof PhoneState.Busy) {
            return new Rung(party.toString(), who, false, true, from, -1, Why.not(rule, "busy or not to be disturbed"));
        }
        if (from >= stops && from > 0) {
            return new Rung(
                    party.toString(), who, true, false, from, -1, Why.not(rule, "ringing has stopped before that"));
        }
        return phone instanceof PhoneState.Answers(int after) && from + after <= stops
                ? new Rung(
                        party.toString(),
                        who,
                        true,
                        false,
                        from,
                        from + after,
                        Why.held(rule, "answers after " + after + " s of ringing"))
                : new Rung(
                        party.toString(),
                        who,
                        true,
                        false,
                        from,
                        -1,
                        Why.not(rule, "rings and does not answer in time"));
    }

    private static String words(Party party, Scene scene) {
        return switch (party) {
            case Party.Inside(var extension) -> scene.title(extension);
            case Party.Outside(var number) -> number.international();
        };
    }

    /// Where a member's own `forward: always` leads, if that is a phone; another destination is not followed in a
    /// group.
    private static Party followed(Party party, Scene scene) {
        if (!(party instanceof Party.Inside(var ref))) {
            return party;
        }
        Optional<Destination> always = scene.plan()
                .find(ref, Extension.class)
                .flatMap(extension -> extension.forward().always());
        return always.<Party>flatMap(to -> switch (to) {
                    case Destination.Outside(var number) -> Optional.of(new Party.Outside(number));
                    case Destination.To(var target)
                    when target.kind() == app.bittern.plan.Kind.EXTENSION -> Optional.of(new Party.Inside(target));
                    case Destination.To other -> Optional.empty();
                    case Destination.OwnMailbox other -> Optional.empty();
                    case Destination.Repeat other -> Optional.empty();
                    case Destination.Back other -> Optional.empty();
                    case Destination.HangUp other -> Optional.empty();
                    case Destination.Busy other -> Optional.empty();
                })
                .orElse(party);
    }

    static PhoneState phone(Party party, Scene scene, Bench bench) {
        return switch (party) {
            case Party.Outside(var number) -> bench.phone(number.text());
            case Party.Inside(var ref) ->
                scene.plan()
                        .find(ref, Extension.class)
                        .map(extension -> Phones.state(extension, bench))
                        .orElseGet(PhoneState.Off::new);
        };
    }
}
