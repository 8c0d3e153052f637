package app.bittern.formats;

import app.bittern.edit.PlanEdit;
import app.bittern.edit.Planned;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/// Makes edits of single fields: the object is written, the field changed, and the object read again, so that a
/// field is held to the same rules wherever it comes from.
public final class FieldEdits {
    private final Kind kind;

    private FieldEdits(Kind kind) {
        this.kind = kind;
    }

    /// Sets a field; nothing as the value takes it away.
    ///
    /// @param at the place in the object
    public static Planned set(Plan plan, Ref ref, Pointer at, Optional<JsonNode> value) {
        Optional<PlanObject> object = plan.find(ref);
        if (object.isEmpty()) {
            return Planned.refused("There is no " + ref + " in the plan (any more).");
        }
        return at.steps().isEmpty()
                ? Planned.refused("No place in " + ref + " is named; allowed is " + Pointer.ALLOWED + ".")
                : read(
                        ref,
                        new FieldEdits(ref.kind())
                                .changed(Formats.write(object.get()), at, value.map(JsonNodes::node)));
    }

    /// Adds an object.
    public static Planned create(Plan plan, Ref ref, JsonNode body) {
        return plan.find(ref).isPresent() ? Planned.there(ref) : read(ref, JsonNodes.node(body));
    }

    private static Planned read(Ref ref, Node body) {
        return switch (ObjectJson.read(ref, body)) {
            case ObjectJson.Result.Read(PlanObject after) -> new Planned.Made(new PlanEdit.Put(after));
            case ObjectJson.Result.Refused(List<Problem> problems) ->
                new Planned.Refused(problems.stream().map(Problem::says).toList());
        };
    }

    private Node changed(Node body, Pointer at, Optional<Node> value) {
        return changed(body, List.of(), at.steps(), value);
    }

    /// @param here where the node stands
    private Node changed(Node node, List<String> here, List<String> path, Optional<Node> value) {
        String first = path.getFirst();
        List<String> rest = path.subList(1, path.size());
        List<String> there = Stream.concat(here.stream(), Stream.of(first)).toList();
        if (node instanceof Node.Items items) {
            return changedItem(items, there, rest, value);
        }
        Map<String, Node> fields = new LinkedHashMap<>(inside(node, here));
        if (rest.isEmpty()) {
            value.ifPresentOrElse(given -> fields.put(first, given), () -> fields.remove(first));
        } else {
            Node inner = fields.getOrDefault(first, Node.Fields.of(Map.of()));
            fields.put(first, changed(inner, there, rest, value));
        }
        return Node.Fields.of(fields);
    }

    /// The fields of a map; of what is written by one of them alone, that one.
    private Map<String, Node> inside(Node node, List<String> here) {
        if (node instanceof Node.Fields map) {
            return map.nodes();
        }
        return FieldForm.at(kind, here)
                .flatMap(FieldForm::alone)
                .map(one -> Map.of(one, node))
                .orElseGet(Map::of);
    }

    /// A position at the end of the list adds to it.
    private Node changedItem(Node.Items items, List<String> there, List<String> rest, Optional<Node> value) {
        String position = there.getLast();
        List<Node> nodes = new ArrayList<>(items.nodes());
        int index = position.matches("[0-9]{1,6}") ? Integer.parseInt(position) : -1;
        if (index < 0 || index > nodes.size()) {
            return items;
        }
        if (!rest.isEmpty()) {
            Node inner = index < nodes.size() ? nodes.remove(index) : Node.Fields.of(Map.of());
            nodes.add(index, changed(inner, there, rest, value));
        } else {
            if (index < nodes.size()) {
                nodes.remove(index);
            }
            value.ifPresent(given -> nodes.add(index, given));
        }
        return new Node.Items(nodes, Node.Place.NONE);
    }
}
