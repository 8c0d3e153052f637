package app.bittern.server.difference;

import app.bittern.compare.Comparison;
import app.bittern.graph.Wanted;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Drafts;
import app.bittern.server.plan.JournalRow;
import app.bittern.server.plan.JournalRows;
import app.bittern.server.plan.Notices;
import app.bittern.server.work.Background;
import app.bittern.server.work.Work;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/// Finds what callers notice of each edit, one after another in the background, and keeps it with the edit.
@Component
public class Differences {
    private static final int BROWSERS = 10_000;
    private static final int THOUGHTS = 16;
    private static final Logger LOG = LoggerFactory.getLogger(Differences.class);

    private final JournalRows journal;
    private final Notices notices;
    private final TransactionTemplate transaction;
    private final JsonMapper mapper;
    private final Clock clock;
    private final Background background;
    private final Work work;
    private final AtomicLong questions = new AtomicLong();

    /// The newest question of each browser.
    private final Cache<String, Long> thinking =
            Caffeine.newBuilder().maximumSize(BROWSERS).build();

    /// What was thought about last, by question: plans share almost all of their objects.
    private final Cache<Long, Thought> thoughts =
            Caffeine.newBuilder().maximumSize(THOUGHTS).build();

    private record Thought(Plan before, Plan after, DifferenceApi.Noticed noticed) {}

    Differences(
            JournalRows journal,
            Notices notices,
            PlatformTransactionManager transactions,
            JsonMapper mapper,
            Clock clock,
            Background background,
            Work work) {
        this.journal = journal;
        this.notices = notices;
        this.transaction = new TransactionTemplate(transactions);
        this.mapper = mapper;
        this.clock = clock;
        this.background = background;
        this.work = work;
    }

    @EventListener
    void made(Drafts.Made made) {
        background.later(Background.Rank.DIFFERENCES, () -> {
            try {
                DifferenceApi.Noticed noticed = thought(made)
                        .orElseGet(() -> between(made.before(), made.after().plan()));
                String json = mapper.writeValueAsString(noticed);
                String site = made.after().site();
                long version = made.after().version();
                transaction.executeWithoutResult(status -> {
                    journal.tell(site, version, json);
                    notices.told(site, version);
                });
            } catch (RuntimeException failed) {
                LOG.warn(
                        "bittern: what callers notice of version {} of {} was not found",
                        made.after().version(),
                        made.after().site(),
                        failed);
            }
        });
    }

    /// What callers would notice of a change that somebody thinks about: of each browser the newest is answered, as
    /// long as the draft stays as it is.
    ///
    /// @throws java.util.concurrent.CancellationException where it is not asked for any more
    public DifferenceApi.Noticed thoughtAbout(String session, Asked asked, Plan after) {
        long mine = questions.incrementAndGet();
        thinking.put(session, mine);
        Wanted draft = work.wanted(asked);
        DifferenceApi.Noticed noticed = between(
                asked.plan(), after, () -> draft.still() && Objects.equals(thinking.getIfPresent(session), mine));
        thoughts.put(mine, new Thought(asked.plan(), after, noticed));
        return noticed;
    }

    /// What is kept is mostly what has been thought about just before.
    private Optional<DifferenceApi.Noticed> thought(Drafts.Made made) {
        return thoughts.asMap().values().stream()
                .filter(one -> one.before().equals(made.before())
                        && one.after().equals(made.after().plan()))
                .map(Thought::noticed)
                .findFirst();
    }

    /// What callers notice of a change.
    public DifferenceApi.Noticed between(Plan before, Plan after) {
        return between(before, after, Wanted.ALWAYS);
    }

    private DifferenceApi.Noticed between(Plan before, Plan after, Wanted wanted) {
        Horizon horizon = Horizon.around(
                LocalDate.ofInstant(clock.instant(), after.site().timeZone()),
                after.site().timeZone());
        return Noticing.of(Comparison.of(before, after, horizon, wanted), before, after);
    }

    /// What was found of an edit, where it has been.
    public Optional<DifferenceApi.Noticed> of(JournalRow row) {
        return row.difference().map(json -> mapper.readValue(json, DifferenceApi.Noticed.class));
    }
}
