package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.TextCase;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.edit.Edits;
import app.bittern.edit.PlanEdit;
import app.bittern.edit.Planned;
import app.bittern.edit.Rewiring;
import app.bittern.finding.Catalogue;
import app.bittern.finding.Check;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Each check finds its offending plan at the right object, and nothing in the nearest innocent one; every
/// fix takes the finding away and adds no blocking one; every witness comes to the object when it is traced.
///
/// The plans stand in `checks.txt`: a check, its object, whether a call shows it, the offending sections with
/// all that is found in them, and the innocent ones with the same. `-Dbittern.write-checks=true` writes what
/// is found anew, to be read.
class ChecksTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private static final Path FILE = Path.of("src/test/resources/checks.txt");
    private static final Path PAGE = Path.of("../docs/findings.md");
    private static final Path DEMO = Path.of("src/test/resources/demo-findings.txt");
    private static final String HEAD = "bittern: 2\n";
    private static final String SITE =
            "site: { key: s, timeZone: Europe/London, country: GB, languages: [en-GB, nb-NO], blocks: [ { from: \"2000\", to: \"2099\", for: extension } ] }\n";

    /// @param title  the code, and what is special in this plan
    /// @param shown  whether the finding has a witness
    /// @param finds  everything that is found in the offending plan, as a person has read it
    /// @param leaves everything that is found in the innocent one
    record Case(
            String title,
            String code,
            String object,
            boolean shown,
            String offends,
            List<String> finds,
            String innocent,
            List<String> leaves) {
        @Override
        public String toString() {
            return title;
        }
    }

    /// What a plan file cannot tell: the journal of a server does.
    private static final Set<String> BY_THE_JOURNAL = Set.of("off-long");

    static Stream<Case> cases() throws IOException {
        return TextCase.read(FILE).stream().map(ChecksTest::one);
    }

    private static Case one(TextCase text) {
        String[] head = text.title().split(" +", -1);
        return new Case(
                text.title(),
                head[0],
                head[1],
                head.length > 2 && head[2].equals("shown"),
                text.parts().get(1),
                text.lines(2),
                text.parts().get(3),
                text.lines(4));
    }

    /// The plan file of some sections.
    static String text(String sections) {
        return HEAD + (sections.startsWith("site:") ? "" : SITE) + sections;
    }

    private static Plan plan(String sections) {
        PlanFile.Result result = PlanFile.read(text(sections));
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        return ((PlanFile.Result.Read) result).plan();
    }

    /// `warning ring-long chain/c /stages: Chain c rings for 90 s …`; that a small plan has no way out for
    /// emergency calls is said in the cases that are about it alone.
    private static List<String> all(Plan plan, String code) {
        return all(plan).stream()
                .filter(says -> code.startsWith("emergency") || !says.startsWith("blocking emergency-route site/"))
                .toList();
    }

    private static List<String> all(Plan plan) {
        return Catalogue.examine(plan, MONDAY).stream()
                .map(finding -> finding.severity().word() + " " + finding.code() + " "
                        + finding.places().stream()
                                .map(place -> place.object()
                                        + place.field()
                                                .map(field -> " " + field)
                                                .orElse(""))
                                .collect(Collectors.joining(", "))
                        + ": " + finding.says())
                .toList();
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
        assertThat(all(plan, one.code())).isEqualTo(one.finds());
        assertThat(all(plan(one.innocent()), one.code())).isEqualTo(one.leaves());
        assertThat(finding.says()).endsWith(".");
        assertThat(finding.witness().isPresent()).as("witness").isEqualTo(one.shown());
        finding.witness().ifPresent(bench -> {
            Trace trace = Tracer.trace(plan, bench);
            boolean object =
                    trace.steps().stream().anyMatch(step -> step.object().equals(one.object()));
            boolean prompt = one.object().startsWith("prompt/");
            assertThat(object
                            || prompt
                            || trace.ending().in().equals(one.object())
                            || List.of(
                                            "route-tied",
                                            "no-route-for-anything",
                                            "trunk-channels",
                                            "promise-broken",
                                            "test-call-failed")
                                    .contains(one.code()))
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
    @EnabledIfSystemProperty(named = "bittern.write-checks", matches = "true")
    void writesWhatIsFoundAnew() throws IOException {
        TextCase.write(
                FILE,
                TextCase.read(FILE).stream()
                        .map(one -> one.with(2, all(plan(one.parts().get(1)), one(one).code()))
                                .with(4, all(plan(one.parts().get(3)), one(one).code()))));
        Files.write(DEMO, all(PlanFileTest.demo()));
        Files.writeString(PAGE, page());
    }

    /// The page of checks with its table as the catalogue has it, the worst first.
    private static String page() throws IOException {
        List<String> lines = Files.readAllLines(PAGE);
        int first = lines.indexOf("| --- | --- | --- | --- |") + 1;
        int last = first;
        while (last < lines.size() && lines.get(last).startsWith("| `")) {
            last++;
        }
        Stream<String> table = Catalogue.checks().stream()
                .sorted(Comparator.comparing(Check::severity))
                .map(check -> "| `" + check.code() + "` | " + check.severity().word() + " | " + check.summary() + " | "
                        + check.advice() + " |");
        return Stream.of(lines.subList(0, first).stream(), table, lines.subList(last, lines.size()).stream())
                        .flatMap(some -> some)
                        .collect(Collectors.joining("\n"))
                + "\n";
    }

    @Test
    void everyCheckHasItsCaseAndItsWords() throws IOException {
        List<String> cases = cases().map(Case::code).toList();
        assertThat(Catalogue.checks().stream().map(Check::code)).doesNotHaveDuplicates();
        assertThat(cases)
                .containsAll(Catalogue.checks().stream()
                        .map(Check::code)
                        .filter(code -> !BY_THE_JOURNAL.contains(code))
                        .toList());
        assertThat(Files.readString(PAGE)).isEqualTo(page());
        for (Check check : Catalogue.checks()) {
            assertThat(check.summary()).endsWith(".");
            assertThat(check.advice()).endsWith(".");
        }
    }

    @Test
    void anAcceptedFindingIsKeptByWhatItIsAboutAndNotByItsSentence() {
        String ring = "extensions: { \"2001\": { ringFor: 90s } }\n";
        String accepted =
                "accepted: [ { finding: ring-long, object: extension/2001, field: /ringFor, values: [90s], reason: \"A slow walker\" } ]\n";
        assertThat(found(plan(ring + accepted), "ring-long").getFirst().accepted())
                .contains("A slow walker");
        assertThat(found(plan(ring.replace("90s", "90s, name: Kari") + accepted), "ring-long")
                        .getFirst()
                        .accepted())
                .as("another name, another sentence")
                .contains("A slow walker");
        assertThat(found(plan(ring.replace("90s", "95s") + accepted), "ring-long")
                        .getFirst()
                        .accepted())
                .as("another time")
                .isEmpty();
    }

    @Test
    void anAcceptedMemberStaysAcceptedWhereverItStandsAndIsRenamedWithItsGroup() {
        String group = "ringGroups: { g: { members: [ { outside: \"+447700900321\" } ], noAnswer: hang-up } }\n";
        String accepted =
                "accepted: [ { finding: key-to-take, object: ring-group/g, field: /members/0, values: [outside/+447700900321], reason: \"No voicemail\" } ]\n";
        Plan moved = plan(group.replace("[ {", "[ { outside: \"+447700900322\", keyToTake: true }, {") + accepted);
        assertThat(found(moved, "key-to-take").getFirst().accepted()).contains("No voicemail");
        PlanEdit rename =
                ((Planned.Made) Rewiring.rename(moved, Ref.parse("ring-group/g").orElseThrow(), "h")).edit();
        Plan renamed = ((Edits.Result.Applied) Edits.apply(moved, rename)).plan();
        assertThat(found(renamed, "key-to-take").getFirst().accepted()).contains("No voicemail");
    }

    @Test
    void anAcceptedFindingIsOfAKnownCode() {
        PlanFile.Result result = PlanFile.read(HEAD + SITE
                + "accepted: [ { finding: ring-lng, object: extension/2001, reason: \"A slow walker\" } ]\n");
        assertThat(((PlanFile.Result.Refused) result).problems())
                .singleElement()
                .satisfies(problem ->
                        assertThat(problem.toString()).contains("'ring-lng'").contains("the nearest is ring-long"));
    }

    @Test
    void whatIsAcceptedOfSeveralIsToldApart() {
        String some = "mailboxes: { a: {}, b: {}, c: {} }\n";
        List<Finding> findings = found(
                plan(
                        some
                                + "accepted: [ { finding: mailbox-greeting, object: mailbox/b, field: /greeting, reason: Known } ]\n"),
                "mailbox-greeting");
        assertThat(findings).hasSize(2);
        assertThat(findings.getFirst().places()).hasSize(2);
        assertThat(findings.getLast().accepted()).contains("Known");
        assertThat(findings.getLast().object()).hasToString("mailbox/b");
    }

    @Test
    void whatIsFoundInTheDemoPlanIsAsAPersonHasReadIt() throws IOException {
        assertThat(all(PlanFileTest.demo())).isEqualTo(Files.readAllLines(DEMO));
    }
}
