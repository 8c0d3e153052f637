package app.bittern.server.work;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Comparator;
import java.util.concurrent.Executors;
import java.util.concurrent.PriorityBlockingQueue;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
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

    private final Duration moment;
    private final AtomicLong tasks = new AtomicLong();
    private final ScheduledExecutorService moments = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().name("background-moments").daemon().factory());
    private final ThreadPoolExecutor worker = new ThreadPoolExecutor(
            1,
            1,
            0,
            TimeUnit.SECONDS,
            new PriorityBlockingQueue<>(),
            Thread.ofPlatform().name("background").daemon().factory());

    /// @param moment people have the changed screen by then
    Background(@Value("${bittern.background-moment}") Duration moment) {
        this.moment = moment;
    }

    @PreDestroy
    void close() {
        moments.shutdownNow();
        worker.shutdownNow();
    }

    /// Does something in a moment.
    public void later(Rank rank, Runnable work) {
        Task task = new Task(rank, tasks.getAndIncrement(), work);
        var _ = moments.schedule(() -> worker.execute(task), moment.toMillis(), TimeUnit.MILLISECONDS);
    }
}
