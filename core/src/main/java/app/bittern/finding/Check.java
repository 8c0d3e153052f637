package app.bittern.finding;

import app.bittern.call.Bench;
import java.util.List;
import java.util.Optional;

/// One thing to look for in a plan.
public interface Check {
    /// What it is about.
    About about();

    /// What it finds.
    List<Finding> examine(Examination examination);

    /// A call that shows one of its findings which has none yet; asked for once the findings of which the
    /// same is to be said are one, where looking for a call for each would take long.
    default Optional<Bench> witness(Finding finding, Examination examination) {
        return Optional.empty();
    }

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
