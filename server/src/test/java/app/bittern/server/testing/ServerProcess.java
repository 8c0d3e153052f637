package app.bittern.server.testing;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.BitternServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/// The server as a process of its own, for tests that kill it or read what it prints.
///
/// @param log what it has printed
public record ServerProcess(Process process, Path log) {
    private static final long SECONDS_TO_START = 180;

    /// Starts it with the quick compiler alone, as it ends before the better one has paid for itself, and waits until
    /// it answers.
    public static ServerProcess start(Map<String, Object> settings, int port) throws IOException, InterruptedException {
        return start(settings, port, 1);
    }

    /// @param compilers 1 for the quick one alone, 4 for both
    public static ServerProcess start(Map<String, Object> settings, int port, int compilers)
            throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=" + compilers,
                "-XX:+UseSerialGC",
                "-cp",
                System.getProperty("java.class.path"),
                BitternServer.class.getName());
        settings.forEach((name, value) -> builder.environment().put(name, value.toString()));
        Path log = Files.createTempFile("bittern-server", ".log");
        log.toFile().deleteOnExit();
        Process process =
                builder.redirectErrorStream(true).redirectOutput(log.toFile()).start();
        long giveUp = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS_TO_START);
        while (!up(port)) {
            assertThat(process.isAlive()).as("the server ended; see %s", log).isTrue();
            assertThat(System.nanoTime())
                    .as("the server did not start in time; see %s", log)
                    .isLessThan(giveUp);
            process.waitFor(100, TimeUnit.MILLISECONDS);
        }
        return new ServerProcess(process, log);
    }

    private static boolean up(int port) {
        try {
            return Client.at("http://127.0.0.1:" + port).get("/actuator/health").status() == 200;
        } catch (UncheckedIOException notYet) {
            return false;
        }
    }
}
