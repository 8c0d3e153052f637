package app.bittern.formats;

import app.bittern.plan.Kind;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// Where the objects and fields of a plan stand in its file.
public final class Places {
    private final Optional<Node> root;

    Places(Optional<Node> root) {
        this.root = root;
    }

    /// A line and a column, both from 1.
    public record Place(int line, int column) {}

    /// Where a field of an object stands; where it is absent, the innermost that is there.
    ///
    /// @param field the place in the object; empty for the object itself
    public Optional<Place> of(Ref ref, Optional<Pointer> field) {
        Optional<Node> section = root.flatMap(node -> child(node, ref.kind().section()));
        Optional<Node.Place> place = section.flatMap(node -> object(node, ref));
        Optional<Node> node = section.flatMap(one -> body(one, ref));
        if (field.isPresent() && node.isPresent()) {
            for (String name : field.get().steps()) {
                Optional<Node> inner = node.flatMap(one -> child(one, name));
                if (inner.isEmpty()) {
                    break;
                }
                place = node.flatMap(one -> at(one, name)).or(() -> inner.map(Node::place));
                node = inner;
            }
        }
        return place.filter(at -> at.line() > 0).map(at -> new Place(at.line(), at.column()));
    }

    private static Optional<Node.Place> object(Node section, Ref ref) {
        return ref.kind().form() == Kind.Form.MAP
                ? at(section, ref.key())
                : body(section, ref).map(Node::place);
    }

    private static Optional<Node> body(Node section, Ref ref) {
        return switch (ref.kind().form()) {
            case SINGLE -> Optional.of(section);
            case MAP -> child(section, ref.key());
            case LIST ->
                section instanceof Node.Items(List<Node> nodes, Node.Place place)
                        ? nodes.stream()
                                .map(node -> ListKeys.whole(ref.kind(), node))
                                .filter(node -> node instanceof Node.Fields fields
                                        && ListKeys.of(ref.kind(), fields, "", new Problems())
                                                .key()
                                                .equals(ref.key()))
                                .findFirst()
                        : Optional.empty();
        };
    }

    private static Optional<Node> child(Node node, String name) {
        return switch (node) {
            case Node.Fields fields -> Optional.ofNullable(fields.nodes().get(name));
            case Node.Items items ->
                name.matches("[0-9]{1,6}")
                                && Integer.parseInt(name) < items.nodes().size()
                        ? Optional.of(items.nodes().get(Integer.parseInt(name)))
                        : Optional.empty();
            case Node.Scalar scalar -> Optional.empty();
            case Node.Noted noted -> Optional.empty();
        };
    }

    private static Optional<Node.Place> at(Node node, String name) {
        return node instanceof Node.Fields fields
                ? Optional.ofNullable(fields.keys().get(name))
                : Optional.empty();
    }
}
