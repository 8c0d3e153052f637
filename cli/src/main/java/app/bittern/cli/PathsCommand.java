package app.bittern.cli;

import app.bittern.call.Dialling;
import app.bittern.call.Phones;
import app.bittern.formats.Json;
import app.bittern.formats.answer.PathsJson;
import app.bittern.graph.Wanted;
import app.bittern.hours.Dates;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.paths.CallPaths;
import app.bittern.paths.DialledPaths;
import app.bittern.paths.Matrix;
import app.bittern.paths.NumberPaths;
import app.bittern.paths.PathFilter;
import app.bittern.paths.PathList;
import app.bittern.paths.Paths;
import app.bittern.paths.Reachable;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// `bittern paths`: counts every path that calls to a number can take, and lists them.
@Command(
        name = "paths",
        mixinStandardHelpOptions = true,
        description =
                "Counts every path that calls to a number, or from a phone of the site, can take, and lists them.",
        footer = {
            "",
            "Example:",
            "  ./bittern paths demo/saltreach.yaml --to +441632960100",
            "  ./bittern paths demo/saltreach.yaml --from-extension 2014 --list",
            "  ./bittern paths plan.yaml --to +441632960100 --list --ending lost --json"
        })
final class PathsCommand extends PlanCommand {
    @Option(
            names = "--to",
            paramLabel = "NUMBER",
            description = "The number called; all inbound numbers together where absent. With --from-extension what is"
                    + " dialled; all that can be dialled, by example, where absent.")
    private Optional<String> to = Optional.empty();

    @Option(
            names = "--from-extension",
            paramLabel = "EXTENSION",
            description = "Paths of what this phone of the site dials.")
    private Optional<String> phone = Optional.empty();

    @Option(
            names = "--matrix",
            description = "Where calls end by what is pressed first, by time and switch, if nobody answers.")
    private boolean matrix;

    @Option(
            names = "--who",
            paramLabel = "OBJECT",
            description = "Which numbers come to an object, when, after how long.")
    private Optional<String> who = Optional.empty();

    @Option(names = "--list", description = "Also the paths one by one.")
    private boolean list;

    @Option(
            names = "--limit",
            paramLabel = "K",
            defaultValue = "100",
            description = "How many are listed at most (100).")
    private int limit;

    @Option(names = "--skip", paramLabel = "K", defaultValue = "0", description = "How many are passed over first.")
    private long skip;

    @Option(
            names = "--ending",
            paramLabel = "KIND",
            description = "List those that end so: answered, message, lost, returns …")
    private Optional<String> ending = Optional.empty();

    @Option(names = "--in", paramLabel = "OBJECT", description = "List those that end here: mailbox/bookings.")
    private Optional<String> in = Optional.empty();

    @Option(names = "--passes", paramLabel = "OBJECT", description = "List those that pass an object: queue/bookings.")
    private Optional<String> passes = Optional.empty();

    @Option(names = "--longer", paramLabel = "TIME", description = "List those that may take longer: 3m.")
    private Optional<String> longer = Optional.empty();

    @Option(names = "--when", paramLabel = "INSTANT", description = "List those possible then: 2026-11-24T21:15.")
    private Optional<String> when = Optional.empty();

    @Mixin
    private WeeksArgument weeks = new WeeksArgument();

    @Override
    public Integer call() {
        Plan plan = plan();
        PathFilter filter = filter(plan);
        if (limit < 0 || skip < 0) {
            throw unusable(limit < 0 ? "limit" : "skip", String.valueOf(limit < 0 ? limit : skip), "0 or more");
        }
        if (phone.isPresent()) {
            dialled(plan, phone.get(), filter);
            return 0;
        }
        Paths paths = Paths.of(plan, weeks.horizon(plan));
        List<E164> numbers = to.map(text -> List.of(number(plan, text)))
                .orElseGet(() ->
                        plan.all(InboundNumber.class).map(InboundNumber::called).toList());
        if (who.isPresent()) {
            Ref ref = object(plan, "who", who.get());
            List<Reachable.ByNumber> by = Reachable.of(paths).numbers(ref);
            say(json() ? Json.pretty(PathsJson.who(by)) : PathsText.who(plan, by));
            return 0;
        }
        if (json()) {
            List<ObjectNode> all = numbers.stream()
                    .map(number -> paths.of(number))
                    .map(number -> {
                        ObjectNode one = PathsJson.of(number, plan, listed(number, filter));
                        if (matrix) {
                            one.set("matrix", PathsJson.matrix(Matrix.of(number, new Caller.Withheld())));
                        }
                        return one;
                    })
                    .toList();
            ArrayNode array = JsonNodeFactory.instance.arrayNode();
            all.forEach(array::add);
            say(Json.pretty(to.isPresent() ? all.getFirst() : array));
        } else if (to.isEmpty() && !list && !matrix) {
            say(PathsText.all(plan, paths.all()));
        } else {
            numbers.forEach(number -> {
                NumberPaths one = paths.of(number);
                say(PathsText.of(plan, one, listed(one, filter)));
                if (matrix) {
                    say(PathsText.matrix(plan, Matrix.of(one, new Caller.Withheld())));
                }
            });
        }
        return 0;
    }

