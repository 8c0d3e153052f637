package app.bittern.formats;

import app.bittern.plan.Kind;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/// What the plan file called some fields and words before, for what was kept then: drafts, journals and releases.
///
/// A plan file from outside is not read by it: who has one is told of the field, and which there are.
public final class FormerNames {
    /// A field that has another name, or words in it that have.
    ///
    /// @param path  where it stood in an object of the kind
    /// @param now   what it is called
    /// @param words what its values are now; one that is empty was the usual value, and is left out
    private record Former(Kind kind, List<String> path, String now, Map<String, String> words) {
        String field() {
            return path.getLast();
        }
    }

    private static final List<Former> FORMER = List.of(
            new Former(Kind.MAILBOX, List.of("operator"), "keyZero", Map.of()),
            new Former(Kind.MAILBOX, List.of("maxMessage"), "longestMessage", Map.of()),
            new Former(Kind.MAILBOX, List.of("maxMessages"), "mostMessages", Map.of()),
            new Former(Kind.MAILBOX, List.of("deliver", "attach"), "withSound", Map.of()),
            new Former(
                    Kind.ROUTE,
                    List.of("ring"),
                    "alert",
                    Map.of("internal", "source:internal", "external", "source:external", "priority", "priority:high")),
            new Former(Kind.ROUTE, List.of("beforeAll"), "before", Map.of("true", "all", "false", "")),
            new Former(Kind.QUEUE, List.of("mayLogIn"), "mayLogIn", Map.of("anybody-with-pin", "everybody")));

    private FormerNames() {}

    /// The fields of an object as they are called today.
    public static JsonNode today(Kind kind, JsonNode body) {
        return JsonNodes.json(today(kind, JsonNodes.node(body)));
    }

    /// An edit of a journal ([EditJson]) as it is written today.
    public static JsonNode today(JsonNode edit) {
        return JsonNodes.json(edit(JsonNodes.node(edit)));
    }

    /// The text of a whole plan as it is written today; absent where it is called so already.
    ///
    /// @throws IllegalArgumentException where it is not YAML
    public static Optional<String> today(String plan) {
        Problems problems = new Problems();
        Node.Fields root = YamlNodes.read(plan, problems)
                .filter(Node.Fields.class::isInstance)
                .map(Node.Fields.class::cast)
                .orElseThrow(() -> new IllegalArgumentException("not a plan: " + problems.inOrder()));
        Map<String, Kind> sections = new HashMap<>();
        for (Kind kind : Kind.values()) {
            sections.put(kind.section(), kind);
        }
        Node.Fields now = each(
                root,
                (name, section) -> Optional.ofNullable(sections.get(name))
                        .map(kind -> switch (kind.form()) {
                            case SINGLE -> today(kind, section);
                            case MAP -> each(section, (key, body) -> today(kind, body));
                            case LIST ->
                                section instanceof Node.Items(List<Node> items, Node.Place place)
                                        ? new Node.Items(
                                                items.stream()
                                                        .map(item -> today(kind, item))
                                                        .toList(),
                                                place)
                                        : section;
                        })
                        .orElse(section));
        return JsonNodes.json(now).equals(JsonNodes.json(root)) ? Optional.empty() : Optional.of(YamlWriter.write(now));
    }

    private static Node edit(Node edit) {
        return each(edit, (name, value) -> switch (name) {
            case "several" ->
                value instanceof Node.Items(List<Node> edits, Node.Place place)
                        ? new Node.Items(edits.stream().map(FormerNames::edit).toList(), place)
                        : value;
            case "body" ->
                text(edit, "put")
                        .flatMap(Ref::parse)
                        .map(ref -> today(ref.kind(), value))
                        .orElse(value);
            default -> value;
        });
    }

    private static Node today(Kind kind, Node body) {
        Node named = body;
        for (Former former : FORMER) {
            if (former.kind() == kind) {
                named = renamed(named, former, 0);
            }
        }
        return kind == Kind.ACCEPTED ? accepted(named) : named;
    }

    private static Node renamed(Node node, Former former, int depth) {
        if (!(node instanceof Node.Fields fields)) {
            return node;
        }
        Map<String, Node> all = new LinkedHashMap<>();
        fields.nodes().forEach((name, value) -> {
            if (!name.equals(former.path().get(depth))) {
                all.put(name, value);
            } else if (depth + 1 < former.path().size()) {
                all.put(name, renamed(value, former, depth + 1));
            } else {
                word(value, former).ifPresent(word -> all.put(former.now(), word));
            }
        });
        return Node.Fields.of(all);
    }

    private static Optional<Node> word(Node value, Former former) {
        if (!(value instanceof Node.Scalar scalar)) {
            return Optional.of(value);
        }
        String now = former.words().get(scalar.text());
        return now == null
                ? Optional.of(value)
                : Optional.of(now).filter(word -> !word.isEmpty()).map(Node.Scalar::text);
    }

    /// An accepted finding names the field that it is about.
    private static Node accepted(Node body) {
        Optional<Kind> about = text(body, "object").flatMap(Ref::parse).map(Ref::kind);
        return each(
                body,
                (name, value) -> name.equals("field") && value instanceof Node.Scalar(String text, var type, var place)
                        ? Node.Scalar.text(pointer(about, text))
                        : value);
    }

    private static String pointer(Optional<Kind> kind, String pointer) {
        for (Former former : FORMER) {
            String was = new Pointer(former.path()).toString();
            if (kind.equals(Optional.of(former.kind())) && (pointer.equals(was) || pointer.startsWith(was + "/"))) {
                return was.substring(0, was.length() - former.field().length())
                        + former.now()
                        + pointer.substring(was.length());
            }
        }
        return pointer;
    }

    private static Optional<String> text(Node node, String field) {
        return node instanceof Node.Fields fields && fields.nodes().get(field) instanceof Node.Scalar scalar
                ? Optional.of(scalar.text())
                : Optional.empty();
    }

    /// What a field becomes.
    private interface Field {
        Node now(String name, Node value);
    }

    private static Node each(Node node, Field field) {
        return node instanceof Node.Fields fields ? each(fields, field) : node;
    }

    private static Node.Fields each(Node.Fields fields, Field field) {
        Map<String, Node> all = new LinkedHashMap<>();
        fields.nodes().forEach((name, value) -> all.put(name, field.now(name, value)));
        return Node.Fields.of(all);
    }
}
