package app.bittern.server.testing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicReference;

/// The machine's clock, which a test moves on or back.
public final class MovedClock extends Clock {
    private final AtomicReference<Duration> moved = new AtomicReference<>(Duration.ZERO);

    public void move(Duration by) {
        moved.updateAndGet(before -> before.plus(by));
    }

    @Override
    public Instant instant() {
        return Instant.now().plus(moved.get());
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        throw new UnsupportedOperationException("the application asks for instants alone");
    }
}
