package app.bittern.call;

import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.RingGroup;
import app.bittern.plan.RingGroup.Member;
import app.bittern.plan.RingGroup.Party;
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
        List<Ringing> members = group.members().stream()
                .map(member -> Ringing.of(group, member, scene, bench.bench()))
                .toList();
        List<Why> phones = members.stream().map(Ringing::why).toList();
        if (members.stream().noneMatch(Ringing::rings)) {
            return nobodyRings(group, scene, members, phones);
        }
        Optional<Ringing> first = members.stream()
                .filter(one -> one.answersAt() >= 0)
                .reduce((one, other) -> other.answersAt() < one.answersAt() ? other : one);
        int end = first.map(Ringing::answersAt).orElse(group.ringFor().value());
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

    private static String who(List<Ringing> members) {
        return String.join(
                ", ",
                members.stream()
                        .filter(Ringing::rings)
                        .map(one -> one.who() + (one.from() > 0 ? " from +" + one.from() + " s" : ""))
                        .toList());
    }

    private static Decision nobodyRings(RingGroup group, Scene scene, List<Ringing> members, List<Why> phones) {
        boolean busy = members.stream().anyMatch(Ringing::busy);
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

    /// One member on the bench.
    ///
    /// @param from      second at which it begins to ring
    /// @param answersAt second at which it is answered; -1 where it is not
    private record Ringing(
            String reference, String who, boolean rings, boolean busy, int from, int answersAt, Why why) {
        static Ringing of(RingGroup group, Member member, Scene scene, Bench bench) {
            Party party = group.honourForwarding() ? followed(member.party(), scene) : member.party();
            String who = words(party, scene);
            int from = member.after().value();
            String rule = who + (from > 0 ? " after " + member.after() : "");
            PhoneState phone = phone(party, scene, bench);
            if (phone instanceof PhoneState.Off) {
                return new Ringing(
                        party.toString(), who, false, false, from, -1, Why.not(rule, "off or not reachable"));
            }
            if (phone instanceof PhoneState.Busy) {
                return new Ringing(
                        party.toString(), who, false, true, from, -1, Why.not(rule, "busy or not to be disturbed"));
            }
            if (from >= group.ringFor().value() && from > 0) {
                return new Ringing(
                        party.toString(),
                        who,
                        true,
                        false,
                        from,
                        -1,
                        Why.not(rule, "the group stops ringing before that"));
            }
            return phone instanceof PhoneState.Answers(int after)
                            && from + after <= group.ringFor().value()
                    ? new Ringing(
                            party.toString(),
                            who,
                            true,
                            false,
                            from,
                            from + after,
                            Why.held(rule, "answers after " + after + " s of ringing"))
                    : new Ringing(
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

        private static PhoneState phone(Party party, Scene scene, Bench bench) {
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
}
