package app.bittern.cli;

import static app.bittern.cli.Said.say;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class TraceCommandTest {
    private static final String PLAN = "../demo/saltreach.yaml";

    private static JsonNode trace(String... more) {
        String[] arguments = new String[more.length + 5];
        System.arraycopy(new String[] {"trace", PLAN, "--to", "+441632960100", "--json"}, 0, arguments, 0, 5);
        System.arraycopy(more, 0, arguments, 5, more.length);
        Said said = say(arguments);
        assertThat(said.status()).as(said.err()).isZero();
        return JsonMapper.builder().build().readTree(said.out());
    }

    @Test
    void saturdayEveningLeavesAMessage() {
        JsonNode trace = trace("--at", "2026-11-28T20:00");
        assertThat(trace.at("/ending").toString())
                .isEqualTo("{\"kind\":\"message\",\"in\":\"mailbox/bookings\",\"second\":7}");
        assertThat(trace.at("/route").asString()).isEqualTo("route/main");
        assertThat(trace.at("/steps/1/object").asString()).isEqualTo("branch/terminal-hours");
        assertThat(trace.at("/steps/1/why").toString())
                .contains("\"held\":true")
                .contains("\"held\":false");
        assertThat(trace.at("/language").asString()).isEqualTo("en-GB");
    }

    @Test
    void silenceReachesReception() {
        JsonNode trace = trace(
                "--at", "2026-11-24T10:15", "--keys", "-,-,-", "--phone", "2001=answers 6s", "--from", "withheld");
        assertThat(trace.at("/ending/kind").asString()).isEqualTo("answered");
        assertThat(trace.at("/ending/in").asString()).isEqualTo("ring-group/reception");
        assertThat(trace.at("/ending/by").asString()).isEqualTo("extension/2001");
    }

    @Test
    void theTextFits100Columns() {
        Said said = say(
                "trace",
                PLAN,
                "--to",
                "01632 960100",
                "--at",
                "2026-11-24T10:15",
                "--keys",
                "3",
                "--from",
                "07700 900123");
        assertThat(said.out().lines())
                .allMatch(line -> line.length() <= 100)
                .last()
                .asString()
                .contains("Ends: message in mailbox/lost-property");
    }

    @Test
    void argumentsThatCannotBeUsedAreAllNamed() {
        Said said = say("trace", PLAN, "--to", "abc", "--at", "soon", "--keys", "x", "--phone", "9999=busy");
        assertThat(said.status()).isEqualTo(2);
        assertThat(said.err().lines())
                .hasSize(4)
                .allMatch(line -> line.startsWith("--") && line.contains("found") && line.contains("allowed is"));
    }

    @Test
    void aPlanThatCannotBeReadIsRefusedWithItsPlaces(@TempDir Path folder) throws IOException {
        Path plan = folder.resolve("plan.yaml");
        Files.writeString(
                plan,
                "bittern: 2\nsite: { key: a, timeZone: Europe/Nowhere, country: GB, languages: [en] }\nmenus: { m: { tries: 0 } }\n");
        Said said = say("trace", plan.toString(), "--to", "+441632960100", "--at", "2026-11-24T10:15");
        assertThat(said.status()).isEqualTo(2);
        assertThat(said.err())
                .contains(plan + ":2:27: site/timeZone: found 'Europe/Nowhere'")
                .contains(plan + ":3:22: menus/m/tries");
        assertThat(say("trace", folder.resolve("none").toString(), "--to", "+441632960100", "--at", "2026-11-24T10:15")
                        .err())
                .contains("there is no such file");
    }

    @Test
    void helpHasAnExample() {
        assertThat(say("trace", "--help").out()).contains("Example:").contains("--phone");
    }
}
