package app.bittern.finding;

import app.bittern.plan.Plan;
import java.time.LocalDate;
import java.util.List;

/// One thing to look for in a plan.
public interface Check {
    /// Stable name, lower-case words with hyphens: `hole`.
    String code();

    /// What people read in a list: `Hole`.
    String title();

    Severity severity();

    /// What it looks for, one sentence.
    String summary();

    /// Why it matters and what to do.
    String advice();

    /// What it finds.
    ///
    /// @param from the first local day of the 53 weeks looked at
    List<Finding> examine(Plan plan, LocalDate from);
}
