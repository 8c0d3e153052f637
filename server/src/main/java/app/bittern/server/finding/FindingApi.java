package app.bittern.server.finding;

import app.bittern.finding.Severity;
import app.bittern.proof.BenchText;
import java.util.List;
import java.util.Optional;

/// Findings as they are shown anywhere.
public final class FindingApi {
    private FindingApi() {}

    /// @param version of the draft in which they were found
    /// @param current whether that is the one asked about; if not, they are those of an earlier version
    /// @param done    checks made, `of` all
    public record FindingsView(long version, boolean current, int done, int of, List<FindingView> findings) {}

    /// A finding and one of the places that it is about.
    ///
    /// @param title  of the check
    /// @param object the first of its places, as `field`
    /// @param about  what that object is called, with its kind
    /// @param advice why it matters
    /// @param calls  for which calls, in words
    /// @param witness a call that shows it
    /// @param fixes  the titles of what would mend it
    /// @param accepted why it is left as it is
    public record FindingView(
            String code,
            String title,
            Severity severity,
            String object,
            String about,
            Optional<String> field,
            String says,
            String advice,
            List<String> calls,
            Optional<BenchText> witness,
            List<String> fixes,
            Optional<String> accepted) {}
}
