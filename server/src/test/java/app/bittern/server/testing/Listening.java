package app.bittern.server.testing;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Scanner;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Listens to what the server tells (server-sent events) until it is closed.
public final class Listening implements AutoCloseable {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final int LONGEST_SECONDS = 30;
    private static final int SOON_SECONDS = 8;
    private static final String ENDED = "the end";

    private final InputStream stream;
    private final BlockingQueue<Map.Entry<String, JsonNode>> heard = new LinkedBlockingQueue<>();

    Listening(InputStream stream) {
        this.stream = stream;
        Thread.ofVirtual().start(this::read);
    }

    private void read() {
        String event = "";
        try (Scanner lines = new Scanner(stream, StandardCharsets.UTF_8)) {
            while (lines.hasNextLine()) {
                String line = lines.nextLine();
                if (line.startsWith("event:")) {
                    event = line.substring("event:".length()).strip();
                } else if (line.startsWith("data:")) {
                    heard.add(Map.entry(event, MAPPER.readTree(line.substring("data:".length()))));
                }
            }
        } finally {
            heard.add(Map.entry(ENDED, MAPPER.createObjectNode()));
        }
    }

    /// The next event of a name; others are passed over.
    ///
    /// @throws IllegalStateException where none comes within half a minute, or the connection has ended
    public JsonNode next(String name) {
        try {
            while (true) {
                Map.Entry<String, JsonNode> one = heard.poll(LONGEST_SECONDS, TimeUnit.SECONDS);
                if (one == null || one.getKey().equals(ENDED)) {
                    throw new IllegalStateException(
                            "no event " + name + (one == null ? "" : ", for the server tells nothing any more"));
                }
                if (one.getKey().equals(name)) {
                    return one.getValue();
                }
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    /// Whether the server ends the stream before its next beat would be due.
    public boolean ends() {
        long giveUp = System.nanoTime() + TimeUnit.SECONDS.toNanos(SOON_SECONDS);
        try {
            while (System.nanoTime() < giveUp) {
                Map.Entry<String, JsonNode> one = heard.poll(SOON_SECONDS, TimeUnit.SECONDS);
                if (one != null && one.getKey().equals(ENDED)) {
                    return true;
                }
            }
            return false;
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    @Override
    public void close() {
        try {
            stream.close();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
