package app.bittern.server.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/// Slows the answer to repeated wrong passwords: after three, each doubles the time in which no further attempt is
/// taken for that name, from one second to five minutes.
@Component
class Patience {
    private static final int FREE = 3;
    private static final Duration LONGEST = Duration.ofMinutes(5);
    private static final int MOST_NAMES = 10_000;

    private record Failures(int count, Instant until) {}

    private final Clock clock;
    private final Map<String, Failures> byName = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Failures> eldest) {
            return size() > MOST_NAMES;
        }
    };

    Patience(Clock clock) {
        this.clock = clock;
    }

    /// How long the name must wait; zero where it may try.
    synchronized Duration wait(String name) {
        Failures failures = byName.get(name);
        Duration left = failures == null ? Duration.ZERO : Duration.between(clock.instant(), failures.until());
        return left.isNegative() ? Duration.ZERO : left;
    }

    synchronized void failed(String name) {
        int count = byName.containsKey(name) ? byName.get(name).count() + 1 : 1;
        long seconds = count < FREE ? 0 : Math.min(LONGEST.toSeconds(), 1L << Math.min(count - FREE, 20));
        byName.put(name, new Failures(count, clock.instant().plusSeconds(seconds)));
    }

    synchronized void succeeded(String name) {
        byName.remove(name);
    }
}
