package app.bittern.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.TestDatabase;
import java.io.IOException;
import org.junit.jupiter.api.Test;

/// Health and metrics on a port of their own.
class MetricsTest {
    private static final String DRAFT = "/api/sites/saltreach/draft";

    @Test
    void theyAreAnsweredThereAndNowhereElse() throws IOException {
        int port = TestDatabase.freePort();
        RunningApplication application = RunningApplication.withDemo()
                .with("management.server.port", String.valueOf(port))
                .with("management.server.address", "127.0.0.1");
        application.start();
        try {
            Client client = application.signedIn();
            client.get(DRAFT + "/people");
            client.get(DRAFT + "/findings");
            client.post(
                    DRAFT + "/edits",
                    "{\"wishes\":[{\"set\":{\"object\":\"mailbox/bookings\",\"field\":\"/name\",\"value\":\"Boats\"}}]}");
            Client machine = Client.at("http://127.0.0.1:" + port);
            assertThat(machine.get("/actuator/health/liveness").text()).isEqualTo("{\"status\":\"UP\"}");
            assertThat(machine.get("/actuator/health/readiness").text()).isEqualTo("{\"status\":\"UP\"}");
            assertThat(machine.get("/actuator/env").status()).isEqualTo(404);
            assertThat(machine.get("/api/session").status()).isEqualTo(404);
            assertThat(machine.getText("/actuator/prometheus").text())
                    .contains("uri=\"/api/sites/{site}/draft/edits\"")
                    .contains("bittern_edits_total{kind=\"edit\"} 1.0")
                    .contains("bittern_sessions 1.0")
                    .contains("bittern_screens 0.0")
                    .contains("bittern_security_total{kind=\"sign-in\"} 1.0")
                    .contains("bittern_computations_seconds_count{")
                    .contains("cache_gets_total{")
                    .contains("hikaricp_connections{")
                    .contains("executor_pool_size_threads{name=\"hashing\"");
            assertThat(client.get("/actuator/prometheus").status()).isIn(401, 403, 404);
            assertThat(client.get("/actuator/health").status()).isIn(401, 403, 404);
        } finally {
            application.stop();
        }
    }

    @Test
    void withoutOneHealthAloneIsAnswered() {
        RunningApplication application = RunningApplication.empty();
        application.start();
        try {
            Client client = application.client();
            assertThat(client.get("/actuator/health/readiness").text()).isEqualTo("{\"status\":\"UP\"}");
            assertThat(client.get("/actuator/prometheus").status()).isIn(401, 403, 404);
        } finally {
            application.stop();
        }
    }
}
