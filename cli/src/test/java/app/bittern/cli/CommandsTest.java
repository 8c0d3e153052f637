package app.bittern.cli;

import static app.bittern.cli.Said.say;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Locale;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;

class CommandsTest {
    private static final String PLAN = "../demo/saltreach.yaml";
    private static final String MAIN = "+441632960100";

    @TempDir
    private Path folder = Path.of("");

    private String changed(String from, String to) throws IOException {
        String text = Files.readString(Path.of(PLAN));
        assertThat(text).contains(from);
        Path file = folder.resolve("changed.yaml");
        Files.writeString(file, text.replace(from, to));
        return file.toString();
    }

    @Test
    void checkTellsWhatTheDemoPlanHasAndEndsByTheSeverityAskedFor() {
        Said said = say("check", PLAN, "--at", "2026-11-23", "--json");
        assertThat(said.status()).isEqualTo(1);
        JsonNode language = said.json()
                .valueStream()
                .filter(finding -> finding.get("code").asString().equals("prompt-language"))
                .findFirst()
                .orElseThrow();
        assertThat(language.get("object").asString()).isEqualTo("prompt/reduced");
        assertThat(language.get("field").asString()).isEqualTo("/nb-NO");
        assertThat(language.at("/witness/switches/timetable").asString()).isEqualTo("reduced");
        assertThat(language.at("/values/0").asString()).isEqualTo("nb-NO");
        assertThat(language.at("/places/0/object").asString()).isEqualTo("prompt/reduced");
        assertThat(language.get("fixes").isArray()).isTrue();
        assertThat(say("check", PLAN, "--at", "2026-11-23", "--severity", "blocking")
                        .status())
                .isZero();
        assertThat(say("check", PLAN, "--severity", "worst").status()).isEqualTo(2);
    }

    @Test
    void sarifNamesTheLineAndColumnOfEachFinding() throws IOException {
        String broken = changed("noAnswer: mailbox/reception", "noAnswer: mailbox/receptoin");
        Said said = say("check", broken, "--at", "2026-11-23", "--sarif");
        JsonNode result = said.json().at("/runs/0/results/0");
        assertThat(said.json().get("version").asString()).isEqualTo("2.1.0");
        assertThat(result.get("ruleId").asString()).isEqualTo("hole");
        assertThat(result.get("level").asString()).isEqualTo("error");
        assertThat(result.at("/message/text").asString()).contains("the nearest is mailbox/reception");
        int line = result.at("/locations/0/physicalLocation/region/startLine").asInt();
        assertThat(Files.readAllLines(Path.of(broken)).get(line - 1)).contains("receptoin");
        assertThat(said.json().at("/runs/0/tool/driver/rules").size()).isGreaterThan(50);
    }

    @Test
    void thePathsOfAllNumbersTogetherFitAScreen() {
        Said all = say("paths", PLAN, "--at", "2026-11-23");
        assertThat(all.status()).isZero();
        assertThat(all.out()).startsWith("6 numbers, ").contains("Main line", "message in 5 mailboxes");
        assertThat(all.out().lines().count()).isLessThan(40);
        long sum = 0;
        for (JsonNode number :
                say("paths", PLAN, "--at", "2026-11-23", "--json").json()) {
            sum += number.get("paths").asLong();
        }
        assertThat(all.out()).contains(String.format(Locale.ROOT, "%,d paths", sum));
    }

    @Test
    void pathsCountsAndLists() {
        JsonNode one = say("paths", PLAN, "--to", MAIN, "--at", "2026-11-23", "--json", "--list", "--limit", "5")
                .json();
        assertThat(one.get("number").asString()).isEqualTo(MAIN);
        assertThat(one.get("paths").isString()).isTrue();
        assertThat(one.get("list")).hasSize(5);
        assertThat(one.at("/list/0/objects/0").asString()).startsWith("route/");
        long sum = one.get("returns").asLong();
        for (JsonNode ending : one.get("endings")) {
            sum += ending.get("paths").asLong();
            assertThat(ending.get("earliest").asInt())
                    .isLessThanOrEqualTo(ending.get("latest").asInt());
            assertThat(ending.get("when").asString()).isNotEmpty();
        }
        assertThat(sum).isEqualTo(one.get("paths").asLong());
        double hours = 0;
        for (JsonNode time : one.get("classes")) {
            hours += time.get("hours").asDouble();
            assertThat(time.get("states").has("hours/terminal")).isTrue();
        }
        assertThat(hours).isEqualTo(53 * 7 * 24);
        assertThat(say("paths", PLAN, "--json").json()).hasSize(6);
        JsonNode messages = say(
                        "paths",
                        PLAN,
                        "--to",
                        MAIN,
                        "--list",
                        "--ending",
                        "message",
                        "--passes",
                        "queue/bookings",
                        "--longer",
                        "5m",
                        "--when",
                        "2026-11-24T10:15",
                        "--json")
                .json()
                .get("list");
        assertThat(messages).isNotEmpty();
        messages.forEach(path -> {
            assertThat(path.at("/ending/kind").asString()).isEqualTo("message");
            assertThat(path.get("objects").toString()).contains("queue/bookings");
            assertThat(path.get("latest").asInt()).isGreaterThan(300);
        });
    }

