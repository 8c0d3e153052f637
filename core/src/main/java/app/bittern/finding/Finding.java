package app.bittern.finding;

import app.bittern.call.Bench;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// Something wrong or doubtful at one place of a plan.
///
/// @param code     the check that found it
/// @param object   where
/// @param field    the field of the object, as the plan file nests it
/// @param says     what is wrong, one sentence
/// @param calls    which calls meet it, in words; empty where none can
/// @param witness  a call that meets it, confirmed by tracing it
/// @param fixes    what would mend it
public record Finding(
        String code,
        Severity severity,
        Ref object,
        Optional<String> field,
        String says,
        List<String> calls,
        Optional<Bench> witness,
        List<Fix> fixes) {
    public Finding {
        calls = List.copyOf(calls);
        fixes = List.copyOf(fixes);
    }
}
