package app.bittern.server.testing;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/// One PostgreSQL cluster for a test run, started by `tools/postgres`, with a database of its own for whoever asks.
public final class TestDatabase {
    private static final AtomicInteger COUNT = new AtomicInteger();
    private static final TestDatabase ONLY = new TestDatabase(Path.of("/tmp"));

    private final int port;
    private final String password;
    private final String administrator;
    private final Path tool;
    private final Path folder;

    private TestDatabase(Path parent) {
        try {
            tool = tool();
            folder = Files.createTempDirectory(parent, "bittern-test-");
            port = freePort();
            start();
            password = Files.readString(folder.resolve("password")).strip();
            administrator = Files.readString(folder.resolve("admin-password")).strip();
            Runtime.getRuntime().addShutdownHook(new Thread(() -> {
                try {
                    stop();
                    try (var files = Files.walk(folder)) {
                        files.sorted(java.util.Comparator.reverseOrder())
                                .forEach(file -> file.toFile().delete());
                    }
                } catch (IOException failed) {
                    throw new IllegalStateException(failed);
                }
            }));
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
    }

    /// A new, empty database.
    ///
    /// @param name its name
    public record Fresh(int port, String name, String password) {}

    public static Fresh fresh() {
        return ONLY.another();
    }

    /// A cluster of its own, for a test that does to it what others would feel; it is stopped when the tests end.
    ///
    /// @param parent where its folder is made
    public static TestDatabase alone(Path parent) {
        return new TestDatabase(parent);
    }

    /// A new, empty database of this cluster.
    public Fresh another() {
        String name = "test" + COUNT.incrementAndGet();
        try (Connection connection = administrator("postgres");
                var statement = connection.createStatement()) {
            statement.execute("create database " + name + " owner bittern");
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
        return new Fresh(port, name, password);
    }

    /// The database that the cluster was made with.
    public Fresh own() {
        return new Fresh(port, "bittern", password);
    }

    /// A connection of the role that may everything.
    public Connection administrator(String database) throws SQLException {
        return DriverManager.getConnection(
                "jdbc:postgresql://127.0.0.1:" + port + "/" + database, "administrator", administrator);
    }

    public Path folder() {
        return folder;
    }

    public int port() {
        return port;
    }

    public void start() throws IOException {
        run("start", folder.toString(), String.valueOf(port));
    }

    public void stop() throws IOException {
        run("stop", folder.toString());
    }

    /// The process of the server that starts all others.
    public ProcessHandle postmaster() throws IOException {
        String first = Files.readAllLines(folder.resolve("data/postmaster.pid")).getFirst();
        return ProcessHandle.of(Long.parseLong(first.strip())).orElseThrow();
    }

    /// Does something while the database is stopped.
    public static void whileAway(Runnable work) throws IOException {
        ONLY.stop();
        try {
            work.run();
        } finally {
            ONLY.start();
        }
    }

    public static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0, 1, java.net.InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        }
    }

    private static Path tool() {
        for (Path folder = Path.of("").toAbsolutePath(); folder != null; folder = folder.getParent()) {
            Path tool = folder.resolve("tools/postgres");
            if (Files.isExecutable(tool)) {
                return tool;
            }
        }
        throw new IllegalStateException("tools/postgres is in none of the folders above");
    }

    private void run(String... arguments) throws IOException {
        String[] command = new String[arguments.length + 1];
        command[0] = tool.toString();
        System.arraycopy(arguments, 0, command, 1, arguments.length);
        Process process = new ProcessBuilder(command)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        try {
            if (!process.waitFor(90, TimeUnit.SECONDS) || process.exitValue() != 0) {
                throw new IllegalStateException(String.join(" ", command) + " failed");
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }
}
