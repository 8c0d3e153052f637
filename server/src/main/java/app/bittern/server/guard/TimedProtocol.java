package app.bittern.server.guard;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.apache.coyote.Constants;
import org.apache.coyote.Processor;
import org.apache.coyote.Request;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.NioChannel;
import org.apache.tomcat.util.net.SocketWrapperBase;

/// HTTP with a time for the greeting of TLS and one for the headers of a request in all: the container's own times are
/// for the next byte, so that one byte now and then would hold a connection for ever; and with so many connections of
/// an address at most. Made by its name, as connectors make their protocols.
public final class TimedProtocol extends Http11NioProtocol {
    /// So many half-sent requests an address may have that are older than a second.
    private static final int UNFINISHED = 100;

    private static final Duration YOUNG = Duration.ofSeconds(1);

    private Duration headers = Duration.ofSeconds(10);
    private final ScheduledExecutorService sweeper = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().name("half-sent").daemon().factory());

    /// Connections whose TLS is not agreed on yet, by when they were first seen; of [#sweep] alone.
    private Map<SocketWrapperBase<NioChannel>, Long> greeting = Map.of();

    private final CountedEndpoint endpoint;

    public TimedProtocol() {
        this(new CountedEndpoint());
    }

    private TimedProtocol(CountedEndpoint endpoint) {
        super(endpoint);
        this.endpoint = endpoint;
    }

    void bound(int most, List<String> proxies) {
        endpoint.bound(most, proxies);
    }

    void headers(Duration most) {
        this.headers = most;
    }

    @Override
    public void start() throws Exception {
        super.start();
        var _ = sweeper.scheduleWithFixedDelay(this::sweep, 1, 1, TimeUnit.SECONDS);
    }

    @Override
    public void stop() throws Exception {
        sweeper.shutdownNow();
        super.stop();
    }

    /// Closes connections whose TLS is not agreed on, or whose headers are not whole, after so long, and those of an
    /// address that has too many.
    private void sweep() {
        long now = System.nanoTime();
        Map<String, Integer> unfinished = new HashMap<>();
        Map<SocketWrapperBase<NioChannel>, Long> still = new HashMap<>();
        for (SocketWrapperBase<NioChannel> connection : getEndpoint().getConnections()) {
            long age = ageOfHeaders(connection, now);
            if (!connection.getSocket().isHandshakeComplete()) {
                long seen = greeting.getOrDefault(connection, now);
                still.put(connection, seen);
                age = now - seen;
            }
            if (age > YOUNG.toNanos()) {
                int already = unfinished.merge(String.valueOf(connection.getRemoteAddr()), 1, Integer::sum);
                if (age > headers.toNanos() || already > UNFINISHED) {
                    connection.close();
                }
            }
        }
        greeting = still;
    }

    /// How long the headers of a request have been on their way, in nanoseconds; negative where none are.
    private static long ageOfHeaders(SocketWrapperBase<NioChannel> connection, long now) {
        if (!(connection.getCurrentProcessor() instanceof Processor processor)) {
            return -1;
        }
        Request request = processor.getRequest();
        if (request == null || request.getStartTimeNanos() <= 0 || processor.isAsync() || processor.isUpgrade()) {
            return -1;
        }
        // Between two reads of headers the container takes the request for one that has ended, with a time of its start
        // still: one that really has ended has none any more, and one that is answered for long, as events are, is
        // async.
        int stage = request.getRequestProcessor().getStage();
        boolean read = stage == Constants.STAGE_PARSE || stage == Constants.STAGE_ENDED;
        return read ? now - request.getStartTimeNanos() : -1;
    }
}
