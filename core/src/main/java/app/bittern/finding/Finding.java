package app.bittern.finding;

import app.bittern.call.Bench;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// Something wrong or doubtful at one place of a plan.
///
/// @param code     the check that found it
/// @param object   where
/// @param field    the place in the object
/// @param says     what is wrong, one sentence
/// @param calls    which calls meet it, in words; empty where none can
/// @param witness  a call that meets it, confirmed by tracing it
/// @param fixes    what would mend it
/// @param accepted why it is accepted, where the plan says so
public record Finding(
        String code,
        Severity severity,
        Ref object,
        Optional<Pointer> field,
        String says,
        List<String> calls,
        Optional<Bench> witness,
        List<Fix> fixes,
        Optional<String> accepted) {
    public Finding {
        calls = List.copyOf(calls);
        fixes = List.copyOf(fixes);
    }

    public Finding inField(Pointer place) {
        return new Finding(code, severity, object, Optional.of(place), says, calls, witness, fixes, accepted);
    }

    public Finding shownBy(Optional<Bench> bench) {
        return new Finding(code, severity, object, field, says, calls, bench, fixes, accepted);
    }

    public Finding metBy(List<String> some) {
        return new Finding(code, severity, object, field, says, some, witness, fixes, accepted);
    }

    public Finding mendedBy(List<Fix> ways) {
        return new Finding(code, severity, object, field, says, calls, witness, ways, accepted);
    }

    Finding acceptedBecause(String reason) {
        return new Finding(code, severity, object, field, says, calls, witness, fixes, Optional.of(reason));
    }
}
