package app.bittern.plan;

import app.bittern.number.E164;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// A rule that takes calls by called number, caller and time, and sends them on.
///
/// @param holdsWhile the hours it is limited to
/// @param before     which others it stands before, whatever they are for
/// @param to         where its calls go
/// @param withheld   where callers go who come without a number; as everyone where absent
/// @param sets       what its calls are given
/// @param dress      how its calls are presented
public record Route(
        String key,
        Optional<String> name,
        Optional<String> note,
        Called called,
        From caller,
        Optional<While> holdsWhile,
        Before before,
        boolean enabled,
        Optional<Destination> to,
        Optional<Destination> withheld,
        Sets sets,
        Dress dress)
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

    /// Which other routes it stands before, whatever they are for.
    public sealed interface Before {
        /// None: it stands where what it is for puts it.
        static Before none() {
            return new These(List.of());
        }

        /// How all of them are written.
        String ALL = "all";

        /// Every route that does not say so too.
        record All() implements Before {}

        /// Some, each by itself.
        record These(List<Ref> routes) implements Before {
            public These {
                routes = List.copyOf(routes);
            }
        }

        /// As a sentence says it: `before all`, `before Main line and Freight`; absent where it is before none.
        default Optional<String> words(Plan plan) {
            return switch (this) {
                case All all -> Optional.of("before all");
                case These(List<Ref> routes) when routes.isEmpty() -> Optional.empty();
                case These(List<Ref> routes) ->
                    Optional.of("before " + routes.stream().map(plan::title).collect(Collectors.joining(" and ")));
            };
        }

        private Before over(Places places) {
            return this instanceof These(List<Ref> routes)
                    ? new These(places.refs("before", Role.STANDS_BEFORE, routes, Kind.ROUTE))
                    : this;
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
    /// @param hears   what the caller hears while a phone rings or an agent is waited for
    /// @param record  whether calls are recorded
    /// @param shownAs put before the caller's name
    /// @param alert   how phones ring: one of [#ALERTS]
    public record Dress(
            Optional<Ref> hears, Optional<Boolean> record, Optional<String> shownAs, Optional<String> alert) {
        /// How phones can be told to ring, by what an Alert-Info header says (RFC 7462).
        public static final List<String> ALERTS = List.of("source:internal", "source:external", "priority:high");

        /// Presented as it is.
        public static final Dress PLAIN =
                new Dress(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

        Dress over(Places places) {
            return new Dress(places.ref("hears", Role.PLAYS, hears, Kind.MUSIC), record, shownAs, alert);
        }
    }

    /// The same before some others.
    public Route before(Before others) {
        return new Route(key, name, note, called, caller, holdsWhile, others, enabled, to, withheld, sets, dress);
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
                before.over(places),
                enabled,
                places.needsInRoute("to", to),
                places.mayInRoute("withheld", withheld),
                sets,
                dress.over(places));
    }
}
