package app.bittern.server.fault;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.Listening;
import app.bittern.server.testing.RunningApplication;
import java.io.UncheckedIOException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;

/// A screen that somebody has open: it hears of edits, and where its connection is lost connects again, as browsers do.
final class OpenScreen implements Runnable {
    private static final String EVENTS = "/api/events?site=saltreach";

    private final Client client;
    private final AtomicLong heard = new AtomicLong();
    private volatile boolean over;

    OpenScreen(String server) {
        this.client = Client.at(server);
        client.signIn(RunningApplication.NAME, RunningApplication.PASSWORD);
    }

    /// The last version that it was told of.
    long heard() {
        return heard.get();
    }

    void end() {
        over = true;
    }

    @Override
    public void run() {
        while (!over) {
            try (Listening listening = client.listen(EVENTS)) {
                while (!over) {
                    heard.accumulateAndGet(
                            listening.next("edited").at("/version").asLong(), Math::max);
                }
            } catch (UncheckedIOException | IllegalStateException lost) {
                LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(200));
            }
        }
    }
}
