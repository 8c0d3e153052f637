package app.bittern.server.site;

import app.bittern.formats.PlanFile;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.plan.Site;
import app.bittern.server.Refusal;
import app.bittern.server.difference.Differences;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Change;
import app.bittern.server.plan.JournalRow;
import app.bittern.server.plan.JournalRows;
import app.bittern.server.plan.Release;
import app.bittern.server.plan.Sites;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
@RequestMapping("/api/sites/{site}/{plan}")
class PlanController {
    private static final int MOST_ENTRIES = 200;

    private final Sites sites;
    private final JournalRows journal;
    private final Differences differences;
    private final Clock clock;

    PlanController(Sites sites, JournalRows journal, Differences differences, Clock clock) {
        this.sites = sites;
        this.journal = journal;
        this.differences = differences;
        this.clock = clock;
    }

    /// What a plan is, without its objects.
    @GetMapping
    SiteApi.SiteView plan(Asked asked, Change.Author author) {
        Plan plan = asked.plan();
        Site its = plan.site();
        String site = asked.site();
        boolean draft = asked.release().isEmpty();
        Optional<Release> live = sites.live(site);
        return new SiteApi.SiteView(
                site,
                its.title(),
                its.country(),
                its.timeZone().toString(),
                its.languages(),
                draft ? Optional.empty() : Optional.of(asked.release().getAsInt()),
                asked.version(),
                live.map(release -> release(release, its.timeZone())),
                journal.standing(site, live.map(Release::version).orElse(0L)),
                draft ? journal.lastDone(site, author.session()).map(JournalRow::says) : Optional.empty(),
                draft ? journal.lastUndone(site, author.session()).map(JournalRow::says) : Optional.empty(),
                local(clock.instant(), its.timeZone()),
                its.ringSeconds(),
                plan.all(InboundNumber.class)
                        .findFirst()
                        .map(number -> number.called().text()),
                sections(plan.counts()));
    }

    private static List<SiteApi.Section> sections(Map<Kind, Integer> counts) {
        return Arrays.stream(Kind.values())
                .map(kind ->
                        new SiteApi.Section(kind.word(), kind.title(), kind.several(), counts.getOrDefault(kind, 0)))
                .toList();
    }

    static SiteApi.ReleaseView release(Release release, ZoneId zone) {
        return new SiteApi.ReleaseView(
                release.number(), release.version(), release.account(), local(release.at(), zone), release.digest());
    }

    /// An instant by the site's clock.
    private static String local(Instant at, ZoneId zone) {
        return LocalDateTime.ofInstant(at, zone).truncatedTo(ChronoUnit.MINUTES).toString();
    }

    /// The releases of the site, the last first.
    @GetMapping("/releases")
    List<SiteApi.ReleaseView> releases(Asked asked) {
        return sites.releases(asked.site()).stream()
                .map(release -> release(release, asked.plan().site().timeZone()))
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
                        local(row.at(), zone),
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
