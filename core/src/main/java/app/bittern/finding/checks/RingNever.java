package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.number.E164;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// A member who would be rung only after ringing has stopped.
final class RingNever extends PerObject<RingGroup> {
    private static final About ABOUT = new About(
            "ring-never",
            "Member who never rings",
            Severity.WARNING,
            "A member of a ring group whose delay is not shorter than the group rings.",
            "Ringing has stopped before that phone would begin. Shorten the delay, or ring for longer.");

    RingNever() {
        super(ABOUT, RingGroup.class);
    }

    @Override
    Stream<Finding> look(RingGroup group, Examination examination) {
        return IntStream.range(0, group.members().size())
                .filter(index -> group.members().get(index).after().value()
                        >= group.ringFor().value())
                .mapToObj(index -> {
                    Member member = group.members().get(index);
                    return ABOUT.at(
                                    group.ref(),
                                    Pointer.of("members", index, "after"),
                                    Says.the(group) + " would ring " + called(examination.plan(), member.party())
                                            + " after " + member.after().said()
                                            + ", and rings for "
                                            + group.ringFor().said() + ".")
                            .of(member.party(), member.after(), group.ringFor());
                });
    }

    private static String called(Plan plan, Party party) {
        return switch (party) {
            case Party.Inside(Ref extension) -> plan.title(extension);
            case Party.Outside(E164 number) -> number.international();
        };
    }
}
