package app.bittern.server.fault;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Seeds;
import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.ServerProcess;
import app.bittern.server.testing.TestDatabase;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Test;

/// Servers, the database and its backends are killed again and again (SIGKILL) while people edit on two servers:
/// nothing that was acknowledged is lost, no edit is kept by half, and all go on by themselves.
///
/// Three rounds and four people here; `tools/faults 300 20` does more.
class FaultsTest {
    private static final int ROUNDS = Integer.getInteger("bittern.rounds", 3);
    private static final Duration BACK = Duration.ofSeconds(5);
    private static final int WRITERS = Integer.getInteger("bittern.writers", 4);

    /// Each is somebody's.
    private static final List<String> OBJECTS = List.of(
            "mailbox/bookings",
            "mailbox/freight",
            "mailbox/reception",
            "queue/bookings",
            "mailbox/lost-property",
            "mailbox/port-control",
            "queue/freight",
            "ring-group/reception",
            "ring-group/coaches",
            "ring-group/freight",
            "hunt-group/port-control",
            "chain/carriers-office",
            "chain/freight-on-call",
            "menu/front-desk",
            "menu/todays-sailings",
            "ask/account",
            "branch/timetable",
            "branch/terminal-hours",
            "announcement/closed",
            "hours/terminal");

    private final Random random = Seeds.random(7);
    private final TestDatabase cluster = TestDatabase.alone(Path.of("/tmp"));
    private final List<Integer> ports = new ArrayList<>();
    private final List<Process> servers = new ArrayList<>();
    private final List<Path> logs = new ArrayList<>();
    private final List<Client> readers = new ArrayList<>();

    private static String at(int port) {
        return "http://127.0.0.1:" + port;
    }

    private Process started(int port) throws IOException, InterruptedException {
        Map<String, Object> settings = new LinkedHashMap<>(RunningApplication.properties(cluster.own(), true, port));
        // What would be computed for later, after each of many edits a second, would take the machine from all else.
        settings.put("BITTERN_BACKGROUND_MOMENT", Duration.ofDays(1).toString());
        settings.put("BITTERN_DIFFERENCES_MOMENT", Duration.ofDays(1).toString());
        ServerProcess server = ServerProcess.start(settings, port);
        logs.add(server.log());
        return server.process();
    }

