package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.edit.Edits;
import app.bittern.finding.Catalogue;
import app.bittern.finding.Check;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Each check finds its offending plan at the right object, and nothing in the nearest innocent one; every fix takes
/// the finding away and adds no blocking one; every witness comes to the object when it is traced.
///
/// The plans stand in `checks.txt`: a check, its object, whether a call shows it, the offending sections, and
/// the innocent ones.
class ChecksTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private static final String HEAD =
            "bittern: 2\nsite: { key: s, timeZone: Europe/London, country: GB, languages: [en-GB, nb-NO], blocks: [ { from: \"2000\", to: \"2099\", for: extension } ] }\n";

    /// @param shown whether the finding has a witness
    record Case(String code, String object, boolean shown, String offends, String innocent) {
        @Override
        public String toString() {
            return code;
        }
    }

    static Stream<Case> cases() throws IOException {
        String text = Files.readString(Path.of("src/test/resources/checks.txt"));
        return Stream.of(text.split("(?m)^=== ", -1)).skip(1).map(ChecksTest::one);
    }

    private static Case one(String text) {
        String[] parts = text.split("(?m)^---.*\\n", -1);
        String[] head = parts[0].strip().split(" +", -1);
        return new Case(head[0], head[1], head.length > 2, parts[1], parts[2]);
    }

    private static Plan plan(String sections) {
        PlanFile.Result result = PlanFile.read(HEAD + sections);
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        return ((PlanFile.Result.Read) result).plan();
    }

    private static List<Finding> found(Plan plan, String code) {
        return Catalogue.examine(plan, MONDAY).stream()
                .filter(finding -> finding.code().equals(code))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void findsTheOffendingPlanAndNotTheInnocentOne(Case one) {
        Plan plan = plan(one.offends());
        List<Finding> findings = found(plan, one.code());
        assertThat(findings).as(one.code()).isNotEmpty();
        Finding finding = findings.getFirst();
        assertThat(finding.object()).hasToString(one.object());
        assertThat(finding.says()).endsWith(".");
        assertThat(finding.witness().isPresent()).as("witness").isEqualTo(one.shown());
        finding.witness().ifPresent(bench -> {
            Trace trace = Tracer.trace(plan, bench);
            boolean object =
                    trace.steps().stream().anyMatch(step -> step.object().equals(one.object()));
            boolean prompt = trace.steps().stream()
                    .anyMatch(step -> step.what().length() > 0 && one.object().startsWith("prompt/"));
            assertThat(object
                            || prompt
                            || trace.ending().in().equals(one.object())
                            || one.code().equals("route-tied"))
                    .as("%s", trace.ending())
                    .isTrue();
        });
        assertThat(found(plan(one.innocent()), one.code())).as("innocent").isEmpty();
        for (Fix fix : finding.fixes()) {
            Edits.Result.Applied fixed = (Edits.Result.Applied) Edits.apply(plan, fix.edit());
            assertThat(found(fixed.plan(), one.code())).hasSizeLessThan(findings.size());
            assertThat(blocking(fixed.plan()))
                    .hasSizeLessThanOrEqualTo(blocking(plan).size());
        }
    }

    private static List<Finding> blocking(Plan plan) {
        return Catalogue.examine(plan, MONDAY).stream()
                .filter(finding -> finding.severity() == Severity.BLOCKING)
                .toList();
    }

    @Test
    void everyCheckHasItsCaseAndItsWords() throws IOException {
        List<String> cases = cases().map(Case::code).toList();
        assertThat(Catalogue.checks().stream().map(Check::code)).doesNotHaveDuplicates();
        assertThat(cases)
                .containsExactlyInAnyOrderElementsOf(
                        Catalogue.checks().stream().map(Check::code).toList());
        String page = Files.readString(Path.of("../docs/findings.md"));
        for (Check check : Catalogue.checks()) {
            assertThat(page).contains("| `" + check.code() + "` |").contains(check.summary());
            assertThat(check.summary()).endsWith(".");
            assertThat(check.advice()).endsWith(".");
        }
    }

    @Test
    void anAcceptedFindingIsMarkedUntilWhatItSaysChanges() {
        String ring = "extensions: { \"2001\": { ringFor: 90s } }\n";
        Finding finding = found(plan(ring), "ring-long").getFirst();
        String accepted = "accepted: [ { finding: ring-long, object: extension/2001, field: /ringFor, says: \""
                + finding.says() + "\", reason: \"A slow walker\" } ]\n";
        assertThat(found(plan(ring + accepted), "ring-long").getFirst().accepted())
                .contains("A slow walker");
        assertThat(found(plan(ring.replace("90s", "95s") + accepted), "ring-long")
                        .getFirst()
                        .accepted())
                .isEmpty();
    }

    @Test
    void whatIsFoundInTheDemoPlanIsAsAPersonHasReadIt() throws IOException {
        List<String> found = Catalogue.examine(PlanFileTest.demo(), MONDAY).stream()
                .map(finding -> finding.severity().word() + " " + finding.code() + " " + finding.object() + " "
                        + finding.field().map(Object::toString).orElse("") + ": " + finding.says())
                .toList();
        assertThat(found).isEqualTo(Files.readAllLines(Path.of("src/test/resources/demo-findings.txt")));
    }
}
