package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.plan.Plan;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/// What is written reads back as the same plan and the same bytes; schema and reader agree; nothing makes the
/// reader fall over.
class RoundTripTest {
    static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(PlanSchema.json(), InputFormat.JSON);

    private static Plan read(String text) {
        PlanFile.Result result = PlanFile.read(text);
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        return ((PlanFile.Result.Read) result).plan();
    }

    private static void holds(Plan plan) {
        String yaml = PlanFile.yaml(plan);
        String json = PlanFile.json(plan);
        assertThat(read(yaml)).isEqualTo(plan);
        assertThat(read(json)).isEqualTo(plan);
        assertThat(PlanFile.yaml(read(yaml))).isEqualTo(yaml);
        assertThat(PlanFile.yaml(read(json))).isEqualTo(yaml);
        assertThat(SCHEMA.validate(json, InputFormat.JSON)).isEmpty();
    }

    @Test
    void theDemoPlan() {
        holds(PlanFileTest.demo());
    }

    @Test
    void randomPlans() {
        Random random = Seeds.random(41);
        for (int plans = 0; plans < RandomPlans.many(100); plans++) {
            Plan plan = RandomPlans.plan(random);
            Plan bySections = read(PlanFile.yaml(plan));
            assertThat(bySections.objects()).containsExactlyInAnyOrderElementsOf(plan.objects());
            holds(bySections);
        }
    }

    @Test
    void aRuleIsWrittenWithTheDayItCountsFrom() {
        String head = "bittern: 2\nsite: { key: s, timeZone: Europe/London, country: GB, languages: [en-GB] }\n";
        String rota = "hours: { rota: { states: [ { state: ann, on: [%s, 12-25] }, { state: bo } ] } }\n";
        Plan plan = read(head + rota.formatted("{ rule: \"FREQ=WEEKLY;INTERVAL=2;BYDAY=MO\", from: 2026-11-02 }"));
        holds(plan);
        for (String wrong : List.of(
                "{ rule: \"FREQ=WEEKLY;INTERVAL=2;BYDAY=MO\" }",
                "\"FREQ=WEEKLY;INTERVAL=2;BYDAY=MO\"",
                "{ rule: FREQ=FORTNIGHTLY, from: 2026-11-02 }",
                "{ rule: FREQ=DAILY, from: 2026-11-31 }",
                "{ from: 2026-11-02 }")) {
            assertThat(PlanFile.read(head + rota.formatted(wrong)))
                    .as(wrong)
                    .isInstanceOf(PlanFile.Result.Refused.class);
        }
    }

    @Test
    void sectionsAndObjectsKeepTheOrderOfTheFile() {
        String text = """
                bittern: 2
                site: { key: s, timeZone: Europe/London, country: GB, languages: [en-GB] }
                mailboxes: { z: {}, a: {} }
                menus: { m: { giveUp: hang-up } }
                extensions: { "2002": {}, "2001": {} }
                """;
        String written = PlanFile.yaml(read(text));
        assertThat(written.indexOf("mailboxes:")).isLessThan(written.indexOf("menus:"));
        assertThat(written.indexOf("menus:")).isLessThan(written.indexOf("extensions:"));
        assertThat(written.indexOf("z:")).isLessThan(written.indexOf("a:"));
        assertThat(written.indexOf("\"2002\"")).isLessThan(written.indexOf("\"2001\""));
    }

    @Test
    void whatTheReaderRefusesForItsFieldOrItsTypeTheSchemaRefusesToo() throws IOException {
        String json = PlanFile.json(PlanFileTest.demo());
        Random random = Seeds.random(42);
        int refused = 0;
        String[] lines = json.split("\n", -1);
        for (int times = 0; times < 300; times++) {
            int at = random.nextInt(lines.length);
            String line = lines[at];
            String other = random.nextBoolean()
                    ? line.replaceFirst("\" : \"[^\"]*\"", "\" : 17.5")
                    : line.replaceFirst("\"(name|to|number|prompt|ringFor)\"", "\"colour\"");
            if (other.equals(line)) {
                continue;
            }
            String[] changed = lines.clone();
            changed[at] = other;
            String text = String.join("\n", changed);
            boolean reader = PlanFile.read(text) instanceof PlanFile.Result.Refused;
            boolean schema = !SCHEMA.validate(text, InputFormat.JSON).isEmpty();
            assertThat(reader).as("%d: %s", at, other).isEqualTo(schema);
            refused += reader ? 1 : 0;
        }
        assertThat(refused).isGreaterThan(Seeds.met(30));
    }

