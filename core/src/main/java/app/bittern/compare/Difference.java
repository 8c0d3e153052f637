package app.bittern.compare;

import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.number.E164;
import java.util.List;
import java.util.Optional;

/// Calls that end elsewhere after a change.
///
/// @param number  the number called
/// @param when    at which times, with which switches turned where, in words
/// @param caller  who calls, in words; anybody where absent
/// @param choices what the caller keys up to there
/// @param before  where the witness ends before the change
/// @param after   where it ends after
/// @param witness a call that is one of them, traced in both plans
public record Difference(
        E164 number,
        String when,
        Optional<String> caller,
        List<String> choices,
        Ending before,
        Ending after,
        Bench witness) {
    public Difference {
        choices = List.copyOf(choices);
    }
}
