package app.bittern.formats;

import app.bittern.call.Bench;
import app.bittern.call.Found;
import app.bittern.finding.Catalogue;
import app.bittern.finding.Check;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// Findings as JSON, and as SARIF 2.1.0 (OASIS), which build servers and code hosts read.
public final class FindingsJson {
    private FindingsJson() {}

    /// `[{"code", "severity", "object", "field"?, "says", "calls"?, "witness"?, "fixes"}]`.
    public static ArrayNode of(Plan plan, List<Finding> findings) {
        ArrayNode json = JsonNodeFactory.instance.arrayNode();
        for (Finding finding : findings) {
            ObjectNode one = json.addObject();
            one.put("code", finding.code());
            one.put("severity", finding.severity().word());
            one.put("object", finding.object().toString());
            finding.field().ifPresent(field -> one.put("field", field.toString()));
            one.put("says", finding.says());
            if (!finding.calls().isEmpty()) {
                ArrayNode calls = one.putArray("calls");
                finding.calls().forEach(calls::add);
            }
            finding.witness().ifPresent(bench -> one.set("witness", bench(plan, bench)));
            ArrayNode fixes = one.putArray("fixes");
            finding.fixes().forEach(fix -> fixes.add(fix.title()));
        }
        return json;
    }

    /// A bench in the words of the command line: `{"to", "from", "at", "keys", "phones", "switches", "agents",
    /// "waiting"}`; what is as usual is left out.
    static ObjectNode bench(Plan plan, Bench bench) {
        BenchText text = BenchText.of(plan, bench);
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        json.put("to", text.to());
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
        return value instanceof Found.Ahead(int count)
                ? JsonNodeFactory.instance.numberNode(count)
                : JsonNodeFactory.instance.stringNode(value.toString());
    }

    /// The findings of a plan file as a SARIF log.
    ///
    /// @param file   the path as it was given
    /// @param places where objects stand in it
    public static ObjectNode sarif(List<Finding> findings, String file, Places places) {
        ObjectNode log = JsonNodeFactory.instance.objectNode();
        log.put("$schema", "https://json.schemastore.org/sarif-2.1.0.json");
        log.put("version", "2.1.0");
        ObjectNode run = log.putArray("runs").addObject();
        ObjectNode driver = run.putObject("tool").putObject("driver");
        driver.put("name", "bittern");
        ArrayNode rules = driver.putArray("rules");
        for (Check check : Catalogue.checks()) {
            ObjectNode rule = rules.addObject();
            rule.put("id", check.code());
            rule.putObject("shortDescription").put("text", check.title());
            rule.putObject("fullDescription").put("text", check.summary());
            rule.putObject("help").put("text", check.advice());
            rule.putObject("defaultConfiguration").put("level", level(check.severity()));
        }
        ArrayNode results = run.putArray("results");
        for (Finding finding : findings) {
            ObjectNode result = results.addObject();
            result.put("ruleId", finding.code());
            result.put("level", level(finding.severity()));
            result.putObject("message").put("text", finding.says());
            ObjectNode location = result.putArray("locations").addObject();
            ObjectNode physical = location.putObject("physicalLocation");
            physical.putObject("artifactLocation").put("uri", file.replace('\\', '/'));
            places.of(finding.object(), finding.field()).ifPresent(place -> {
                ObjectNode region = physical.putObject("region");
                region.put("startLine", place.line());
                region.put("startColumn", place.column());
            });
            ObjectNode logical = location.putArray("logicalLocations").addObject();
            logical.put("fullyQualifiedName", finding.object().toString());
            result.putObject("partialFingerprints")
                    .put(
                            "finding/v1",
                            finding.code() + " " + finding.object() + " "
                                    + finding.field().map(Pointer::toString).orElse(""));
        }
        return log;
    }

    private static String level(Severity severity) {
        return switch (severity) {
            case BLOCKING -> "error";
            case WARNING -> "warning";
            case HINT -> "note";
        };
    }
}
