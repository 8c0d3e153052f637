package app.bittern.server.account;

import app.bittern.server.DatabaseAway;
import app.bittern.server.Reach;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.springframework.dao.DataAccessException;
import org.springframework.transaction.TransactionException;

/// What was read of the database a moment ago, by a digest: every request asks for it. While the database is
/// away it holds what was read last, for nobody can have taken it back on this server meanwhile.
final class Recently<T> {
    /// So soon it is felt on another server that something was taken back.
    private static final Duration MOMENT = Duration.ofSeconds(1);

    private static final int HELD = 5000;

    private record Read<T>(T value, long at) {}

    private final Cache<String, Read<T>> held = Caffeine.newBuilder()
            .maximumSize(HELD)
            .expireAfterAccess(Duration.ofHours(1))
            .build();

    private final Reach reach;
    private final AtomicLong again = new AtomicLong(System.nanoTime());

    Recently(Reach reach) {
        this.reach = reach;
    }

    /// @param fresh whether what is held may be given without being read again
    /// @param read  empty where there is none; that is not held, for anybody can ask for what there is not
    Optional<T> of(String digest, Predicate<T> fresh, Supplier<Optional<T>> read) {
        Read<T> before = held.getIfPresent(digest);
        if (before != null
                && System.nanoTime() - before.at() < MOMENT.toNanos()
                && before.at() - again.get() > 0
                && fresh.test(before.value())) {
            return Optional.of(before.value());
        }
        if (before != null && reach.isAway()) {
            return Optional.of(before.value());
        }
        reach.check();
        long begun = System.nanoTime();
        Optional<T> value;
        try {
            value = read.get();
        } catch (DataAccessException | TransactionException failed) {
            if (DatabaseAway.is(failed) && !DatabaseAway.isBusy(failed)) {
                reach.lost();
            }
            if (before == null || !DatabaseAway.is(failed)) {
                throw failed;
            }
            return Optional.of(before.value());
        }
        // All was forgotten while this was being read: it may be of before what was changed.
        if (value.isPresent() && begun - again.get() > 0) {
            held.put(digest, new Read<>(value.get(), begun));
        } else {
            held.invalidate(digest);
        }
        return value;
    }

    /// Something may have been changed that this server has not heard of: all is read again, where it can be.
    void readAgain() {
        again.set(System.nanoTime());
    }

    /// Something has been changed of which everything may depend.
    void forget() {
        readAgain();
        held.invalidateAll();
    }
}
