package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.Split;
import java.util.List;
import java.util.stream.Stream;

/// A case of a split for something that is never so.
final class CaseImpossible extends PerObject<Split> {
    private static final About ABOUT = new About(
            "case-never",
            "Case never possible",
            Severity.WARNING,
            "A case of a split for something that is never so.",
            "What stands in the case never happens; often its name is misspelt. Rename it, or take it away.");

    CaseImpossible() {
        super(ABOUT, Split.class);
    }

    @Override
    Stream<Finding> look(Split split, Examination examination) {
        Plan plan = examination.plan();
        return never(plan, split);
    }

    private static Stream<Finding> never(Plan plan, Split split) {
        List<String> possible = Cases.possible(plan, split);
        boolean known =
                split.by().target().map(ref -> plan.find(ref).isPresent()).orElse(true);
        if (possible.isEmpty() || !known) {
            return Stream.empty();
        }
        Stream<String> cases = split.cases().keySet().stream().filter(state -> !possible.contains(state));
        boolean allSet = possible.stream().allMatch(split.cases()::containsKey);
        Stream<String> otherwise = allSet && split.otherwise().isPresent() ? Stream.of("else") : Stream.empty();
        return Stream.concat(
                cases.map(state -> ABOUT.at(
                        split.ref(),
                        "cases/" + state,
                        Says.the(split) + " has a case " + state + ", which "
                                + split.by().text() + " never is; it is " + String.join(", ", possible) + ".")),
                otherwise.map(state -> ABOUT.at(
                        split.ref(),
                        "else",
                        Says.the(split) + " has a case for everything, so its else never happens.")));
    }
}
