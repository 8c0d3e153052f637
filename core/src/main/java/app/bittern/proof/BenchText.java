package app.bittern.proof;

import app.bittern.call.Arrival;
import app.bittern.call.Bench;
import app.bittern.call.Dialling;
import app.bittern.call.Found;
import app.bittern.call.KeyPress;
import app.bittern.call.Presence;
import app.bittern.call.Reaction;
import app.bittern.hours.Dates;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Kind;
import app.bittern.plan.Lookup;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Switch;
import app.bittern.plan.Trunk;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/// A bench as people and addresses write it.
///
/// @param to       the number called, in E.164, as it is dialled in the site's country, or as the trunk
///                 delivers it; what is dialled, where a phone of the site calls
/// @param trunk    the trunk on which it arrives, by key
/// @param from     the caller's number, `withheld`, `unavailable`, or a phone of the site: `extension/2014`
/// @param at       at the site's clock (`2026-11-24T21:15`), or with an offset
/// @param keys     by commas: `1,-,!5,5@7s`, with `again` at the end to begin anew; may be empty
/// @param phones   `2001=busy then answers 6s` each
/// @param switches `timetable=reduced` each
/// @param agents   `2012=out then in` each; an extension alone is in
/// @param waiting  `bookings=full then 2` each: what is found; `mailbox/lost=50`: messages already kept;
///                 `trunk/main=full then free`: its channels
public record BenchText(
        String to,
        Optional<String> trunk,
        String from,
        String at,
        String keys,
        List<String> phones,
        List<String> switches,
        List<String> agents,
        List<String> waiting) {
    private static final String PHONE =
            "the number of an extension of the plan, or an outside number in E.164, then = and what it does";

    public BenchText {
        phones = List.copyOf(phones);
        switches = List.copyOf(switches);
        agents = List.copyOf(agents);
        waiting = List.copyOf(waiting);
    }

    /// Switches as they are now, agents where they always are, nobody waiting.
    public BenchText(String to, String from, String at, String keys, List<String> phones) {
        this(to, Optional.empty(), from, at, keys, phones, List.of(), List.of(), List.of());
    }

    /// What became of it.
    public sealed interface Result {
        record Read(Bench bench) implements Result {}

        /// @param problems each with the field it is about, its finding and what is allowed
        record Refused(List<Problem> problems) implements Result {
            public Refused {
                problems = List.copyOf(problems);
            }
        }
    }

    /// The bench of a plan that the text says.
    public Result read(Plan plan) {
        List<Problem> problems = new ArrayList<>();
        String country = plan.site().country();
        Optional<Caller> caller =
                Caller.parse(from).or(() -> E164.typed(from, country).map(Caller.Known::new));
        boolean inside = caller.filter(Caller.Inside.class::isInstance).isPresent();
        Optional<Arrival> called = inside ? dialled(problems) : called(plan, problems);
        if (caller.isEmpty()) {
            refuse(problems, "from", from, E164.ALLOWED + ", withheld, unavailable, or a phone such as extension/2014");
        }
        caller.ifPresent(who -> {
            if (who instanceof Caller.Inside(String number)
                    && extension(plan, number).isEmpty()) {
                refuse(problems, "from", from, "an extension of the plan, and there is no " + number + " in it");
            }
        });
        Optional<Instant> instant = instant(at).map(read -> read.at(plan.site().timeZone()));
        if (instant.isEmpty()) {
            refuse(
                    problems,
                    "at",
                    at,
                    "a date and time such as 2026-11-24T21:15, of the years " + Dates.FIRST_YEAR + " to "
                            + Dates.LAST_YEAR);
        }
        instant(at)
                .filter(read -> read.skipped(plan.site().timeZone()))
                .ifPresent(read -> refuse(
                        problems,
                        "at",
                        at,
                        "a time that there is: clocks in " + plan.site().timeZone()
                                + " are put forward over this one"));
        List<KeyPress> pressed = keys(problems);
        Map<String, List<Reaction>> reactions = byPhone(
                "phone",
                phones,
                number -> extension(plan, number).isPresent()
                        || E164.parse(number).isPresent(),
                PHONE,
                Reaction.ALLOWED,
                Reaction::parseAll,
                problems);
        Map<Ref, String> turned = switches(plan, problems);
        Map<String, List<Presence>> presences = byPhone(
                "agent",
                agents.stream()
                        .map(agent -> agent.contains("=") ? agent : agent + "=in")
                        .toList(),
                number -> extension(plan, number).isPresent()
                        || E164.parse(number).isPresent(),
                "the number of an extension of the plan or of an agent outside, and where it is not in for the whole wait"
                        + " = and where it is",
                Presence.ALLOWED,
                Presence::parseAll,
                problems);
        Map<Ref, List<Found>> found = waiting(plan, problems);
        return problems.isEmpty()
                ? new Result.Read(new Bench(
                        called.orElseThrow(),
                        caller.orElseThrow(),
                        instant.orElseThrow(),
                        pressed,
                        again(),
                        reactions,
                        turned,
                        presences,
                        found))
                : new Result.Refused(problems);
    }

    /// How a bench is written for a site, so that it reads back the same.
    public static BenchText of(Plan plan, Bench bench) {
        LocalDateTime local =
                LocalDateTime.ofInstant(bench.at(), plan.site().timeZone()).truncatedTo(ChronoUnit.SECONDS);
        boolean plain = local.atZone(plan.site().timeZone()).toInstant().equals(bench.at());
        String at = plain
                ? local.toString()
                : bench.at().atZone(plan.site().timeZone()).toOffsetDateTime().toString();
        return new BenchText(
                switch (bench.called()) {
                    case Arrival.Meant(E164 number) -> number.text();
                    case Arrival.Unclear unclear -> unclear.digits();
                    case Arrival.Inside(String digits) -> digits;
                },
                bench.called() instanceof Arrival.Unclear unclear
                        ? Optional.of(unclear.trunk().key())
                        : Optional.empty(),
                bench.caller().toString(),
                at,
                String.join(",", keys(bench)),
                assigned(bench.phones()),
                assigned(bench.switches()),
                assigned(bench.agents()).stream()
                        .map(agent -> agent.endsWith("=in") ? agent.substring(0, agent.length() - 3) : agent)
                        .toList(),
                found(bench.waiting()));
    }

    /// The keys of a bench, each as it is written; `again` behind them where they begin anew.
    public static List<String> keys(Bench bench) {
        List<String> all =
                new ArrayList<>(bench.keys().stream().map(KeyPress::toString).toList());
        if (bench.again() && !all.isEmpty()) {
            all.add(KeyPress.AGAIN);
        }
        return all;
    }

    private static List<String> found(Map<Ref, List<Found>> waiting) {
        return waiting.entrySet().stream()
                .map(entry ->
                        (entry.getKey().kind() == Kind.QUEUE ? entry.getKey().key() : entry.getKey())
                                + "="
                                + Found.words(entry.getValue(), entry.getKey().kind()))
                .toList();
    }

    private static List<String> assigned(Map<?, ?> values) {
        return values.entrySet().stream()
                .map(entry -> (entry.getKey() instanceof Ref(Kind kind, String key) ? key : entry.getKey())
                        + "="
                        + (entry.getValue() instanceof List<?> all ? Reaction.words(all) : entry.getValue()))
                .toList();
    }

    private Optional<Arrival> dialled(List<Problem> problems) {
        trunk.ifPresent(key -> refuse(problems, "trunk", key, "none where a phone of the site dials"));
        String digits = to.replaceAll("[\\s().-]", "");
        if (!Dialling.sound(digits)) {
            refuse(problems, "to", to, Dialling.ALLOWED);
            return Optional.empty();
        }
        return Optional.of(new Arrival.Inside(digits));
    }

    private Optional<Arrival> called(Plan plan, List<Problem> problems) {
        if (trunk.isEmpty()) {
            Optional<E164> called = E164.typed(to, plan.site().country());
            if (called.isEmpty()) {
                refuse(problems, "to", to, E164.ALLOWED);
            }
            return called.map(Arrival.Meant::new);
        }
        Optional<Trunk> line = trunk.filter(key -> Ref.sound(Kind.TRUNK, key))
                .flatMap(key -> plan.find(new Ref(Kind.TRUNK, key), Trunk.class));
        if (line.isEmpty()) {
            refuse(problems, "trunk", trunk.get(), "the key of a trunk of the plan");
            return Optional.empty();
        }
        if (!to.matches("\\+?[0-9*#]{1,40}")) {
            refuse(problems, "to", to, "the digits that the trunk delivers, 40 at most");
            return Optional.empty();
        }
        return Optional.of(Arrival.of(plan, line.get(), to));
    }

    private static Optional<Ref> extension(Plan plan, String number) {
        return Ref.sound(Kind.EXTENSION, number)
                ? plan.find(new Ref(Kind.EXTENSION, number)).map(PlanObject::ref)
                : Optional.empty();
    }

    private Map<Ref, String> switches(Plan plan, List<Problem> problems) {
        Map<Ref, String> positions = new LinkedHashMap<>();
        for (String text : switches) {
            String[] parts = text.split("=", 2);
            Optional<Switch> turned = named(plan, parts[0], Kind.SWITCH, Switch.class);
            boolean sound = parts.length == 2
                    && turned.filter(one -> one.positions().contains(parts[1].strip()))
                            .isPresent();
            if (!sound) {
                refuse(
                        problems,
                        "switch",
                        text,
                        turned.map(one -> one.key() + "= and one of " + String.join(", ", one.positions()))
                                .orElse("a switch of the plan and a position of it, such as timetable=reduced"));
                continue;
            }
            if (positions.put(turned.orElseThrow().ref(), parts[1].strip()) != null) {
                refuse(problems, "switch", text, once("switch"));
            }
        }
        return positions;
    }

    private Map<Ref, List<Found>> waiting(Plan plan, List<Problem> problems) {
        Map<Ref, List<Found>> all = new LinkedHashMap<>();
        for (String text : waiting) {
            String[] parts = text.split("=", 2);
            Optional<Ref> where = named(plan, parts[0], Kind.QUEUE, Queue.class)
                    .map(Queue::ref)
                    .or(() -> named(plan, parts[0], Kind.MAILBOX, Mailbox.class).map(Mailbox::ref))
                    .or(() -> named(plan, parts[0], Kind.TRUNK, Trunk.class).map(Trunk::ref))
                    .or(() -> named(plan, parts[0], Kind.LOOKUP, Lookup.class).map(Lookup::ref));
            Optional<Kind> kind = where.map(Ref::kind).filter(one -> one == Kind.TRUNK || one == Kind.LOOKUP);
            Optional<List<Found>> found = parts.length < 2
                    ? Optional.empty()
                    : where.flatMap(ref -> Found.parse(parts[1].strip(), ref.kind()));
            if (where.isEmpty() || found.isEmpty()) {
                refuse(
                        problems,
                        "waiting",
                        text,
                        kind.isPresent()
                                ? parts[0].strip() + "= and " + Found.allowed(kind.get())
                                : "a queue or a mailbox, then = and " + Found.ALLOWED
                                        + ", such as bookings=3 or mailbox/lost=full; or a trunk, then = and "
                                        + Found.ALLOWED_TRUNK + ", such as trunk/main=full; or a lookup, then = and "
                                        + Found.ALLOWED_LOOKUP);
                continue;
            }
            Optional<String> stranger = plan.find(where.get(), Queue.class).stream()
                    .flatMap(queue -> found.get().stream()
                            .flatMap(one -> one.lastAgent().stream())
                            .filter(last -> queue.agents().stream()
                                    .noneMatch(agent -> agent.party().phone().equals(last))))
                    .findFirst();
            stranger.ifPresentOrElse(
                    last -> refuse(
                            problems,
                            "waiting",
                            text,
                            "behind last an agent of that queue, and " + Problem.shown(last) + " is none"),
                    () -> {
                        if (all.put(where.get(), found.get()) != null) {
                            refuse(problems, "waiting", text, "each queue, mailbox, trunk and lookup once");
                        }
                    });
        }
        return all;
    }

    /// An object by its key or its reference.
    private static <T extends PlanObject> Optional<T> named(Plan plan, String text, Kind kind, Class<T> type) {
        String name = text.strip();
        String key =
                name.startsWith(kind.word() + "/") ? name.substring(kind.word().length() + 1) : name;
        return Ref.sound(kind, key) ? plan.find(new Ref(kind, key), type) : Optional.empty();
    }

    private static String once(String what) {
        return "each " + what + " once";
    }

    private static void refuse(List<Problem> problems, String field, String found, String allowed) {
        problems.add(new Problem(0, 0, field, "'" + Problem.shown(found) + "'", allowed));
    }

    /// A date and time at a site's clock, or with an offset.
    public sealed interface When {
        record Local(LocalDateTime time) implements When {}

        record Exact(Instant time) implements When {}

        /// Whether clocks are put forward over it.
        default boolean skipped(ZoneId zone) {
            return this instanceof Local(LocalDateTime time)
                    && zone.getRules().getValidOffsets(time).isEmpty();
        }

        default Instant at(ZoneId zone) {
            return switch (this) {
                case Local(LocalDateTime time) -> time.atZone(zone).toInstant();
                case Exact(Instant time) -> time;
            };
        }
    }

    /// Reads a date and time.
    public static Optional<When> instant(String text) {
        try {
            return Optional.of(new When.Local(Dates.dateTime(text)));
        } catch (DateTimeException notLocal) {
            try {
                return Optional.of(new When.Exact(Dates.exact(text).toInstant()));
            } catch (DateTimeException notAnInstant) {
                return Optional.empty();
            }
        }
    }

    private List<KeyPress> keys(List<Problem> problems) {
        List<KeyPress> pressed = new ArrayList<>();
        if (!keys.isBlank()) {
            for (String key : (again() ? keys.substring(0, keys.lastIndexOf(',')) : keys).split(",", -1)) {
                KeyPress.parse(key.strip())
                        .ifPresentOrElse(pressed::add, () -> refuse(problems, "keys", key, KeyPress.ALLOWED));
            }
        }
        return pressed;
    }

    private boolean again() {
        return keys.contains(",")
                && keys.substring(keys.lastIndexOf(',') + 1).strip().equals(KeyPress.AGAIN);
    }

    /// What each phone does, or where each agent is.
    private static <T> Map<String, List<T>> byPhone(
            String field,
            List<String> texts,
            Predicate<String> known,
            String who,
            String allowed,
            Function<String, Optional<List<T>>> parse,
            List<Problem> problems) {
        Map<String, List<T>> all = new LinkedHashMap<>();
        for (String text : texts) {
            int equals = text.indexOf('=');
            String number = equals < 0 ? text : text.substring(0, equals).strip();
            Optional<List<T>> read = equals < 0
                    ? Optional.empty()
                    : parse.apply(text.substring(equals + 1).strip());
            if (!known.test(number)) {
                refuse(problems, field, text, who);
            } else if (read.isEmpty()) {
                refuse(problems, field, text, "for " + number + " " + allowed);
            } else if (all.containsKey(number)) {
                refuse(problems, field, text, once(field));
            }
            read.ifPresent(does -> all.put(number, does));
        }
        return all;
    }
}
