package app.bittern.formats;

import app.bittern.field.Field;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.plan.RouteOrder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The plan file: `bittern: 2`, the site, and a section for each kind, in YAML or JSON.
public final class PlanFile {
    /// The version that is read and written.
    public static final int VERSION = 2;
    static final Field.Range VERSIONS = new Field.Range(VERSION, VERSION, "versions");

    private static final String VERSION_FIELD = "bittern";

    private PlanFile() {}

    /// What became of a file.
    public sealed interface Result {
        record Read(Plan plan) implements Result {}

        /// @param problems everything that is wrong, by line
        record Refused(List<Problem> problems) implements Result {
            public Refused {
                problems = List.copyOf(problems);
            }
        }
    }

    /// A plan that has been read, and where everything stands in its file.
    public record Opened(Result result, Places places) {}

    /// Reads a plan and where its objects stand.
    public static Opened open(String text) {
        Problems problems = new Problems();
        Optional<Node> root = YamlNodes.read(text, problems);
        return new Opened(read(root, problems), new Places(root));
    }

    /// Reads a plan; all its errors are reported, not just the first.
    public static Result read(String text) {
        Problems problems = new Problems();
        Optional<Node> root = YamlNodes.read(text, problems);
        return read(root, problems);
    }

    private static Result read(Optional<Node> root, Problems problems) {
        List<PlanObject> objects = new ArrayList<>();
        root.ifPresent(node -> {
            Texts.check(node, "", problems);
            objects(node, objects, problems);
        });
        Optional<Plan> plan = root.isPresent() && problems.none() ? Optional.of(Plan.of(objects)) : Optional.empty();
        plan.ifPresent(read -> RouteOrder.round(read)
                .ifPresent(round -> problems.add(
                        root.flatMap(node -> within(node, Kind.ROUTE.section()))
                                .flatMap(routes ->
                                        within(routes, round.getFirst().key()))
                                .flatMap(route -> within(route, "before"))
                                .map(Node::place)
                                .orElse(Node.Place.NONE),
                        Kind.ROUTE.section() + "/" + round.getFirst().key() + "/before",
                        "names that come back: " + RouteOrder.saidRound(read, round),
                        "names of routes that do not stand before this one")));
        return plan.filter(read -> problems.none())
                .<Result>map(Result.Read::new)
                .orElseGet(() -> new Result.Refused(problems.inOrder()));
    }

    private static Optional<Node> within(Node node, String field) {
        return node instanceof Node.Fields fields
                ? Optional.ofNullable(fields.nodes().get(field))
                : Optional.empty();
    }

    private static void objects(Node root, List<PlanObject> objects, Problems problems) {
        Reading file = Reading.of(root, "", problems);
        if (!(root instanceof Node.Fields)) {
            return;
        }
        file.needed(
                VERSION_FIELD,
                file.integer(VERSION_FIELD, VERSIONS),
                "bittern: 2, the version of the plan file",
                VERSION);
        Optional<Node> site = file.node(Kind.SITE.section());
        file.needed(
                Kind.SITE.section(),
                site,
                "the section site with key, timeZone, country and languages",
                Node.Scalar.text(""));
        site.flatMap(node -> site(node, problems)).ifPresent(objects::add);
        Map<String, Ref> numbers = new LinkedHashMap<>();
        Map<String, Kind> sections = new LinkedHashMap<>();
        for (Kind kind : Kind.values()) {
            if (kind != Kind.SITE) {
                sections.put(kind.section(), kind);
                file.node(kind.section());
            }
        }
        file.fields().nodes().keySet().stream()
                .filter(sections::containsKey)
                .forEach(name -> Optional.ofNullable(sections.get(name))
                        .ifPresent(kind -> section(kind, file, objects, numbers)));
        file.done();
    }

    private static Optional<? extends PlanObject> site(Node node, Problems problems) {
        if (!(node instanceof Node.Fields fields)) {
            problems.add(node, Kind.SITE.section(), "a map of fields");
            return Optional.empty();
        }
        Reading key = Reading.of(node, Kind.SITE.section(), problems);
        String named = key.needed(
                "key",
                key.read(
                        "key",
                        Ref.ALLOWED_KEY,
                        text -> Ref.sound(Kind.SITE, text) ? Optional.of(text) : Optional.empty()),
                Ref.ALLOWED_KEY,
                "site");
        Map<String, Node> rest = new LinkedHashMap<>(fields.nodes());
        rest.remove("key");
        return Formats.read(
                new Ref(Kind.SITE, named),
                new Node.Fields(rest, fields.keys(), fields.place()),
                Kind.SITE.section(),
                problems);
    }

