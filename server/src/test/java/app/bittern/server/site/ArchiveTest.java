package app.bittern.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.TestDatabase;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// What is saved while people work is there again when it is read back.
class ArchiveTest {
    private static final TestDatabase CLUSTER = TestDatabase.alone(Path.of("/tmp"));

    @TempDir
    private Path folder;

    /// @param status as the tool ended
    private record Said(int status, String text) {}

    private static Said archive(String action, Path file, String... more) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of("..", "tools", "archive").toAbsolutePath().toString(),
                action,
                CLUSTER.folder().toString(),
                String.valueOf(CLUSTER.port()),
                file.toString()));
        command.addAll(List.of(more));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Said(process.waitFor(), text);
    }

    private static void rename(Client client, String name) {
        assertThat(client.post(
                                "/api/sites/saltreach/draft/edits",
                                DraftTest.set("mailbox/bookings", "/name", "\"" + name + "\""))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aBackupIsReadBackCountedAndRestored() throws Exception {
        Path file = folder.resolve("saved.dump");
        RunningApplication application = RunningApplication.over(CLUSTER.own());
        application.start();
        try {
            rename(application.signedIn(), "Boats");
            Said saved = archive("save", file);
            assertThat(saved.status()).as(saved.text()).isZero();
            assertThat(saved.text()).startsWith("schema 10: 1 sites, ").contains(" 1 edits, 1 releases, 1 accounts");
            rename(application.signedIn(), "Ships");
            Said inUse = archive("restore", file, "10");
            assertThat(inUse.status()).isEqualTo(1);
            assertThat(inUse.text()).contains("the database is in use: stop the application first");
        } finally {
            application.stop();
        }
        Said restored = archive("restore", file, "10");
        assertThat(restored.status()).as(restored.text()).isZero();
        assertThat(restored.text()).contains("what was there before is kept as database bittern_before_");
        RunningApplication again = RunningApplication.over(CLUSTER.own());
        again.start();
        try {
            String mailbox = again.signedIn()
                    .get("/api/sites/saltreach/draft/objects/mailbox/bookings")
                    .text();
            assertThat(mailbox).contains("Boats").doesNotContain("Ships");
        } finally {
            again.stop();
        }
    }

    @Test
    void whatIsNoBackupOrOfALaterVersionIsRefusedAndChangesNothing() throws Exception {
        Path none = Files.writeString(folder.resolve("none.dump"), "no backup");
        assertThat(archive("restore", none, "10").text()).contains("is no backup: pg_restore cannot read it");
        RunningApplication application = RunningApplication.over(CLUSTER.own());
        application.start();
        Path file = folder.resolve("newer.dump");
        try {
            assertThat(archive("save", file).status()).isZero();
        } finally {
            application.stop();
        }
        Said newer = archive("restore", file, "7");
        assertThat(newer.status()).isEqualTo(1);
        assertThat(newer.text()).contains("is of schema 10; this version knows schema 7 at most");
    }
}
