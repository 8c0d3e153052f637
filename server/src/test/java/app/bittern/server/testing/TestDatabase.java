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
    private static final TestDatabase ONLY = new TestDatabase();

    private final int port;
    private final String password;
    private final Path tool;
    private final Path folder;

    private TestDatabase() {
        try {
            tool = tool();
            folder = Files.createTempDirectory(Path.of("/tmp"), "bittern-test-");
            port = freePort();
            run("start", folder.toString(), String.valueOf(port));
            password = Files.readString(folder.resolve("password")).strip();
            Runtime.getRuntime().addShutdownHook(new Thread(() -> {
                try {
                    run("stop", folder.toString());
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
        String name = "test" + COUNT.incrementAndGet();
        try (Connection connection = DriverManager.getConnection(
                        "jdbc:postgresql://127.0.0.1:" + ONLY.port + "/postgres", "bittern", ONLY.password);
                var statement = connection.createStatement()) {
            statement.execute("create database " + name);
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
        return new Fresh(ONLY.port, name, ONLY.password);
    }

    /// Does something while the database is stopped.
    public static void whileAway(Runnable work) throws IOException {
        ONLY.run("stop", ONLY.folder.toString());
        try {
            work.run();
        } finally {
            ONLY.run("start", ONLY.folder.toString(), String.valueOf(ONLY.port));
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