    @Test
    void nothingAcknowledgedIsLostAndAllGoOnByThemselves() throws Exception {
        for (int server = 0; server < 2; server++) {
            ports.add(TestDatabase.freePort());
            servers.add(started(ports.get(server)));
        }
        for (int port : ports) {
            Client reader = Client.at(at(port));
            assertThat(signedIn(reader)).isTrue();
            readers.add(reader);
        }
        List<Writer> writers = new ArrayList<>();
        for (int one = 0; one < WRITERS; one++) {
            // All together edit as often, however many they are.
            writers.add(new Writer(OBJECTS.get(one), at(ports.get(one % 2)), 40L * WRITERS));
        }
        List<OpenScreen> screens =
                ports.stream().map(port -> new OpenScreen(at(port))).toList();
        List<Thread> threads = new ArrayList<>();
        writers.forEach(one -> threads.add(Thread.ofPlatform().start(one)));
        screens.forEach(one -> threads.add(Thread.ofPlatform().start(one)));
        try {
            for (int round = 0; round < ROUNDS; round++) {
                LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(200 + random.nextInt(600)));
                fault(round);
                everybodyGoesOn(writers, screens, round);
            }
            writers.forEach(Writer::end);
            screens.forEach(OpenScreen::end);
            for (int one = 0; one < writers.size(); one++) {
                assertThat(threads.get(one).join(Duration.ofSeconds(60))).isTrue();
            }
            noFaultIsOurs();
            writers.forEach(this::isWhole);
            nothingIsMissing(writers);
        } finally {
            writers.forEach(Writer::end);
            screens.forEach(OpenScreen::end);
            servers.forEach(Process::destroyForcibly);
        }
    }

    private void fault(int round) throws Exception {
        switch (round % 3) {
            case 0 -> {
                int which = (round / 3) % 2;
                servers.get(which).destroyForcibly().waitFor();
                servers.set(which, started(ports.get(which)));
            }
            case 1 -> {
                ProcessHandle postmaster = cluster.postmaster();
                List<ProcessHandle> backends = postmaster.descendants().toList();
                postmaster.destroyForcibly();
                postmaster.onExit().get(30, TimeUnit.SECONDS);
                // It does not start again before the last of its backends has noticed.
                for (ProcessHandle backend : backends) {
                    backend.onExit().get(30, TimeUnit.SECONDS);
                }
                cluster.start();
            }
            default -> backends().get(random.nextInt(backends().size())).destroyForcibly();
        }
    }

    /// Backends of the application's: the end of one ends all, and the database recovers by itself.
    private List<ProcessHandle> backends() throws SQLException {
        List<ProcessHandle> all = new ArrayList<>();
        try (Connection connection = cluster.administrator("postgres");
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(
                        "select pid from pg_stat_activity where usename = 'bittern' order by pid")) {
            while (rows.next()) {
                ProcessHandle.of(rows.getLong(1)).ifPresent(all::add);
            }
        }
        assertThat(all).isNotEmpty();
        return all;
    }

    /// Within a few seconds of the database's return each server answers, each writer is acknowledged again, and each
    /// open screen hears of it.
    private void everybodyGoesOn(List<Writer> writers, List<OpenScreen> screens, int round) throws IOException {
        awaited("the database, round " + round, Duration.ofSeconds(60), this::databaseAnswers);
        for (Client reader : readers) {
            awaited("a server answers, round " + round, BACK, () -> answers(reader));
        }
        List<Integer> before =
                writers.stream().map(one -> one.acknowledged().size()).toList();
        for (int one = 0; one < writers.size(); one++) {
            Writer writer = writers.get(one);
            int was = before.get(one);
            awaited(
                    writer.object() + " is edited again, round " + round,
                    BACK,
                    () -> writer.acknowledged().size() > was);
        }
        List<Long> heard = screens.stream().map(OpenScreen::heard).toList();
        for (int screen = 0; screen < screens.size(); screen++) {
            int which = screen;
            long was = heard.get(which);
            awaited(
                    "a screen hears again, round " + round,
                    BACK.multipliedBy(2),
                    () -> screens.get(which).heard() > was);
        }
    }

    private boolean databaseAnswers() {
        try (Connection connection = cluster.administrator("bittern")) {
            return connection.isValid(1);
        } catch (SQLException notYet) {
            return false;
        }
    }

    /// Who has signed in once goes on reading.
    private static boolean answers(Client reader) {
        try {
            return reader.get("/api/sites/saltreach/draft").status() == 200;
        } catch (UncheckedIOException notYet) {
            return false;
        }
    }

    private static boolean signedIn(Client client) {
        try {
            return client.signIn(RunningApplication.NAME, RunningApplication.PASSWORD)
                            .status()
                    == 200;
        } catch (UncheckedIOException notYet) {
            return false;
        }
    }

    private interface Condition {
        boolean holds();
    }

    private static void awaited(String what, Duration most, Condition condition) {
        long end = System.nanoTime() + most.toNanos();
        while (!condition.holds()) {
            assertThat(System.nanoTime()).as("%s within %s", what, most).isLessThan(end);
            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(20));
        }
    }

    /// Both fields of an object say the same, which is what was acknowledged last or asked for since; no session was
    /// lost.
    private void isWhole(Writer writer) {
        Client client = Client.at(at(ports.getFirst()));
        assertThat(signedIn(client)).isTrue();
        var body = client.get("/api/sites/saltreach/draft/objects/" + writer.object())
                .json()
                .at("/body");
        assertThat(body.at("/name").asString()).isEqualTo(body.at("/note").asString());
        int kept = Integer.parseInt(body.at("/name").asString().substring("turn ".length()));
        String last = List.copyOf(writer.acknowledged().values()).getLast();
        assertThat(kept).isBetween(Integer.parseInt(last.substring("turn ".length())), writer.asked());
        assertThat(writer.refused()).as(writer.object()).doesNotContainKeys(401, 403, 404, 409, 422, 500);
    }

    /// What a database that is away brings is said as a refusal; anything else would stand in a log with its trace.
    private void noFaultIsOurs() throws IOException {
        for (Path log : logs) {
            List<String> lines = Files.readAllLines(log);
            for (int line = 0; line < lines.size(); line++) {
                assertThat(lines.get(line))
                        .as(() -> String.join("\n", lines.subList(0, Math.min(lines.size(), 200))))
                        .doesNotContain("Servlet.service() for servlet");
            }
        }
    }

    /// Every edit that was acknowledged stands in the journal as the version it was acknowledged as, and between the
    /// versions there is no hole.
    private void nothingIsMissing(List<Writer> writers) throws SQLException {
        Map<Long, String> journal = new TreeMap<>();
        try (Connection connection = cluster.administrator("bittern");
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("select version, edit from journal where site = 'saltreach'")) {
            while (rows.next()) {
                journal.put(rows.getLong(1), rows.getString(2));
            }
        }
        int acknowledged = 0;
        for (Writer writer : writers) {
            acknowledged += writer.acknowledged().size();
            writer.acknowledged()
                    .forEach((version, text) -> assertThat(journal.get(version))
                            .as("version %s", version)
                            .contains("\"" + text + "\""));
        }
        assertThat(acknowledged).isGreaterThan(ROUNDS * writers.size());
        assertThat(journal)
                .hasSize(Math.toIntExact(List.copyOf(journal.keySet()).getLast()));
        System.out.printf(
                "%d rounds, %d people: %d edits acknowledged, %d kept, none lost%n",
                ROUNDS, WRITERS, acknowledged, journal.size());
    }
}
