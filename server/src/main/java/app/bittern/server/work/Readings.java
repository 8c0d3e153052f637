package app.bittern.server.work;

import app.bittern.server.Refusal;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.binder.jvm.ExecutorServiceMetrics;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/// Reads what was sent, which takes as long as that is large: on a few threads of its own with an end, so that
/// nobody who sends much keeps others from being answered. A virtual thread that only computes would hold one
/// of the carriers that all requests share, health among them (JEP 444).
@Component
public class Readings {
    /// Pasted text may have so many characters; files have limits of their own.
    private static final int PASTED = 1 << 20;

    private static final Duration LONGEST = Duration.ofSeconds(10);
    private static final int WAITING = 40;
    private static final int THREADS = Math.max(1, Runtime.getRuntime().availableProcessors() / 2);

    private final ThreadPoolExecutor threads = new ThreadPoolExecutor(
            THREADS,
            THREADS,
            0,
            TimeUnit.SECONDS,
            new ArrayBlockingQueue<>(WAITING),
            Thread.ofPlatform().name("reading-", 0).daemon().factory());

    Readings(MeterRegistry meters) {
        ExecutorServiceMetrics.monitor(meters, threads, "readings");
    }

    @PreDestroy
    void close() {
        threads.shutdownNow();
    }

    /// Text that was pasted.
    ///
    /// @throws Refusal where it is too long, or takes too long to be read
    public <T> T pasted(String text, Callable<T> reading) {
        if (text.length() > PASTED) {
            throw new Refusal(
                    HttpStatus.CONTENT_TOO_LARGE,
                    List.of("Found " + text.length() + " characters; allowed are " + PASTED + " at once."));
        }
        return file(reading);
    }

    /// A file.
    ///
    /// @throws Refusal where it takes too long to be read, or too many others are being read
    public <T> T file(Callable<T> reading) {
        Future<T> read;
        try {
            read = threads.submit(reading);
        } catch (RejectedExecutionException full) {
            throw new Refusal(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    List.of("Too much is being read at once: try again in some seconds."));
        }
        try {
            return read.get(LONGEST.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException late) {
            read.cancel(true);
            throw Refusal.unusable("It was not read within " + LONGEST.toSeconds()
                    + " s: send less at once, or try again when the server has less to do.");
        } catch (InterruptedException gone) {
            read.cancel(true);
            Thread.currentThread().interrupt();
            throw new IllegalStateException(gone);
        } catch (ExecutionException failed) {
            throw failed.getCause() instanceof RuntimeException ours ? ours : new IllegalStateException(failed);
        }
    }
}
