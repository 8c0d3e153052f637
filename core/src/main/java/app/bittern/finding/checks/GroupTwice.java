package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Group;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.Pointer;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;

/// Somebody who is in a group twice.
final class GroupTwice extends PerObject<Group> {
    private static final About ABOUT = new About(
            "group-twice",
            "Member twice",
            Severity.WARNING,
            "Somebody who is in a group twice.",
            "The phone is rung twice over, or its second place does nothing. Take one of the two away.");

    GroupTwice() {
        super(ABOUT, Group.class);
    }

    @Override
    Stream<Finding> look(Group group, Examination examination) {
        Set<Party> met = new HashSet<>();
        return group.members().stream()
                .map(Member::party)
                .filter(party -> !met.add(party))
                .distinct()
                .map(party -> ABOUT.at(
                                group.ref(), Pointer.of("members"), Says.the(group) + " has " + party + " twice.")
                        .of(party));
    }
}