    @Test
    void theMatrixHasARowForEachKeyAndWhoReachesAnObjectIsTold() {
        JsonNode matrix = say("paths", PLAN, "--to", MAIN, "--at", "2026-11-23", "--matrix", "--json")
                .json()
                .get("matrix");
        assertThat(matrix).hasSize(8);
        assertThat(matrix.get(0).has("pressed")).isFalse();
        JsonNode lost = matrix.get(3);
        assertThat(lost.get("pressed").asString()).isEqualTo("3");
        int ends = 0;
        for (JsonNode cell : lost.get("cells")) {
            boolean open = cell.at("/states").toString().contains("\"hours/terminal\":\"open\"");
            assertThat(cell.has("ending")).isEqualTo(open);
            if (open) {
                assertThat(cell.at("/ending/in").asString()).isEqualTo("mailbox/lost-property");
                ends++;
            }
        }
        assertThat(ends).isGreaterThan(1);
        JsonNode who = say("paths", PLAN, "--who", "mailbox/port-control", "--at", "2026-11-23", "--json")
                .json();
        assertThat(who).hasSize(1);
        assertThat(who.at("/0/number").asString()).isEqualTo("+441632960199");
        // The mobile in the hunt group needs a key, so all may decline at once.
        assertThat(who.at("/0/earliest").asInt()).isZero();
        assertThat(who.at("/0/latest").asInt()).isEqualTo(72);
    }

    @Test
    void aWeekHasSevenDaysOf96Quarters() {
        JsonNode week =
                say("week", PLAN, "--to", MAIN, "--at", "2026-11-23", "--json").json();
        assertThat(week).hasSize(7);
        week.forEach(day -> assertThat(day).hasSize(96));
        assertThat(week.at("/0/0").asString()).isEqualTo("message");
    }

    @Test
    void whatPhonesShowOutsideIsNoticedThoughNoCallToANumberIsAnother() throws IOException {
        String after = changed("callerId: \"+441632960100\"", "callerId: \"+448081570123\"");
        JsonNode json =
                say("compare", PLAN, after, "--at", "2026-11-23", "--json").json();
        assertThat(json.get("noticed")).isEmpty();
        assertThat(json.at("/shown/0/phones")).hasSize(4);
        assertThat(json.at("/shown/0/after").asString()).isEqualTo("+448081570123");
        assertThat(json.get("unnoticed")).isEmpty();
    }

    @Test
    void compareTellsADifferenceOnceAndTheFieldThatChanged() throws IOException {
        String after = changed(
                "\"3\": { label: Lost property, to: extension/2014 }",
                "\"3\": { label: Lost property, to: mailbox/bookings }");
        Said said = say("compare", PLAN, after, "--at", "2026-11-23", "--json");
        assertThat(said.status()).isEqualTo(1);
        JsonNode noticed = said.json().get("noticed");
        // By two numbers in open hours, and at all times for phones that dial the menu's own number.
        assertThat(noticed).hasSize(3);
        assertThat(noticed.at("/2/dialled").asString()).isEqualTo("2900");
        assertThat(noticed.at("/2/when").asString()).isEqualTo("always");
        assertThat(noticed.at("/0/choices/0").asString()).isEqualTo("3");
        assertThat(noticed.at("/0/before/in").asString()).isEqualTo("mailbox/lost-property");
        assertThat(noticed.at("/0/after/in").asString()).isEqualTo("mailbox/bookings");
        assertThat(noticed.at("/0/witness/to").asString()).isEqualTo(MAIN);
        assertThat(said.json().at("/objects/changed/0/field").asString()).isEqualTo("/keys/3/to");
        Said same = say("compare", PLAN, PLAN, "--json");
        assertThat(same.status()).isZero();
        assertThat(same.json().get("noticed")).isEmpty();
    }

