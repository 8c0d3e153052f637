package app.bittern.formats.answer;

import app.bittern.call.Bench;
import app.bittern.call.Found;
import app.bittern.finding.Finding;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.proof.BenchText;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// Findings as JSON.
public final class FindingsJson {
    private FindingsJson() {}

    /// `[{"code", "severity", "object", "field"?, "places": [{"object", "field"?}], "values", "says", "calls"?,
    /// "witness"?, "fixes", "accepted"?}]`; object and field are those of the first place.
    public static ArrayNode of(Plan plan, List<Finding> findings) {
        ArrayNode json = JsonNodeFactory.instance.arrayNode();
        for (Finding finding : findings) {
            ObjectNode one = json.addObject();
            one.put("code", finding.code());
            one.put("severity", finding.severity().word());
            one.put("object", finding.object().toString());
            finding.field().ifPresent(field -> one.put("field", field.toString()));
            ArrayNode places = one.putArray("places");
            finding.places().forEach(place -> place(places.addObject(), place));
            ArrayNode values = one.putArray("values");
            finding.values().forEach(values::add);
            one.put("says", finding.says());
            if (!finding.calls().isEmpty()) {
                ArrayNode calls = one.putArray("calls");
                finding.calls().forEach(calls::add);
            }
            finding.witness().ifPresent(bench -> one.set("witness", bench(plan, bench)));
            ArrayNode fixes = one.putArray("fixes");
            finding.fixes().forEach(fix -> fixes.add(fix.title()));
            finding.accepted().ifPresent(reason -> one.put("accepted", reason));
        }
        return json;
    }

    private static void place(ObjectNode json, Finding.Place place) {
        json.put("object", place.object().toString());
        place.field().ifPresent(field -> json.put("field", field.toString()));
    }

    /// A bench in the words of the command line: `{"to", "from", "at", "keys", "phones", "switches", "agents",
    /// "waiting"}`; what is as usual is left out.
    static ObjectNode bench(Plan plan, Bench bench) {
        BenchText text = BenchText.of(plan, bench);
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        json.put("to", text.to());
        text.trunk().ifPresent(trunk -> json.put("trunk", trunk));
        json.put("from", text.from());
        json.put("at", text.at());
        if (!text.keys().isEmpty()) {
            ArrayNode keys = json.putArray("keys");
            BenchText.keys(bench).forEach(keys::add);
        }
        if (!bench.phones().isEmpty()) {
            ObjectNode phones = json.putObject("phones");
            bench.phones().forEach((phone, reactions) -> inOrder(phones, phone, reactions));
        }
        if (!bench.switches().isEmpty()) {
            ObjectNode switches = json.putObject("switches");
            bench.switches().forEach((ref, position) -> switches.put(ref.key(), position));
        }
        if (!bench.agents().isEmpty()) {
            ObjectNode agents = json.putObject("agents");
            bench.agents().forEach((agent, presences) -> inOrder(agents, agent, presences));
        }
        if (!bench.waiting().isEmpty()) {
            ObjectNode waiting = json.putObject("waiting");
            bench.waiting()
                    .forEach((ref, found) ->
                            inOrder(waiting, ref.kind() == Kind.QUEUE ? ref.key() : ref.toString(), found));
        }
        return json;
    }

    /// One text, or a list where there are several.
    private static void inOrder(ObjectNode json, String name, List<?> all) {
        if (all.size() == 1) {
            json.set(name, one(all.getFirst()));
            return;
        }
        ArrayNode array = json.putArray(name);
        all.forEach(one -> array.add(one(one)));
    }

    private static JsonNode one(Object value) {
        return value instanceof Found.Ahead(int count, Optional<String> last) && last.isEmpty()
                ? JsonNodeFactory.instance.numberNode(count)
                : JsonNodeFactory.instance.stringNode(value.toString());
    }
}
