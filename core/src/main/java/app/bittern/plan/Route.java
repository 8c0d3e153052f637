package app.bittern.plan;

import app.bittern.number.E164;
import java.util.List;
import java.util.Optional;

/// A rule that takes calls by called number, caller and time, and sends them on.
///
/// @param holdsWhile the hours it is limited to
/// @param to       where its calls go
/// @param sets     what its calls are given
/// @param dress    how its calls are presented
/// @param withheld where callers go who come without a number; as everyone where absent
/// @param beforeAll whether it is ranked before every route that is not
public record Route(
        String key,
        Optional<String> name,
        Optional<String> note,
        Called called,
        From caller,
        Optional<While> holdsWhile,
        Optional<Destination> to,
        Sets sets,
        Dress dress,
        Optional<Destination> withheld,
        boolean beforeAll,
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

        /// Whether it is for a number.
        default boolean takes(E164 number) {
            return switch (this) {
                case Any any -> true;
                case Exact(E164 exact) -> exact.equals(number);
                case Prefix(String digits) -> number.text().startsWith(digits);
                case Range(E164 from, E164 to) ->
                    number.text().length() == from.text().length()
                            && number.compareTo(from) >= 0
                            && number.compareTo(to) <= 0;
            };
        }
    }

    /// Whether it takes every call to the numbers that it is for.
    public boolean always() {
        return caller instanceof From.Any && holdsWhile.isEmpty();
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

        record Unavailable() implements From {}

        /// Callers without a number, whether they withhold it or it is unavailable; no route is limited to these
        /// alone, but one may send them elsewhere.
        record Without() implements From {}

        /// Reads who is named by one word: a number, `withheld` or `unavailable`.
        static Optional<From> parse(String text) {
            if (text.equals("withheld")) {
                return Optional.of(new Withheld());
            }
            return text.equals("unavailable")
                    ? Optional.of(new Unavailable())
                    : E164.parse(text).map(From.Exact::new);
        }
    }

    /// Hours and the state they must be in.
    public record While(Ref hours, String state) {
        Optional<While> over(Places places, String field) {
            return places.entry(field, Role.DECIDES_BY, hours, Kind.HOURS).map(ref -> new While(ref, state));
        }

        @Override
        public String toString() {
            return hours + " " + state;
        }
    }

    /// How a call is presented to those it rings.
    ///
    /// @param shownAs put before the caller's name
    /// @param ring   internal, external or priority
    /// @param record whether calls are recorded
    public record Dress(
            Optional<String> shownAs, Optional<String> ring, Optional<Ref> hears, Optional<Boolean> record) {
        /// Presented as it is.
        public static final Dress PLAIN =
                new Dress(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

        Dress over(Places places) {
            return new Dress(shownAs, ring, places.ref("hears", Role.PLAYS, hears, Kind.MUSIC), record);
        }
    }

    /// The same before all routes that are not.
    public Route first() {
        return new Route(key, name, note, called, caller, holdsWhile, to, sets, dress, withheld, true, enabled);
    }

    @Override
    public List<Sets> gives() {
        return List.of(sets);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.ROUTE, key);
    }

    @Override
    public Route over(Places places) {
        return new Route(
                places.key(key),
                name,
                note,
                called,
                caller,
                holdsWhile.flatMap(hours -> hours.over(places, "while")),
                places.needsInRoute("to", to),
                sets,
                dress.over(places),
                places.mayInRoute("withheld", withheld),
                beforeAll,
                enabled);
    }
}
