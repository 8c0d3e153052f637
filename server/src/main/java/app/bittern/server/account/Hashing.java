package app.bittern.server.account;

import app.bittern.server.Refusal;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.binder.jvm.ExecutorServiceMetrics;
import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/// Hashes passwords (bcrypt, Provos and Mazières 1999) on threads of their own, half as many as there are cores: a hash
/// takes a tenth of a second of a core, and many at once must not keep everything else from being answered.
@Component
public class Hashing implements PasswordEncoder {
    /// So many wait at most; with more, the next is told to try again.
    private static final int WAITING = 40;

    private final PasswordEncoder encoder;
    private final ThreadPoolExecutor threads = new ThreadPoolExecutor(
            Math.max(1, Runtime.getRuntime().availableProcessors() / 2),
            Math.max(1, Runtime.getRuntime().availableProcessors() / 2),
            0,
            TimeUnit.SECONDS,
            new ArrayBlockingQueue<>(WAITING),
            Thread.ofPlatform().name("hashing-", 0).daemon().factory());

    /// @param strength of so many rounds is this the binary logarithm
    Hashing(@Value("${bittern.password-strength}") int strength, MeterRegistry meters) {
        encoder = new BCryptPasswordEncoder(strength);
        ExecutorServiceMetrics.monitor(meters, threads, "hashing");
    }

    @PreDestroy
    void close() {
        threads.shutdownNow();
    }

    @Override
    public @Nullable String encode(@Nullable CharSequence password) {
        return on(() -> encoder.encode(password));
    }

    @Override
    public boolean matches(@Nullable CharSequence password, @Nullable String hash) {
        return Boolean.TRUE.equals(on(() -> encoder.matches(password, hash)));
    }

    private <T> T on(Callable<T> work) {
        try {
            return threads.submit(work).get();
        } catch (RejectedExecutionException full) {
            throw new Refusal(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    List.of("Too many people are signing in at once: try again in some seconds."));
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        } catch (ExecutionException failed) {
            throw failed.getCause() instanceof RuntimeException ours ? ours : new IllegalStateException(failed);
        }
    }
}