    @Test
    void proveMakesTheTestCallsAndJunitReadsThem() throws Exception {
        assertThat(say("prove", PLAN).status()).isZero();
        String failing = changed("in: mailbox/bookings, within: 30s", "in: mailbox/freight, within: 3s");
        Said said = say("prove", failing, "--json");
        assertThat(said.status()).isEqualTo(1);
        assertThat(said.json().at("/1/passed").asBoolean()).isFalse();
        assertThat(said.json().at("/1/failures")).hasSize(2);
        var document = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(
                        say("prove", failing, "--junit").out().getBytes(StandardCharsets.UTF_8)));
        assertThat(document.getElementsByTagName("testcase").getLength()).isEqualTo(7);
        assertThat(document.getElementsByTagName("failure").getLength()).isEqualTo(2);
        assertThat(document.getDocumentElement().getAttribute("failures")).isEqualTo("1");
    }

    @Test
    void convertGoesThereAndBack() throws IOException {
        Path json = folder.resolve("plan.json");
        Files.writeString(json, say("convert", PLAN).out());
        Path yaml = folder.resolve("plan.yaml");
        Files.writeString(yaml, say("convert", json.toString()).out());
        assertThat(say("convert", yaml.toString(), "--as", "json").out()).isEqualTo(Files.readString(json));
        assertThat(say("compare", PLAN, yaml.toString()).status()).isZero();
        assertThat(say("convert", PLAN, "--as", "csv").status()).isEqualTo(2);
    }

    @Test
    void aPlanMayComeOnStandardInput() throws IOException {
        String plan = Files.readString(Path.of(PLAN));
        assertThat(Said.given(plan, "convert", "-").out())
                .isEqualTo(say("convert", PLAN).out());
        assertThat(Said.given(plan, "compare", "-", PLAN).status()).isZero();
        assertThat(Said.given(plan, "compare", "-", "-").err())
                .isEqualTo("AFTER: found - twice; allowed is standard input for one of the two plans.\n");
        assertThat(Said.given("bittern: [", "check", "-").status()).isEqualTo(2);
    }

    /// As on a disk that is full.
    @Test
    void whatCannotBeWrittenIsSaid() {
        PrintStream full = new PrintStream(new OutputStream() {
            @Override
            public void write(int one) throws IOException {
                throw new IOException("no space left");
            }
        });
        ByteArrayOutputStream complained = new ByteArrayOutputStream();
        int status = Bittern.run(
                Clock.fixed(Instant.EPOCH, ZoneOffset.UTC),
                new ByteArrayInputStream(new byte[0]),
                full,
                new PrintStream(complained, true, StandardCharsets.UTF_8),
                "schema");
        assertThat(status).isEqualTo(2);
        assertThat(complained.toString(StandardCharsets.UTF_8))
                .contains("standard output: what was found could not be written");
    }

    @Test
    void oneShapeAtATime() {
        assertThat(say("check", PLAN, "--json", "--sarif").err()).contains("--sarif: found --json beside it");
        assertThat(say("prove", PLAN, "--json", "--junit").status()).isEqualTo(2);
        assertThat(say("cover", PLAN, "--csv").err()).contains("--csv: found without --sheet");
        assertThat(say("check", PLAN, "--at", "2026-11-23", "--at", "2026-11-24")
                        .status())
                .isEqualTo(2);
    }

    @Test
    void schemaAndErlang() {
        assertThat(say("schema")
                        .json()
                        .at("/properties/queues/additionalProperties/properties/maxWait/type")
                        .asString())
                .isEqualTo("string");
        assertThat(say("schema", "--tables").out())
                .contains("| `tries` | **Tries**: How often callers are asked in all. | 1 to 10 tries | `3` |");
        JsonNode b = say("erlang", "b", "--traffic", "10", "--channels", "15", "--json")
                .json();
        assertThat(b.get("B").asDouble()).isBetween(0.0364, 0.0366);
        assertThat(say("erlang", "b", "--traffic", "4.46", "--blocking", "0.01", "--json")
                        .json()
                        .get("N")
                        .asInt())
                .isEqualTo(10);
        assertThat(say("erlang", "c", "--calls", "120", "--talk", "3m", "--level", "0.8", "--json")
                        .json()
                        .get("SL")
                        .asDouble())
                .isGreaterThanOrEqualTo(0.8);
        assertThat(say("erlang", "a", "--traffic", "10", "--agents", "10", "--patience", "2m", "--json")
                        .json()
                        .get("Pab")
                        .asDouble())
                .isBetween(0.1, 0.2);
        assertThat(say("erlang", "c", "--traffic", "10", "--agents", "10", "--json")
                        .json()
                        .get("ASA")
                        .isNull())
                .isTrue();
        assertThat(say("erlang", "b", "--traffic", "-1", "--channels", "2").status())
                .isEqualTo(2);
        assertThat(say("erlang", "b", "--traffic", "1", "--calls", "1").status())
                .isEqualTo(2);
    }

    @Test
    void aServiceLevelIsAShareAndItsLettersHaveWords() {
        assertThat(say("erlang", "c", "--traffic", "10", "--level", "80").err())
                .contains("--level: found 80.0; allowed is a share above 0 and below 1");
        assertThat(say("erlang", "c", "--traffic", "10").out()).contains("share answered within T");
    }

    @Test
    void anHourThatTheClockSkipsIsRefused() {
        Said said = say("trace", PLAN, "--to", "+441632960100", "--at", "2027-03-28T01:30");
        assertThat(said.status()).isEqualTo(Bittern.UNUSABLE);
        assertThat(said.err()).contains("--at").contains("put forward");
        assertThat(say("trace", PLAN, "--to", "+441632960100", "--at", "2027-03-28T02:30")
                        .status())
                .isZero();
    }

    @Test
    void aFaultOfOursIsSaidInASentenceAndEndsWith3(@TempDir Path folder) throws Exception {
        Path plan = folder.resolve("short.yaml");
        Files.writeString(
                plan,
                Files.readString(Path.of(PLAN))
                        .replace("routes:", "routes:\n  usa: { called: { prefix: \"+1\" }, to: hang-up }"));
        assertThat(say("check", plan.toString()).status()).isNotEqualTo(Bittern.FAULT);
        StringWriter err = new StringWriter();
        CommandLine broken = new CommandLine(new Broken()).setErr(new PrintWriter(err));
        assertThat(Bittern.run(broken)).isEqualTo(Bittern.FAULT);
        assertThat(err.toString()).contains("a fault of ours").doesNotContain("\tat ");
    }

    /// A command with a fault.
    @CommandLine.Command(name = "broken")
    static final class Broken implements Runnable {
        @Override
        public void run() {
            throw new IllegalStateException("broken");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"check", "trace", "paths", "week", "compare", "prove", "erlang", "convert", "schema"})
    void everyCommandHelpsWithAnExample(String command) {
        Said said = say(command, "--help");
        assertThat(said.status()).isZero();
        assertThat(said.out()).contains("Example").contains("./bittern " + command);
        assertThat(said.out().lines()).allMatch(line -> line.length() <= 100);
    }

    @Test
    void textForPeopleFits100ColumnsAndUnusableFilesEndWith2() throws IOException {
        String other = changed("ringFor: 21s\n    members", "ringFor: 25s\n    members");
        String[][] commands = {
            {"check", PLAN, "--at", "2026-11-23"},
            {"paths", PLAN, "--list", "--matrix", "--at", "2026-11-23"},
            {"paths", PLAN, "--who", "queue/bookings"},
            {"week", PLAN, "--to", MAIN, "--at", "2026-11-23"},
            {"compare", PLAN, other, "--at", "2026-11-23"},
            {"prove", PLAN},
            {"erlang", "c", "--traffic", "3"}
        };
        for (String[] command : commands) {
            assertThat(say(command).out().lines()).as(command[0]).isNotEmpty().allMatch(line -> line.length() <= 100);
        }
        Path broken = folder.resolve("broken.yaml");
        Files.writeString(broken, "bittern: 2\nqueues: [1]\n");
        for (String command : new String[] {"check", "paths", "prove", "convert"}) {
            Said said = say(command, broken.toString());
            assertThat(said.status()).as(command).isEqualTo(2);
            assertThat(said.err()).contains("broken.yaml:2:9");
        }
    }
}
