package app.bittern.formats;

import app.bittern.call.Ending;
import app.bittern.call.Heard;
import app.bittern.call.Trace;
import app.bittern.call.Why;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// A trace as JSON: the ending, the route, and each step with what is heard and why.
public final class TraceJson {
    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    private TraceJson() {}

    public static ObjectNode write(Trace trace) {
        ObjectNode json = MAKE.objectNode();
        json.set("ending", ending(trace.ending(), trace.second()));
        json.set(
                "route",
                trace.route()
                        .<JsonNode>map(route -> MAKE.stringNode(route.toString()))
                        .orElseGet(MAKE::nullNode));
        ArrayNode steps = json.putArray("steps");
        trace.steps().forEach(step -> steps.add(step(step)));
        json.put("language", trace.language());
        return json;
    }

    /// As a text of its own, indented.
    public static String pretty(Trace trace) {
        return JsonNodes.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(write(trace));
    }

    private static ObjectNode ending(Ending ending, int second) {
        ObjectNode json = MAKE.objectNode();
        json.put("kind", ending.kind().word());
        json.put("in", ending.in());
        ending.by().ifPresent(by -> json.put("by", by));
        ending.cause().ifPresent(cause -> json.put("cause", cause.word()));
        json.put("second", second);
        return json;
    }

    private static ObjectNode step(Trace.Step step) {
        ObjectNode json = MAKE.objectNode();
        json.put("second", step.second());
        json.put("object", step.object());
        json.put("what", step.what());
        json.set("hears", hears(step.hears()));
        json.set("why", why(step.why()));
        json.put("exit", step.exit());
        ObjectNode after = json.putObject("after");
        after.put("language", step.after().language());
        Optional<String> owner = step.after().owner().map(Object::toString);
        owner.ifPresent(extension -> after.put("owner", extension));
        step.after().tags().forEach(after.putArray("tags")::add);
        after.put("channels", step.after().channels());
        after.put("ports", step.after().ports());
        return json;
    }

    private static ArrayNode hears(List<Heard> hears) {
        ArrayNode all = MAKE.arrayNode();
        for (Heard heard : hears) {
            all.addObject()
                    .put("from", heard.from())
                    .put("to", heard.to())
                    .put("sound", heard.sound().word())
                    .put("text", heard.text());
        }
        return all;
    }

    private static ArrayNode why(List<Why> why) {
        ArrayNode all = MAKE.arrayNode();
        for (Why one : why) {
            all.addObject().put("rule", one.rule()).put("held", one.held()).put("because", one.because());
        }
        return all;
    }
}
