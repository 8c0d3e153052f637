package app.bittern.finding.checks;

import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.util.List;
import java.util.Optional;

/// The states of hours that something is limited to.
final class States {
    private States() {}

    /// Whether it is limited to a state that its hours do not have.
    static boolean unknown(Plan plan, Optional<Route.While> holds) {
        return holds.filter(limit -> plan.find(limit.hours(), Hours.class).isPresent())
                .filter(limit -> !of(plan, limit).contains(limit.state()))
                .isPresent();
    }

    /// The states that the hours have.
    static List<String> of(Plan plan, Route.While limit) {
        return plan.find(limit.hours(), Hours.class)
                .map(hours -> hours.calendar().names())
                .orElse(List.of());
    }
}
