package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Group;
import app.bittern.plan.Pointer;
import java.util.stream.Stream;

/// A group in which nobody rings.
final class GroupEmpty extends PerObject<Group> {
    private static final About ABOUT = new About(
            "group-empty",
            "Group without members",
            Severity.WARNING,
            "A group in which nobody rings.",
            "Its calls go on at once. Give it members.");

    GroupEmpty() {
        super(ABOUT, Group.class);
    }

    @Override
    Stream<Finding> look(Group group, Examination examination) {
        return group.members().isEmpty()
                ? Stream.of(ABOUT.at(group.ref(), Pointer.of("members"), Says.the(group) + " has no members."))
                : Stream.empty();
    }
}
