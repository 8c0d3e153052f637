package app.bittern.finding;

import java.util.List;

/// One thing to look for in a plan.
public interface Check {
    /// What it is about.
    About about();

    /// What it finds.
    List<Finding> examine(Examination examination);

    default String code() {
        return about().code();
    }

    default String title() {
        return about().title();
    }

    default Severity severity() {
        return about().severity();
    }

    default String summary() {
        return about().summary();
    }

    default String advice() {
        return about().advice();
    }
}
