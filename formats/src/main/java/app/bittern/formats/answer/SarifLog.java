package app.bittern.formats.answer;

import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.finding.Catalogue;
import app.bittern.finding.Check;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.formats.FileFix;
import app.bittern.formats.Places;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.telling.Telling;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// The findings of a plan file as SARIF, which build servers and code hosts read.
///
/// Source: OASIS, "Static Analysis Results Interchange Format (SARIF) Version 2.1.0". A finding with several
/// places is one result with several locations; an accepted one has a suppression with the reason; the call
/// that shows it is its code flow, and the property `bench`; a fix is the change of the file's text.
public final class SarifLog {
    private final Plan plan;
    private final Path file;
    private final String text;
    private final Places places;

    private SarifLog(Plan plan, Path file, String text, Places places) {
        this.plan = plan;
        this.file = file;
        this.text = text;
        this.places = places;
    }

    /// A log of findings.
    ///
    /// @param file   the path as it was given
    /// @param text   what stands in it
    /// @param places where
    public static ObjectNode of(Plan plan, List<Finding> findings, Path file, String text, Places places) {
        return new SarifLog(plan, file, text, places).log(findings);
    }

    private ObjectNode log(List<Finding> findings) {
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
        run.put("columnKind", "utf16CodeUnits");
        ArrayNode results = run.putArray("results");
        findings.forEach(finding -> result(results.addObject(), finding));
        return log;
    }

    private void result(ObjectNode result, Finding finding) {
        result.put("ruleId", finding.code());
        result.put("level", level(finding.severity()));
        result.putObject("message").put("text", finding.says());
        ArrayNode locations = result.putArray("locations");
        finding.places().forEach(place -> location(locations.addObject(), place.object(), place.field()));
        result.putObject("partialFingerprints").put("finding/v2", fingerprint(finding));
        finding.accepted()
                .ifPresent(reason -> result.putArray("suppressions")
                        .addObject()
                        .put("kind", "external")
                        .put("status", "accepted")
                        .put("justification", reason));
        finding.witness().ifPresent(bench -> {
            flow(result.putArray("codeFlows").addObject(), bench);
            result.putObject("properties").set("bench", FindingsJson.bench(plan, bench));
        });
        fixes(result, finding.fixes());
    }

    /// Its code, places and values, which stay while it is the same finding.
    private static String fingerprint(Finding finding) {
        StringBuilder print = new StringBuilder(finding.code());
        finding.places()
                .forEach(place -> print.append(' ')
                        .append(place.object())
                        .append(place.field().map(Pointer::toString).orElse("")));
        finding.values().forEach(value -> print.append(" =").append(value));
        return print.toString();
    }

    private void location(ObjectNode location, Ref object, Optional<Pointer> field) {
        ObjectNode physical = location.putObject("physicalLocation");
        physical.putObject("artifactLocation").put("uri", uri(file));
        places.of(object, field).ifPresent(place -> {
            ObjectNode region = physical.putObject("region");
            region.put("startLine", place.line());
            region.put("startColumn", place.column());
        });
        location.putArray("logicalLocations").addObject().put("fullyQualifiedName", object.toString());
    }

    /// The steps of the call that shows a finding, each where its object stands.
    private void flow(ObjectNode flow, Bench bench) {
        ArrayNode steps = flow.putArray("threadFlows").addObject().putArray("locations");
        Trace trace = Tracer.trace(plan, bench);
        Telling telling = new Telling(plan, bench);
        for (Trace.Step step : trace.steps()) {
            ObjectNode location = steps.addObject().putObject("location");
            Optional<Ref> object = Ref.parse(step.object());
            if (object.isPresent()) {
                location(location, object.get(), Optional.empty());
            }
            location.putObject("message").put("text", step.second() + " s: " + telling.what(step));
        }
    }

    private void fixes(ObjectNode result, List<Fix> fixes) {
        for (Fix fix : fixes) {
            FileFix.of(plan, text, fix.edit()).ifPresent(change -> {
                ArrayNode all = result.get("fixes") instanceof ArrayNode known ? known : result.putArray("fixes");
                ObjectNode one = all.addObject();
                one.putObject("description").put("text", fix.title());
                ObjectNode artifact = one.putArray("artifactChanges").addObject();
                artifact.putObject("artifactLocation").put("uri", uri(file));
                ObjectNode replacement = artifact.putArray("replacements").addObject();
                replacement
                        .putObject("deletedRegion")
                        .put("startLine", change.startLine())
                        .put("startColumn", 1)
                        .put("endLine", change.endLine())
                        .put("endColumn", change.endColumn());
                replacement.putObject("insertedContent").put("text", change.inserted());
            });
        }
    }

    /// The path as a reference, with what a URI does not allow written in per cent (RFC 3986).
    public static String uri(Path file) {
        if (file.isAbsolute()) {
            return file.toUri().toASCIIString();
        }
        try {
            String path = file.toString().replace('\\', '/');
            // A colon in the first part would make a scheme of it.
            return new URI(null, null, path.matches("[^/]*:.*") ? "./" + path : path, null).toASCIIString();
        } catch (URISyntaxException broken) {
            throw new IllegalStateException("a path that is no URI: " + file, broken);
        }
    }

    private static String level(Severity severity) {
        return switch (severity) {
            case BLOCKING -> "error";
            case WARNING -> "warning";
            case HINT -> "note";
        };
    }
}
