package app.bittern.formats;

import app.bittern.plan.Problem;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;
import org.yaml.snakeyaml.error.Mark;
import org.yaml.snakeyaml.error.MarkedYAMLException;
import org.yaml.snakeyaml.error.YAMLException;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.NodeTuple;
import org.yaml.snakeyaml.nodes.ScalarNode;
import org.yaml.snakeyaml.nodes.SequenceNode;
import org.yaml.snakeyaml.nodes.Tag;

/// Reads YAML, and JSON as its subset, into nodes with their places.
///
/// Bounded: 32 million characters, 20,000 of them without a space, 40 levels, no aliases, so that a small
/// file cannot become a large one; and whoever reads is listened to: a thread that is interrupted reads no further.
final class YamlNodes {
    private static final int MOST_CHARACTERS = 32_000_000;
    private static final int DEEPEST = 40;
    private static final int LONGEST_RUN = 20_000;

    /// What values are that have no tag of their own.
    private static final Set<Tag> PLAIN =
            Set.of(Tag.STR, Tag.INT, Tag.FLOAT, Tag.BOOL, Tag.NULL, Tag.TIMESTAMP, Tag.MERGE, Tag.SEQ, Tag.MAP);

    private final Problems problems;

    private YamlNodes(Problems problems) {
        this.problems = problems;
    }

    /// The nodes of a text, or empty where it cannot be read at all.
    static Optional<Node> read(String text, Problems problems) {
        if (tooLarge(text, problems)) {
            return Optional.empty();
        }
        LoaderOptions options = new LoaderOptions();
        options.setCodePointLimit(MOST_CHARACTERS);
        options.setNestingDepthLimit(DEEPEST);
        options.setMaxAliasesForCollections(0);
        try {
            org.yaml.snakeyaml.nodes.@org.jspecify.annotations.Nullable Node root =
                    new Yaml(new SafeConstructor(options)).compose(new Listening(text));
            if (root == null) {
                problems.add(
                        new Node.Place(1, 1),
                        "",
                        "an empty file",
                        "a plan file that begins with bittern: " + PlanFile.VERSION);
                return Optional.empty();
            }
            return Optional.of(new YamlNodes(problems).node(root, 0));
        } catch (MarkedYAMLException broken) {
            problems.add(
                    place(broken.getProblemMark()),
                    "",
                    "text that is not YAML: " + broken.getProblem(),
                    "YAML or JSON");
        } catch (YAMLException broken) {
            String limit = String.valueOf(broken.getMessage());
            problems.add(
                    new Node.Place(1, 1),
                    "",
                    limit,
                    MOST_CHARACTERS + " characters and " + DEEPEST + " levels at most");
        }
        return Optional.empty();
    }

    /// Refuses what would take the parser long: too many characters, or too many without a space between them.
    private static boolean tooLarge(String text, Problems problems) {
        if (text.length() > MOST_CHARACTERS) {
            problems.add(
                    new Node.Place(1, 1), "", text.length() + " characters", MOST_CHARACTERS + " characters at most");
            return true;
        }
        int line = 1;
        int run = 0;
        for (int at = 0; at < text.length(); at++) {
            char sign = text.charAt(at);
            line += sign == '\n' ? 1 : 0;
            run = sign <= ' ' || sign == ',' || sign == ':' ? 0 : run + 1;
            if (run > LONGEST_RUN) {
                problems.add(
                        new Node.Place(line, 1),
                        "",
                        "more than " + LONGEST_RUN + " characters in a row without a space",
                        LONGEST_RUN + " characters in a row at most");
                return true;
            }
        }
        return false;
    }

    private static void listen() {
        if (Thread.interrupted()) {
            throw new CancellationException("The file is not wanted any more.");
        }
    }

    /// A text that is read to its end unless its reader is interrupted.
    private static final class Listening extends StringReader {
        private Listening(String text) {
            super(text);
        }

        @Override
        public int read(char[] into, int from, int most) throws IOException {
            listen();
            return super.read(into, from, most);
        }
    }

    private static Node.Place place(@org.jspecify.annotations.Nullable Mark mark) {
        return mark == null ? new Node.Place(1, 1) : new Node.Place(mark.getLine() + 1, mark.getColumn() + 1);
    }

    private Node node(org.yaml.snakeyaml.nodes.Node node, int depth) {
        Node.Place place = place(node.getStartMark());
        if (depth > DEEPEST || node.getAnchor() != null) {
            problems.add(
                    place,
                    "",
                    depth > DEEPEST ? "deeper nesting" : "an anchor",
                    "every value written out, " + DEEPEST + " levels at most");
            return new Node.Scalar("", Node.Type.NULL, place);
        }
        if (!PLAIN.contains(node.getTag())) {
            problems.add(
                    place, "", "the tag " + Problem.shown(node.getTag().getValue()), "a plain value, without a tag");
            return new Node.Scalar("", Node.Type.NULL, place);
        }
        return switch (node) {
            case ScalarNode scalar -> new Node.Scalar(scalar.getValue(), type(scalar), place);
            case SequenceNode sequence -> {
                List<Node> items = new ArrayList<>();
                sequence.getValue().forEach(item -> items.add(node(item, depth + 1)));
                listen();
                yield new Node.Items(items, place);
            }
            case MappingNode mapping -> fields(mapping, depth, place);
            default -> throw new IllegalStateException("a YAML node of another kind: " + node);
        };
    }

    private Node fields(MappingNode mapping, int depth, Node.Place place) {
        Map<String, Node> nodes = new LinkedHashMap<>();
        Map<String, Node.Place> keys = new LinkedHashMap<>();
        for (NodeTuple tuple : mapping.getValue()) {
            Node.Place at = place(tuple.getKeyNode().getStartMark());
            if (!(tuple.getKeyNode() instanceof ScalarNode name) || !PLAIN.contains(name.getTag())) {
                problems.add(at, "", "a field whose name is not a text", "a text as the name of a field");
            } else if (nodes.containsKey(name.getValue())) {
                problems.add(at, name.getValue(), "the name a second time", "each name once");
            } else {
                nodes.put(name.getValue(), node(tuple.getValueNode(), depth + 1));
                keys.put(name.getValue(), at);
            }
        }
        return new Node.Fields(nodes, keys, place);
    }

    private static Node.Type type(ScalarNode scalar) {
        Tag tag = scalar.getTag();
        if (tag.equals(Tag.INT)) {
            return scalar.getValue().matches("[-+]?[0-9]+") ? Node.Type.INTEGER : Node.Type.TEXT;
        }
        if (tag.equals(Tag.FLOAT)) {
            return Node.Type.DECIMAL;
        }
        if (tag.equals(Tag.BOOL)) {
            return scalar.getValue().equals("true") || scalar.getValue().equals("false")
                    ? Node.Type.BOOLEAN
                    : Node.Type.TEXT;
        }
        return tag.equals(Tag.NULL) ? Node.Type.NULL : Node.Type.TEXT;
    }
}
