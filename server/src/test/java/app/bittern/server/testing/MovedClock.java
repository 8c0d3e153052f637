package app.bittern.server.testing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicReference;

/// A clock that begins at the same instant in every run, goes on as time does, and which a test moves on or back: no
/// test reads the day on which it is run. All applications of a process begin together, as machines agree about time.
public final class MovedClock extends Clock {
    /// A Tuesday morning.
    public static final Instant BEGINS = Instant.parse("2026-11-24T09:00:00Z");

    private static final long BEGAN = System.nanoTime();

    private final AtomicReference<Duration> moved = new AtomicReference<>(Duration.ZERO);

    public void move(Duration by) {
        moved.updateAndGet(before -> before.plus(by));
    }

    @Override
    public Instant instant() {
        return BEGINS.plusNanos(System.nanoTime() - BEGAN).plus(moved.get());
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
