package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.Chain;
import app.bittern.plan.Destination;
import app.bittern.plan.Group;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import java.util.List;
import java.util.stream.Stream;

/// An outside number that takes a call without a key.
final class KeyToTake implements Check {
    private static final About ABOUT = new About(
            "key-to-take",
            "Outside number without a key to take",
            Severity.WARNING,
            "An outside number in a group or a chain that takes a call without a key.",
            "Its own voicemail can take the call. Let the person press a key to take it.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return Stream.concat(
                        plan.all(Group.class).flatMap(KeyToTake::members),
                        plan.all(Chain.class).flatMap(KeyToTake::stages))
                .toList();
    }

    private static Finding finding(PlanObject object, Pointer at, Object outside, PlanEdit fix) {
        return ABOUT.at(
                        object.ref(),
                        at,
                        Says.the(object) + " rings " + outside + ", whose own voicemail can take the call.")
                .of(outside)
                .mendedBy(List.of(new Fix("Let " + outside + " press a key to take it", fix)));
    }

    private static Stream<Finding> members(Group group) {
        return group.members().stream()
                .filter(member -> member.party() instanceof Party.Outside && !member.keyToTake())
                .map(member -> finding(
                        group,
                        Pointer.of("members", group.members().indexOf(member)),
                        member.party(),
                        confirmed(group, member)));
    }

    private static Stream<Finding> stages(Chain chain) {
        return chain.stages().stream()
                .filter(stage -> stage.ring() instanceof Destination.Outside && !stage.keyToTake())
                .map(stage -> finding(
                        chain,
                        Pointer.of("stages", chain.stages().indexOf(stage)),
                        stage.ring(),
                        new PlanEdit.Put(new Chain(
                                chain.key(),
                                chain.name(),
                                chain.note(),
                                chain.number(),
                                chain.stages().stream()
                                        .map(one ->
                                                one.equals(stage) ? new Chain.Stage(one.ring(), one.time(), true) : one)
                                        .toList(),
                                chain.then()))));
    }

    private static PlanEdit confirmed(Group group, Member member) {
        List<Member> members = group.members().stream()
                .map(one -> one.equals(member) ? new Member(one.party(), one.after(), true) : one)
                .toList();
        return new PlanEdit.Put(group.with(members));
    }
}
