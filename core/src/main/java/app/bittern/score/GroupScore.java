package app.bittern.score;

import app.bittern.call.Account;
import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.Context;
import app.bittern.call.Rung;
import app.bittern.call.State;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Group;
import app.bittern.plan.Plan;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/// How a ring group or a hunt group rings a call that nobody answers, such as three phones for 21 s: a group of
/// members of whom none can ring lets the call go at once.
///
/// @param lasts   seconds until the call leaves it
/// @param leaves  why it does: nobody answers, or all are busy, or nobody can be reached
/// @param members each member's phone, in the order of the group
public record GroupScore(int lasts, Cause leaves, List<Phone> members) {
    /// The phone of a member.
    ///
    /// @param able  whether it can ring; in a ring group its delay may still be longer than the group rings
    /// @param rings when it does
    public record Phone(boolean able, List<Ring> rings) {
        public Phone {
            rings = List.copyOf(rings);
        }
    }

    /// A group asks neither who calls nor when.
    private static final Bench SOMEBODY = Bench.of(new E164("+441632960000"), new Caller.Withheld(), Instant.EPOCH);

    public GroupScore {
        members = List.copyOf(members);
    }

    /// @throws IllegalArgumentException where the plan has no such group
    public static GroupScore of(Plan plan, Group group) {
        State there = new State(group.ref(), Context.in(plan.site().defaultLanguage()));
        Trace.Step step = Tracer.from(plan, there, SOMEBODY, 1).steps().getFirst();
        List<Phone> members = step.account() instanceof Account.Hunted hunted
                ? oneAfterAnother(hunted, step.lasts())
                : ((Account.RangTogether) step.account())
                        .members().stream().map(GroupScore::together).toList();
        return new GroupScore(step.lasts(), step.cause().orElseThrow(), members);
    }

    private static Phone together(Rung rung) {
        return new Phone(rung.reachable(), rung.rings() ? List.of(new Ring(rung.from(), rung.endsAt())) : List.of());
    }

    /// Who takes part is rung in turn, lap after lap, as nobody becomes busy in between; each until the next is.
    private static List<Phone> oneAfterAnother(Account.Hunted hunted, int lasts) {
        List<Account.RungAt> rung = hunted.rung();
        int turns = Math.toIntExact(
                hunted.members().stream().filter(Account.Hunt::takesPart).count());
        List<Phone> phones = new ArrayList<>();
        int place = 0;
        for (Account.Hunt member : hunted.members()) {
            List<Ring> rings = new ArrayList<>();
            for (int turn = place; member.takesPart() && turn < rung.size(); turn += turns) {
                int until = turn + 1 < rung.size() ? rung.get(turn + 1).second() : lasts;
                rings.add(new Ring(rung.get(turn).second(), until));
            }
            phones.add(new Phone(member.takesPart(), rings));
            place += member.takesPart() ? 1 : 0;
        }
        return phones;
    }
}
