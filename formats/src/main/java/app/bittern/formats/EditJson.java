package app.bittern.formats;

import app.bittern.edit.PlanEdit;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// Edits as JSON, as the journal keeps them: `{"put": "mailbox/x", "body": {…}, "at": 3}`, `{"remove": …}`,
/// `{"several": […]}`.
public final class EditJson {
    private EditJson() {}

    public static JsonNode write(PlanEdit edit) {
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        switch (edit) {
            case PlanEdit.Put(PlanObject object, OptionalInt at) -> {
                json.put("put", object.ref().toString());
                json.set("body", ObjectJson.write(object));
                at.ifPresent(index -> json.put("at", index));
            }
            case PlanEdit.Remove(Ref ref) -> json.put("remove", ref.toString());
            case PlanEdit.Several(List<PlanEdit> edits) -> {
                ArrayNode all = json.putArray("several");
                edits.forEach(one -> all.add(write(one)));
            }
        }
        return json;
    }

    /// Reads what [#write(PlanEdit)] wrote.
    ///
    /// @throws IllegalArgumentException where it was not written by that
    public static PlanEdit read(JsonNode json) {
        if (json.has("several")) {
            List<PlanEdit> edits = new ArrayList<>();
            json.get("several").forEach(one -> edits.add(read(one)));
            return new PlanEdit.Several(edits);
        }
        if (json.has("remove")) {
            return new PlanEdit.Remove(ref(json.get("remove")));
        }
        Ref ref = ref(json.path("put"));
        return switch (ObjectJson.read(ref, json.path("body"))) {
            case ObjectJson.Result.Read(PlanObject object) ->
                new PlanEdit.Put(
                        object, json.has("at") ? OptionalInt.of(json.get("at").asInt()) : OptionalInt.empty());
            case ObjectJson.Result.Refused(List<Problem> problems) ->
                throw new IllegalArgumentException("not an edit: " + problems);
        };
    }

    private static Ref ref(JsonNode json) {
        return Ref.parse(json.asString("")).orElseThrow(() -> new IllegalArgumentException("not a reference: " + json));
    }
}
