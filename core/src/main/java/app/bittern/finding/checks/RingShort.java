package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Member;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Seconds;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// A ring time shorter than one ring.
final class RingShort implements Check {
    private static final About ABOUT = new About(
            "ring-short",
            "Rings less than once",
            Severity.WARNING,
            "A ring time shorter than one ring, or a member for whom less than that is left.",
            "The phone may not ring at all before the call goes on. Ring for at least two rings.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        int ring = examination.plan().site().ringSeconds();
        return Stream.concat(whole(examination, ring), members(examination, ring))
                .toList();
    }

    /// Members of ring groups for whom less than one ring is left when they begin.
    private static Stream<Finding> members(Examination examination, int ring) {
        Plan plan = examination.plan();
        return plan.all(RingGroup.class)
                .filter(group -> group.ringFor().value() >= ring)
                .flatMap(group -> IntStream.range(0, group.members().size())
                        .filter(place -> {
                            int left = group.ringFor().value()
                                    - group.members().get(place).after().value();
                            return left > 0 && left < ring;
                        })
                        .mapToObj(place -> {
                            Member member = group.members().get(place);
                            int left = group.ringFor().value() - member.after().value();
                            return ABOUT.at(
                                            group.ref(),
                                            Pointer.of("members", place, "after"),
                                            Says.the(group) + " rings " + plan.title(member.party()) + " for the last "
                                                    + new Seconds(left).said() + "; one ring takes " + ring + " s.")
                                    .of(member.party(), new Seconds(left));
                        }));
    }

    private static Stream<Finding> whole(Examination examination, int ring) {
        return Rings.of(examination.plan()).stream()
                .filter(one -> one.seconds().value() < ring)
                .map(one -> ABOUT.at(
                                one.object().ref(),
                                one.field(),
                                Says.the(one.object()) + " rings for "
                                        + one.seconds().said() + "; one ring takes " + ring + " s.")
                        .of(one.seconds()));
    }
}
