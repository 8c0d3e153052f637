package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import java.util.List;
import java.util.stream.Stream;

/// A group in which nobody rings.
final class GroupEmpty implements Check {
    private static final About ABOUT = new About(
            "group-empty",
            "Group without members",
            Severity.WARNING,
            "A group in which nobody rings.",
            "Its calls go on at once. Give it members.");

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
        return group.members().isEmpty()
                ? Stream.of(ABOUT.at(group.object().ref(), "members", Says.the(group.object()) + " has no members."))
                : Stream.empty();
    }
}
