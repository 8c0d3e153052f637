package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Branch;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import java.util.List;
import java.util.stream.Stream;

/// A case of a branch for something that is never so.
final class CaseNever extends PerObject<Branch> {
    private static final About ABOUT = new About(
            "case-never",
            "Case never possible",
            Severity.WARNING,
            "A case of a branch for something that is never so.",
            "What stands in the case never happens; often its name is misspelt. Rename it, or take it away.");

    CaseNever() {
        super(ABOUT, Branch.class);
    }

    @Override
    Stream<Finding> look(Branch branch, Examination examination) {
        Plan plan = examination.plan();
        return never(plan, branch);
    }

    private static Stream<Finding> never(Plan plan, Branch branch) {
        List<String> possible = Cases.possible(plan, branch);
        boolean known =
                branch.by().target().map(ref -> plan.find(ref).isPresent()).orElse(true);
        if (possible.isEmpty() || !known) {
            return Stream.empty();
        }
        Stream<String> cases = branch.cases().keySet().stream().filter(state -> !possible.contains(state));
        boolean allSet = possible.stream().allMatch(branch.cases()::containsKey);
        Stream<String> otherwise = allSet && branch.otherwise().isPresent() ? Stream.of("else") : Stream.empty();
        return Stream.concat(
                cases.map(state -> ABOUT.at(
                        branch.ref(),
                        Pointer.of("cases", state),
                        Says.the(branch) + " has a case " + state + ", which "
                                + branch.by().text() + " never is; it is " + String.join(", ", possible) + ".")),
                otherwise.map(state -> ABOUT.at(
                        branch.ref(),
                        Pointer.of("else"),
                        Says.the(branch) + " has a case for everything, so its else never happens.")));
    }
}
