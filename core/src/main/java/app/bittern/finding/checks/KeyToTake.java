package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.Group;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.Pointer;
import app.bittern.plan.RingGroup;
import java.util.List;
import java.util.stream.Stream;

/// An outside number in a group that takes a call without a key.
final class KeyToTake extends PerObject<Group> {
    private static final About ABOUT = new About(
            "key-to-take",
            "Outside number without a key to take",
            Severity.WARNING,
            "An outside number in a group that takes a call without a key.",
            "Its own voicemail can take the call. Let the person press a key to take it.");

    KeyToTake() {
        super(ABOUT, Group.class);
    }

    @Override
    Stream<Finding> look(Group group, Examination examination) {
        return group.members().stream()
                .filter(member -> member.party() instanceof Party.Outside && !member.keyToTake())
                .map(member -> ABOUT.at(
                                group.ref(),
                                Pointer.of("members", group.members().indexOf(member)),
                                Says.the(group) + " rings " + member.party()
                                        + ", whose own voicemail can take the call.")
                        .mendedBy(List.of(new Fix(
                                "Let " + member.party() + " press a key to take it", confirmed(group, member)))));
    }

    private static PlanEdit confirmed(Group group, Member member) {
        List<Member> members = group.members().stream()
                .map(one -> one.equals(member) ? new Member(one.party(), one.after(), true) : one)
                .toList();
        return switch (group) {
            case RingGroup ring ->
                new PlanEdit.Put(new RingGroup(
                        ring.key(),
                        ring.name(),
                        ring.note(),
                        ring.number(),
                        ring.shownAs(),
                        ring.ringFor(),
                        members,
                        ring.followForwarding(),
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
        };
    }
}
