package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.proof.BenchText;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlanFileTest {
    private static final String HEAD = """
            bittern: 2
            site: { key: test, timeZone: Europe/London, country: GB, languages: [en-GB] }
            """;

    static Plan demo() {
        try {
            return plan(Files.readString(Path.of("../demo/saltreach.yaml")));
        } catch (IOException unreadable) {
            throw new java.io.UncheckedIOException(unreadable);
        }
    }

    private static Plan plan(String text) {
        PlanFile.Result result = PlanFile.read(text);
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        return ((PlanFile.Result.Read) result).plan();
    }

    private static List<String> refused(String text) {
        PlanFile.Result result = PlanFile.read(text);
        assertThat(result).isInstanceOf(PlanFile.Result.Refused.class);
        return ((PlanFile.Result.Refused) result)
                .problems().stream().map(Problem::toString).toList();
    }

    @Test
    void theDemoPlanHoldsEveryKindAndReadsBackFromItsJson() {
        Plan demo = demo();
        assertThat(demo.objects().stream().map(object -> object.ref().kind()).distinct())
                .containsExactlyInAnyOrderElementsOf(Stream.of(Kind.values())
                        .filter(kind -> kind != Kind.ACCEPTED)
                        .toList());
        assertThat(plan(PlanFile.json(demo))).isEqualTo(demo);
        assertThat(PlanFile.json(plan(PlanFile.json(demo)))).isEqualTo(PlanFile.json(demo));
    }

    @Test
    void everyObjectReadsBackFromItsOwnJsonInTheSameOrder() {
        for (PlanObject object : demo().objects()) {
            assertThat(ObjectJson.read(object.ref(), ObjectJson.write(object)))
                    .isEqualTo(new ObjectJson.Result.Read(object));
        }
        Plan menu =
                plan(HEAD + "menus:\n  m: { keys: { \"9\": {to: hang-up}, \"1\": {to: busy} }, giveUp: hang-up }\n");
        assertThat(PlanFile.json(menu).indexOf("\"9\""))
                .isLessThan(PlanFile.json(menu).indexOf("\"1\""));
    }

    @Test
    void allErrorsAreReportedInOneGoWithLineAndColumn() {
        assertThat(refused(HEAD + """
                ringGroups:
                  desk:
                    ringFor: 20
                    members: [ { extension: 2001 } ]
                    noAnswer: mailbox
                menus:
                  front:
                    keys: { "x": { to: hang-up } }
                    tries: many
                    colour: red
                """))
                .containsExactly(
                        "line 5, column 14: ringGroups/desk/ringFor: found the number 20; allowed is a duration with its unit, such as 20s, 1m30s or 2h (24h at most).",
                        "line 6, column 29: ringGroups/desk/members/0/extension: found the number 2001; allowed is the number of an extension in quotes.",
                        "line 7, column 15: ringGroups/desk/noAnswer: found 'mailbox'; allowed is a reference such as ring-group/reception, outside/+441632960100, own-mailbox, hang-up or busy (in a menu also repeat and back, in an ask route, in a route extension-by-last 3).",
                        "line 10, column 13: menus/front/keys/x: found 'x'; allowed is one of 0 to 9, * and #.",
                        "line 11, column 12: menus/front/tries: found 'many'; allowed is a whole number from 1 to 10.",
                        "line 12, column 5: menus/front/colour: found the unknown field 'colour'; allowed is one of bargeIn, dialExtensions, dialledAhead, giveUp, interDigit, keyWait, keys, name, noKey, note, number, prompts, tries, wrongKey.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "hours: { h: { states: [ { state: open, weekly: [\"Mon-Fri 17:00-08:30\"] } ] } } | found 'Mon-Fri 17:00-08:30'; allowed is days and hours",
                "numbers: { \"01632\": {} } | found '01632'; allowed is a number in E.164",
                "numbers: { \"+441632960100\": { status: lost } } | found 'lost'; allowed is one of active, ordered, porting, spare",
                "quenes: {} | found the unknown field 'quenes'; allowed is one of accepted, agentNotes, alarms",
                "routes: { r: { called: { from: \"+441632960199\", to: \"+441632960100\" } } } | an end that is not before the start",
                "announcements: { a: { to: repeat } } | found 'repeat'",
                "announcements: { a: [1] } | found a list; allowed is a map of fields",
                "extensions: { abc: {} } | allowed is the number of an extension",
                "extensions: { \"2001\": { callWaiting: maybe } } | found 'maybe'; allowed is true or false",
                "menus: { m: { number: \"2001\" } }\\nextensions: { \"2001\": {} } | found the number 2001, which menu/m has",
                "mailboxes: { Tickets: {} } | found 'Tickets'; allowed is lower-case letters",
                "prompts: &p { a: {} } | found an anchor",
                "menus: { m: {}, m: {} } | the name a second time",
            })
    void badInputSaysWhatWasFoundAndWhatIsAllowed(String text, String says) {
        assertThat(refused(HEAD + text.replace("\\n", "\n")))
                .singleElement()
                .asString()
                .contains(says)
                .containsPattern("^line [34], column");
    }

    @Test
    void whatIsNoPlanFileIsRefused() {
        assertThat(refused("")).singleElement().asString().contains("an empty file");
        assertThat(refused("bittern: [1")).singleElement().asString().contains("not YAML");
        assertThat(refused("- 1")).singleElement().asString().contains("a map of fields");
        assertThat(refused("bittern: 3\n")).hasSize(2);
        assertThat(refused("[".repeat(500) + "]".repeat(500))).isNotEmpty();
        String bomb = "{ a: &a [x], b: [*a, *a] }";
        assertThat(refused(bomb)).isNotEmpty();
    }

    @Test
    void aBenchReadsBackFromItsText() {
        Plan demo = demo();
        BenchText text = new BenchText(
                "01632 960100", "withheld", "2026-10-25T01:30+00:00", "1,-,!5", List.of("2001=answers 6s"));
        BenchText.Result read = text.read(demo);
        assertThat(read).isInstanceOf(BenchText.Result.Read.class);
        BenchText back = BenchText.of(demo, ((BenchText.Result.Read) read).bench());
        assertThat(back.to()).isEqualTo("+441632960100");
        assertThat(back.read(demo)).isEqualTo(read);
        BenchText.Result wrong = new BenchText("x", "y", "z", "q", List.of("2999=busy", "2001")).read(demo);
        assertThat(((BenchText.Result.Refused) wrong).problems())
                .extracting(Problem::where)
                .containsExactly("to", "from", "at", "keys", "phone", "phone");
    }

    private static final String SMALL =
            "bittern: 2\nsite: { key: s, timeZone: Europe/London, country: GB, languages: [en-GB] }\n";

    private static List<Problem> problems(String text) {
        return ((PlanFile.Result.Refused) PlanFile.read(text)).problems();
    }

    @Test
    void ofThousandsOfProblemsTheFirstAreToldAndHowManyMoreThereAre() {
        String wrong = IntStream.range(2000, 5000)
                .mapToObj(number -> "  \"" + number + "\": { nam: x }\n")
                .collect(Collectors.joining());
        List<Problem> problems = problems(SMALL + "extensions:\n" + wrong);
        assertThat(problems).hasSize(201);
        assertThat(problems.getFirst().line()).isEqualTo(4);
        assertThat(problems.getLast().says()).contains("2800 more problems");
    }

    /// Wherever a text stands: in a field, in a list, as the name of a field, and in JSON as in YAML.
    @ParameterizedTest
    @ValueSource(
            strings = {
                "extensions: { \"2001\": { name: \"A\\0B\" } }",
                "extensions: { \"2001\": { name: \"A\\ud800B\" } }",
                "extensions: { \"2001\": { \"na\\u0007me\": x } }",
                "contacts: [ { number: \"+447700900001\", tags: [\"v\\u0001ip\"] } ]",
            })
    void charactersThatNoTextMayHoldAreNamed(String section) {
        assertThat(problems(SMALL + section)).anySatisfy(problem -> {
            assertThat(problem.found()).matches("the character U\\+[0-9A-F]{4}");
            assertThat(problem.line()).isEqualTo(3);
            assertThat(problem.says().chars()).noneMatch(Character::isISOControl);
        });
    }

    @Test
    void whatIsMissingWhereNothingStandsIsToldWithItsLine() {
        assertThat(problems(SMALL + "outbound:\n  uk:\n"))
                .isNotEmpty()
                .allSatisfy(problem -> assertThat(problem.line()).isEqualTo(4));
    }

    @Test
    void aTextOfTenThousandCharactersIsTheLongest() {
        String prompt = "prompts: { p: { en-GB: \"%s\" } }";
        assertThat(PlanFile.read(SMALL + prompt.formatted("word ".repeat(2000))))
                .isInstanceOf(PlanFile.Result.Read.class);
        assertThat(problems(SMALL + prompt.formatted("word ".repeat(2000) + ".")))
                .singleElement()
                .satisfies(
                        problem -> assertThat(problem.says()).contains("10001 characters", "10000 characters at most"));
    }

    @Test
    void whoeverIsInterruptedReadsNoFurther() {
        String endless = "- a\n".repeat(1_000_000);
        Thread.currentThread().interrupt();
        assertThatThrownBy(() -> PlanFile.read(endless)).isInstanceOf(CancellationException.class);
        assertThat(Thread.interrupted()).isFalse();
        assertThat(PlanFile.read("- a")).isInstanceOf(PlanFile.Result.Refused.class);
    }
}
