package app.bittern.finding;

import app.bittern.call.Bench;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// What a check is about.
///
/// @param code    stable name, lower-case words with hyphens: `hole`
/// @param title   what people read in a list: `Hole`
/// @param summary what it looks for, one sentence
/// @param advice  why it matters and what to do
public record About(String code, String title, Severity severity, String summary, String advice) {
    /// A finding of the check at an object, with nothing more known of it yet.
    public Finding at(Ref object, String says) {
        return new Finding(
                code,
                severity,
                List.of(new Finding.Place(object, Optional.empty())),
                List.of(),
                says,
                Optional.empty(),
                List.of(),
                Optional.empty(),
                List.of(),
                Optional.empty());
    }

    /// A finding of the check at a place in an object.
    public Finding at(Ref object, Pointer field, String says) {
        return at(object, says).inField(field);
    }

    /// A finding that is less, or more, than those of the check are in general.
    public About as(Severity other) {
        return new About(code, title, other, summary, advice);
    }

    /// A finding with a witness.
    public Finding at(Ref object, String says, Optional<Bench> witness) {
        return at(object, says).shownBy(witness);
    }
}
