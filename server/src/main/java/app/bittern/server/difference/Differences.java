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
import java.time.ZoneId;
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

    /// Two plans in the weeks in which they are compared.
    private record Change(Plan before, Plan after, Horizon horizon) {}

    private record Thought(Change change, DifferenceApi.Noticed noticed) {}

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
                Change change = change(made.before(), made.after().plan());
                DifferenceApi.Noticed noticed = thought(change)
                        .orElseGet(() -> between(change, () -> {
                            background.giveWay();
                            return true;
                        }));
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

    /// What callers would notice of a change that somebody thinks about: of each browser the newest is
    /// answered, as long as the draft stays as it is.
    ///
    /// @throws java.util.concurrent.CancellationException where it is not asked for any more
    public DifferenceApi.Noticed thoughtAbout(String session, Asked asked, Plan after) {
        long mine = questions.incrementAndGet();
        thinking.put(session, mine);
        Wanted draft = work.wanted(asked);
        Change change = change(asked.plan(), after);
        DifferenceApi.Noticed noticed =
                between(change, () -> draft.still() && Objects.equals(thinking.getIfPresent(session), mine));
        thoughts.put(mine, new Thought(change, noticed));
        return noticed;
    }

    /// What is kept is mostly what has been thought about just before.
    private Optional<DifferenceApi.Noticed> thought(Change change) {
        return thoughts.asMap().values().stream()
                .filter(one -> one.change().equals(change))
                .map(Thought::noticed)
                .findFirst();
    }

    /// What callers notice of a change.
    public DifferenceApi.Noticed between(Plan before, Plan after) {
        return between(change(before, after), Wanted.ALWAYS);
    }

    private Change change(Plan before, Plan after) {
        ZoneId zone = after.site().timeZone();
        return new Change(before, after, Horizon.around(LocalDate.ofInstant(clock.instant(), zone), zone));
    }

    private static DifferenceApi.Noticed between(Change change, Wanted wanted) {
        return Noticing.of(
                Comparison.of(change.before(), change.after(), change.horizon(), wanted),
                change.before(),
                change.after());
    }

    /// What was found of an edit, where it has been.
    public Optional<DifferenceApi.Noticed> of(JournalRow row) {
        return row.difference().map(json -> mapper.readValue(json, DifferenceApi.Noticed.class));
    }
}
