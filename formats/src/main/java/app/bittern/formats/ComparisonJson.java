package app.bittern.formats;

import app.bittern.compare.Comparison;
import app.bittern.compare.Difference;
import app.bittern.compare.ObjectChanges;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// A comparison as JSON: `{"noticed": [{"number", "when", "caller"?, "choices", "before", "after", "witness"}],
/// "objects": {"added", "removed", "changed": [{"object", "field", "before", "after"}]}, "unnoticed": […]}`.
public final class ComparisonJson {
    private ComparisonJson() {}

    public static ObjectNode of(Comparison comparison, Plan before) {
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        ArrayNode noticed = json.putArray("noticed");
        for (Difference difference : comparison.noticed()) {
            ObjectNode one = noticed.addObject();
            one.put("number", difference.number().text());
            one.put("when", difference.when());
            difference.caller().ifPresent(caller -> one.put("caller", caller));
            ArrayNode choices = one.putArray("choices");
            difference.choices().forEach(choices::add);
            one.set("before", PathsJson.ending(difference.before()));
            one.set("after", PathsJson.ending(difference.after()));
            one.set("witness", FindingsJson.bench(before, difference.witness()));
        }
        ObjectNode objects = json.putObject("objects");
        ArrayNode added = objects.putArray("added");
        comparison.objects().added().forEach(ref -> added.add(ref.toString()));
        ArrayNode removed = objects.putArray("removed");
        comparison.objects().removed().forEach(ref -> removed.add(ref.toString()));
        ArrayNode changed = objects.putArray("changed");
        comparison.objects().changed().forEach(one -> fields(one).forEach(changed::add));
        ArrayNode unnoticed = json.putArray("unnoticed");
        comparison.unnoticed().forEach(ref -> unnoticed.add(ref.toString()));
        return json;
    }

    /// A field that differs.
    ///
    /// @param before as the plan file has it; empty where it is not given
    public record FieldChange(String object, String field, String before, String after) {}

    /// What differs in the objects that both plans have, field by field, for people.
    public static List<FieldChange> fieldChanges(ObjectChanges changes) {
        return changes.changed().stream()
                .flatMap(one -> fields(one).stream())
                .map(one -> new FieldChange(
                        one.get("object").asString(),
                        one.get("field").asString(),
                        text(one.get("before")),
                        text(one.get("after"))))
                .toList();
    }

    private static String text(JsonNode value) {
        return value.isNull() ? "" : value.isString() ? value.asString() : value.toString();
    }

    private static List<ObjectNode> fields(ObjectChanges.Changed changed) {
        Map<String, JsonNode> before = new LinkedHashMap<>();
        Map<String, JsonNode> after = new LinkedHashMap<>();
        leaves(Pointer.WHOLE, ObjectJson.write(changed.before()), before);
        leaves(Pointer.WHOLE, ObjectJson.write(changed.after()), after);
        Set<String> names = new LinkedHashSet<>(before.keySet());
        names.addAll(after.keySet());
        JsonNode none = JsonNodeFactory.instance.nullNode();
        return names.stream()
                .filter(name -> !before.getOrDefault(name, none).equals(after.getOrDefault(name, none)))
                .map(name -> {
                    ObjectNode one = JsonNodeFactory.instance.objectNode();
                    one.put("object", changed.before().ref().toString());
                    one.put("field", name);
                    one.set("before", before.getOrDefault(name, none));
                    one.set("after", after.getOrDefault(name, none));
                    return one;
                })
                .toList();
    }

    /// Every value that is not a map, by its address.
    private static void leaves(Pointer at, JsonNode json, Map<String, JsonNode> leaves) {
        boolean listOfMaps = json.isArray() && json.size() > 0 && json.get(0).isObject();
        if (json.isObject()) {
            json.properties().forEach(inner -> leaves(at.to(inner.getKey()), inner.getValue(), leaves));
        } else if (listOfMaps) {
            for (int index = 0; index < json.size(); index++) {
                leaves(at.to(index), json.get(index), leaves);
            }
        } else {
            leaves.put(at.toString(), json);
        }
    }
}
