package app.bittern.formats;

import app.bittern.edit.Edits;
import app.bittern.edit.PlanEdit;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.io.StringReader;
import java.util.List;
import java.util.Optional;
import org.yaml.snakeyaml.DumperOptions.FlowStyle;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;
import org.yaml.snakeyaml.nodes.CollectionNode;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.Node;
import org.yaml.snakeyaml.nodes.NodeTuple;
import org.yaml.snakeyaml.nodes.ScalarNode;
import tools.jackson.databind.node.JsonNodeFactory;

/// An edit of a plan as a change of its file's text, which leaves the rest of the file, comments included, as
/// it is.
///
/// The changed object is written as JSON in its place, which YAML has in it. A change counts only if the
/// changed file is read as the changed plan; else there is none.
///
/// @param startLine first line that is replaced, from 1
/// @param endLine   last line that is replaced
/// @param endColumn the column behind its last character, in UTF-16 code units
/// @param inserted  what stands there instead
public record FileFix(int startLine, int endLine, int endColumn, String inserted) {
    /// The change, or empty where the edit cannot be made in the text.
    public static Optional<FileFix> of(Plan plan, String text, PlanEdit edit) {
        if (!(Edits.apply(plan, edit) instanceof Edits.Result.Applied(Plan wanted, PlanEdit inverse))) {
            return Optional.empty();
        }
        return changed(text, edit)
                .filter(after -> PlanFile.read(after) instanceof PlanFile.Result.Read(Plan read) && same(read, wanted))
                .map(after -> between(text, after));
    }

    /// Whether two plans are of the same objects; a new one may stand elsewhere.
    private static boolean same(Plan one, Plan other) {
        return one.objects().size() == other.objects().size()
                && one.objects().stream()
                        .allMatch(object -> other.find(object.ref()).equals(Optional.of(object)));
    }

    private static Optional<String> changed(String text, PlanEdit edit) {
        return switch (edit) {
            case PlanEdit.Put put -> put(text, put.object());
            case PlanEdit.Remove(Ref ref) -> remove(text, ref);
            case PlanEdit.Several(List<PlanEdit> edits) -> {
                Optional<String> after = Optional.of(text);
                for (PlanEdit one : edits) {
                    after = after.flatMap(so -> changed(so, one));
                }
                yield after;
            }
        };
    }

    private static Optional<MappingNode> root(String text) {
        return new Yaml(new SafeConstructor(new LoaderOptions())).compose(new StringReader(text))
                        instanceof MappingNode root
                ? Optional.of(root)
                : Optional.empty();
    }

    private static Optional<NodeTuple> entry(MappingNode mapping, String name) {
        return mapping.getValue().stream()
                .filter(tuple -> tuple.getKeyNode() instanceof ScalarNode key
                        && key.getValue().equals(name))
                .findFirst();
    }

    private static Optional<MappingNode> section(String text, Ref ref) {
        return ref.kind().form() == Kind.Form.MAP
                ? root(text)
                        .flatMap(root -> entry(root, ref.kind().section()))
                        .filter(tuple -> tuple.getValueNode() instanceof MappingNode)
                        .map(tuple -> (MappingNode) tuple.getValueNode())
                : Optional.empty();
    }

    private static Optional<String> put(String text, PlanObject object) {
        String json = ObjectJson.write(object).toString();
        Ref ref = object.ref();
        if (ref.kind().form() != Kind.Form.MAP) {
            return Optional.empty();
        }
        String entry = JsonNodeFactory.instance.stringNode(ref.key()) + ": " + json;
        Optional<MappingNode> section = section(text, ref);
        if (section.isEmpty()) {
            String before = text.endsWith("\n") || text.isEmpty() ? text : text + "\n";
            return root(text)
                    .filter(root -> entry(root, ref.kind().section()).isEmpty())
                    .map(root -> before + ref.kind().section() + ":\n  " + entry + "\n");
        }
        Optional<Node> value = entry(section.get(), ref.key()).map(NodeTuple::getValueNode);
        if (value.isPresent()) {
            return Optional.of(spliced(text, start(value.get()), end(value.get()), json));
        }
        int first = start(section.get());
        boolean block = section.get().getFlowStyle() == FlowStyle.BLOCK;
        int column = section.get().getStartMark().getColumn();
        return Optional.of(
                block
                        ? spliced(text, first, first, entry + "\n" + " ".repeat(column))
                        : spliced(
                                text,
                                first + 1,
                                first + 1,
                                " " + entry + (section.get().getValue().isEmpty() ? " " : ",")));
    }

    private static Optional<String> remove(String text, Ref ref) {
        Optional<MappingNode> section = section(text, ref);
        if (section.isEmpty()) {
            return Optional.empty();
        }
        List<NodeTuple> entries = section.get().getValue();
        for (int index = 0; index < entries.size(); index++) {
            NodeTuple tuple = entries.get(index);
            if (tuple.getKeyNode() instanceof ScalarNode key && key.getValue().equals(ref.key())) {
                int begin = start(tuple.getKeyNode());
                if (entries.size() == 1) {
                    return Optional.of(spliced(text, start(section.get()), end(section.get()), "{}"));
                }
                return Optional.of(
                        index + 1 < entries.size()
                                ? spliced(
                                        text,
                                        begin,
                                        start(entries.get(index + 1).getKeyNode()),
                                        "")
                                : spliced(
                                        text,
                                        end(entries.get(index - 1).getValueNode()),
                                        end(tuple.getValueNode()),
                                        ""));
            }
        }
        return Optional.empty();
    }

    private static int start(Node node) {
        return node.getStartMark().getIndex();
    }

    /// Where a node really ends; a block's own mark is at the next thing after it, behind comments.
    private static int end(Node node) {
        if (node instanceof CollectionNode<?> collection
                && collection.getFlowStyle() == FlowStyle.BLOCK
                && !collection.getValue().isEmpty()) {
            Object last = collection.getValue().getLast();
            return end(last instanceof NodeTuple tuple ? tuple.getValueNode() : (Node) last);
        }
        return node.getEndMark().getIndex();
    }

    private static String spliced(String text, int from, int to, String instead) {
        int begin = text.offsetByCodePoints(0, from);
        int end = text.offsetByCodePoints(begin, to - from);
        return text.substring(0, begin) + instead + text.substring(end);
    }

    /// The lines in which two texts differ.
    private static FileFix between(String before, String after) {
        List<String> old = List.of(before.split("\n", -1));
        List<String> now = List.of(after.split("\n", -1));
        int same = 0;
        while (same < Math.min(old.size(), now.size()) && old.get(same).equals(now.get(same))) {
            same++;
        }
        int last = 0;
        while (last < Math.min(old.size(), now.size()) - same
                && old.get(old.size() - 1 - last).equals(now.get(now.size() - 1 - last))) {
            last++;
        }
        if (same == old.size() - last || same == now.size() - last) {
            // Lines are only put in, or only taken out: one beside them is written again, so that there is a region and
            // no empty line stays.
            if (last > 0) {
                last--;
            } else {
                same--;
            }
        }
        List<String> inserted = now.subList(same, now.size() - last);
        int end = old.size() - last;
        return new FileFix(same + 1, end, old.get(end - 1).length() + 1, String.join("\n", inserted));
    }
}
