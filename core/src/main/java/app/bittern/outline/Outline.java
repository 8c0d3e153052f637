package app.bittern.outline;

import app.bittern.call.Cause;
import app.bittern.call.Context;
import app.bittern.call.Dialling;
import app.bittern.call.Ending;
import app.bittern.call.Onward;
import app.bittern.call.Outcome;
import app.bittern.call.Phones;
import app.bittern.call.RouteChoice;
import app.bittern.call.State;
import app.bittern.call.Transition;
import app.bittern.call.Window;
import app.bittern.number.E164;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;

/// Draws the outline of one inbound number.
///
/// A walk in depth from the routes that can take calls to the number. An object is drawn where it is first met
/// and linked from everywhere else; a row's window adds up the windows of the rows above it. Outcomes that one
/// field decides are one row. What callers come to by dialling an extension in a menu is drawn there only where
/// nothing else leads to it, so that the other rows stay what they are whether those are [Opened] or not. Cost:
/// rows × outcomes.
public final class Outline {
    private final Plan plan;
    private final Opened opened;
    private final Sentences sentences;
    private final List<Row> rows = new ArrayList<>();
    private final Map<Ref, Integer> depths = new LinkedHashMap<>();
    private final Map<Ref, Integer> drawn = new LinkedHashMap<>();
    private final Map<State, List<Outcome>> known = new HashMap<>();

    private Outline(Plan plan, Opened opened) {
        this.plan = plan;
        this.opened = opened;
        this.sentences = new Sentences(plan);
    }

    /// The rows of a number, routes in the order in which they are tried; nothing is opened.
    public static List<Row> of(Plan plan, E164 called) {
        return of(plan, called, Opened.NOTHING);
    }

    /// The rows of a number, routes in the order in which they are tried.
    public static List<Row> of(Plan plan, E164 called, Opened opened) {
        Outline outline = new Outline(plan, opened);
        for (Route route : RouteChoice.reached(plan, called)) {
            outline.measure(outline.begin(route, called));
            outline.route(route, called);
        }
        return outline.rows.stream().map(outline::linked).toList();
    }

    /// The rows of what a phone of the site dials: the phone, and all that can happen then; of an inbound number the
    /// routes that take such calls.
    public static List<Row> dialled(Plan plan, Extension phone, String digits, Opened opened) {
        Outline outline = new Outline(plan, opened);
        Dialling dialling = Dialling.of(plan, digits);
        State state = Phones.dialling(plan, phone, dialling, Optional.empty());
        Outcome dials = outline.outcomes(state).getFirst();
        if (dials.onward() instanceof Onward.Next(State connected)) {
            // The phone that dials may be called later on, as any other.
            outline.measure(connected);
        }
        Exit exit = new Exit(dials.window(), List.of(dials.cause()), dials.onward(), Optional.empty());
        List<Part> parts = new ArrayList<>(outline.sentences.dials(phone, dialling));
        List<Route> routes =
                dialling.number().map(number -> RouteChoice.reached(plan, number)).orElse(List.of()).stream()
                        .filter(route -> Phones.is(plan, phone, route.caller()))
                        .toList();
        if (routes.isEmpty()) {
            outline.arrive(phone, exit, exit.window(), 0, parts);
        } else {
            List<String> arrivals = List.of(arrival(phone, dials.cause()));
            outline.add(0, exit.window(), parts, arrivals, Optional.empty(), Optional.empty(), Optional.empty(), false);
        }
        for (Route route : routes) {
            E164 called = dialling.number().orElseThrow();
            outline.measure(outline.begin(route, called));
            outline.route(route, called);
        }
        return outline.rows.stream().map(outline::linked).toList();
    }

    /// Notes the least indent at which each object is met from a state, breadth first.
    private void measure(State begin) {
        Map<Ref, Integer> met = new LinkedHashMap<>();
        Map<Integer, List<State>> byDepth = new TreeMap<>(Map.of(0, List.of(begin)));
        for (int depth = 0; !byDepth.isEmpty(); depth++) {
            for (State state : Optional.ofNullable(byDepth.remove(depth)).orElseGet(List::of)) {
                if (depths.containsKey(state.at()) || met.putIfAbsent(state.at(), depth) != null) {
                    continue;
                }
                for (Outcome outcome : outcomes(state)) {
                    if (!(outcome.cause() instanceof Cause.Dialled)
                            && outcome.onward() instanceof Onward.Next(State next)) {
                        byDepth.computeIfAbsent(depth + 1, d -> new ArrayList<>())
                                .add(next);
                    }
                }
            }
        }
        depths.putAll(met);
    }

