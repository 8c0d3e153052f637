package app.bittern.server.site;

import app.bittern.formats.PlanFile;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.server.Refusal;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.account.Who;
import app.bittern.server.difference.Differences;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.JournalRow;
import app.bittern.server.plan.JournalRows;
import app.bittern.server.plan.Sites;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// A plan of a site as a whole: what it is, what was done to it.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/{plan}")
class PlanController {
    private static final int MOST_ENTRIES = 200;

    private final Sites sites;
    private final JournalRows journal;
    private final Differences differences;
    private final SiteViews views;

    PlanController(Sites sites, JournalRows journal, Differences differences, SiteViews views) {
        this.sites = sites;
        this.journal = journal;
        this.differences = differences;
        this.views = views;
    }

    /// What a plan is, without its objects.
    @GetMapping
    SiteApi.SiteView plan(Asked asked, Who who) {
        return views.of(asked, who);
    }

    /// The releases of the site, the last first.
    @GetMapping("/releases")
    List<SiteApi.ReleaseView> releases(Asked asked) {
        return sites.releases(asked.site()).stream()
                .map(release -> SiteViews.release(release, asked.plan().site().timeZone()))
                .toList();
    }

    /// What was done to the draft, the last first.
    ///
    /// @param object only what was done to this object
    /// @param before only what was done before this version
    /// @param most   entries, 200 at most
    @GetMapping("/journal")
    List<SiteApi.JournalView> journal(
            Asked asked,
            @RequestParam(required = false) @Nullable String object,
            @RequestParam(defaultValue = "9223372036854775807") long before,
            @RequestParam(defaultValue = "30") int most) {
        ZoneId zone = asked.plan().site().timeZone();
        int wanted = Math.clamp(most, 1, MOST_ENTRIES);
        return entries(asked.site(), object, before, wanted)
                .map(row -> new SiteApi.JournalView(
                        row.version(),
                        row.account(),
                        SiteViews.local(row.at(), zone),
                        row.kind(),
                        row.says(),
                        row.isUndone(),
                        differences.of(row)))
                .toList();
    }

    private Stream<JournalRow> entries(String site, @Nullable String object, long before, int most) {
        if (object == null) {
            return journal.findBySiteAndVersionLessThanOrderByVersionDesc(site, before, Limit.of(most)).stream();
        }
        Ref ref = Ref.parse(object)
                .orElseThrow(() -> Refusal.unusable("object: found '" + Problem.shown(object)
                        + "'; allowed is a kind and a key such as mailbox/reception."));
        // What only names it is found too, and passed over.
        return journal.mentioning(site, before, "\"" + ref + "\"", Limit.of(MOST_ENTRIES)).stream()
                .filter(row -> row.touches(ref))
                .limit(most);
    }

    /// The plan as a plan file (YAML).
    @GetMapping(path = "/file", produces = MediaType.TEXT_PLAIN_VALUE)
    String planFile(Asked asked) {
        return PlanFile.yaml(asked.plan());
    }
}
