package app.bittern.formats;

import app.bittern.number.E164;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Takes;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/// Routes.
final class RouteFormat implements KindFormat<Route> {
    private static final Pattern PREFIX = Pattern.compile("\\+[1-9][0-9]{0,14}");
    static final String ALLOWED_CALLED =
            "a number such as \"+441632960100\", { prefix: \"+44163296\" } or { from: \"+441632960100\", to: \"+441632960199\" }";
    static final String ALLOWED_CALLER =
            "a number such as \"+447700900123\", { prefix: \"+4477\" }, { tag: haulier }, withheld or unavailable";
    private static final String BEFORE = "before";
    private static final String ALLOWED_BEFORE = "all, or a list of routes such as [route/main]";
    static final String ALLOWED_WHILE = "hours and one of their states, such as hours/terminal open";

    @Override
    public Optional<Route> read(String key, Reading fields) {
        return Optional.of(new Route(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.either(
                                "called",
                                ALLOWED_CALLED,
                                text -> E164.parse(text).<Route.Called>map(Route.Called.Exact::new),
                                RouteFormat::called)
                        .orElseGet(Route.Called.Any::new),
                fields.choose("caller", Choosing.NOTHING.or("withheld", "unavailable"))
                        .either("caller", ALLOWED_CALLER, Route.From::parse, RouteFormat::caller)
                        .orElseGet(Route.From.Any::new),
                holdsWhile(fields),
                before(fields),
                fields.usualFlag("enabled"),
                fields.destination("to", Takes.DESTINATION_IN_ROUTE),
                fields.destination("withheld", Takes.DESTINATION_IN_ROUTE),
                SetsFormat.read(fields),
                new Route.Dress(
                        fields.ref("hears", Kind.MUSIC),
                        fields.flag("record"),
                        fields.text("shownAs"),
                        fields.oneOf("alert", Route.Dress.ALERTS))));
    }

    private static Route.Before before(Reading fields) {
        boolean listed =
                fields.given(BEFORE).filter(Node.Items.class::isInstance).isPresent();
        boolean all = !listed
                && fields.oneOf(BEFORE, List.of(Route.Before.ALL), ALLOWED_BEFORE)
                        .isPresent();
        List<Ref> some = listed || fields.probing() ? fields.refs(BEFORE, Kind.ROUTE) : List.of();
        return all ? new Route.Before.All() : new Route.Before.These(some);
    }

    private static Optional<Route.Called> called(Reading fields) {
        Optional<String> prefix = prefix(fields);
        Optional<E164> from = fields.e164("from");
        Optional<E164> to = fields.e164("to");
        fields.done();
        if (prefix.isPresent() && from.isEmpty() && to.isEmpty()) {
            return Optional.of(new Route.Called.Prefix(prefix.get()));
        }
        if (prefix.isEmpty() && from.isPresent() && to.isPresent()) {
            if (from.get().text().length() == to.get().text().length()
                    && from.get().compareTo(to.get()) <= 0) {
                return Optional.of(new Route.Called.Range(from.get(), to.get()));
            }
            fields.problems()
                    .add(
                            fields.fields().place(),
                            fields.where(),
                            "a range from " + from.get() + " to " + to.get(),
                            "an end that is not before the start, of the same length");
        } else if (fields.problems().none()) {
            fields.refusedWhole(ALLOWED_CALLED);
        }
        return Optional.empty();
    }

    static Optional<Route.From> caller(Reading fields) {
        Optional<String> prefix = prefix(fields);
        Optional<String> tag = fields.text("tag");
        fields.done();
        if (prefix.isPresent() == tag.isPresent()) {
            if (fields.problems().none()) {
                fields.refusedWhole(ALLOWED_CALLER);
            }
            return Optional.empty();
        }
        return prefix.<Route.From>map(Route.From.Prefix::new).or(() -> tag.map(Route.From.Tag::new));
    }

    private static Optional<String> prefix(Reading fields) {
        return fields.read(
                "prefix",
                E164.ALLOWED_BEGINNING,
                text -> PREFIX.matcher(text).matches() ? Optional.of(text) : Optional.empty());
    }

    /// The hours, and the state that they must be in.
    static Optional<Route.While> holdsWhile(Reading fields) {
        return fields.read("while", ALLOWED_WHILE, RouteFormat::hoursAndState);
    }

    private static Optional<Route.While> hoursAndState(String text) {
        int space = text.indexOf(' ');
        return space < 0
                ? Optional.empty()
                : Ref.parse(text.substring(0, space))
                        .filter(ref -> ref.kind() == Kind.HOURS)
                        .map(ref ->
                                new Route.While(ref, text.substring(space + 1).strip()));
    }

    @Override
    public Writing write(Route route) {
        Writing written = new Writing().text("name", route.name()).text("note", route.note());
        switch (route.called()) {
            case Route.Called.Any any -> {}
            case Route.Called.Exact(E164 number) -> written.text("called", number);
            case Route.Called.Prefix(String digits) -> written.fields("called", new Writing().text("prefix", digits));
            case Route.Called.Range(E164 from, E164 to) ->
                written.fields("called", new Writing().text("from", from).text("to", to));
        }
        caller(written, route.caller());
        written.text("while", route.holdsWhile());
        switch (route.before()) {
            case Route.Before.All all -> written.text(BEFORE, Route.Before.ALL);
            case Route.Before.These(List<Ref> routes) -> written.texts(BEFORE, routes);
        }
        written.flag("enabled", route.enabled(), true).text("to", route.to()).text("withheld", route.withheld());
        return SetsFormat.write(written, route.sets())
                .text("hears", route.dress().hears())
                .flag("record", route.dress().record())
                .text("shownAs", route.dress().shownAs())
                .text("alert", route.dress().alert());
    }

    static void caller(Writing written, Route.From caller) {
        switch (caller) {
            case Route.From.Any any -> {}
            case Route.From.Exact(E164 number) -> written.text("caller", number);
            case Route.From.Prefix(String digits) -> written.fields("caller", new Writing().text("prefix", digits));
            case Route.From.Tag(String tag) -> written.fields("caller", new Writing().text("tag", tag));
            case Route.From.Withheld withheld -> written.text("caller", "withheld");
            case Route.From.Unavailable unavailable -> written.text("caller", "unavailable");
            case Route.From.Without without -> throw new IllegalArgumentException("nothing is for these alone");
        }
    }
}
