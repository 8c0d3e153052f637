package app.bittern.formats.answer;

import app.bittern.callset.Calling;
import app.bittern.compare.Comparison;
import app.bittern.compare.DialledOtherwise;
import app.bittern.compare.Difference;
import app.bittern.compare.ObjectChanges;
import app.bittern.compare.ShownOutside;
import app.bittern.formats.ObjectJson;
import app.bittern.number.E164;
import app.bittern.plan.Branch;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// A comparison as JSON: `{"noticed": [{"kind", "number", "at", "when", "caller"?, "choices", "before",
/// "after", "witness"?}], "objects": {"added", "removed", "changed": [{"object", "field", "before", "after"}],
/// "reordered"}, "unnoticed": […]}`.
///
/// The kind is `ends`, `waits`, `hears`, `shown` or `sets off`; `inside` tells whether calls of phones of the site
/// differ so too. Before and after are an ending with its `second`, or where no call
/// shows it what it `leads` to; the `second` of the object where it waits; the `words` where it hears.
public final class ComparisonJson {
    private ComparisonJson() {}

    public static ObjectNode of(Comparison comparison, Plan before) {
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        ArrayNode noticed = json.putArray("noticed");
        for (Difference difference : comparison.noticed()) {
            ObjectNode one = noticed.addObject();
            one.put("kind", difference.notice().word());
            switch (difference.calling()) {
                case Calling.ToNumber(E164 called) -> one.put("number", called.text());
                case Calling.Phone(Ref phone, String dialled) -> {
                    one.put("from", phone.toString());
                    one.put("dialled", dialled);
                }
            }
            one.put("inside", difference.inside());
            one.put("at", difference.at().toString());
            one.put("when", difference.when());
            difference.caller().ifPresent(caller -> one.put("caller", caller));
            ArrayNode choices = one.putArray("choices");
            difference.choices().forEach(choices::add);
            one.set("before", side(difference, difference.before()));
            one.set("after", side(difference, difference.after()));
            difference.witness().ifPresent(bench -> one.set("witness", FindingsJson.bench(before, bench)));
        }
        ArrayNode dialled = json.putArray("dialled");
        comparison.dialled().forEach(one -> dialled.add(dialled(one)));
        ArrayNode shown = json.putArray("shown");
        comparison.shown().forEach(one -> shown.add(shown(one)));
        ObjectNode objects = json.putObject("objects");
        ArrayNode added = objects.putArray("added");
        comparison.objects().added().forEach(ref -> added.add(ref.toString()));
        ArrayNode removed = objects.putArray("removed");
        comparison.objects().removed().forEach(ref -> removed.add(ref.toString()));
        ArrayNode changed = objects.putArray("changed");
        comparison.objects().changed().forEach(one -> fields(one).forEach(changed::add));
        ArrayNode reordered = objects.putArray("reordered");
        comparison.objects().reordered().forEach(ref -> reordered.add(ref.toString()));
        comparison.limit().ifPresent(limit -> json.put("limit", limit));
        ArrayNode unnoticed = json.putArray("unnoticed");
        comparison.unnoticed().forEach(ref -> unnoticed.add(ref.toString()));
        return json;
    }

    private static ObjectNode dialled(DialledOtherwise difference) {
        ObjectNode one = JsonNodeFactory.instance.objectNode();
        one.put("dialled", difference.dialled());
        ArrayNode services = one.putArray("classesOfService");
        difference
                .services()
                .forEach(service -> services.add(service.map(Ref::toString).orElse("none")));
        ArrayNode phones = one.putArray("phones");
        difference.phones().forEach(phone -> phones.add(phone.toString()));
        one.set("before", does(difference.before()));
        one.set("after", does(difference.after()));
        return one;
    }

    private static ObjectNode shown(ShownOutside one) {
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        ArrayNode phones = json.putArray("phones");
        one.phones().forEach(phone -> phones.add(phone.toString()));
        one.before().ifPresent(number -> json.put("before", number.text()));
        one.after().ifPresent(number -> json.put("after", number.text()));
        return json;
    }

    private static ObjectNode does(DialledOtherwise.Does does) {
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        does.to().ifPresent(ref -> json.put("to", ref.toString()));
        json.put("barred", does.barred());
        json.put("waits", does.waits());
        does.out().ifPresent(out -> {
            json.put("sent", out.digits());
            ArrayNode trunks = json.putArray("trunks");
            out.trunks().forEach(trunk -> trunks.add(trunk.toString()));
            out.callerId().ifPresent(number -> json.put("callerId", number.text()));
        });
        return json;
    }

    private static ObjectNode side(Difference difference, Difference.Side side) {
        ObjectNode json = side.ending().map(PathsJson::ending).orElseGet(JsonNodeFactory.instance::objectNode);
        side.leads().ifPresent(ref -> json.put("leads", ref.toString()));
        if (difference.notice() != Difference.Notice.ENDS
                || difference.witness().isPresent()) {
            json.put("second", side.second());
        }
        if (difference.notice() != Difference.Notice.ENDS && difference.notice() != Difference.Notice.WAITS) {
            ArrayNode words = json.putArray("words");
            side.words().forEach(words::add);
        }
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
        if (changed.before().equals(changed.after()) && changed.after() instanceof Branch branch) {
            before.put("/cases", order((Branch) changed.before()));
            after.put("/cases", order(branch));
            names.add("/cases");
        }
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

    /// The cases in their order, where nothing else differs.
    private static JsonNode order(Branch branch) {
        ArrayNode cases = JsonNodeFactory.instance.arrayNode();
        branch.cases().keySet().forEach(cases::add);
        return cases;
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
