package app.bittern.server.difference;

import app.bittern.proof.BenchText;
import java.util.List;
import java.util.Optional;

/// What callers notice of a change, wherever it is shown.
public final class DifferenceApi {
    private DifferenceApi() {}

    /// @param says  in a sentence: "2 calls end elsewhere, 1 waits longer"
    /// @param count of all differences
    /// @param first some of them
    public record Noticed(String says, int count, List<Difference> first) {}

    /// One difference.
    ///
    /// @param notice ends, waits or hears
    /// @param calling how such calls begin: a number as people call it, or what a phone inside dials
    /// @param at     what the object is called in which it shows
    /// @param when   at which times
    /// @param choices what the caller keys up to there
    /// @param before in words, as `after`
    /// @param bench  a call that shows it
    public record Difference(
            String notice,
            String calling,
            String at,
            String when,
            Optional<String> caller,
            List<String> choices,
            String before,
            String after,
            Optional<BenchText> bench) {}
}