    private State begin(Route route, E164 called) {
        return new State(route.ref(), Context.in(plan.site().defaultLanguage()).calling(called));
    }

    /// A row that links says at which row its object is drawn, which is known when all are.
    private Row linked(Row row) {
        Optional<Integer> at = row.object().flatMap(ref -> Optional.ofNullable(drawn.get(ref)));
        return row.asRow().isEmpty() ? row : row.withAsRow(at);
    }

    /// Several ways to come to the same place.
    private record Exit(Window window, List<Cause> causes, Onward onward, Optional<Pointer> field) {}

    private void route(Route route, E164 called) {
        State state = begin(route, called);
        drawn.put(route.ref(), rows.size() + 1);
        List<Exit> exits = exits(state);
        List<Part> parts = new ArrayList<>(sentences.route(route, called));
        add(
                0,
                Window.NOW,
                parts,
                List.of("number#" + route.ref()),
                Optional.of(route.ref()),
                Optional.empty(),
                Optional.empty(),
                true);
        exits.forEach(exit -> exit(route, exit, Window.NOW, 1, state.context().language()));
    }

    /// The ways out of an object: of every case of a branch, and of all stages of a chain together.
    private List<Outcome> outcomes(State state) {
        return known.computeIfAbsent(state, this::reckoned);
    }

    private List<Outcome> reckoned(State state) {
        List<Outcome> all = new ArrayList<>();
        TreeMap<Integer, Map<State, Window>> stages = new TreeMap<>();
        stages.put(state.stage(), new LinkedHashMap<>(Map.of(state, Window.NOW)));
        while (!stages.isEmpty()) {
            stages.pollFirstEntry().getValue().forEach((stage, before) -> {
                for (Outcome outcome : Transition.everyCase(plan, stage)) {
                    Window window = before.plus(outcome.window());
                    if (outcome.onward() instanceof Onward.Next(State to)
                            && to.at().equals(stage.at())
                            && to.stage() > stage.stage()) {
                        stages.computeIfAbsent(to.stage(), later -> new LinkedHashMap<>())
                                .merge(to, window, Window::union);
                    } else {
                        all.add(outcome.in(window));
                    }
                }
            });
        }
        return all;
    }

    private List<Exit> exits(State state) {
        Map<String, List<Outcome>> together = new LinkedHashMap<>();
        for (Outcome outcome : outcomes(state)) {
            // What is keyed in a menu that keeps the place is decided there, key by key.
            boolean own = outcome.cause() instanceof Cause.Within;
            String one = outcome.cause() instanceof Cause.Dialled
                    ? "dialled"
                    : outcome.slot()
                            .filter(slot -> !own)
                            .map(Pointer::toString)
                            .orElse(outcome.cause().id());
            together.computeIfAbsent(one, more -> new ArrayList<>()).add(outcome);
        }
        return together.values().stream().map(Outline::exit).toList();
    }

    private static Exit exit(List<Outcome> outcomes) {
        Outcome first = outcomes.getFirst();
        return new Exit(
                outcomes.stream().map(Outcome::window).reduce(Window::union).orElseThrow(),
                outcomes.stream().map(Outcome::cause).toList(),
                first.onward(),
                first.slot());
    }

    /// @param language in which callers hear what is said there
    private void exit(PlanObject from, Exit exit, Window arrived, int depth, String language) {
        if (exit.causes().getFirst() instanceof Cause.Dialled) {
            dialled(from, exit, arrived, depth);
            return;
        }
        Window window = arrived.plus(exit.window());
        List<Part> parts = new ArrayList<>(sentences.label(from, exit.causes(), language));
        arrive(from, exit, window, depth, parts);
    }

    private void arrive(PlanObject from, Exit exit, Window window, int depth, List<Part> parts) {
        Optional<Row.Place> place = exit.field().map(field -> new Row.Place(from.ref(), field));
        List<String> arrivals =
                exit.causes().stream().map(cause -> arrival(from, cause)).toList();
        parts.addAll(sentences.destination(from, exit.field(), exit.onward()));
        switch (exit.onward()) {
            case Onward.Ends(Ending ending, var _) ->
                add(depth, window, parts, arrivals, Optional.empty(), Optional.empty(), place, false);
            case Onward.Next(State state) -> object(state, window, depth, parts, arrivals, place);
        }
    }

