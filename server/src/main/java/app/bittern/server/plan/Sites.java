package app.bittern.server.plan;

import app.bittern.formats.PlanFile;
import app.bittern.plan.Plan;
import app.bittern.server.Digest;
import app.bittern.server.Refusal;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/// Whole sites: made, listed, cut over and removed, each of which is noted.
@Service
public class Sites {
    private static final int EVENTS = 50;

    private final Drafts drafts;
    private final SiteRows sites;
    private final ObjectRows objects;
    private final JournalRows journal;
    private final ReleaseRows releases;
    private final SiteEventRows events;
    private final Notices notices;
    private final Clock clock;

    Sites(
            Drafts drafts,
            SiteRows sites,
            ObjectRows objects,
            JournalRows journal,
            ReleaseRows releases,
            SiteEventRows events,
            Notices notices,
            Clock clock) {
        this.drafts = drafts;
        this.sites = sites;
        this.objects = objects;
        this.journal = journal;
        this.releases = releases;
        this.events = events;
        this.notices = notices;
        this.clock = clock;
    }

    /// A site in a list.
    ///
    /// @param version of its draft
    /// @param live    the release that answers calls
    public record Listed(String key, String name, long version, Optional<Integer> live) {}

    /// All sites in the order in which they were made; no plan is read.
    public List<Listed> all() {
        return sites.inOrder().stream()
                .map(row -> new Listed(row.key(), row.name(), row.version(), row.live()))
                .toList();
    }

    /// What was done to whole sites, the last first.
    public List<SiteEvent> events() {
        return events.findAllByOrderByIdDesc(Limit.of(EVENTS)).stream()
                .map(SiteEventRow::event)
                .toList();
    }

    /// Takes in a whole plan as a new site.
    @Transactional
    public void create(Plan plan, String account, String says) {
        String site = plan.site().key();
        if (sites.existsById(site)) {
            throw new Refusal(HttpStatus.CONFLICT, List.of("There is a site '" + site + "' already."));
        }
        drafts.write(plan);
        note(site, account, "create", says, null);
    }

    /// Notes that a plan was taken into a site, as an edit of its own.
    @Transactional
    public void imported(String site, String account, String says) {
        note(site, account, "import", says, null);
    }

    /// Takes a site away, with its releases and its journal; its draft is kept with the note of it.
    @Transactional
    public void remove(String site, String account) {
        // Locked first, so that no edit comes between what is kept and what goes.
        SiteRow row = sites.locked(site).orElseThrow(() -> Drafts.noSite(site));
        Plan plan = drafts.draft(site).plan();
        int kept = releases.last(site);
        note(
                site,
                account,
                "remove",
                plan.site().title() + " removed, with " + kept + " releases",
                PlanFile.yaml(plan));
        objects.forget(site);
        journal.forget(site);
        sites.delete(row);
        drafts.forget(site);
    }

    /// Makes a draft the next release, which answers calls from then on.
    ///
    /// @param draft as the one who cuts over has looked at it
    /// @throws Refusal where the draft has been changed since
    @Transactional
    public Release cutOver(Asked draft, String account) {
        String site = draft.site();
        SiteRow row = sites.locked(site).orElseThrow(() -> Drafts.noSite(site));
        if (!row.stamp().equals(new Stamp(draft.made(), draft.version()))) {
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    List.of("The draft has been changed since version " + draft.version()
                            + ": look at it again before it is cut over."));
        }
        String file = PlanFile.yaml(draft.plan());
        ReleaseRow release = releases.saveAndFlush(new ReleaseRow(
                new ReleaseRow.Key(site, releases.last(site) + 1),
                draft.version(),
                account,
                clock.instant(),
                PlanFile.VERSION,
                Digest.of(file),
                file));
        row.cutOver(release.about().number());
        note(site, account, "cut-over", "release " + release.about().number(), null);
        return release.about();
    }

    /// The releases of a site, the last first.
    public List<Release> releases(String site) {
        return releases.of(site);
    }

    /// The release that answers calls, where there is one.
    public Optional<Release> live(String site) {
        return sites.live(site)
                .flatMap(number -> releases.of(site).stream()
                        .filter(release -> release.number() == number)
                        .findFirst());
    }

    private void note(String site, String account, String kind, String says, @Nullable String plan) {
        events.save(new SiteEventRow(site, account, clock.instant(), kind, says, plan));
        notices.sites(site);
    }
}
