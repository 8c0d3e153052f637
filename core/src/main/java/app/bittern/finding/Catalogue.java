package app.bittern.finding;

import app.bittern.finding.checks.Checks;
import app.bittern.hours.Horizon;
import app.bittern.plan.Accepted;
import app.bittern.plan.Plan;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// All checks, in the order in which their findings are read.
public final class Catalogue {
    private Catalogue() {}

    public static List<Check> checks() {
        return Checks.ALL;
    }

    /// Everything found in a plan, the worst first; what the plan accepts is marked so.
    ///
    /// @param horizon the 53 weeks looked at
    public static List<Finding> examine(Plan plan, Horizon horizon) {
        Examination examination = new Examination(plan, horizon);
        return checks().stream()
                .flatMap(check -> check.examine(examination).stream())
                .map(finding -> accepted(plan, finding)
                        .map(one -> finding.acceptedBecause(one.reason()))
                        .orElse(finding))
                .sorted(Comparator.comparing(Finding::severity))
                .toList();
    }

    /// Everything found in a plan in the weeks from a day on.
    public static List<Finding> examine(Plan plan, LocalDate from) {
        return examine(plan, Horizon.around(from, plan.site().timeZone()));
    }

    private static Optional<Accepted> accepted(Plan plan, Finding finding) {
        return plan.all(Accepted.class)
                .filter(one -> one.code().equals(finding.code())
                        && one.about().equals(finding.object())
                        && one.field().equals(finding.field())
                        && one.says().equals(finding.says()))
                .findFirst();
    }
}
