package app.bittern.server;

import java.time.Duration;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/// Whether the database could be reached a moment ago. Who finds that it could not waits for it once, some seconds;
/// for a second after that nobody else does: who can do without it goes on, and who cannot is told so at once.
@Component
public class Reach {
    private static final Duration AWAY = Duration.ofSeconds(1);

    /// By a clock that only goes forward.
    private final AtomicLong awayUntil = new AtomicLong(System.nanoTime());

    public boolean isAway() {
        return System.nanoTime() - awayUntil.get() < 0;
    }

    /// It could not be reached just now.
    public void lost() {
        awayUntil.set(System.nanoTime() + AWAY.toNanos());
    }

    /// @throws Refusal where it could not be reached a moment ago
    public void check() {
        if (isAway()) {
            throw refusal();
        }
    }

    static Refusal refusal() {
        return new Refusal(
                HttpStatus.SERVICE_UNAVAILABLE,
                List.of("The database cannot be reached just now: try again in some seconds."));
    }
}
