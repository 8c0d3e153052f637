package app.bittern.call;

import app.bittern.number.E164;
import app.bittern.plan.Chain;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Group;
import app.bittern.plan.Kind;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.List;
import java.util.Optional;

/// What the phones that an object rings can do at all, their own settings taken into account.
///
/// @param phones each that is rung, in order
/// @param alone  whether it is one phone, rung for its own time
record Ringing(List<Phone> phones, boolean alone) {
    /// One phone as a group, a stage or a queue rings it.
    ///
    /// @param party     who
    /// @param from      seconds after which it begins to ring
    /// @param keyToTake whether the person must press a key to take the call, and so may decline
    /// @param can       whether it can ring: it exists, has a phone, and is not do not disturb
    /// @param disturbed whether it is do not disturb, and so always busy
    /// @param busy      whether it can be busy
    record Phone(Party party, int from, boolean keyToTake, boolean can, boolean disturbed, boolean busy) {}

    static Ringing of(Group group, Plan plan) {
        return new Ringing(
                group.members().stream()
                        .map(member -> phone(member, group.followForwarding(), plan))
                        .toList(),
                false);
    }

    /// What a stage rings; a target that is missing is a phone that cannot.
    static Ringing of(Chain.Stage stage, Plan plan) {
        return switch (stage.ring()) {
            case Destination.Outside(E164 number) -> alone(new Party.Outside(number), stage.keyToTake(), plan);
            case Destination.To(Ref ref) ->
                ref.kind() == Kind.RING_GROUP || ref.kind() == Kind.HUNT_GROUP
                        ? plan.find(ref, Group.class)
                                .map(group -> of(group, plan))
                                .orElseGet(() -> new Ringing(List.of(), false))
                        : alone(new Party.Inside(ref), stage.keyToTake(), plan);
            case Destination.OwnMailbox other -> throw notRung(other);
            case Destination.Repeat other -> throw notRung(other);
            case Destination.Back other -> throw notRung(other);
            case Destination.HangUp other -> throw notRung(other);
            case Destination.Busy other -> throw notRung(other);
            case Destination.AsRouted other -> throw notRung(other);
            case Destination.ByLast other -> throw notRung(other);
        };
    }

    private static IllegalStateException notRung(Destination to) {
        return new IllegalStateException(to + " cannot be rung");
    }

    /// One phone, rung by itself.
    static Ringing alone(Party party, boolean keyToTake, Plan plan) {
        return new Ringing(List.of(phone(new Member(party, new Seconds(0), keyToTake), false, plan)), true);
    }

    static Phone phone(Member member, boolean follow, Plan plan) {
        Party party = follow ? followed(member.party(), plan) : member.party();
        int from = member.after().value();
        return switch (party) {
            case Party.Outside outside -> new Phone(party, from, member.keyToTake(), true, false, true);
            case Party.Inside(Ref ref) -> {
                Optional<Extension> extension = plan.find(ref, Extension.class);
                boolean disturbed = extension.filter(Extension::doNotDisturb).isPresent();
                boolean can = extension
                        .filter(one -> !one.phones().isEmpty() && !disturbed)
                        .isPresent();
                boolean busy = disturbed
                        || (can && extension.filter(one -> !one.callWaiting()).isPresent());
                yield new Phone(party, from, member.keyToTake(), can, disturbed, busy);
            }
        };
    }

    /// Where a member's own `forward: always` leads, if that is a phone; another destination is not followed in a
    /// group.
    private static Party followed(Party party, Plan plan) {
        if (!(party instanceof Party.Inside(var ref))) {
            return party;
        }
        return plan.find(ref, Extension.class)
                .flatMap(extension -> extension.forward().always())
                .<Party>flatMap(to -> switch (to) {
                    case Destination.Outside(var number) -> Optional.of(new Party.Outside(number));
                    case Destination.To(var target) ->
                        target.kind() == Kind.EXTENSION
                                ? Optional.of(new Party.Inside(target))
                                : Optional.<Party>empty();
                    case Destination.OwnMailbox other -> Optional.empty();
                    case Destination.Repeat other -> Optional.empty();
                    case Destination.Back other -> Optional.empty();
                    case Destination.HangUp other -> Optional.empty();
                    case Destination.Busy other -> Optional.empty();
                    case Destination.AsRouted other -> Optional.empty();
                    case Destination.ByLast other -> Optional.empty();
                })
                .orElse(party);
    }

    /// Those that can ring at all.
    List<Phone> able() {
        return phones.stream().filter(Phone::can).toList();
    }

    /// When ringing together for so long can be answered: from the least delay under it; never where there is
    /// none.
    Optional<Window> answered(int time) {
        return able().stream()
                .filter(phone -> rings(phone, time))
                .map(Phone::from)
                .min(Integer::compare)
                .map(from -> new Window(from, time));
    }

    /// Whether a phone with a delay rings at all; one that is not under the time never does.
    boolean rings(Phone phone, int time) {
        return alone || phone.from() < time;
    }

    /// When ringing together for so long is given up: then, or as soon as the last who may decline has.
    Optional<Window> unanswered(int time) {
        boolean anyRings = able().stream().anyMatch(phone -> rings(phone, time));
        // Where none rings in time and one is always busy, that is what callers hear.
        if (able().isEmpty() || (!anyRings && phones.stream().anyMatch(Phone::disturbed))) {
            return Optional.empty();
        }
        int soonest = able().stream()
                .filter(phone -> phone.keyToTake() && rings(phone, time))
                .mapToInt(Phone::from)
                .min()
                .orElse(time);
        return Optional.of(new Window(Math.min(time, soonest), time));
    }

    /// Whether nobody may ring while somebody is busy.
    boolean canBeBusy() {
        return phones.stream().anyMatch(Phone::busy);
    }

    /// Whether every phone may be off.
    boolean canBeOff() {
        return phones.stream().noneMatch(Phone::disturbed);
    }
}