    /// Each text of the demo plan in turn is something else; what only a reader can tell is named.
    @Test
    void aTextThatTheReaderRefusesTheSchemaRefusesToo() throws IOException {
        String json = PlanFile.json(PlanFileTest.demo());
        String[] lines = json.split("\n", -1);
        List<String> wrongs = List.of("?!", "20", "nobody/x", "+44");
        Set<String> readerAlone = new TreeSet<>();
        int refused = 0;
        for (int at = 0; at < lines.length; at++) {
            String wrong = wrongs.get(at % wrongs.size());
            String other = lines[at].replaceFirst("(\" : |^ *)\"[^\"]*\"(,?)$", "$1\"" + wrong + "\"$2");
            String[] changed = lines.clone();
            changed[at] = other;
            String text = String.join("\n", changed);
            if (!other.equals(lines[at]) && PlanFile.read(text) instanceof PlanFile.Result.Refused) {
                refused++;
                if (SCHEMA.validate(text, InputFormat.JSON).isEmpty()) {
                    readerAlone.add(lines[at].strip().replaceFirst("\" : .*", "\""));
                }
            }
        }
        assertThat(refused).isGreaterThan(Seeds.met(200));
        // What a phone does, how many digits there can be, a position of the switch, a zone that there is.
        assertThat(readerAlone).isSubsetOf("\"2001\"", "\"digits\"", "\"now\"", "\"timeZone\"");
    }

    /// Spoils the demo plan at random: some seconds each time, minutes with `-Dbittern.fuzz=PT5M`.
    @Test
    void aSpoiltFileCostsNoMoreThanARefusal() throws IOException {
        String demo = Files.readString(Path.of("../demo/saltreach.yaml"));
        Duration time = Duration.parse(System.getProperty("bittern.fuzz", "PT4S"));
        long end = System.nanoTime() + time.toNanos();
        Random random = Seeds.random(43);
        String[] pieces = {
            "{",
            "}",
            "[",
            "]",
            ":",
            ",",
            "\"",
            "'",
            "\n",
            "  ",
            "- ",
            "&a ",
            "*a",
            "!!int ",
            "|",
            ">",
            "#",
            "0",
            "-1",
            "1e99",
            "null",
            "~",
            "true",
            "\u0000",
            "\uD83D\uDE00",
            "<<: ",
            "? ",
            "99999999999",
            "2026-02-30",
            "hours/x",
            "\t",
            "%",
            "@",
            "`",
            "...",
            "---"
        };
        int refused = 0;
        while (System.nanoTime() < end) {
            StringBuilder text = new StringBuilder(demo);
            for (int times = 1 + random.nextInt(6); times > 0; times--) {
                int at = random.nextInt(text.length());
                int until = Math.min(text.length(), at + random.nextInt(12));
                switch (random.nextInt(4)) {
                    case 0 -> text.delete(at, until);
                    case 1 -> text.insert(at, pieces[random.nextInt(pieces.length)]);
                    case 2 -> text.replace(at, until, pieces[random.nextInt(pieces.length)]);
                    default -> text.insert(at, text.substring(at, until));
                }
            }
            PlanFile.Result result = PlanFile.read(text.toString());
            if (result instanceof PlanFile.Result.Refused(var problems)) {
                refused++;
                assertThat(problems).isNotEmpty().allMatch(problem -> problem.line() > 0);
            }
        }
        assertThat(refused).isGreaterThanOrEqualTo(Seeds.met(1));
    }

    @Test
    void hostileFilesAreRefusedAtOnce() {
        String bomb = "a: &a [x]\n" + "b: [*a, *a, *a]\n".repeat(50);
        assertThat(PlanFile.read(bomb)).isInstanceOf(PlanFile.Result.Refused.class);
        assertThat(PlanFile.read("{".repeat(100_000))).isInstanceOf(PlanFile.Result.Refused.class);
        assertThat(PlanFile.read("x".repeat(33_000_000))).isInstanceOf(PlanFile.Result.Refused.class);
        assertThat(PlanFile.read("\u0000")).isInstanceOf(PlanFile.Result.Refused.class);
    }
}
