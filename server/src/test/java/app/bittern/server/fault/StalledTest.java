package app.bittern.server.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.MovedClock;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.TestDatabase;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.CleanupMode;
import org.junit.jupiter.api.io.TempDir;

/// A database that stalls, a disk that is full, a clock that jumps: a sentence, and nothing lost.
class StalledTest {
    private static final String DRAFT = "/api/sites/saltreach/draft";

    private static String named(String name) {
        return "{\"wishes\":[{\"set\":{\"object\":\"mailbox/bookings\",\"field\":\"/name\",\"value\":\"" + name
                + "\"}}]}";
    }

    private static int run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
    }

    private static void signal(String signal, List<ProcessHandle> processes) throws IOException, InterruptedException {
        for (ProcessHandle one : processes) {
            run("kill", "-" + signal, String.valueOf(one.pid()));
        }
    }

    @Test
    void whatIsInMemoryIsAnsweredAndTheRestIsRefusedWhileTheDatabaseStalls() throws Exception {
        TestDatabase cluster = TestDatabase.alone(Path.of("/tmp"));
        RunningApplication application = RunningApplication.over(cluster.own());
        application.start();
        try {
            Client client = application.signedIn();
            assertThat(client.post(DRAFT + "/edits", named("Boats")).status()).isEqualTo(200);
            assertThat(client.get(DRAFT + "/numbers?at=2026-11-24T10:15").status())
                    .isEqualTo(200);
            ProcessHandle postmaster = cluster.postmaster();
            List<ProcessHandle> all = Stream.concat(Stream.of(postmaster), postmaster.descendants())
                    .toList();
            signal("STOP", all);
            try {
                long begun = System.nanoTime();
                // The first to find out waits for what a connection is waited for; the next do not.
                Client.Answer kept = client.get(DRAFT + "/numbers?at=2026-11-24T10:15");
                assertThat(kept.status()).as(kept.text()).isEqualTo(200);
                Client.Answer edit = client.post(DRAFT + "/edits", named("Ships"));
                assertThat(edit.status()).isEqualTo(503);
                assertThat(edit.text()).contains("cannot be reached just now: try again in some seconds");
                Duration taken = Duration.ofNanos(System.nanoTime() - begun);
                System.out.printf("both answered %d ms after the database stalled%n", taken.toMillis());
                assertThat(taken).isLessThan(Duration.ofSeconds(15));
            } finally {
                signal("CONT", all);
            }
            Client.Answer after = client.post(DRAFT + "/edits", named("Quays"));
            long back = System.nanoTime();
            while (after.status() == 503 && System.nanoTime() - back < TimeUnit.SECONDS.toNanos(5)) {
                after = client.post(DRAFT + "/edits", named("Quays"));
            }
            assertThat(after.status()).as(after.text()).isEqualTo(200);
            assertThat(after.json().at("/version").asInt()).isEqualTo(2);
        } finally {
            application.stop();
        }
    }

    /// On a small file system of its own, which only root may make.
    @Test
    void aFullDiskIsSaidAndNothingIsLost(@TempDir(cleanup = CleanupMode.NEVER) Path folder) throws Exception {
        Files.setPosixFilePermissions(folder, java.nio.file.attribute.PosixFilePermissions.fromString("rwxr-xr-x"));
        assumeThat(run("mount", "-t", "tmpfs", "-o", "size=96m", "tmpfs", folder.toString()))
                .as("a small file system can be mounted")
                .isZero();
        Files.setPosixFilePermissions(folder, java.nio.file.attribute.PosixFilePermissions.fromString("rwxrwxrwx"));
        TestDatabase cluster = TestDatabase.alone(folder);
        RunningApplication application = RunningApplication.over(cluster.own());
        application.start();
        Path ballast = folder.resolve("ballast");
        try {
            Client client = application.signedIn();
            assertThat(client.post(DRAFT + "/edits", named("Boats")).status()).isEqualTo(200);
            run("dd", "if=/dev/zero", "of=" + ballast, "bs=64k");
            String large = "x".repeat(9_000);
            Client.Answer refused = client.post(DRAFT + "/edits", named("Ships"));
            for (int turn = 0; turn < 4000 && refused.status() == 200; turn++) {
                refused = client.post(
                        DRAFT + "/edits",
                        "{\"wishes\":[{\"set\":{\"object\":\"mailbox/freight\",\"field\":\"/note\",\"value\":\"" + large
                                + turn + "\"}}]}");
            }
            assertThat(refused.status()).as(refused.text()).isIn(503, 507);
            assertThat(refused.text()).containsAnyOf("no room left: nothing was changed", "cannot be reached just now");
            int version = client.get(DRAFT).json().at("/version").asInt();
            Files.delete(ballast);
            // A database that could not even write its log has ended.
            cluster.start();
            Client.Answer again = client.post(DRAFT + "/edits", named("Quays"));
            for (int turn = 0; turn < 50 && again.status() != 200; turn++) {
                again = client.post(DRAFT + "/edits", named("Quays"));
            }
            assertThat(again.status()).as(again.text()).isEqualTo(200);
            assertThat(again.json().at("/version").asInt()).isGreaterThan(version);
            assertThat(client.get(DRAFT + "/objects/mailbox/bookings").text()).contains("Quays");
        } finally {
            application.stop();
            cluster.stop();
            run("umount", "-l", folder.toString());
        }
    }

    @Test
    void aClockThatJumpsLosesNothing() {
        MovedClock clock = new MovedClock();
        RunningApplication application =
                RunningApplication.over(TestDatabase.fresh()).by(clock);
        application.start();
        try {
            Client client = application.signedIn();
            assertThat(client.post(DRAFT + "/edits", named("Boats")).status()).isEqualTo(200);
            clock.move(Duration.ofDays(-400));
            assertThat(client.post(DRAFT + "/edits", named("Ships")).status()).isEqualTo(200);
            assertThat(application.client().signIn("nobody", "wrong").status()).isEqualTo(401);
            clock.move(Duration.ofDays(800));
            // The session has ended by that clock; whoever signs in again goes on.
            assertThat(client.get(DRAFT).status()).isEqualTo(401);
            Client again = application.signedIn();
            Client.Answer edit = again.post(DRAFT + "/edits", named("Quays"));
            assertThat(edit.status()).as(edit.text()).isEqualTo(200);
            assertThat(again.get(DRAFT + "/journal")
                            .json()
                            .valueStream()
                            .map(one -> one.at("/version").asInt()))
                    .containsExactly(3, 2, 1);
            assertThat(again.get(DRAFT + "/findings").status()).isEqualTo(200);
        } finally {
            application.stop();
        }
    }
}
