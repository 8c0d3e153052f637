package app.bittern.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.TestDatabase;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/// A database of each schema before this one, with the demo site as people had worked on it, is taken over as
/// it is.
///
/// There is one for each schema, of a demo in which the same was done: `-Dbittern.write-schema=true` writes
/// that of the newest.
class UpgradeTest {
    private static final String DRAFT = "/api/sites/saltreach/draft";

    /// One of PostgreSQL's programs, to be run on a database.
    private static ProcessBuilder program(TestDatabase.Fresh database, String name, String... options)
            throws IOException {
        List<String> command = new ArrayList<>();
        try (Stream<Path> versions = Files.list(Path.of("/usr/lib/postgresql"))) {
            command.add(versions.map(version -> version.resolve("bin").resolve(name))
                    .filter(Files::isExecutable)
                    .max(Comparator.naturalOrder())
                    .orElseThrow()
                    .toString());
        }
        command.addAll(List.of(options));
        command.addAll(List.of("-h", "127.0.0.1", "-p", String.valueOf(database.port())));
        command.addAll(List.of("-U", "bittern", database.name()));
        ProcessBuilder builder = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.INHERIT);
        builder.environment().put("PGPASSWORD", database.password());
        return builder;
    }

    private static void fill(TestDatabase.Fresh database, String schema) throws IOException, InterruptedException {
        Process process = program(database, "psql", "-qX", "-v", "ON_ERROR_STOP=1")
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (InputStream sql = new GZIPInputStream(Objects.requireNonNull(
                        UpgradeTest.class.getResourceAsStream("/schemas/" + schema + ".sql.gz")));
                OutputStream into = process.getOutputStream()) {
            sql.transferTo(into);
        }
        assertThat(process.waitFor()).isZero();
    }

    /// Mailbox Bookings called Boats; its PIN set, and that undone; cut over; queue Bookings called Tickets.
    private static void work(Client client) {
        assertThat(List.of(
                        set(client, "mailbox/bookings", "name", "Boats"),
                        set(client, "mailbox/bookings", "pin", "4711"),
                        client.post(DRAFT + "/undo?version=2", "").status(),
                        client.post(DRAFT + "/cut-over", "{\"version\":3}").status(),
                        set(client, "queue/bookings", "name", "Tickets")))
                .containsOnly(200);
    }

    private static int set(Client client, String object, String field, String value) {
        return client.post(
                        DRAFT + "/edits",
                        Map.of(
                                "wishes",
                                List.of(Map.of("set", Map.of("object", object, "field", "/" + field, "value", value)))))
                .status();
    }

    /// What is in a database, as SQL.
    private static String dumped(TestDatabase.Fresh database) throws IOException, InterruptedException {
        Process process = program(
                        database, "pg_dump", "--no-owner", "--no-privileges", "--inserts", "--rows-per-insert=200")
                .start();
        String sql = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).isZero();
        // A psql of another minor release does not know that word.
        return sql.replaceAll("(?m)^\\\\(un)?restrict .*\n", "");
    }

    /// What a query that gives one value gives.
    private static String asked(TestDatabase.Fresh database, String query) throws IOException, InterruptedException {
        Process process = program(database, "psql", "-qXAt", "-c", query).start();
        String value = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        assertThat(process.waitFor()).isZero();
        return value;
    }

    @Test
    void thereIsOneOfTheNewestSchema() throws Exception {
        RunningApplication application = RunningApplication.withDemo();
        application.start();
        work(application.signedIn());
        application.stop();
        Path file = Path.of("src/test/resources/schemas/"
                + asked(application.database(), "select max(version::int) from flyway_schema_history") + ".sql.gz");
        if (Boolean.getBoolean("bittern.write-schema")) {
            try (OutputStream out = new GZIPOutputStream(Files.newOutputStream(file))) {
                out.write(dumped(application.database()).getBytes(StandardCharsets.UTF_8));
            }
        }
        assertThat(file).exists();
    }

    @ParameterizedTest
    @ValueSource(strings = {"6", "7", "8"})
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
            for (String plan : List.of(DRAFT, "/api/sites/saltreach/live")) {
                assertThat(client.get(plan + "/objects/mailbox/lost-property")
                                .json()
                                .at("/body/mostMessages")
                                .asInt())
                        .isEqualTo(50);
                assertThat(client.get(plan + "/objects/route/port")
                                .json()
                                .at("/body/alert")
                                .asString())
                        .isEqualTo("priority:high");
            }
            // A release keeps its text: it is still what its digest says.
            assertThat(
                            asked(
                                    database,
                                    "select count(*) from release where encode(sha256(convert_to(plan, 'UTF8')), 'hex') = digest"))
                    .isEqualTo(asked(database, "select count(*) from release"))
                    .isNotEqualTo("0");
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
