package app.bittern.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.MovedClock;
import app.bittern.server.testing.RunningApplication;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class SecurityLogTest {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    @TempDir
    private Path folder;

    @Test
    void theFileHasOneObjectALineAndNoSecret() throws IOException {
        Path file = folder.resolve("security.log");
        RunningApplication application = RunningApplication.withDemo().with("bittern.security-log", file.toString());
        application.start();
        String token;
        try {
            Client client = application.signedIn();
            application.client().signIn("technician", "not the password");
            token = client.post(
                            "/api/sites/saltreach/access/machines",
                            Map.of("name", "exporter", "rights", List.of("look"), "days", 1))
                    .json()
                    .at("/token")
                    .asString();
            assertThat(client.post("/api/sites/saltreach/draft/cut-over", "{\"version\":0}")
                            .status())
                    .isEqualTo(200);
            client.remove("/api/session");
            for (int turn = 0; turn < 14; turn++) {
                application.client().signIn("stranger", "not the password");
            }
        } finally {
            application.stop();
        }
        List<JsonNode> lines =
                Files.readAllLines(file).stream().map(MAPPER::readTree).toList();
        assertThat(lines)
                .extracting(line -> line.at("/kind").asString())
                .startsWith("sign-in", "failure", "token", "cut over", "sign-out");
        // Ten are looked at; of whoever is held off then it is said once, however often they go on.
        assertThat(lines.stream()
                        .filter(line -> line.at("/account").asString().equals("stranger"))
                        .map(line -> line.at("/kind").asString()))
                .endsWith("failure", "held off")
                .hasSizeBetween(11, 12);
        assertThat(lines).allSatisfy(line -> {
            assertThat(line.at("/account").asString()).isIn("technician", "stranger");
            assertThat(line.at("/address").asString()).isEqualTo("127.0.0.1");
            assertThat(line.at("/at").asString()).endsWith("Z");
        });
        assertThat(Files.readString(file)).doesNotContain(token, "not the password", RunningApplication.PASSWORD);
    }

    private static List<String> said(Client client, String kind) {
        return client.get("/api/sites/saltreach/access/done?kind=" + kind)
                .json()
                .valueStream()
                .map(one ->
                        one.at("/account").asString() + ": " + one.at("/says").asString())
                .toList();
    }

    @Test
    void whatRightsDoNotLetIsNotedOnceAMinute() {
        RunningApplication application = RunningApplication.withDemo();
        application.start();
        try {
            Client looker = application.invited("looker", "saltreach", "look");
            for (int turn = 0; turn < 5; turn++) {
                assertThat(looker.post("/api/sites/saltreach/draft/edits", "{\"wishes\":[]}")
                                .status())
                        .isEqualTo(403);
                assertThat(looker.get("/api/sites/nowhere/draft").status()).isEqualTo(404);
            }
            Client manager = application.signedIn();
            assertThat(said(manager, "refused")).containsExactly("looker: asked to do what needs: change");
            assertThat(manager.get("/api/sites/nowhere/access/done?kind=refused")
                            .text())
                    .contains("looker", "asked for what needs: look");
        } finally {
            application.stop();
        }
    }

    @Test
    void theTableKeepsWhatItIsToldForSoManyDays() {
        MovedClock clock = new MovedClock();
        RunningApplication application = RunningApplication.withDemo().by(clock).with("bittern.security-days", "30");
        application.start();
        try {
            application.signedIn().remove("/api/session");
            clock.move(Duration.ofDays(29));
            Client client = application.signedIn();
            application.bean(SecurityLog.class).clear();
            assertThat(said(client, "sign-in")).hasSize(2);
            assertThat(said(client, "sign-out")).hasSize(1);
            clock.move(Duration.ofDays(2));
            application.bean(SecurityLog.class).clear();
            Client later = application.signedIn();
            assertThat(said(later, "sign-in")).hasSize(2);
            assertThat(said(later, "sign-out")).isEmpty();
        } finally {
            application.stop();
        }
        assertThatThrownBy(RunningApplication.over(application.database()).with("bittern.security-days", "0")::start)
                .hasStackTraceContaining("BITTERN_SECURITY_DAYS: found 0; allowed is a number from 1.");
    }
}
