package app.bittern.formats;

import app.bittern.edit.PlanEdit;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/// Makes edits of single fields: the object is written, the field changed, and the object read again, so that a field
/// is held to the same rules wherever it comes from.
public final class FieldEdits {
    private FieldEdits() {}

    /// What became of the wish to change something.
    public sealed interface Result {
        record Made(PlanEdit edit) implements Result {}

        /// @param says what is wrong and what is allowed, a sentence for each
        record Refused(List<String> says) implements Result {
            public Refused {
                says = List.copyOf(says);
            }
        }
    }

    /// Sets a field; nothing as the value takes it away.
    ///
    /// @param field names and list positions joined by slashes: `keys/3/to`
    public static Result set(Plan plan, Ref ref, String field, Optional<JsonNode> value) {
        Optional<PlanObject> object = plan.find(ref);
        if (object.isEmpty()) {
            return new Result.Refused(List.of("There is no " + ref + " in the plan (any more)."));
        }
        List<String> path = Arrays.asList(field.split("/", -1));
        Node changed = changed(Formats.write(object.get()), path, value.map(JsonNodes::node));
        return read(ref, changed);
    }

    /// Adds an object.
    public static Result create(Plan plan, Ref ref, JsonNode body) {
        return plan.find(ref).isPresent()
                ? new Result.Refused(List.of("There is a " + ref + " already: choose another key."))
                : read(ref, JsonNodes.node(body));
    }

    private static Result read(Ref ref, Node body) {
        return switch (ObjectJson.read(ref, body)) {
            case ObjectJson.Result.Read(PlanObject after) -> new Result.Made(new PlanEdit.Put(after));
            case ObjectJson.Result.Refused(List<Problem> problems) ->
                new Result.Refused(problems.stream().map(Problem::says).toList());
        };
    }

    /// Takes an object away and leads whatever referred to it elsewhere.
    public static Result replace(Plan plan, Ref gone, Destination instead) {
        List<PlanEdit> edits = new ArrayList<>();
        List<String> says = new ArrayList<>();
        Map<Ref, List<Plan.Use>> uses = new LinkedHashMap<>();
        plan.uses(gone)
                .forEach(use -> uses.computeIfAbsent(use.object(), ref -> new ArrayList<>())
                        .add(use));
        uses.forEach((ref, places) -> {
            Node body = Formats.write(plan.find(ref).orElseThrow());
            for (Plan.Use use : places) {
                body = changed(
                        body,
                        Arrays.asList(use.field().split("/", -1)),
                        Optional.of(Node.Scalar.text(instead.toString())));
            }
            switch (read(ref, body)) {
                case Result.Made(PlanEdit edit) -> edits.add(edit);
                case Result.Refused(List<String> problems) -> says.addAll(problems);
            }
        });
        edits.add(new PlanEdit.Remove(gone));
        return says.isEmpty() ? new Result.Made(new PlanEdit.Several(edits)) : new Result.Refused(says);
    }

    /// Gives an object another key, wherever it is referred to.
    ///
    /// @param key the new key
    public static Result rename(Plan plan, Ref ref, String key) {
        Optional<PlanObject> object = plan.find(ref);
        if (object.isEmpty()) {
            return new Result.Refused(List.of("There is no " + ref + " in the plan (any more)."));
        }
        if (ref.kind().form() == Kind.Form.SINGLE || !Ref.sound(ref.kind(), key)) {
            return new Result.Refused(List.of("'" + key + "' cannot be the key of a "
                    + ref.kind().title() + "; allowed is " + Ref.allowedKey(ref.kind()) + "."));
        }
        Ref renamed = new Ref(ref.kind(), key);
        if (plan.find(renamed).isPresent()) {
            return new Result.Refused(List.of("There is a " + renamed + " already: choose another key."));
        }
        return Renaming.of(plan, object.get(), renamed);
    }

    static Node changed(Node node, List<String> path, Optional<Node> value) {
        String first = path.getFirst();
        List<String> rest = path.subList(1, path.size());
        if (node instanceof Node.Items items) {
            return changedItem(items, first, rest, value);
        }
        Map<String, Node> fields = new LinkedHashMap<>(node instanceof Node.Fields map ? map.nodes() : Map.of());
        if (rest.isEmpty()) {
            value.ifPresentOrElse(given -> fields.put(first, given), () -> fields.remove(first));
        } else {
            Node inner = fields.getOrDefault(first, Node.Fields.of(Map.of()));
            fields.put(first, changed(inner, rest, value));
        }
        return Node.Fields.of(fields);
    }

    /// A position at the end of the list adds to it.
    private static Node changedItem(Node.Items items, String position, List<String> rest, Optional<Node> value) {
        List<Node> nodes = new ArrayList<>(items.nodes());
        int index = position.matches("[0-9]{1,6}") ? Integer.parseInt(position) : -1;
        if (index < 0 || index > nodes.size()) {
            return items;
        }
        if (!rest.isEmpty()) {
            Node inner = index < nodes.size() ? nodes.remove(index) : Node.Fields.of(Map.of());
            nodes.add(index, changed(inner, rest, value));
        } else {
            if (index < nodes.size()) {
                nodes.remove(index);
            }
            value.ifPresent(given -> nodes.add(index, given));
        }
        return new Node.Items(nodes, Node.Place.NONE);
    }
}
