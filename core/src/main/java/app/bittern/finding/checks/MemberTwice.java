package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/// Somebody who is in a group twice.
final class MemberTwice implements Check {
    private static final About ABOUT = new About(
            "group-twice",
            "Member twice",
            Severity.WARNING,
            "Somebody who is in a group twice.",
            "The phone is rung twice over, or its second place does nothing. Take one of the two away.");

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
        Set<Party> met = new HashSet<>();
        return group.members().stream()
                .map(Member::party)
                .filter(party -> !met.add(party))
                .distinct()
                .map(party -> ABOUT.at(
                        group.object().ref(), "members", Says.the(group.object()) + " has " + party + " twice."));
    }
}
