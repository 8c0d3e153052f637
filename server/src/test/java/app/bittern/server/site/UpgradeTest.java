package app.bittern.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.TestDatabase;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/// A database of each schema before this one, with the demo site as people had worked on it, is taken over as it is.
///
/// One is added for each schema, made with `pg_dump --no-owner --no-privileges --inserts` of a demo in which the same
/// was done: mailbox Bookings called Boats; its PIN set, and that undone; cut over; queue Bookings called Tickets.
class UpgradeTest {
    private static final String DRAFT = "/api/sites/saltreach/draft";

    private static Path psql() throws IOException {
        try (Stream<Path> versions = Files.list(Path.of("/usr/lib/postgresql"))) {
            return versions.map(version -> version.resolve("bin/psql"))
                    .filter(Files::isExecutable)
                    .max(Comparator.naturalOrder())
                    .orElseThrow();
        }
    }

    private static void fill(TestDatabase.Fresh database, String schema) throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(
                psql().toString(),
                "-qX",
                "-v",
                "ON_ERROR_STOP=1",
                "-h",
                "127.0.0.1",
                "-p",
                String.valueOf(database.port()),
                "-U",
                "bittern",
                database.name());
        builder.environment().put("PGPASSWORD", database.password());
        Process process = builder.redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        try (InputStream sql = new GZIPInputStream(Objects.requireNonNull(
                        UpgradeTest.class.getResourceAsStream("/schemas/" + schema + ".sql.gz")));
                OutputStream into = process.getOutputStream()) {
            sql.transferTo(into);
        }
        assertThat(process.waitFor()).isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = "6")
    void whatWasThereBeforeIsThereAfter(String schema) throws Exception {
        TestDatabase.Fresh database = TestDatabase.fresh();
        fill(database, schema);
        RunningApplication application = RunningApplication.over(database);
        application.start();
        try {
            Client client = application.signedIn();
            JsonNode draft = client.get(DRAFT).json();
            assertThat(draft.at("/version").asInt()).isEqualTo(4);
            assertThat(draft.at("/live/number").asInt()).isEqualTo(2);
            assertThat(draft.at("/changes").asInt()).isEqualTo(1);
            assertThat(client.get(DRAFT + "/objects/mailbox/bookings")
                            .json()
                            .at("/title")
                            .asString())
                    .isEqualTo("Boats");
            assertThat(client.get(DRAFT + "/objects/queue/bookings")
                            .json()
                            .at("/title")
                            .asString())
                    .isEqualTo("Tickets");
            assertThat(client.get("/api/sites/saltreach/live/objects/queue/bookings")
                            .json()
                            .at("/title")
                            .asString())
                    .isEqualTo("Bookings");
            List<String> kinds = client.get(DRAFT + "/journal")
                    .json()
                    .valueStream()
                    .map(one -> one.at("/kind").asString())
                    .toList();
            assertThat(kinds).containsExactly("edit", "undo", "edit", "edit");
            // Who could do everything before still can: there were no rights yet, or all were given.
            assertThat(client.get(DRAFT).json().at("/rights")).hasSize(4);
            assertThat(client.post(DRAFT + "/cut-over", "{\"version\":4}").status())
                    .isEqualTo(200);
        } finally {
            application.stop();
        }
    }
}
