package app.bittern.finding;

import app.bittern.finding.checks.Checks;
import app.bittern.plan.Plan;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;

/// All checks, in the order in which their findings are read.
public final class Catalogue {
    private Catalogue() {}

    public static List<Check> checks() {
        return Checks.ALL;
    }

    /// Everything found in a plan, the worst first.
    ///
    /// @param from the first local day of the 53 weeks looked at
    public static List<Finding> examine(Plan plan, LocalDate from) {
        return checks().stream()
                .flatMap(check -> check.examine(plan, from).stream())
                .sorted(Comparator.comparing(Finding::severity))
                .toList();
    }
}
