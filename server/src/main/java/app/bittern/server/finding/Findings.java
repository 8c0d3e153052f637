package app.bittern.server.finding;

import app.bittern.finding.Catalogue;
import app.bittern.finding.Finding;
import app.bittern.plan.Plan;
import app.bittern.server.event.Events;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Drafts;
import app.bittern.server.work.Background;
import app.bittern.server.work.Work;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/// The findings of plans, examined once for each plan and week, in the background: who asks gets what is known,
/// and how far it is. A newer edit of a draft stops the examination of an older one.
@Component
public class Findings {
    private static final int HELD = 32;

    private final Work work;
    private final Events events;
    private final Background background;
    private final Cache<Key, Examined> held =
            Caffeine.newBuilder().maximumSize(HELD).build();
    private final Map<String, Known> last = new ConcurrentHashMap<>();

    Findings(Work work, Events events, Background background) {
        this.work = work;
        this.events = events;
        this.background = background;
    }

    private record Key(Asked.Id plan, LocalDate week) {}

    /// What was found in a plan.
    private record Known(Asked asked, LocalDate week, List<Finding> findings) {}

    /// An examination of a plan, under way or done.
    private static final class Examined {
        private final Asked asked;
        private final CompletableFuture<List<Finding>> found = new CompletableFuture<>();
        private volatile int done;

        private Examined(Asked asked) {
            this.asked = asked;
        }
    }

    /// What is known of a plan's findings.
    ///
    /// @param plan    in which they were found
    /// @param version of the draft that this was
    /// @param current whether that is the one asked about
    /// @param done    checks made
    /// @param of      all checks
    public record State(List<Finding> findings, Plan plan, long version, boolean current, int done, int of) {}

    /// What is known by now, waiting a while for what is not: the findings of an earlier version until those of
    /// the one that is asked about are there.
    public State of(Asked asked, Duration patience) {
        Examined examined = begun(asked);
        Optional<List<Finding>> found = background.awaited(() -> waited(examined, patience));
        int all = Catalogue.checks().size();
        return found.map(findings -> new State(findings, asked.plan(), asked.version(), true, all, all))
                .orElseGet(() -> Optional.ofNullable(last.get(asked.site()))
                        .map(known -> new State(
                                known.findings(),
                                known.asked().plan(),
                                known.asked().version(),
                                false,
                                examined.done,
                                all))
                        .orElseGet(
                                () -> new State(List.of(), asked.plan(), asked.version(), false, examined.done, all)));
    }

    /// The findings of a plan, however long they take.
    ///
    /// @throws CancellationException where it is a draft that is changed meanwhile
    public List<Finding> all(Asked asked) {
        Examined examined = begun(asked);
        return background.awaited(examined.found::join);
    }

    @EventListener
    void made(Drafts.Made made) {
        var _ = begun(Asked.of(made.after()));
    }

    /// The findings of a plan that may be no draft: one in the middle of several changes.
    public List<Finding> of(Plan plan, Asked near) {
        return plan.equals(near.plan())
                ? all(near)
                : Catalogue.examine(plan, work.horizon(near).from());
    }

    private Key key(Asked asked) {
        return new Key(asked.id(), work.horizon(asked).from());
    }

    private Examined begun(Asked asked) {
        Key key = key(asked);
        return held.get(key, one -> {
            Examined fresh = new Examined(asked);
            known(asked, key.week())
                    .ifPresentOrElse(
                            fresh.found::complete,
                            () -> background.later(Background.Rank.FINDINGS, () -> examine(fresh)));
            return fresh;
        });
    }

    /// The findings of the version before, where what has changed since is not looked at by any check.
    private Optional<List<Finding>> known(Asked asked, LocalDate week) {
        return Optional.ofNullable(last.get(asked.site()))
                .filter(known -> asked.release().isEmpty() && known.week().equals(week))
                .filter(known -> Unexamined.noted(known.asked().plan(), asked.plan())
                        .filter(noted -> known.findings().stream().noneMatch(one -> Unexamined.puts(one, noted)))
                        .isPresent())
                .map(Known::findings);
    }

    private void examine(Examined examined) {
        Asked asked = examined.asked;
        Key key = key(asked);
        try {
            List<Finding> findings = Catalogue.examine(work.examination(asked), done -> {
                examined.done = done;
                events.examining(asked, done, Catalogue.checks().size());
            });
            if (asked.release().isEmpty()) {
                last.merge(
                        asked.site(),
                        new Known(asked, key.week(), findings),
                        (old, fresh) -> old.asked().id().overtakes(asked.id()) ? old : fresh);
            }
            examined.found.complete(findings);
            int all = Catalogue.checks().size();
            events.examining(asked, all, all);
        } catch (CancellationException stopped) {
            held.invalidate(key);
            examined.found.cancel(false);
        } catch (RuntimeException | Error fault) {
            held.invalidate(key);
            examined.found.completeExceptionally(fault);
            throw fault;
        }
    }

    private static Optional<List<Finding>> waited(Examined examined, Duration patience) {
        try {
            return Optional.of(examined.found.get(patience.toMillis(), TimeUnit.MILLISECONDS));
        } catch (TimeoutException | CancellationException notYet) {
            return Optional.empty();
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        } catch (ExecutionException failed) {
            throw new IllegalStateException(failed.getCause());
        }
    }
}
