package app.bittern.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.ServerProcess;
import app.bittern.server.testing.TestDatabase;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/// The server process is killed in the middle of a run of edits; every edit it had acknowledged is there
/// afterwards.
class KilledTest {
    private static final String SITE = "/api/sites/saltreach/draft";
    private static final int ENOUGH = 25;

    @Test
    void everyAcknowledgedEditOutlivesTheProcess() throws Exception {
        TestDatabase.Fresh database = TestDatabase.fresh();
        AtomicInteger acknowledged = new AtomicInteger();
        AtomicInteger asked = new AtomicInteger();
        int port = TestDatabase.freePort();
        Process first = ServerProcess.start(RunningApplication.properties(database, true, port), port)
                .process();
        CountDownLatch enough = new CountDownLatch(ENOUGH);
        Thread editing = Thread.ofPlatform().start(() -> edit(port, asked, acknowledged, enough));
        assertThat(enough.await(60, TimeUnit.SECONDS)).isTrue();
        first.destroyForcibly();
        assertThat(first.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(editing.join(Duration.ofSeconds(30))).isTrue();
        assertThat(acknowledged.get()).isGreaterThanOrEqualTo(ENOUGH);

        int again = TestDatabase.freePort();
        Process second = ServerProcess.start(RunningApplication.properties(database, true, again), again)
                .process();
        try {
            Client client = signedIn(again);
            int kept = client.get(SITE).json().at("/version").asInt();
            // What was acknowledged is there; the one that was on its way may be.
            assertThat(kept).isBetween(acknowledged.get(), asked.get());
            String prompt = client.get(SITE + "/trace?to=%2B441632960100&at=2026-11-28T20:00")
                    .json()
                    .toString();
            assertThat(prompt).contains("edit number " + kept);
        } finally {
            second.destroyForcibly();
        }
    }

    private static void edit(int port, AtomicInteger asked, AtomicInteger acknowledged, CountDownLatch enough) {
        Client client = signedIn(port);
        try {
            while (true) {
                int number = asked.incrementAndGet();
                String wish = DraftTest.set("prompt/closed", "/en-GB", "\"edit number " + number + "\"");
                if (client.post(SITE + "/edits", wish).status() != 200) {
                    return;
                }
                acknowledged.set(number);
                enough.countDown();
            }
        } catch (UncheckedIOException killed) {
            // The process is gone: this is what the test waits for.
        }
    }

    private static Client signedIn(int port) {
        Client client = Client.at("http://127.0.0.1:" + port);
        assertThat(client.signIn(RunningApplication.NAME, RunningApplication.PASSWORD)
                        .status())
                .isEqualTo(200);
        return client;
    }
}
