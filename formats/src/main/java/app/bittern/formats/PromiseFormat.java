package app.bittern.formats;

import app.bittern.call.Dialling;
import app.bittern.call.Ending;
import app.bittern.call.KeyPress;
import app.bittern.plan.Kind;
import app.bittern.plan.Promise;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.SetOffBy;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Promises.
final class PromiseFormat implements KindFormat<Promise> {
    private static final String ALLOWED = "one of always and never, with what must hold";
    private static final List<String> ENDS =
            Stream.of(Ending.Kind.values()).map(Ending.Kind::word).toList();
    private static final List<String> HOLDS =
            List.of("ends", "in", "within", "passes", "silentFor", "hears", "setsOff");
    private static final Promise.Holds NOTHING = new Promise.Holds(
            List.of(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    @Override
    public Optional<Promise> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        Promise.About about = fields.inner("about")
                .map(PromiseFormat::about)
                .orElseGet(() -> new Promise.About(
                        List.of(),
                        List.of(),
                        List.of(),
                        new Route.From.Any(),
                        Optional.empty(),
                        Optional.empty(),
                        List.of()));
        Optional<Promise.Holds> always = fields.inner("always").map(inner -> holds(inner, true));
        Optional<Promise.Holds> never = fields.inner("never").map(inner -> holds(inner, false));
        if (fields.given("always").isPresent() == fields.given("never").isPresent()) {
            fields.refusedWhole(ALLOWED);
        }
        boolean narrow = !about.keys().isEmpty() || about.language().isPresent();
        if (narrow && never.flatMap(Promise.Holds::silentFor).isPresent()) {
            fields.refusedWhole("silentFor about calls by number, phone, caller and hours, without keys and language");
        }
        return Optional.of(new Promise(
                key,
                name,
                note,
                about,
                always.isPresent(),
                always.or(() -> never).orElse(NOTHING)));
    }

    private static Promise.About about(Reading fields) {
        Promise.About about = new Promise.About(
                fields.keys("numbers", Kind.NUMBER),
                fields.keys("phones", Kind.EXTENSION),
                fields.parsed(
                        "dialled",
                        Dialling.ALLOWED,
                        text -> Dialling.sound(text) ? Optional.of(text) : Optional.empty()),
                fields.choose("caller", Choosing.NOTHING.or("withheld", "unavailable"))
                        .either("caller", RouteFormat.ALLOWED_CALLER, Route.From::parse, RouteFormat::caller)
                        .orElseGet(Route.From.Any::new),
                RouteFormat.holdsWhile(fields),
                fields.read("language", SiteFormat.ALLOWED_LANGUAGE, SiteFormat::language),
                fields.parsed("keys", "what is keyed, such as \"3\" or \"2014\"", PromiseFormat::keyed));
        fields.done();
        return about;
    }

    private static Optional<String> keyed(String text) {
        return KeyPress.parse(text).map(KeyPress::digits).filter(text::equals);
    }

    private static Promise.Holds holds(Reading fields, boolean always) {
        Promise.Holds holds = new Promise.Holds(
                fields.choose("ends", Choosing.words(ENDS))
                        .parsed(
                                "ends",
                                "one of " + ENDS.stream().collect(Collectors.joining(", ")),
                                text -> ENDS.contains(text) ? Optional.of(text) : Optional.empty()),
                fields.choose("in", Choosing.ANYTHING).read("in", "a reference such as mailbox/bookings", Ref::parse),
                fields.read("within", Seconds.ALLOWED, Seconds::parse),
                fields.choose("passes", Choosing.ANYTHING)
                        .read("passes", "a reference such as queue/bookings", Ref::parse),
                fields.read("silentFor", Seconds.ALLOWED, Seconds::parse),
                fields.read("hears", SiteFormat.ALLOWED_LANGUAGE, SiteFormat::language),
                setOff(fields));
        fields.done();
        if (HOLDS.stream().allMatch(field -> fields.given(field).isEmpty())) {
            fields.refusedWhole("some of " + String.join(", ", HOLDS));
        } else if (always && holds.silentFor().isPresent()) {
            fields.refusedWhole("silentFor under never alone: calls must not be silent for longer");
        } else if (!always && holds.within().isPresent()) {
            fields.refusedWhole("within under always alone: calls must have ended so by then");
        }
        return holds;
    }

    private static Optional<String> setOff(Reading fields) {
        return fields.choose("setsOff", TestCallFormat.SET_OFF)
                .read("setsOff", SetOffBy.ALLOWED, text -> SetOffBy.sound(text) ? Optional.of(text) : Optional.empty());
    }

    @Override
    public Writing write(Promise promise) {
        Promise.About about = promise.about();
        Writing of = new Writing()
                .texts("numbers", about.numbers().stream().map(Ref::key).toList())
                .texts("phones", about.phones().stream().map(Ref::key).toList())
                .texts("dialled", about.dialled());
        RouteFormat.caller(of, about.caller());
        of.text("while", about.holdsWhile()).text("language", about.language()).texts("keys", about.keys());
        Promise.Holds holds = promise.holds();
        return new Writing()
                .text("name", promise.name())
                .text("note", promise.note())
                .fields("about", of)
                .fields(
                        promise.always() ? "always" : "never",
                        new Writing()
                                .texts("ends", holds.ends())
                                .text("in", holds.in())
                                .text("within", holds.within())
                                .text("passes", holds.passes())
                                .text("silentFor", holds.silentFor())
                                .text("hears", holds.hears())
                                .text("setsOff", holds.setsOff()));
    }
}
