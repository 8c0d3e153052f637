package app.bittern.server.plan;

import app.bittern.edit.Edits;
import app.bittern.edit.PlanEdit;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.server.DatabaseAway;
import app.bittern.server.Reach;
import app.bittern.server.Refusal;
import io.micrometer.core.instrument.MeterRegistry;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/// The drafts of all sites: read from the database, changed in one transaction with the journal.
@Service
public class Drafts {
    /// So often an edit is made of a plan that somebody then changes first.
    private static final int MOST_TIMES = 5;

    private final SiteRows sites;
    private final ObjectRows objects;
    private final JournalRows journal;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Notices notices;
    private final ApplicationEventPublisher publisher;
    private final Map<String, Draft> held = new ConcurrentHashMap<>();
    private final Reach reach;
    private final MeterRegistry meters;

    Drafts(
            SiteRows sites,
            ObjectRows objects,
            JournalRows journal,
            PlatformTransactionManager transactions,
            Clock clock,
            Notices notices,
            ApplicationEventPublisher publisher,
            Reach reach,
            MeterRegistry meters) {
        this.reach = reach;
        this.meters = meters;
        this.sites = sites;
        this.objects = objects;
        this.journal = journal;
        this.transaction = new TransactionTemplate(transactions);
        this.clock = clock;
        this.notices = notices;
        this.publisher = publisher;
    }

    /// A site's draft as the database has it now; while that is away, as it was when it was last asked.
    public Draft draft(String site) {
        Draft draft = held.get(site);
        if (draft != null && reach.isAway()) {
            return draft;
        }
        Stamp now;
        try {
            now = sites.stamp(site).orElseThrow(() -> noSite(site));
        } catch (DataAccessException | TransactionException failed) {
            if (draft == null || !DatabaseAway.is(failed)) {
                throw failed;
            }
            reach.lost();
            return draft;
        }
        return draft != null && draft.stamp().holds(now) ? draft : load(site);
    }

    static Refusal noSite(String site) {
        return Refusal.missing("There is no site '" + Problem.shown(site) + "'.");
    }

    private Draft load(String site) {
        Draft read = transaction.execute(status -> {
            Stamp now = sites.stamp(site).orElseThrow(() -> noSite(site));
            return new Draft(site, now.made(), now.version(), plan(site));
        });
        return held.merge(site, read, Draft::newer);
    }

    private Plan plan(String site) {
        return Plan.of(objects.findBySiteOrderByPlace(site).parallelStream()
                .map(ObjectRow::object)
                .toList());
    }

    /// Writes a whole plan as a new site; part of a transaction.
    void write(Plan plan) {
        String site = plan.site().key();
        sites.saveAndFlush(new SiteRow(site, plan.site().title()));
        int place = 0;
        for (PlanObject object : plan.objects()) {
            objects.save(new ObjectRow(site, object.ref(), place++).holding(object, 0));
        }
        // Were the transaction to fail, no site would have this stamp.
        Stamp made = sites.stamp(site).orElseThrow();
        kept(new Draft(site, made.made(), made.version(), plan));
    }

    /// Forgets a site that is there no more.
    void forget(String site) {
        held.remove(site);
    }

    /// A draft after a change.
    public record Changed(Draft draft, Change change) {}

    /// Changes a draft: the edit is made of the plan as it is, while others may change it, and written
    /// together with the journal if nobody has; else it is made anew. When this returns, the change is kept.
    public Changed change(String site, Function<Plan, Change> wish) {
        for (int times = 1; times < MOST_TIMES; times++) {
            Draft before = draft(site);
            reach.check();
            Change change;
            try {
                change = wish.apply(before.plan());
            } catch (CancellationException overtaken) {
                // Somebody has changed the draft while something long was computed of it.
                continue;
            }
            Edits.Result.Applied applied = applied(before.plan(), change);
            Optional<Draft> changed = transaction.execute(status -> {
                SiteRow row = locked(site);
                return row.stamp().equals(before.stamp())
                        ? Optional.of(written(row, change, applied))
                        : Optional.<Draft>empty();
            });
            if (changed.isPresent()) {
                kept(changed.get());
                return told(before.plan(), new Changed(changed.get(), change));
            }
        }
        // So many others were quicker: now they wait.
        return transaction.execute(status -> {
            SiteRow row = locked(site);
            Draft known = held.get(site);
            Plan before = known != null && known.stamp().equals(row.stamp()) ? known.plan() : plan(site);
            Change change = wish.apply(before);
            return told(before, new Changed(kept(written(row, change, applied(before, change))), change));
        });
    }

    /// Something that has been made of a draft.
    public record Made(Plan before, Draft after) {}

    private Changed told(Plan before, Changed changed) {
        meters.counter("bittern.edits", "kind", changed.change().kind()).increment();
        publisher.publishEvent(new Made(before, changed.draft()));
        return changed;
    }

    private SiteRow locked(String site) {
        return sites.locked(site).orElseThrow(() -> noSite(site));
    }

    private static Edits.Result.Applied applied(Plan before, Change change) {
        return switch (Edits.apply(before, change.edit())) {
            case Edits.Result.Refused(String says) -> throw new Refusal(HttpStatus.CONFLICT, List.of(says));
            case Edits.Result.Applied applied -> applied;
        };
    }

    private Draft written(SiteRow row, Change change, Edits.Result.Applied applied) {
        String site = row.key();
        long version = row.next();
        change.undoes()
                .flatMap(undone -> journal.findBySiteAndVersion(site, undone))
                .ifPresent(JournalRow::undone);
        write(site, change.edit(), version);
        row.named(applied.plan().site().title());
        journal.save(new JournalRow(site, version, change, applied.inverse(), clock.instant()));
        notices.edited(site, version);
        return new Draft(site, row.stamp().made(), version, applied.plan());
    }

    private Draft kept(Draft changed) {
        held.merge(changed.site(), changed, Draft::newer);
        return changed;
    }

    private void write(String site, PlanEdit edit, long version) {
        switch (edit) {
            case PlanEdit.Several(List<PlanEdit> edits) -> edits.forEach(one -> write(site, one, version));
            case PlanEdit.Remove(Ref ref) -> {
                objects.findBySiteAndKindAndKey(site, ref.kind().word(), ref.key())
                        .ifPresent(objects::delete);
                objects.flush();
            }
            case PlanEdit.Put(PlanObject object, OptionalInt at) -> {
                Ref ref = object.ref();
                ObjectRow row = objects.findBySiteAndKindAndKey(site, ref.kind().word(), ref.key())
                        .orElseGet(() -> new ObjectRow(site, ref, place(site, at)));
                objects.saveAndFlush(row.holding(object, version));
            }
        }
    }

    /// The place of a new object: at the end, or before the one that stands at that index.
    private int place(String site, OptionalInt at) {
        List<ObjectRow> rows = at.isPresent() ? objects.findBySiteOrderByPlace(site) : List.of();
        if (at.isEmpty() || at.getAsInt() >= rows.size()) {
            return objects.lastPlace(site) + 1;
        }
        int place = rows.get(at.getAsInt()).place();
        objects.makeRoom(site, place);
        return place;
    }
}
