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
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/// The drafts of all sites: read from the database, changed in one transaction with the journal.
@Service
public class Drafts {
    /// So often an edit is made of a plan that somebody then changes first.
    private static final int MOST_TIMES = 5;

    /// So long an edit waits for those before it on this server.
    private static final Duration LONGEST_TURN = Duration.ofSeconds(1);

    private static final Logger LOG = LoggerFactory.getLogger(Drafts.class);

    private final SiteRows sites;
    private final Stamps stamps;
    private final ObjectRows objects;
    private final JournalRows journal;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Notices notices;
    private final ApplicationEventPublisher publisher;
    private final Map<String, Draft> held = new ConcurrentHashMap<>();
    /// Drafts that are being kept just now, by the stamps that they will have.
    private final Map<Keeping, Draft> keeping = new ConcurrentHashMap<>();
    private final Map<String, CompletableFuture<Draft>> loading = new ConcurrentHashMap<>();

    private record Keeping(String site, Stamp stamp) {}

    private final Map<String, Lock> turns = new ConcurrentHashMap<>();

    private final Reach reach;
    private final MeterRegistry meters;

    Drafts(
            SiteRows sites,
            Stamps stamps,
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
        this.stamps = stamps;
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
            now = stamps.of(site).orElseThrow(() -> noSite(site));
        } catch (DataAccessException | TransactionException failed) {
            if (draft == null || !DatabaseAway.is(failed)) {
                throw failed;
            }
            if (!DatabaseAway.isBusy(failed)) {
                reach.lost();
            }
            return draft;
        }
        if (draft != null && draft.stamp().holds(now)) {
            return draft;
        }
        // What this server is just keeping is not read again: whoever sees its stamp has it.
        Draft fresh = keeping.get(new Keeping(site, now));
        return fresh != null ? fresh : loaded(site);
    }

    static Refusal noSite(String site) {
        return Refusal.missing("There is no site '" + Problem.shown(site) + "'.");
    }

    /// One reading for all who wait: a plan of thousands of objects takes a second.
    private Draft loaded(String site) {
        CompletableFuture<Draft> own = new CompletableFuture<>();
        CompletableFuture<Draft> first = loading.putIfAbsent(site, own);
        if (first != null) {
            awaited(first);
            // It may have been begun before what this one has seen was kept.
            return draft(site);
        }
        try {
            own.complete(read(site));
        } catch (RuntimeException failed) {
            own.completeExceptionally(failed);
        } finally {
            loading.remove(site, own);
        }
        return awaited(own);
    }

    private static Draft awaited(CompletableFuture<Draft> reading) {
        try {
            return reading.join();
        } catch (CompletionException failed) {
            throw failed.getCause() instanceof RuntimeException cause ? cause : failed;
        }
    }

    /// The rows of one statement are of one moment (PostgreSQL 13.2.1, read committed); of which, the stamps
    /// before and after it tell. No connection is held while rows are made into a plan.
    private Draft read(String site) {
        for (int times = 1; times < MOST_TIMES; times++) {
            Stamp before = stamps.of(site).orElseThrow(() -> noSite(site));
            List<ObjectRow> rows = objects.findBySiteOrderByPlace(site);
            if (stamps.of(site).equals(Optional.of(before))) {
                return kept(new Draft(site, before.made(), before.version(), plan(rows)));
            }
        }
        // It is changed faster than it is read: its row is held meanwhile.
        return transaction.execute(status -> {
            Stamp now = locked(site).stamp();
            return kept(new Draft(site, now.made(), now.version(), plan(objects.findBySiteOrderByPlace(site))));
        });
    }

    private static Plan plan(List<ObjectRow> rows) {
        return Plan.of(rows.parallelStream().map(ObjectRow::object).toList());
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
        Stamp made = stamps.of(site).orElseThrow();
        kept(new Draft(site, made.made(), made.version(), plan));
    }

    /// Forgets a site that is there no more.
    void forget(String site) {
        held.remove(site);
    }

    /// A draft after a change.
    ///
    /// @param version that the change led to; the draft may be a later one, where it was made before
    /// @param says    what it did, in words
    public record Changed(Draft draft, long version, String says) {}

    /// Changes a draft: the edit is made of the plan as it is, while others may change it, and written
    /// together with the journal if nobody has; else it is made anew. When this returns, the change is kept.
    ///
    /// @param once what its browser calls it: one that was kept under that name is not made again
    public Changed change(String site, Change.Once once, Function<Plan, Change> wish) {
        Lock turn = turns.computeIfAbsent(site, one -> new ReentrantLock(true));
        // Who waits longer goes on without: another may be waiting for findings, to mend one.
        boolean mine = inTurn(turn);
        try {
            return changed(site, once, wish);
        } finally {
            if (mine) {
                turn.unlock();
            }
        }
    }

    private static boolean inTurn(Lock turn) {
        try {
            return turn.tryLock(LONGEST_TURN.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException ending) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /// On one server edits of a site are made one after another, in the order in which they came: made at once,
    /// all but one would be made anew. Other servers may still be quicker.
    private Changed changed(String site, Change.Once once, Function<Plan, Change> wish) {
        for (int times = 1; times < MOST_TIMES; times++) {
            Draft before = draft(site);
            reach.check();
            Optional<Changed> made = made(site, once);
            if (made.isPresent()) {
                return made.get();
            }
            Change change;
            try {
                change = wish.apply(before.plan()).called(once);
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
                return told(before.plan(), changed.get(), change);
            }
        }
        // So many others were quicker: now they wait.
        return transaction.execute(status -> {
            SiteRow row = locked(site);
            Optional<Changed> made = made(site, once);
            if (made.isPresent()) {
                return made.get();
            }
            Draft known = held.get(site);
            Plan before = known != null && known.stamp().equals(row.stamp())
                    ? known.plan()
                    : plan(objects.findBySiteOrderByPlace(site));
            Change change = wish.apply(before).called(once);
            return told(before, written(row, change, applied(before, change)), change);
        });
    }

    /// What was kept before under the name that a browser has for it: its answer was lost on the way.
    private Optional<Changed> made(String site, Change.Once once) {
        return once.name()
                .flatMap(name -> journal.findBySiteAndAccountAndOnce(site, once.account(), name))
                .map(row -> new Changed(draft(site), row.version(), row.says()));
    }

    /// Something that has been made of a draft.
    public record Made(Plan before, Draft after) {}

    /// What is kept is not answered with an error, whatever becomes of those who are told.
    private Changed told(Plan before, Draft after, Change change) {
        meters.counter("bittern.edits", "kind", change.kind()).increment();
        try {
            publisher.publishEvent(new Made(before, after));
        } catch (RuntimeException failed) {
            LOG.error(
                    "bittern: version {} of {} is kept, and not everybody was told",
                    after.version(),
                    after.site(),
                    failed);
        }
        return new Changed(after, after.version(), change.says());
    }

    private SiteRow locked(String site) {
        return sites.locked(site).orElseThrow(() -> noSite(site));
    }

    private static Edits.Result.Applied applied(Plan before, Change change) {
        return change.applied().orElseGet(() -> switch (Edits.apply(before, change.edit())) {
            case Edits.Result.Refused(String says) -> throw new Refusal(HttpStatus.CONFLICT, List.of(says));
            case Edits.Result.Applied applied -> applied;
        });
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
        Draft draft = new Draft(site, row.stamp().made(), version, applied.plan());
        publishedWithCommit(draft);
        return draft;
    }

    /// From the commit on everybody has it: between that and its being held somebody may see its stamp already.
    private void publishedWithCommit(Draft draft) {
        Keeping key = new Keeping(draft.site(), draft.stamp());
        keeping.put(key, draft);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                if (status == STATUS_COMMITTED) {
                    kept(draft);
                }
                keeping.remove(key, draft);
            }
        });
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
