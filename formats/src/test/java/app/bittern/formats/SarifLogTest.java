package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.edit.Edits;
import app.bittern.edit.PlanEdit;
import app.bittern.finding.Catalogue;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.formats.answer.SarifLog;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/// The log is what the OASIS schema allows, for whatever is found; its fixes, made in the text by line and
/// column, are the edits; what is accepted is suppressed.
class SarifLogTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private static final Path FILE = Path.of("plans/plan.yaml");
    private static final String HEAD = """
            bittern: 2
            site: { key: s, timeZone: Europe/London, country: GB, languages: [en-GB] }
            """;

    private static Schema schema;

    @BeforeAll
    static void readsTheSchemaOfThePackage() throws IOException {
        try (InputStream in = SarifLogTest.class.getResourceAsStream("/schema/sarif-schema-2.1.0.json")) {
            schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_7)
                    .getSchema(new String(in.readAllBytes(), StandardCharsets.UTF_8), InputFormat.JSON);
        }
    }

    private static Plan read(String text) {
        PlanFile.Result result = PlanFile.read(text);
        assertThat(result).as("%s in %s", result, text).isInstanceOf(PlanFile.Result.Read.class);
        return ((PlanFile.Result.Read) result).plan();
    }

    private static JsonNode log(String text) {
        Plan plan = read(text);
        return SarifLog.of(
                plan,
                Catalogue.examine(plan, MONDAY),
                FILE,
                text,
                PlanFile.open(text).places());
    }

    @Test
    void theSchemaRefusesWhatIsNoLog() {
        String noLevel =
                log(HEAD + "prompts: { old: { en-GB: Old. } }\n").toString().replace("\"note\"", "\"worst\"");
        assertThat(schema.validate(noLevel, InputFormat.JSON)).isNotEmpty();
    }

    static List<ChecksTest.Case> cases() throws IOException {
        return ChecksTest.cases().toList();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void isValidWhateverIsFoundAndItsFixesAreTheEdits(ChecksTest.Case one) {
        String text = ChecksTest.text(one.offends());
        Plan plan = read(text);
        List<Finding> findings = Catalogue.examine(plan, MONDAY);
        JsonNode log =
                SarifLog.of(plan, findings, FILE, text, PlanFile.open(text).places());
        assertThat(schema.validate(log.toString(), InputFormat.JSON)).isEmpty();
        for (int index = 0; index < findings.size(); index++) {
            // An entry of a list has no key of its own in the file by which it could be found and taken out.
            List<Fix> fixes = findings.get(index).fixes().stream()
                    .filter(fix -> !(fix.edit() instanceof PlanEdit.Remove(Ref ref) && ref.kind() == Kind.ACCEPTED))
                    .toList();
            JsonNode result = log.at("/runs/0/results/" + index);
            assertThat(result.path("fixes")).as("%s", findings.get(index)).hasSameSizeAs(fixes);
            for (int fix = 0; fix < fixes.size(); fix++) {
                Plan wanted =
                        ((Edits.Result.Applied) Edits.apply(plan, fixes.get(fix).edit())).plan();
                String changed = replaced(text, result.at("/fixes/" + fix + "/artifactChanges/0/replacements/0"));
                assertThat(read(changed).objects()).as(changed).containsExactlyInAnyOrderElementsOf(wanted.objects());
            }
        }
    }

    /// A replacement made as a reader of the log would.
    private static String replaced(String text, JsonNode replacement) {
        List<String> lines = List.of(text.split("\n", -1));
        JsonNode region = replacement.get("deletedRegion");
        int from = region.get("startLine").asInt() - 1;
        int to = region.get("endLine").asInt() - 1;
        List<String> changed = new ArrayList<>(lines.subList(0, from));
        changed.add(lines.get(from).substring(0, region.get("startColumn").asInt() - 1)
                + replacement.at("/insertedContent/text").asString()
                + lines.get(to).substring(region.get("endColumn").asInt() - 1));
        changed.addAll(lines.subList(to + 1, lines.size()));
        return String.join("\n", changed);
    }

    @Test
    void aFixLeavesTheRestOfTheFileAsItIs() {
        String text = HEAD + """
                # what calls may hear
                prompts:
                  hello:
                    en-GB: Hello.   # said first
                  # kept for later
                  old: { en-GB: "Old." }

                  bye:
                    en-GB: Goodbye.
                announcements:
                  a: { prompts: [prompt/hello, prompt/bye], to: hang-up }
                """;
        JsonNode fix = log(text).at("/runs/0/results/0/fixes/0");
        assertThat(fix.at("/description/text").asString()).isEqualTo("Take away prompt old");
        String changed = replaced(text, fix.at("/artifactChanges/0/replacements/0"));
        assertThat(changed)
                .doesNotContain("Old.")
                .contains("# what calls may hear")
                .contains("# said first")
                .contains("# kept for later")
                .contains("  bye:\n    en-GB: Goodbye.");
    }

    @Test
    void aNewObjectIsPutWhereItsKindStandsOrInASectionOfItsOwn() {
        String route = "numbers: { \"+441632960100\": {} }\nroutes: { r: { to: mailbox/gone } }\n";
        for (String mailboxes : List.of(
                "", "mailboxes: {}\n", "mailboxes: { other: {} }\n", "mailboxes:\n  other:\n    mostMessages: 30\n")) {
            String text = HEAD + route + mailboxes;
            JsonNode replacement = log(text).at("/runs/0/results/0/fixes/0/artifactChanges/0/replacements/0");
            assertThat(read(replaced(text, replacement))
                            .find(Ref.parse("mailbox/gone").orElseThrow()))
                    .as(mailboxes)
                    .isPresent();
        }
    }

    /// The result of a check.
    private static JsonNode result(JsonNode log, String code) {
        for (JsonNode one : log.at("/runs/0/results")) {
            if (one.get("ruleId").asString().equals(code)) {
                return one;
            }
        }
        throw new AssertionError("nothing is found of " + code + ": " + log);
    }

    @Test
    void whatIsAcceptedIsSuppressedWithItsReason() {
        JsonNode result = result(
                log(
                        HEAD
                                + "extensions: { \"2001\": { ringFor: 90s } }\naccepted: [ { finding: ring-long, object: extension/2001, field: /ringFor, values: [90s], reason: A slow walker } ]\n"),
                "ring-long");
        assertThat(result.at("/suppressions/0/kind").asString()).isEqualTo("external");
        assertThat(result.at("/suppressions/0/justification").asString()).isEqualTo("A slow walker");
    }

    @Test
    void theCallThatShowsItIsItsFlowStepByStep() {
        JsonNode result = result(log(HEAD + """
                numbers: { "+441632960100": {} }
                routes: { r: { to: extension/2001 } }
                extensions: { "2001": {} }
                """), "cut-off");
        JsonNode steps = result.at("/codeFlows/0/threadFlows/0/locations");
        assertThat(steps).hasSize(2);
        assertThat(steps.at("/0/location/logicalLocations/0/fullyQualifiedName").asString())
                .isEqualTo("route/r");
        assertThat(steps.at("/1/location/physicalLocation/region/startLine").asInt())
                .isEqualTo(5);
        assertThat(result.at("/properties/bench/to").asString()).isEqualTo("+441632960100");
    }

    @ParameterizedTest
    @CsvSource({
        "plans/plan.yaml,plans/plan.yaml",
        "my plans/ferry line.yaml,my%20plans/ferry%20line.yaml",
        "Fähre.yaml,F%C3%A4hre.yaml",
        "50%.yaml,50%25.yaml",
        "a:b.yaml,./a:b.yaml",
        "/tmp/my plan.yaml,file:///tmp/my%20plan.yaml",
        "../plan#1?.yaml,../plan%231%3F.yaml",
    })
    void pathsAreWrittenAsReferences(String path, String uri) {
        assertThat(SarifLog.uri(Path.of(path))).isEqualTo(uri);
    }
}
