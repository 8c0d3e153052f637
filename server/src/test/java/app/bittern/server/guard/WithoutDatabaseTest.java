package app.bittern.server.guard;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.TestDatabase;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class WithoutDatabaseTest {
    private static final String TRACE = "/api/sites/saltreach/draft/trace?to=%2B441632960100&at=2026-11-28T20:00";
    private static final String RING =
            "{\"wishes\":[{\"set\":{\"object\":\"ring-group/reception\",\"field\":\"/ringFor\",\"value\":\"31s\"}}]}";

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @Test
    void whatIsInMemoryIsAnsweredAndTheRestSaysWhyNot() throws IOException {
        Client client = APPLICATION.signedIn();
        String before = client.get(TRACE).text();
        TestDatabase.whileAway(() -> {
            assertThat(client.get(TRACE).text()).isEqualTo(before);
            for (Client.Answer answer : List.of(
                    client.post("/api/sites/saltreach/draft/edits", RING),
                    client.get("/api/sites"),
                    APPLICATION.client().signIn(RunningApplication.NAME, RunningApplication.PASSWORD))) {
                assertThat(answer.status()).as(answer.text()).isEqualTo(503);
                assertThat(answer.json().at("/detail").asString())
                        .startsWith("The database cannot be reached")
                        .endsWith("try again in some seconds.");
            }
        });
        // Nobody's password was wrong, and what was not kept is made again; the pool comes back within some seconds.
        Client other = APPLICATION.client();
        int answered = 503;
        for (int times = 0; times < 8 && answered == 503; times++) {
            answered = other.signIn(RunningApplication.NAME, RunningApplication.PASSWORD)
                    .status();
        }
        assertThat(answered).isEqualTo(200);
        assertThat(client.post("/api/sites/saltreach/draft/edits", RING).status())
                .isEqualTo(200);
    }
}
