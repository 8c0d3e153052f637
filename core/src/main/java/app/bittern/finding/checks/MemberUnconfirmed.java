package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.RingGroup;
import java.util.List;
import java.util.stream.Stream;

/// An outside number in a group that need not confirm.
final class MemberUnconfirmed implements Check {
    private static final About ABOUT = new About(
            "group-confirm",
            "Outside member without confirming",
            Severity.WARNING,
            "An outside number in a group that need not confirm.",
            "Its own voicemail can take the call. Let the person press a key to take it.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        return Members.of(examination.plan()).stream()
                .flatMap(group -> look(group))
                .toList();
    }

    private static Stream<Finding> look(Members.Group group) {
        return group.members().stream()
                .filter(member -> member.party() instanceof Party.Outside && !member.confirm())
                .map(member -> ABOUT.at(
                                group.object().ref(),
                                "members/" + group.members().indexOf(member),
                                Says.the(group.object()) + " rings " + member.party()
                                        + ", whose own voicemail can take the call.")
                        .mendedBy(List.of(new Fix("Let " + member.party() + " confirm", confirmed(group, member)))));
    }

    private static PlanEdit confirmed(Members.Group group, Member member) {
        List<Member> members = group.members().stream()
                .map(one -> one.equals(member) ? new Member(one.party(), one.after(), true) : one)
                .toList();
        return switch (group.object()) {
            case RingGroup ring ->
                new PlanEdit.Put(new RingGroup(
                        ring.key(),
                        ring.name(),
                        ring.note(),
                        ring.number(),
                        ring.prefix(),
                        ring.ringFor(),
                        members,
                        ring.honourForwarding(),
                        ring.noAnswer(),
                        ring.busy(),
                        ring.unreachable()));
            case HuntGroup hunt ->
                new PlanEdit.Put(new HuntGroup(
                        hunt.key(),
                        hunt.name(),
                        hunt.note(),
                        hunt.number(),
                        hunt.order(),
                        hunt.ringEach(),
                        hunt.laps(),
                        members,
                        hunt.noAnswer(),
                        hunt.busy(),
                        hunt.unreachable()));
            default -> throw new IllegalStateException(group.object().ref() + " is no group");
        };
    }
}
