package app.bittern.server.difference;

import app.bittern.compare.Comparison;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import app.bittern.server.plan.Drafts;
import app.bittern.server.plan.JournalRow;
import app.bittern.server.plan.JournalRows;
import app.bittern.server.plan.Notices;
import app.bittern.server.work.Background;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
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
    private static final Logger LOG = LoggerFactory.getLogger(Differences.class);

    private final JournalRows journal;
    private final Notices notices;
    private final TransactionTemplate transaction;
    private final JsonMapper mapper;
    private final Clock clock;
    private final Background background;

    Differences(
            JournalRows journal,
            Notices notices,
            PlatformTransactionManager transactions,
            JsonMapper mapper,
            Clock clock,
            Background background) {
        this.journal = journal;
        this.notices = notices;
        this.transaction = new TransactionTemplate(transactions);
        this.mapper = mapper;
        this.clock = clock;
        this.background = background;
    }

    @EventListener
    void made(Drafts.Made made) {
        background.later(Background.Rank.DIFFERENCES, () -> {
            try {
                DifferenceApi.Noticed noticed =
                        between(made.before(), made.after().plan());
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

    /// What callers notice of a change.
    public DifferenceApi.Noticed between(Plan before, Plan after) {
        Horizon horizon = Horizon.around(
                LocalDate.ofInstant(clock.instant(), after.site().timeZone()),
                after.site().timeZone());
        return Noticing.of(Comparison.of(before, after, horizon), before, after);
    }

    /// What was found of an edit, where it has been.
    public Optional<DifferenceApi.Noticed> of(JournalRow row) {
        return row.difference().map(json -> mapper.readValue(json, DifferenceApi.Noticed.class));
    }
}
