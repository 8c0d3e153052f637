package app.bittern.server.fault;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;

/// Somebody who edits one object for as long as it is let, whatever becomes of servers and database: each edit sets two
/// fields to the same, and is noted once it has been acknowledged.
final class Writer implements Runnable {
    private static final String EDITS = "/api/sites/saltreach/draft/edits";
    private static final long AGAIN_MILLIS = 50;

    private final String object;
    private final Client client;
    private final long breath;
    /// What was acknowledged, by the version that it was acknowledged as.
    private final Map<Long, String> acknowledged = new ConcurrentSkipListMap<>();
    private final AtomicInteger asked = new AtomicInteger();
    private final Map<Integer, Integer> refused = new ConcurrentSkipListMap<>();
    private volatile boolean over;

    /// @param server where it has signed in, and goes on asking
    /// @param breath between two edits, in milliseconds
    Writer(String object, String server, long breath) {
        this.breath = breath;
        this.object = object;
        this.client = Client.at(server);
        client.signIn(RunningApplication.NAME, RunningApplication.PASSWORD);
    }

    String object() {
        return object;
    }

    Map<Long, String> acknowledged() {
        return acknowledged;
    }

    /// How often a request was answered with each status but 200.
    Map<Integer, Integer> refused() {
        return refused;
    }

    int asked() {
        return asked.get();
    }

    void end() {
        over = true;
    }

    @Override
    public void run() {
        while (!over) {
            String text = "turn " + asked.incrementAndGet();
            // Faster than anybody works, and no faster than that: a server that is to start again needs the machine
            // too.
            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(edited(text) ? breath : AGAIN_MILLIS));
        }
    }

    private boolean edited(String text) {
        String wish = "{\"set\":{\"object\":\"" + object + "\",\"field\":\"/%s\",\"value\":\"" + text + "\"}}";
        try {
            Client.Answer answer =
                    client.post(EDITS, "{\"wishes\":[" + wish.formatted("name") + "," + wish.formatted("note") + "]}");
            if (answer.status() == 200) {
                acknowledged.put(answer.json().at("/version").asLong(), text);
                return true;
            }
            refused.merge(answer.status(), 1, Integer::sum);
        } catch (UncheckedIOException gone) {
            // The server is away: nothing is known of this edit.
            return false;
        }
        return false;
    }
}
