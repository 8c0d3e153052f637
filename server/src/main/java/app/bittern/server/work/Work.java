package app.bittern.server.work;

import app.bittern.finding.Examination;
import app.bittern.graph.Wanted;
import app.bittern.hours.Horizon;
import app.bittern.plan.Ref;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Drafts;
import app.bittern.server.plan.OffSince;
import com.github.benmanes.caffeine.cache.AsyncCache;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.binder.cache.CaffeineCacheMetrics;
import io.micrometer.core.instrument.binder.jvm.ExecutorServiceMetrics;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/// What is computed of a plan: each answer once for a plan and a week, whoever asks for it and how many at
/// once. What is being computed of a draft ends once the draft is changed: who has asked is told so by a
/// [java.util.concurrent.CancellationException].
@Component
public class Work {
    /// Answers held; an outline of 5,000 rows takes a few megabytes.
    private static final int HELD = 256;

    /// Examinations hold the graph of all states, tens of megabytes on a large plan.
    private static final int EXAMINATIONS_HELD = 8;

    /// Of drafts that are over: for those who ask at once, and then for nobody.
    private static final Duration OVER_HELD = Duration.ofSeconds(10);

    private static final int EXAMINATIONS_OVER_HELD = 2;

    private final Clock clock;
    private final OffSince offSince;
    private final Background background;
    private final ExecutorService workers =
            Executors.newFixedThreadPool(Math.max(2, Runtime.getRuntime().availableProcessors()));
    private final AsyncCache<Key, Object> held =
            Caffeine.newBuilder().maximumSize(HELD).recordStats().buildAsync();
    private final Cache<Examined, Examination> examinations =
            Caffeine.newBuilder().maximumSize(EXAMINATIONS_HELD).recordStats().build();
    private final AsyncCache<Key, Object> heldOver =
            Caffeine.newBuilder().maximumSize(HELD).expireAfterWrite(OVER_HELD).buildAsync();
    private final Cache<Examined, Examination> examinationsOver = Caffeine.newBuilder()
            .maximumSize(EXAMINATIONS_OVER_HELD)
            .expireAfterWrite(OVER_HELD)
            .build();
    private final Map<String, Asked.Id> newest = new ConcurrentHashMap<>();
    private final AtomicLong computed = new AtomicLong();
    private final MeterRegistry meters;

    Work(Clock clock, OffSince offSince, Background background, MeterRegistry meters) {
        this.background = background;
        this.clock = clock;
        this.offSince = offSince;
        this.meters = meters;
        CaffeineCacheMetrics.monitor(meters, held.synchronous(), "answers");
        CaffeineCacheMetrics.monitor(meters, examinations, "examinations");
        ExecutorServiceMetrics.monitor(meters, workers, "computations");
    }

    @PreDestroy
    void close() {
        workers.shutdownNow();
    }

    /// A question to a plan; two that are equal have the same answer.
    public interface Question<T> {
        T answer(Asked asked, Horizon horizon);
    }

    private record Examined(Asked.Id plan, LocalDate week) {}

    private record Key(Asked.Id plan, LocalDate week, Question<?> question) {}

    private static final ScopedValue<Boolean> TO_ITS_END = ScopedValue.newInstance();

    /// Answers somebody whose first answer was not computed to its end, as the draft had been changed: what is
    /// computed in it is, whatever becomes of the draft. Else who looks at a plan that many change would be told to
    /// ask again for ever.
    public static <T extends @Nullable Object, X extends Throwable> T toItsEnd(ScopedValue.CallableOp<T, X> answer)
            throws X {
        return ScopedValue.where(TO_ITS_END, true).call(answer);
    }

    private static boolean isToItsEnd() {
        return TO_ITS_END.orElse(false);
    }

    /// The answer to a question, computed unless it is known.
    @SuppressWarnings("unchecked") // an answer is kept under its question
    public <T> T answer(Asked asked, Question<T> question) {
        note(asked);
        Horizon horizon = horizon(asked);
        Key key = new Key(asked.id(), horizon.from(), question);
        Wanted wanted = wanted(asked);
        try {
            return (T) joined(held.get(key, (one, executor) -> computing(asked, question, horizon, wanted)));
        } catch (CancellationException overtaken) {
            if (!isToItsEnd()) {
                throw overtaken;
            }
            return (T) joined(heldOver.get(key, (one, executor) -> computing(asked, question, horizon, wanted)));
        }
    }

    private CompletableFuture<Object> computing(Asked asked, Question<?> question, Horizon horizon, Wanted wanted) {
        return CompletableFuture.supplyAsync(
                () -> {
                    wanted.check();
                    computed.incrementAndGet();
                    return meters.timer(
                                    "bittern.computations",
                                    "question",
                                    question.getClass().getSimpleName())
                            .record(() -> (Object) question.answer(asked, horizon));
                },
                workers);
    }

    /// What several questions need of a plan: its paths, and what calls come to. They are computed when first
    /// asked for.
    public Examination examination(Asked asked) {
        note(asked);
        Horizon horizon = horizon(asked);
        Function<Examined, Examination> made =
                one -> new Examination(asked.plan(), horizon, wanted(asked), () -> off(asked));
        Examined key = new Examined(asked.id(), horizon.from());
        return (isToItsEnd() ? examinationsOver : examinations).get(key, made);
    }

    /// The days on which objects of a draft were changed last that are off; nothing is known of a release.
    private Map<Ref, LocalDate> off(Asked asked) {
        Map<Ref, LocalDate> days = new LinkedHashMap<>();
        if (asked.release().isEmpty()) {
            offSince.of(asked.site())
                    .forEach((ref, at) -> days.put(
                            ref, LocalDate.ofInstant(at, asked.plan().site().timeZone())));
        }
        return days;
    }

    @EventListener
    void made(Drafts.Made made) {
        note(Asked.of(made.after()));
    }

    private void note(Asked asked) {
        if (asked.release().isEmpty()) {
            newest.merge(asked.site(), asked.id(), (before, fresh) -> {
                if (!fresh.overtakes(before)) {
                    return before;
                }
                drop(before);
                return fresh;
            });
        }
    }

    /// Nobody asks for what was found of a draft that has been changed: on a large plan it is tens of megabytes.
    private void drop(Asked.Id overtaken) {
        held.synchronous().asMap().keySet().removeIf(key -> key.plan().equals(overtaken));
        examinations.asMap().keySet().removeIf(key -> key.plan().equals(overtaken));
    }

    /// An answer is wanted until the draft that it is of is changed; see [#toItsEnd].
    public Wanted wanted(Asked asked) {
        boolean toItsEnd = isToItsEnd();
        return () -> {
            background.giveWay();
            return toItsEnd
                    || Optional.ofNullable(newest.get(asked.site()))
                            .filter(latest -> latest.overtakes(asked.id()))
                            .isEmpty();
        };
    }

    /// The weeks that are looked at now.
    public Horizon horizon(Asked asked) {
        return Horizon.around(
                LocalDate.ofInstant(clock.instant(), asked.plan().site().timeZone()),
                asked.plan().site().timeZone());
    }

    /// How many answers have been computed since the start.
    public long computed() {
        return computed.get();
    }

    private static <T> T joined(CompletableFuture<T> answer) {
        try {
            return answer.join();
        } catch (CompletionException failed) {
            if (failed.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw failed;
        }
    }
}
