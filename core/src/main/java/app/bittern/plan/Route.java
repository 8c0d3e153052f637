package app.bittern.plan;

import app.bittern.number.E164;
import java.util.List;
import java.util.Optional;

/// A rule that takes calls by called number, caller and time, and sends them on.
///
/// @param during   the hours it is limited to
/// @param to       where its calls go
/// @param dress    how its calls are presented
/// @param withheld what becomes of callers who withhold their number
public record Route(
        String key,
        Optional<String> name,
        Optional<String> note,
        Called called,
        From caller,
        Optional<During> during,
        Optional<Destination> to,
        Dress dress,
        WithheldCallers withheld,
        boolean enabled)
        implements PlanObject {

    /// Which called numbers it takes.
    public sealed interface Called {
        record Any() implements Called {}

        record Exact(E164 number) implements Called {}

        /// @param digits a plus sign and the first digits
        record Prefix(String digits) implements Called {}

        /// @param from the first number in it
        /// @param to   the last number in it, of the same length
        record Range(E164 from, E164 to) implements Called {}
    }

    /// Which callers it takes.
    public sealed interface From {
        record Any() implements From {}

        record Exact(E164 number) implements From {}

        /// @param digits a plus sign and the first digits
        record Prefix(String digits) implements From {}

        /// Callers whose contact carries the tag.
        record Tag(String tag) implements From {}

        record Withheld() implements From {}
    }

    /// Hours and the state they must be in.
    public record During(Ref hours, String state) {
        @Override
        public String toString() {
            return hours + " " + state;
        }
    }

    /// What becomes of callers who withhold their number.
    public enum WithheldCallers {
        ACCEPT,
        ASK,
        REJECT
    }

    /// How a call is presented to those it rings.
    ///
    /// @param prefix put before the caller's name
    /// @param ring   internal, external or priority
    /// @param record always, never or inherit
    public record Dress(
            Optional<String> prefix,
            Optional<String> ring,
            Optional<String> volume,
            Optional<Ref> music,
            Optional<String> language,
            Optional<String> record) {
        /// Presented as it is.
        public static final Dress PLAIN = new Dress(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.ROUTE, key);
    }

    @Override
    public List<Link> links() {
        return new Link.Collector()
                .ref("during", during.map(During::hours))
                .needs("to", to)
                .ref("music", dress.music())
                .done();
    }
}
