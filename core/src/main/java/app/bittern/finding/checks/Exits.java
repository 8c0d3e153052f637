package app.bittern.finding.checks;

import app.bittern.call.ExitField;
import app.bittern.call.Onward;
import app.bittern.finding.Finding;
import app.bittern.paths.Way;
import app.bittern.plan.Plan;
import java.util.Optional;

/// Tells whether a call that leaves an object meets what was found there.
final class Exits {
    private Exits() {}

    /// A destination that is a hole is met by the outcomes that it decides; anything else by every call that comes
    /// to the object.
    static boolean meets(Plan plan, Finding finding, Way.Taken last) {
        boolean endsHere = last.outcome().onward() instanceof Onward.Ends;
        Optional<String> field = plan.find(last.state().at())
                .flatMap(object -> ExitField.of(object, last.outcome().cause()));
        String place = finding.field().orElse("");
        boolean destination = place.startsWith("cases/")
                || plan.find(finding.object()).stream()
                        .anyMatch(object -> ExitField.all(object).contains(place));
        return !destination || (endsHere && field.equals(finding.field()));
    }
}
