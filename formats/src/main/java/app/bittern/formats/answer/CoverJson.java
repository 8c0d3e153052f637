package app.bittern.formats.answer;

import app.bittern.cover.Coverage;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.List;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// Which steps are taken, as JSON: `[{"number", "title", "steps", "taken", "missed": [..]}]`.
public final class CoverJson {
    private CoverJson() {}

    public static ArrayNode of(Plan plan, List<Coverage> all) {
        ArrayNode json = JsonNodeFactory.instance.arrayNode();
        for (Coverage one : all) {
            ObjectNode number = json.addObject();
            number.put("number", one.called().text());
            number.put("title", plan.title(new Ref(Kind.NUMBER, one.called().text())));
            number.put("steps", one.steps().all().size());
            number.put("taken", one.taken());
            ArrayNode missed = number.putArray("missed");
            one.missed().forEach(step -> missed.add(one.steps().words(step)));
        }
        return json;
    }

    /// Proposed calls: `[{"name", "bench", "ending"}]`, the bench as findings have it.
    public static ArrayNode proposed(Plan plan, List<ProposedCalls.Proposed> all) {
        ArrayNode json = JsonNodeFactory.instance.arrayNode();
        for (ProposedCalls.Proposed one : all) {
            ObjectNode call = json.addObject();
            call.put("name", one.call().name().orElse(one.call().key()));
            call.set("bench", FindingsJson.bench(plan, one.bench()));
            call.set("ending", PathsJson.ending(one.trace().ending()));
            call.put("second", one.trace().second());
            ArrayNode effects = call.putArray("effects");
            ProposedCalls.setsOff(plan, one).forEach(effects::add);
        }
        return json;
    }
}
