package app.bittern.server.account;

import app.bittern.server.Digest;
import app.bittern.server.Refusal;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.ConsumptionProbe;
import io.github.bucket4j.TimeMeter;
import io.github.bucket4j.distributed.BucketProxy;
import io.github.bucket4j.distributed.ExpirationAfterWriteStrategy;
import io.github.bucket4j.distributed.jdbc.PrimaryKeyMapper;
import io.github.bucket4j.postgresql.Bucket4jPostgreSQL;
import io.github.bucket4j.postgresql.PostgreSQLSelectForUpdateBasedProxyManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import javax.sql.DataSource;
import org.springframework.http.HttpStatus;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/// How many wrong passwords are taken, before any is looked at: each attempt takes one of a few tokens that
/// come back with time (token bucket), checked and counted in one step of the database, so that it holds for
/// attempts at once, over several servers and after a restart. A right password gives its tokens back.
@Component
class Attempts {
    /// Where tokens are taken, with how many there are and how soon one comes back.
    enum Bucket {
        NAME(10, Duration.ofSeconds(30)),
        ADDRESS(30, Duration.ofSeconds(10)),
        BROWSER(10, Duration.ofSeconds(30)),
        INVITATION(5, Duration.ofMinutes(10));

        private final int most;
        private final Duration each;

        Bucket(int most, Duration each) {
            this.most = most;
            this.each = each;
        }

        private BucketConfiguration configuration() {
            return BucketConfiguration.builder()
                    .addLimit(Bandwidth.builder()
                            .capacity(most)
                            .refillGreedy(1, each)
                            .build())
                    .build();
        }
    }

    /// One of those that an attempt needs a token of.
    ///
    /// @param whose at most 60 characters: a digest, an address
    record Needed(Bucket bucket, String whose) {
        /// Of whoever has this name; names may be long, and are told apart by their digests.
        static Needed ofName(String name) {
            return new Needed(Bucket.NAME, shortened(Digest.of(name)));
        }

        /// Of a browser that is known, by the digest of its secret.
        static Needed ofBrowser(String digest) {
            return new Needed(Bucket.BROWSER, shortened(digest));
        }

        /// Of whoever has an invitation, by its secret: who tries names with it learns which there are.
        static Needed ofInvitation(String secret) {
            return new Needed(Bucket.INVITATION, shortened(Digest.of(secret)));
        }

        /// Of somebody who has signed in, by what tells that browser from others.
        static Needed ofSession(String session) {
            return new Needed(Bucket.BROWSER, shortened(Digest.of(session)));
        }

        private static String shortened(String digest) {
            return digest.substring(0, DIGITS);
        }

        private String id() {
            return bucket + " " + whose;
        }
    }

    /// Of a digest in hexadecimal, enough to tell names apart.
    private static final int DIGITS = 32;

    /// Rows that are full again are as good as none; so many are cleared at once.
    private static final int CLEARED = 1000;

    private static final Duration KEPT = Duration.ofHours(1);

    private static final int CONNECTIONS = 2;
    private static final Duration WAIT = Duration.ofSeconds(2);
    private static final int HELD = 10_000;

    private final PostgreSQLSelectForUpdateBasedProxyManager<String> buckets;
    private final Clock clock;
    private final Semaphore connections = new Semaphore(CONNECTIONS);

    /// Until when whoever has no tokens is held off: asked of the memory, which no number of attempts uses up.
    private final Cache<String, Instant> lockedOut =
            Caffeine.newBuilder().maximumSize(HELD).build();

    Attempts(DataSource source, Clock clock) {
        this.clock = clock;
        buckets = Bucket4jPostgreSQL.selectForUpdateBasedBuilder(source)
                .primaryKeyMapper(PrimaryKeyMapper.STRING)
                .table("attempt")
                .clientClock(new AtClock(clock))
                .expirationAfterWrite(ExpirationAfterWriteStrategy.basedOnTimeForRefillingBucketUpToMax(KEPT))
                .build();
    }

    /// The application's own clock, as the library asks for it.
    private record AtClock(Clock clock) implements TimeMeter {
        @Override
        public long currentTimeNanos() {
            return TimeUnit.MILLISECONDS.toNanos(clock.millis());
        }

        @Override
        public boolean isWallClockBased() {
            return true;
        }
    }

    private BucketProxy of(Needed needed) {
        return buckets.getProxy(needed.id(), needed.bucket()::configuration);
    }

    /// Takes a token of each, or of none.
    ///
    /// @return how long to wait; zero where the attempt may be made
    Duration taken(List<Needed> needed) {
        Instant now = clock.instant();
        Optional<Instant> held = needed.stream()
                .flatMap(one -> Optional.ofNullable(lockedOut.getIfPresent(one.id())).stream())
                .max(Comparator.naturalOrder())
                .filter(now::isBefore);
        return held.isPresent() ? Duration.between(now, held.get()) : few(() -> asked(needed));
    }

    private Duration asked(List<Needed> needed) {
        List<Needed> taken = new ArrayList<>();
        for (Needed one : needed) {
            ConsumptionProbe probe = of(one).tryConsumeAndReturnRemaining(1);
            if (!probe.isConsumed()) {
                taken.forEach(back -> of(back).addTokens(1));
                Duration wait = Duration.ofNanos(probe.getNanosToWaitForRefill());
                lockedOut.put(one.id(), clock.instant().plus(wait));
                return wait;
            }
            taken.add(one);
        }
        return Duration.ZERO;
    }

    /// Strangers who try passwords have two of the connections to the database between them, never those of who
    /// works.
    private <T> T few(Supplier<T> work) {
        boolean let = false;
        try {
            let = connections.tryAcquire(WAIT.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException ending) {
            Thread.currentThread().interrupt();
        }
        if (!let) {
            throw new Refusal(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    List.of("Too many people are signing in at once: try again in some seconds."));
        }
        try {
            return work.get();
        } finally {
            connections.release();
        }
    }

    /// What is said to one who has to wait.
    static Refusal tooMany(Duration wait) {
        return new Refusal(
                HttpStatus.TOO_MANY_REQUESTS,
                List.of("Too many wrong passwords: try again in " + seconds(wait) + " s."));
    }

    static long seconds(Duration wait) {
        return wait.toSeconds() + 1;
    }

    void givenBack(List<Needed> taken) {
        few(() -> {
            taken.forEach(one -> of(one).addTokens(1));
            return taken;
        });
        taken.forEach(one -> lockedOut.invalidate(one.id()));
    }

    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.MINUTES)
    void clear() {
        buckets.removeExpired(CLEARED);
    }
}
