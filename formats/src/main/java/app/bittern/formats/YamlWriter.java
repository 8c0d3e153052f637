package app.bittern.formats;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.yaml.snakeyaml.DumperOptions;
import org.yaml.snakeyaml.DumperOptions.FlowStyle;
import org.yaml.snakeyaml.DumperOptions.ScalarStyle;
import org.yaml.snakeyaml.emitter.Emitter;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.NodeTuple;
import org.yaml.snakeyaml.nodes.ScalarNode;
import org.yaml.snakeyaml.nodes.SequenceNode;
import org.yaml.snakeyaml.nodes.Tag;
import org.yaml.snakeyaml.resolver.Resolver;
import org.yaml.snakeyaml.serializer.Serializer;

/// Writes nodes as YAML: objects as blocks, what is small within them on one line.
///
/// The same nodes give the same bytes. Texts that would be read as something else stand in quotes.
final class YamlWriter {
    private static final int WIDTH = 120;
    private static final int SMALL = 90;

    /// Sections and objects stand as blocks; fields of an object may stand on one line.
    private static final int OBJECT = 2;

    private YamlWriter() {}

    static String write(Node.Fields file) {
        DumperOptions options = new DumperOptions();
        options.setWidth(WIDTH);
        options.setSplitLines(false);
        options.setIndent(2);
        options.setLineBreak(DumperOptions.LineBreak.UNIX);
        options.setAllowUnicode(true);
        StringWriter text = new StringWriter();
        try {
            Serializer serializer = new Serializer(new Emitter(text, options), new Resolver(), options, null);
            serializer.open();
            serializer.serialize(yaml(file, 0));
            serializer.close();
        } catch (IOException impossible) {
            throw new UncheckedIOException("a text in memory can always be written", impossible);
        }
        return text.toString();
    }

    private static org.yaml.snakeyaml.nodes.Node yaml(Node node, int depth) {
        FlowStyle style = (depth > OBJECT && size(node) <= SMALL) || leafList(node) ? FlowStyle.FLOW : FlowStyle.BLOCK;
        return switch (node) {
            case Node.Scalar(String text, Node.Type type, Node.Place place) -> scalar(text, type);
            case Node.Noted noted -> scalar("", Node.Type.NULL);
            case Node.Items items -> {
                List<org.yaml.snakeyaml.nodes.Node> values = new ArrayList<>();
                items.nodes().forEach(item -> values.add(yaml(item, depth + 1)));
                yield new SequenceNode(Tag.SEQ, values, style);
            }
            case Node.Fields fields -> {
                List<NodeTuple> tuples = new ArrayList<>();
                fields.nodes()
                        .forEach((name, value) ->
                                tuples.add(new NodeTuple(scalar(name, Node.Type.TEXT), yaml(value, depth + 1))));
                yield new MappingNode(Tag.MAP, tuples, style);
            }
        };
    }

    private static boolean leafList(Node node) {
        return node instanceof Node.Items(List<Node> nodes, Node.Place place)
                && nodes.stream().allMatch(item -> item instanceof Node.Scalar)
                && size(node) <= SMALL;
    }

    private static ScalarNode scalar(String text, Node.Type type) {
        Tag tag = switch (type) {
            case TEXT -> Tag.STR;
            case INTEGER -> Tag.INT;
            case DECIMAL -> Tag.FLOAT;
            case BOOLEAN -> Tag.BOOL;
            case NULL -> Tag.NULL;
        };
        boolean plain = type != Node.Type.TEXT || plain(text);
        return new ScalarNode(tag, text, null, null, plain ? ScalarStyle.PLAIN : ScalarStyle.DOUBLE_QUOTED);
    }

    /// Whether a text is read back as a text without quotes; dates and times are.
    private static boolean plain(String text) {
        return text.matches("[A-Za-z_][A-Za-z0-9_ ./+-]*[A-Za-z0-9]|[A-Za-z]|[0-9]+[smh]([0-9]+[sm])*")
                && new Resolver()
                        .resolve(org.yaml.snakeyaml.nodes.NodeId.scalar, text, true)
                        .equals(Tag.STR);
    }

    /// About how many characters a node takes on one line.
    private static int size(Node node) {
        return switch (node) {
            case Node.Scalar(String text, Node.Type type, Node.Place place) -> text.length() + 4;
            case Node.Noted noted -> 0;
            case Node.Items items ->
                2 + items.nodes().stream().mapToInt(YamlWriter::size).sum();
            case Node.Fields fields ->
                2
                        + fields.nodes().entrySet().stream()
                                .mapToInt(entry -> entry.getKey().length() + 2 + size(entry.getValue()))
                                .sum();
        };
    }
}
