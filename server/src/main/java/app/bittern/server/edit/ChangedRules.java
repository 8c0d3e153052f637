package app.bittern.server.edit;

import app.bittern.edit.PlanEdit;
import app.bittern.hours.HoursState;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// What an edit makes of the rules of hours, rule by rule: `open Mon–Sat 08:00–19:00, instead of open Mon–Sat
/// 07:30–19:00`.
final class ChangedRules {
    private ChangedRules() {}

    /// @return nothing where it is no edit of hours, or leaves their rules as they are
    static Optional<String> says(Plan plan, PlanObject before, PlanEdit edit) {
        return before instanceof Hours was
                        && edit instanceof PlanEdit.Put(PlanObject object, var _)
                        && object instanceof Hours is
                        && !was.calendar().equals(is.calendar())
                ? Optional.of(says(
                        plan.site().country(),
                        was.calendar().states(),
                        is.calendar().states()))
                : Optional.empty();
    }

    private static String says(String country, List<HoursState> was, List<HoursState> is) {
        String added = words(country, is, was);
        String gone = words(country, was, is);
        if (added.isEmpty()) {
            return gone.isEmpty() ? "rules in another order" : "without " + gone;
        }
        return gone.isEmpty() ? "with " + added : added + ", instead of " + gone;
    }

    private static String words(String country, List<HoursState> of, List<HoursState> without) {
        return of.stream()
                .filter(rule -> !without.contains(rule))
                .map(rule -> rule.said(country))
                .collect(Collectors.joining("; "));
    }
}
