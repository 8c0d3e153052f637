package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.number.EmergencyNumbers;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import java.util.List;

/// An emergency number of the country that no outbound route takes.
final class EmergencyRoute implements Check {
    private static final About ABOUT = new About(
            "emergency-route",
            "Emergency number without a route",
            Severity.BLOCKING,
            "An emergency number of the country that no outbound route takes.",
            "Somebody who dials it reaches nobody. Give it an outbound route with the category emergency.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        if (plan.all(Outbound.class).findAny().isEmpty()) {
            return List.of();
        }
        return EmergencyNumbers.of(plan.site().country()).stream()
                .filter(number -> plan.all(Outbound.class)
                        .noneMatch(outbound -> outbound.category().equals("emergency")
                                && outbound.dialled().stream().anyMatch(pattern -> pattern.matches(number))))
                .map(number -> ABOUT.at(
                        plan.site().ref(),
                        "The emergency number " + number + " has no outbound route of the category emergency."))
                .toList();
    }
}