    /// The paths of what a phone dials.
    private void dialled(Plan plan, String number, PathFilter filter) {
        Extension extension = Optional.of(number)
                .filter(digits -> Ref.sound(Kind.EXTENSION, digits))
                .flatMap(digits -> plan.find(new Ref(Kind.EXTENSION, digits), Extension.class))
                .orElseThrow(() -> unusable("from-extension", number, "the number of an extension of the plan"));
        to.filter(digits -> !Dialling.sound(digits)).ifPresent(digits -> {
            throw unusable("to", digits, Dialling.ALLOWED);
        });
        if (matrix || who.isPresent()) {
            throw unusable(
                    "from-extension",
                    number,
                    "without --matrix and --who; './bittern dial' says what each phone may dial");
        }
        List<String> digits = to.map(List::of).orElseGet(() -> Phones.examples(plan));
        Paths paths = Paths.dialling(plan, weeks.horizon(plan), extension, digits, Wanted.ALWAYS);
        List<DialledPaths> all =
                digits.stream().map(some -> paths.of(extension, some)).toList();
        if (json()) {
            ArrayNode array = JsonNodeFactory.instance.arrayNode();
            all.forEach(one -> array.add(PathsJson.of(one, plan, listed(one, filter))));
            say(Json.pretty(to.isPresent() ? array.get(0) : array));
        } else if (to.isEmpty() && !list) {
            say(PathsText.dialled(plan, extension, all));
        } else {
            all.forEach(one -> say(PathsText.of(plan, one, listed(one, filter))));
        }
    }

    private Optional<PathList.Page> listed(CallPaths number, PathFilter filter) {
        return list ? Optional.of(PathList.page(number, filter, skip, limit)) : Optional.empty();
    }

    /// The number that is meant, in E.164 or as it is dialled in the site's country.
    static E164 number(Plan plan, String text) {
        return E164.typed(text, plan.site().country())
                .orElseThrow(
                        () -> new Unusable(List.of("--to: found '" + text + "'; allowed is " + E164.ALLOWED + ".")));
    }

    /// Where calls end: an object of the plan, or an outside number.
    private static String where(Plan plan, String text) {
        return Destination.parse(text)
                        .filter(to -> to instanceof Destination.Outside)
                        .isPresent()
                ? text
                : object(plan, "in", text).toString();
    }

    private static Ref object(Plan plan, String option, String text) {
        Ref ref = Ref.parse(text).orElseThrow(() -> unusable(option, text, "a reference such as queue/bookings"));
        if (plan.find(ref).isEmpty()) {
            throw unusable(option, text, "an object of the plan, and there is no " + ref + " in it");
        }
        return ref;
    }

    private PathFilter filter(Plan plan) {
        return new PathFilter(
                ending.map(word -> {
                    if (!app.bittern.paths.Path.words().contains(word)) {
                        throw unusable("ending", word, "one of " + String.join(", ", app.bittern.paths.Path.words()));
                    }
                    return word;
                }),
                in.map(text -> where(plan, text)),
                passes.map(text -> object(plan, "passes", text)),
                longer.map(text -> Seconds.parse(text)
                        .map(Seconds::value)
                        .orElseThrow(() -> unusable("longer", text, Seconds.ALLOWED))),
                when.map(PathsCommand::instant));
    }

    private static LocalDateTime instant(String text) {
        try {
            return Dates.dateTime(text);
        } catch (DateTimeException notATime) {
            throw unusable("when", text, "a date and time such as 2026-11-24T21:15");
        }
    }

    private static Unusable unusable(String option, String found, String allowed) {
        return new Unusable(List.of("--" + option + ": found '" + found + "'; allowed is " + allowed + "."));
    }
}
