package app.bittern.plan;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A sentence that must hold for every call that it is about, such as "calls to the main line are answered or leave a
/// message within 10 min".
///
/// @param always whether it must hold for each such call; else for none
public record Promise(
        String key, Optional<String> name, Optional<String> note, About about, boolean always, Holds holds)
        implements Aside {
    /// Which calls it is about; all that come in where nothing is given.
    ///
    /// @param numbers    those to these inbound numbers
    /// @param phones     those that these phones of the site make
    /// @param dialled    what they dial; all that they can dial, by example, where absent
    /// @param caller     by whom
    /// @param holdsWhile in which hours
    /// @param language   those in that language when they end
    /// @param keys       those in which these are keyed first, in that order
    public record About(
            List<Ref> numbers,
            List<Ref> phones,
            List<String> dialled,
            Route.From caller,
            Optional<Route.While> holdsWhile,
            Optional<String> language,
            List<String> keys) {
        public About {
            numbers = List.copyOf(numbers);
            phones = List.copyOf(phones);
            dialled = List.copyOf(dialled);
            keys = List.copyOf(keys);
        }

        private About over(Places places) {
            return new About(
                    places.refs("numbers", Role.ABOUT, numbers, Kind.NUMBER),
                    places.refs("phones", Role.ABOUT, phones, Kind.EXTENSION),
                    dialled,
                    caller,
                    holdsWhile.flatMap(hours -> hours.over(places, "while")),
                    language,
                    keys);
        }
    }

    /// What must hold, always or never; each that is given.
    ///
    /// @param ends      they end in one of these ways: `answered`
    /// @param in        they end there
    /// @param within    so soon, where they end so
    /// @param passes    they come to an object
    /// @param silentFor they leave callers longer than that without words, music or ringing
    /// @param hears     callers hear words in a language
    /// @param setsOff   they set something off: `alarm/medical`, `switch/timetable`, `text alarm/medical`
    public record Holds(
            List<String> ends,
            Optional<Ref> in,
            Optional<Seconds> within,
            Optional<Ref> passes,
            Optional<Seconds> silentFor,
            Optional<String> hears,
            Optional<String> setsOff) {
        public Holds {
            ends = List.copyOf(ends);
        }

        /// Whether it says where or how calls end.
        public boolean ofEnds() {
            return !ends.isEmpty() || in.isPresent() || within.isPresent();
        }

        private Holds over(Places places) {
            return new Holds(
                    ends,
                    places.ref("in", Role.ABOUT, in, Kind.ROUTE, PASSED),
                    within,
                    places.ref("passes", Role.ABOUT, passes, Kind.ROUTE, PASSED),
                    silentFor,
                    hears,
                    setsOff.flatMap(id -> SetOffBy.over(id, places, "setsOff")));
        }
    }

    private static final Kind[] PASSED =
            Stream.of(Kind.values()).filter(Kind::reached).toArray(Kind[]::new);

    @Override
    public Ref ref() {
        return new Ref(Kind.PROMISE, key);
    }

    @Override
    public Promise over(Places places) {
        return new Promise(
                places.key(key),
                name,
                note,
                about.over(places.in("about")),
                always,
                holds.over(places.in(always ? "always" : "never")));
    }
}
