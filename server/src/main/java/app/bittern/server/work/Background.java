package app.bittern.server.work;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Comparator;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.Executors;
import java.util.concurrent.PriorityBlockingQueue;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/// What is computed while nobody waits for it: one thing after another, and only after a moment, so that who has
/// just changed something is given the changed screen before a large plan takes all that the machine has.
@Component
public class Background {
    /// What comes first.
    public enum Rank {
        FINDINGS,
        DIFFERENCES
    }

    private record Task(Rank rank, long order, Runnable work) implements Comparable<Task>, Runnable {
        private static final Comparator<Task> ORDER =
                Comparator.comparing(Task::rank).thenComparingLong(Task::order);

        @Override
        public int compareTo(Task other) {
            return ORDER.compare(this, other);
        }

        @Override
        public void run() {
            work.run();
        }
    }

    /// While somebody waits for an answer, what nobody waits for computes this long, and then lets the others.
    private static final long COMPUTES_NANOS = TimeUnit.MILLISECONDS.toNanos(2);

    private static final long GIVES_WAY_NANOS = TimeUnit.MILLISECONDS.toNanos(4);

    private final Map<Rank, Duration> moments;
    private final Requests requests;

    /// When the worker gave way last; it alone reads and writes it.
    private long gaveWay = System.nanoTime();
    private final AtomicLong tasks = new AtomicLong();
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().name("background-moments").daemon().factory());
    private final ThreadPoolExecutor worker =
            new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new PriorityBlockingQueue<>(), Worker::new);

    /// @param moment      people have the changed screen by then
    /// @param differences after so long what callers notice is looked for
    Background(
            @Value("${bittern.background-moment}") Duration moment,
            @Value("${bittern.differences-moment}") Duration differences,
            Requests requests) {
        moments = Map.of(Rank.FINDINGS, moment, Rank.DIFFERENCES, differences);
        this.requests = requests;
    }

    /// To be called often by what computes for long: on the background's own thread it lets those go first who
    /// wait for an answer, a third of the time being left to it.
    public void giveWay() {
        if (Thread.currentThread() instanceof Worker
                && requests.anyWaits()
                && System.nanoTime() - gaveWay > COMPUTES_NANOS) {
            LockSupport.parkNanos(GIVES_WAY_NANOS);
            gaveWay = System.nanoTime();
        }
    }

    /// Waits, in a request, for what is computed here: who waits for it is not one whom it lets go first.
    public <T> T awaited(Supplier<T> waiting) {
        return requests.meanwhile(waiting);
    }

    /// The one thread that computes while nobody waits.
    private static final class Worker extends Thread {
        private Worker(Runnable work) {
            super(work, "background");
            setDaemon(true);
        }
    }

    @PreDestroy
    void close() {
        clock.shutdownNow();
        worker.shutdownNow();
    }

    /// Does something in a moment.
    public void later(Rank rank, Runnable work) {
        Task task = new Task(rank, tasks.getAndIncrement(), work);
        Duration moment = Objects.requireNonNull(moments.get(rank));
        var _ = clock.schedule(() -> worker.execute(task), moment.toMillis(), TimeUnit.MILLISECONDS);
    }
}
