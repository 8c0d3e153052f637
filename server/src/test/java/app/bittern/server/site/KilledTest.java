package app.bittern.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.BitternServer;
import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.TestDatabase;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/// The server process is killed in the middle of a run of edits; every edit it had acknowledged is there afterwards.
class KilledTest {
    private static final String SITE = "/api/sites/saltreach";
    private static final int ENOUGH = 25;

    @Test
    void everyAcknowledgedEditOutlivesTheProcess() throws Exception {
        TestDatabase.Fresh database = TestDatabase.fresh();
        AtomicInteger acknowledged = new AtomicInteger();
        AtomicInteger asked = new AtomicInteger();
        int port = TestDatabase.freePort();
        Process first = start(database, port);
        Thread editing = Thread.ofPlatform().start(() -> edit(port, asked, acknowledged));
        while (acknowledged.get() < ENOUGH && editing.isAlive()) {
            Thread.onSpinWait();
        }
        first.destroyForcibly();
        assertThat(first.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(editing.join(Duration.ofSeconds(30))).isTrue();
        assertThat(acknowledged.get()).isGreaterThanOrEqualTo(ENOUGH);

        int again = TestDatabase.freePort();
        Process second = start(database, again);
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

    private static void edit(int port, AtomicInteger asked, AtomicInteger acknowledged) {
        Client client = signedIn(port);
        try {
            while (true) {
                int number = asked.incrementAndGet();
                String wish = DraftTest.set("prompt/closed", "en-GB", "\"edit number " + number + "\"");
                if (client.post(SITE + "/edits", wish).status() != 200) {
                    return;
                }
                acknowledged.set(number);
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

    private static Process start(TestDatabase.Fresh database, int port) throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                BitternServer.class.getName());
        for (Map.Entry<String, Object> setting :
                RunningApplication.properties(database, true, port).entrySet()) {
            builder.environment().put(setting.getKey(), setting.getValue().toString());
        }
        File log = File.createTempFile("bittern-killed", ".log");
        log.deleteOnExit();
        Process process = builder.redirectErrorStream(true).redirectOutput(log).start();
        long giveUp = System.nanoTime() + TimeUnit.SECONDS.toNanos(90);
        while (!up(port)) {
            assertThat(process.isAlive()).as("the server ended; see %s", log).isTrue();
            assertThat(System.nanoTime())
                    .as("the server did not start within 90 s; see %s", log)
                    .isLessThan(giveUp);
            process.waitFor(100, TimeUnit.MILLISECONDS);
        }
        return process;
    }

    private static boolean up(int port) {
        try {
            return Client.at("http://127.0.0.1:" + port).get("/actuator/health").status() == 200;
        } catch (UncheckedIOException notYet) {
            return false;
        }
    }
}
