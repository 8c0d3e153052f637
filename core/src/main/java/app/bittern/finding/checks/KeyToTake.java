package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.number.E164;
import app.bittern.plan.Chain;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Group;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// An outside number that takes a call without a key.
final class KeyToTake implements Check {
    private static final About ABOUT = new About(
            "key-to-take",
            "Outside number without a key to take",
            Severity.WARNING,
            "An outside number in a group, a queue or a chain that takes a call without a key, also one that a member is forwarded to where the group follows that.",
            "Its own voicemail can take the call. Let the person press a key to take it.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return Stream.of(
                        plan.all(Group.class).flatMap(group -> members(plan, group)),
                        plan.all(Queue.class).flatMap(KeyToTake::agents),
                        plan.all(Chain.class).flatMap(KeyToTake::stages))
                .flatMap(findings -> findings)
                .toList();
    }

    private static Finding finding(PlanObject object, Pointer at, E164 outside, PlanEdit fix) {
        return ABOUT.at(
                        object.ref(),
                        at,
                        Says.the(object) + " rings " + outside.international()
                                + ", whose own voicemail can take the call.")
                .of(new Destination.Outside(outside))
                .mendedBy(List.of(new Fix("Let " + outside.international() + " press a key to take it", fix)));
    }

    private static Stream<Finding> members(Plan plan, Group group) {
        return group.members().stream()
                .filter(member -> !member.keyToTake())
                .flatMap(member -> outside(plan, group, member)
                        .map(number -> finding(
                                group,
                                Pointer.of("members", group.members().indexOf(member)),
                                number,
                                confirmed(group, member)))
                        .stream());
    }

    /// The number outside that a member is, or is forwarded to where the group follows that.
    private static Optional<E164> outside(Plan plan, Group group, Member member) {
        return switch (member.party()) {
            case Party.Outside(E164 number) -> Optional.of(number);
            case Party.Inside(Ref ref) ->
                plan.find(ref, Extension.class)
                        .filter(extension -> group.followForwarding())
                        .flatMap(extension -> extension.forward().always())
                        .flatMap(to -> to instanceof Destination.Outside(E164 number)
                                ? Optional.of(number)
                                : Optional.empty());
        };
    }

    private static Stream<Finding> agents(Queue queue) {
        return queue.agents().stream()
                .filter(agent -> !agent.keyToTake() && agent.extension().isEmpty())
                .map(agent -> finding(
                        queue,
                        Pointer.of("agents", queue.agents().indexOf(agent)),
                        new E164(agent.party().phone()),
                        new PlanEdit.Put(queue.withAgents(queue.agents().stream()
                                .map(one -> one.equals(agent)
                                        ? new Queue.Agent(
                                                one.party(), one.byPhone(), one.rank(), one.joinsAfter(), true)
                                        : one)
                                .toList()))));
    }

    private static Stream<Finding> stages(Chain chain) {
        return chain.stages().stream()
                .filter(stage -> !stage.keyToTake())
                .flatMap(stage -> stage.ring() instanceof Destination.Outside(E164 number)
                        ? Stream.of(rings(chain, stage, number))
                        : Stream.<Finding>empty());
    }

    private static Finding rings(Chain chain, Chain.Stage stage, E164 number) {
        return finding(
                chain,
                Pointer.of("stages", chain.stages().indexOf(stage)),
                number,
                new PlanEdit.Put(new Chain(
                        chain.key(),
                        chain.name(),
                        chain.note(),
                        chain.number(),
                        chain.stages().stream()
                                .map(one -> one.equals(stage) ? new Chain.Stage(one.ring(), one.time(), true) : one)
                                .toList(),
                        chain.then())));
    }

    private static PlanEdit confirmed(Group group, Member member) {
        List<Member> members = group.members().stream()
                .map(one -> one.equals(member) ? new Member(one.party(), one.after(), true) : one)
                .toList();
        return new PlanEdit.Put(group.with(members));
    }
}