    private static void section(Kind kind, Reading file, List<PlanObject> objects, Map<String, Ref> numbers) {
        switch (kind.form()) {
            case SINGLE ->
                file.node(kind.section())
                        .flatMap(node ->
                                Formats.read(new Ref(kind, kind.section()), node, kind.section(), file.problems()))
                        .ifPresent(objects::add);
            case MAP ->
                file.map(kind.section(), (key, entry) -> {
                    if (!Ref.sound(kind, key)) {
                        entry.keyRefused(key, Ref.allowedKey(kind));
                        return Optional.empty();
                    }
                    Optional<? extends PlanObject> object =
                            Formats.read(new Ref(kind, key), entry.node(), entry.where(), entry.problems());
                    object.ifPresent(read -> add(read, entry.key(), entry.where(), objects, numbers, entry.problems()));
                    return Optional.of(key);
                });
            case LIST -> list(kind, file, objects, numbers);
        }
    }

    private static void add(
            PlanObject object,
            Node.Place place,
            String where,
            List<PlanObject> objects,
            Map<String, Ref> numbers,
            Problems problems) {
        object.number().ifPresent(number -> {
            Ref other = numbers.putIfAbsent(number, object.ref());
            if (other != null) {
                problems.add(
                        place,
                        where,
                        "the number " + number + ", which " + other + " has",
                        "each number of a site once");
            }
        });
        objects.add(object);
    }

    /// Objects that hold what makes their key: a contact its number, a test call its name.
    private static void list(Kind kind, Reading file, List<PlanObject> objects, Map<String, Ref> numbers) {
        Map<String, Integer> taken = new LinkedHashMap<>();
        file.items(kind.section(), (given, where) -> {
            Node node = ListKeys.whole(kind, given);
            if (!(node instanceof Node.Fields fields)) {
                file.problems().add(node, where, "a map of fields");
                return Optional.empty();
            }
            ListKeys.Found found = ListKeys.of(kind, fields, where, file.problems());
            int times = taken.merge(found.key(), 1, Integer::sum);
            if (times > 1 && found.given()) {
                file.problems()
                        .add(node.place(), where, "a second " + kind.title() + " '" + found.key() + "'", "each once");
                return Optional.empty();
            }
            String key = times > 1 ? found.key() + "-" + times : found.key();
            Optional<? extends PlanObject> object =
                    Formats.read(new Ref(kind, key), found.rest(), where, file.problems());
            object.ifPresent(read -> add(read, node.place(), where, objects, numbers, file.problems()));
            return object.map(PlanObject::ref);
        });
    }

    /// The plan as JSON in the shape of the plan file.
    public static String json(Plan plan) {
        return JsonNodes.pretty(node(plan));
    }

    /// The plan as YAML.
    public static String yaml(Plan plan) {
        return YamlWriter.write(node(plan));
    }

    /// Objects of a kind as a section of a plan file, in YAML; nothing where there is none.
    public static String section(Kind kind, List<? extends PlanObject> objects) {
        return objects.isEmpty()
                ? ""
                : YamlWriter.write(Node.Fields.of(Map.of(kind.section(), section(List.copyOf(objects), kind.form()))));
    }

    /// Sections in the order in which their kinds first stand in the plan, objects in the order of the plan.
    private static Node.Fields node(Plan plan) {
        Map<String, Node> sections = new LinkedHashMap<>();
        sections.put(VERSION_FIELD, Node.Scalar.integer(VERSION));
        Map<String, Node> site = new LinkedHashMap<>();
        site.put("key", Node.Scalar.text(plan.site().key()));
        site.putAll(Formats.write(plan.site()).nodes());
        sections.put(Kind.SITE.section(), Node.Fields.of(site));
        Map<Kind, List<PlanObject>> byKind = new LinkedHashMap<>();
        plan.objects()
                .forEach(object -> byKind.computeIfAbsent(object.ref().kind(), kind -> new ArrayList<>())
                        .add(object));
        byKind.remove(Kind.SITE);
        byKind.forEach((kind, objects) -> sections.put(kind.section(), section(objects, kind.form())));
        return Node.Fields.of(sections);
    }

    private static Node section(List<PlanObject> objects, Kind.Form form) {
        return switch (form) {
            case SINGLE -> Formats.write(objects.getFirst());
            case MAP -> {
                Map<String, Node> section = new LinkedHashMap<>();
                objects.forEach(object -> section.put(object.ref().key(), Formats.write(object)));
                yield Node.Fields.of(section);
            }
            case LIST ->
                new Node.Items(objects.stream().<Node>map(ListKeys::write).toList(), Node.Place.NONE);
        };
    }
}