    private void object(
            State state, Window window, int depth, List<Part> parts, List<String> arrivals, Optional<Row.Place> place) {
        PlanObject object = plan.find(state.at()).orElseThrow();
        boolean first = !drawn.containsKey(object.ref()) && depths.getOrDefault(object.ref(), depth) == depth;
        if (!first && !leaf(object)) {
            add(depth, window, parts, arrivals, Optional.of(object.ref()), Optional.of(0), place, false);
            return;
        }
        drawn.putIfAbsent(object.ref(), rows.size() + 1);
        String language = state.context().language();
        parts.addAll(sentences.body(object, language));
        if (leaf(object)) {
            add(depth, window, parts, arrivals, Optional.of(object.ref()), Optional.empty(), place, false);
            return;
        }
        List<Exit> exits = exits(state).stream()
                .filter(exit -> !(exit.causes().getFirst() instanceof Cause.Message))
                .toList();
        List<String> here = new ArrayList<>(arrivals);
        exits.stream().filter(Outline::answered).forEach(exit -> {
            parts.add(Part.plain("·"));
            parts.addAll(sentences.destination(object, exit.field(), exit.onward()));
            exit.causes().forEach(cause -> here.add(arrival(object, cause)));
        });
        add(depth, window, parts, here, Optional.of(object.ref()), Optional.empty(), place, true);
        exits.stream().filter(exit -> !answered(exit)).forEach(exit -> exit(object, exit, window, depth + 1, language));
    }

    /// Whether a call rests where it is: a row of its own would say no more than that.
    private static boolean answered(Exit exit) {
        return exit.field().isEmpty()
                && exit.onward() instanceof Onward.Ends(Ending ending, var _)
                && ending.kind() == Ending.Kind.ANSWERED;
    }

    /// Whether everything about an object is said in its own row.
    private static boolean leaf(PlanObject object) {
        return object instanceof Mailbox mailbox && mailbox.keyZero().isEmpty();
    }

    /// Extensions dialled in a menu: one row for all, one under it for each that is drawn.
    private void dialled(PlanObject menu, Exit exit, Window arrived, int depth) {
        String first = arrival(menu, exit.causes().getFirst());
        List<Outcome> some = drawn(menu, first, exit.causes().size());
        List<String> arrivals = Stream.concat(
                        Stream.of(first), some.stream().map(outcome -> arrival(menu, outcome.cause())))
                .distinct()
                .toList();
        rows.add(new Row(
                rows.size() + 1,
                depth,
                arrived.plus(exit.window()),
                sentences.dialled(menu, exit.causes().size()),
                arrivals,
                Optional.empty(),
                Optional.empty(),
                0,
                Optional.empty(),
                true,
                exit.causes().size() - some.size()));
        some.forEach(outcome -> dialled(menu, outcome, arrived.plus(outcome.window()), depth + 1));
    }

    /// The extensions dialled in a menu that are drawn: all, or those that the call passes and the first that
    /// have what is looked for.
    private List<Outcome> drawn(PlanObject menu, String first, int all) {
        boolean every = opened.draws(first, all);
        List<Outcome> drawn = new ArrayList<>();
        int found = 0;
        for (Outcome outcome :
                outcomes(new State(menu.ref(), Context.in(plan.site().defaultLanguage())))) {
            if (outcome.cause() instanceof Cause.Dialled(String extension)) {
                boolean sought = !every && found < Opened.MOST_FOUND && opened.has(extension + " " + name(extension));
                found += sought ? 1 : 0;
                if (every || sought || opened.passed().contains(arrival(menu, outcome.cause()))) {
                    drawn.add(outcome);
                }
            }
        }
        return drawn;
    }

    private String name(String extension) {
        return plan.find(new Ref(Kind.EXTENSION, extension), Extension.class)
                .map(Extension::title)
                .orElse(extension);
    }

    private void dialled(PlanObject menu, Outcome outcome, Window window, int depth) {
        String extension = ((Cause.Dialled) outcome.cause()).extension();
        Exit one = new Exit(outcome.window(), List.of(outcome.cause()), outcome.onward(), Optional.empty());
        List<Part> parts = new ArrayList<>(List.of(Part.key(extension), Part.strong(name(extension))));
        arrive(menu, one, window, depth, parts);
    }

    /// An exit as a trace names it.
    private static String arrival(PlanObject from, Cause cause) {
        return from.ref() + "#" + cause.id();
    }

    private void add(
            int depth,
            Window window,
            List<Part> parts,
            List<String> arrivals,
            Optional<Ref> object,
            Optional<Integer> asRow,
            Optional<Row.Place> field,
            boolean holds) {
        int uses = object.map(ref -> plan.uses(ref).size()).orElse(0);
        rows.add(new Row(rows.size() + 1, depth, window, parts, arrivals, object, asRow, uses, field, holds, 0));
    }
}
