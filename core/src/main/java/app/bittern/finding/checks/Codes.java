package app.bittern.finding.checks;

import app.bittern.plan.Code;
import app.bittern.plan.Plan;

/// What the codes of a plan do.
final class Codes {
    private Codes() {}

    /// Whether some code that is on does something.
    static boolean does(Plan plan, Code.Does wanted) {
        return plan.all(Code.class)
                .filter(Code::enabled)
                .flatMap(code -> code.does().stream())
                .anyMatch(wanted::equals);
    }
}
