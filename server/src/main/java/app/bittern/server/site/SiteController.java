package app.bittern.server.site;

import app.bittern.formats.PlanFile;
import app.bittern.plan.Plan;
import app.bittern.plan.Problem;
import app.bittern.server.Refusal;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.account.Right;
import app.bittern.server.account.SecurityLog;
import app.bittern.server.account.Who;
import app.bittern.server.plan.Change;
import app.bittern.server.plan.Sites;
import app.bittern.server.work.Readings;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/// All sites: listed, made, removed.
@RestController
@Needs(Need.LOOK)
class SiteController {
    private final Sites sites;

    private final SecurityLog log;

    private final Clock clock;
    private final Readings readings;

    SiteController(Sites sites, SecurityLog log, Clock clock, Readings readings) {
        this.readings = readings;
        this.clock = clock;
        this.sites = sites;
        this.log = log;
    }

    /// The sites that one may look at, in the order in which they were made.
    @Needs(Need.SIGNED_IN)
    @GetMapping("/api/sites")
    List<SiteApi.SiteName> sites(Who who) {
        return sites.all().stream()
                .filter(site -> who.rights().has(Right.LOOK, site.key()))
                .map(site -> new SiteApi.SiteName(site.key(), site.name(), site.version(), site.live()))
                .toList();
    }

    /// Takes in a plan file as a new site.
    @Needs(Need.CHANGE_EVERY_SITE)
    @PostMapping(path = "/api/sites", consumes = MediaType.TEXT_PLAIN_VALUE)
    SiteApi.SiteName siteFromFile(@RequestBody String file, Change.Author author) {
        return made(readings.file(() -> read(file)), author, "from a plan file");
    }

    /// Makes a site that is empty, or from a sample.
    @Needs(Need.CHANGE_EVERY_SITE)
    @PostMapping(path = "/api/sites", consumes = MediaType.APPLICATION_JSON_VALUE)
    SiteApi.SiteName makeSite(@RequestBody SiteApi.NewSite wanted, Change.Author author) {
        return wanted.sample() == null
                ? made(EmptySite.of(wanted), author, "empty")
                : made(
                        Samples.of(wanted, LocalDate.now(clock)),
                        author,
                        "from the sample " + Problem.shown(wanted.sample()));
    }

    private SiteApi.SiteName made(Plan plan, Change.Author author, String from) {
        sites.create(plan, author.account(), plan.site().title() + " made " + from);
        log.noteInFile(SecurityLog.Kind.SITE, author.account(), plan.site().key(), "made " + from);
        return new SiteApi.SiteName(plan.site().key(), plan.site().title(), 0, Optional.empty());
    }

    /// A plan file as a plan.
    static Plan read(String file) {
        return switch (PlanFile.read(file)) {
            case PlanFile.Result.Read(Plan plan) -> plan;
            case PlanFile.Result.Refused(List<Problem> problems) ->
                throw new Refusal(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        problems.stream().map(Problem::toString).toList());
        };
    }

    /// Takes a site away, with its releases; what its draft was is kept.
    @Needs(Need.MANAGE)
    @DeleteMapping("/api/sites/{site}")
    void removeSite(@PathVariable String site, Change.Author author) {
        sites.remove(site, author.account());
        log.noteInFile(SecurityLog.Kind.SITE, author.account(), site, "removed");
    }

    /// What a new site can be started from.
    @Needs(Need.SIGNED_IN)
    @GetMapping("/api/samples")
    List<SiteApi.Sample> samples() {
        return Samples.ALL;
    }

    /// What was done to whole sites that one may look at, the last first.
    @Needs(Need.SIGNED_IN)
    @GetMapping("/api/site-events")
    List<SiteApi.SiteEventView> siteEvents(Who who) {
        return sites.events().stream()
                .filter(event -> who.rights().has(Right.LOOK, event.site()))
                .map(event -> new SiteApi.SiteEventView(
                        event.site(), event.account(), event.at().toString(), event.kind(), event.says()))
                .toList();
    }
}
