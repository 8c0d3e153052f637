package app.bittern.call;

import app.bittern.plan.Chain;
import app.bittern.plan.Destination;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Kind;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// How phones ring and who takes the call, second by second.
record SlowRinging(Plan plan, SlowWorld world) {
    /// How ringing ends.
    enum How {
        ANSWERED,
        NO_ANSWER,
        BUSY,
        UNREACHABLE
    }

    /// What became of it.
    record Rang(How how, int seconds, Optional<Party> by) {
        /// Where no phone rings: busy if one of them is.
        private static Rang nobody(List<Reaction> phones) {
            boolean busy = phones.stream().anyMatch(phone -> phone instanceof Reaction.Busy);
            return new Rang(busy ? How.BUSY : How.UNREACHABLE, 0, Optional.empty());
        }
    }

    Rang alone(Party party, int time) {
        return together(List.of(new Phone(party, 0, world.reacts(party, false), true)), time);
    }

    Rang together(RingGroup group) {
        int rings = group.ringFor().value();
        return together(phones(group.members(), group.followForwarding(), rings), rings);
    }

    Rang stage(Chain.Stage stage) {
        int time = stage.time().value();
        Optional<HuntGroup> hunts = stage.ring().target().flatMap(ref -> plan.find(ref, HuntGroup.class));
        return hunts.map(group -> hunted(group, time)).orElseGet(() -> together(phones(stage, time), time));
    }

    /// @param time after so many seconds nobody else is rung, and who rings is rung no longer
    Rang hunted(HuntGroup group, int time) {
        List<Member> members = new ArrayList<>();
        List<Reaction> seen = new ArrayList<>();
        List<Reaction> all = new ArrayList<>();
        for (Member member : group.members()) {
            Party party = world.rung(member, group.followForwarding());
            Reaction reaction = world.reacts(party, member.keyToTake());
            all.add(reaction);
            if (!(reaction instanceof Reaction.Busy || reaction instanceof Reaction.Off)) {
                members.add(new Member(party, member.after(), member.keyToTake()));
                seen.add(reaction);
            }
        }
        if (members.isEmpty()) {
            return Rang.nobody(all);
        }
        int each = group.ringEach().value();
        int second = 0;
        boolean rang = false;
        for (int lap = 0; lap < group.laps(); lap++) {
            for (int at = 0; at < members.size(); at++) {
                if (rang && second >= time) {
                    return new Rang(How.NO_ANSWER, time, Optional.empty());
                }
                Member member = members.get(at);
                Reaction reaction = lap == 0 ? seen.get(at) : world.reacts(member.party(), member.keyToTake());
                int answers = answersAt(reaction);
                if (answers >= 0 && answers <= each && second + answers <= time) {
                    return new Rang(How.ANSWERED, second + answers, Optional.of(member.party()));
                }
                boolean passed = reaction instanceof Reaction.Busy || reaction instanceof Reaction.Off;
                rang |= !passed;
                second += passed ? 0 : reaction instanceof Reaction.Declines(int after) ? Math.min(after, each) : each;
            }
        }
        return new Rang(How.NO_ANSWER, Math.min(second, time), Optional.empty());
    }

    private static int answersAt(Reaction reaction) {
        return reaction instanceof Reaction.Answers(int after)
                ? after
                : reaction instanceof Reaction.Machine(int machine) ? machine : -1;
    }

    /// A phone among others.
    private record Phone(Party party, int from, Reaction reaction, boolean rings) {
        boolean reachable() {
            return !(reaction instanceof Reaction.Busy || reaction instanceof Reaction.Off);
        }

        int declinesAt() {
            return reaction instanceof Reaction.Declines(int after) ? from + after : Integer.MAX_VALUE;
        }
    }

    /// How phones that ring together end.
    private static Rang together(List<Phone> phones, int time) {
        if (phones.stream().noneMatch(Phone::reachable)) {
            return Rang.nobody(phones.stream().map(Phone::reaction).toList());
        }
        List<Phone> ringing = phones.stream()
                .filter(phone -> phone.rings() && phone.reachable())
                .toList();
        if (ringing.isEmpty() && phones.stream().anyMatch(phone -> phone.reaction() instanceof Reaction.Busy)) {
            return Rang.nobody(phones.stream().map(Phone::reaction).toList());
        }
        for (int at = 0; at < time; at++) {
            for (Phone phone : ringing) {
                if (answersAt(phone.reaction()) >= 0 && phone.from() + answersAt(phone.reaction()) == at) {
                    return new Rang(How.ANSWERED, at, Optional.of(phone.party()));
                }
            }
            int now = at;
            if (!ringing.isEmpty() && ringing.stream().allMatch(phone -> phone.declinesAt() <= now)) {
                return new Rang(How.NO_ANSWER, at, Optional.empty());
            }
        }
        return ringing.stream()
                .filter(phone -> answersAt(phone.reaction()) >= 0)
                .filter(phone -> phone.from() + answersAt(phone.reaction()) == time)
                .findFirst()
                .map(phone -> new Rang(How.ANSWERED, time, Optional.of(phone.party())))
                .orElse(new Rang(How.NO_ANSWER, time, Optional.empty()));
    }

    private List<Phone> phones(List<Member> members, boolean follow, int time) {
        Map<Party, Reaction> asked = new HashMap<>();
        List<Phone> phones = new ArrayList<>();
        for (Member member : members) {
            Party party = world.rung(member, follow);
            if (!asked.containsKey(party)) {
                asked.put(party, world.reacts(party, member.keyToTake()));
            }
            int from = member.after().value();
            phones.add(new Phone(party, from, asked.get(party), from < time));
        }
        return phones;
    }

    private List<Phone> phones(Chain.Stage stage, int time) {
        if (stage.ring() instanceof Destination.Outside(var number)) {
            Party party = new Party.Outside(number);
            return List.of(new Phone(party, 0, world.reacts(party, stage.keyToTake()), true));
        }
        Ref ref = stage.ring().target().orElseThrow();
        if (ref.kind() == Kind.RING_GROUP) {
            return plan.find(ref, RingGroup.class)
                    .map(group -> phones(group.members(), group.followForwarding(), time))
                    .orElse(List.of());
        }
        Party party = new Party.Inside(ref);
        return List.of(new Phone(party, 0, world.reacts(party, stage.keyToTake()), true));
    }
}
