package app.bittern.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

class PatienceTest {
    /// A clock that stands until it is set.
    private static final class Standing extends Clock {
        private Instant now = Instant.parse("2026-11-23T10:00:00Z");

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    @Test
    void eachWrongPasswordAfterTheThirdDoublesTheWaitUpToFiveMinutes() {
        Standing clock = new Standing();
        Patience patience = new Patience(clock);
        patience.failed("a");
        patience.failed("a");
        assertThat(patience.wait("a")).isZero();
        patience.failed("a");
        assertThat(patience.wait("a")).isEqualTo(Duration.ofSeconds(1));
        patience.failed("a");
        assertThat(patience.wait("a")).isEqualTo(Duration.ofSeconds(2));
        assertThat(patience.wait("b")).isZero();
        clock.now = clock.now.plusSeconds(2);
        assertThat(patience.wait("a")).isZero();
        for (int times = 0; times < 40; times++) {
            patience.failed("a");
        }
        assertThat(patience.wait("a")).isEqualTo(Duration.ofMinutes(5));
        patience.succeeded("a");
        assertThat(patience.wait("a")).isZero();
    }
}
