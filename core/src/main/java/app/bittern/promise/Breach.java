package app.bittern.promise;

import app.bittern.call.Bench;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.Optional;

/// What breaks a promise: calls to `number/+441632960100` end unmatched, at any time.
///
/// @param calls   the number called, or the phone that dials
/// @param says    what these calls do
/// @param when    at which times and for whom, in words
/// @param witness a call that does; none where none is known
public record Breach(Ref calls, String says, String when, Optional<Bench> witness) {
    /// One sentence: `Main line: calls end unmatched in …, Sun 10:00–16:30`.
    public String says(Plan plan) {
        return plan.title(calls) + ": calls " + says + ", " + when;
    }
}
