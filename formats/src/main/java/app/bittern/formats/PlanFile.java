package app.bittern.formats;

import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// The plan file: `bittern: 1`, the site, and a section for each kind, in YAML or JSON.
public final class PlanFile {
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

    /// Reads a plan; all its errors are reported, not just the first.
    public static Result read(String text) {
        Problems problems = new Problems();
        Optional<Node> root = YamlNodes.read(text, problems);
        List<PlanObject> objects = new ArrayList<>();
        root.ifPresent(node -> objects(node, objects, problems));
        return root.isPresent() && problems.none()
                ? new Result.Read(Plan.of(objects))
                : new Result.Refused(problems.inOrder());
    }

    private static void objects(Node root, List<PlanObject> objects, Problems problems) {
        Reading file = Reading.of(root, "", problems);
        if (!(root instanceof Node.Fields)) {
            return;
        }
        file.needed(VERSION_FIELD, file.integer(VERSION_FIELD, 1, 1), "bittern: 1, the version of the plan file", 1);
        Optional<Node> site = file.node(Kind.SITE.section());
        file.needed(
                Kind.SITE.section(),
                site,
                "the section site with key, timeZone, country and languages",
                Node.Scalar.text(""));
        site.flatMap(node -> site(node, problems)).ifPresent(objects::add);
        Map<String, Ref> numbers = new LinkedHashMap<>();
        for (Kind kind : Kind.values()) {
            if (kind != Kind.SITE) {
                section(kind, file, objects, numbers);
            }
        }
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
        file.map(kind.section(), (key, entry) -> {
            if (!Ref.sound(kind, key)) {
                entry.keyRefused(key, allowedKey(kind));
                return Optional.empty();
            }
            Formats.read(new Ref(kind, key), entry.node(), entry.where(), entry.problems())
                    .ifPresent(object -> {
                        object.number().ifPresent(number -> {
                            Ref other = numbers.putIfAbsent(number, object.ref());
                            if (other != null) {
                                entry.problems()
                                        .add(
                                                entry.key(),
                                                entry.where(),
                                                "the number " + number + ", which " + other + " has",
                                                "each number of a site once");
                            }
                        });
                        objects.add(object);
                    });
            return Optional.of(key);
        });
    }

    private static String allowedKey(Kind kind) {
        return switch (kind) {
            case NUMBER -> app.bittern.number.E164.ALLOWED;
            case EXTENSION -> "the number of an extension, 1 to 15 digits";
            case SITE, TRUNK, ROUTE, HOURS, SPLIT, ANNOUNCEMENT, MENU, RING_GROUP, MAILBOX, PROMPT -> Ref.ALLOWED_KEY;
        };
    }

    /// The plan as JSON in the shape of the plan file, sections in the order of the kinds.
    public static String json(Plan plan) {
        Map<String, Node> sections = new LinkedHashMap<>();
        sections.put(VERSION_FIELD, Node.Scalar.integer(1));
        Map<String, Node> site = new LinkedHashMap<>();
        site.put("key", Node.Scalar.text(plan.site().key()));
        site.putAll(Formats.write(plan.site()).nodes());
        sections.put(Kind.SITE.section(), Node.Fields.of(site));
        for (Kind kind : Kind.values()) {
            Stream<PlanObject> objects =
                    plan.objects().stream().filter(object -> object.ref().kind() == kind);
            Map<String, Node> section = objects.filter(object -> kind != Kind.SITE)
                    .collect(Collectors.toMap(o -> o.ref().key(), Formats::write, (a, b) -> a, LinkedHashMap::new));
            if (!section.isEmpty()) {
                sections.put(kind.section(), Node.Fields.of(section));
            }
        }
        return JsonNodes.pretty(Node.Fields.of(sections));
    }
}
