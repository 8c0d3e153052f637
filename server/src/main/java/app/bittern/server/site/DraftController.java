package app.bittern.server.site;

import app.bittern.compare.ObjectChanges;
import app.bittern.edit.PlanEdit;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.server.Refusal;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.account.SecurityLog;
import app.bittern.server.difference.DifferenceApi;
import app.bittern.server.difference.Differences;
import app.bittern.server.finding.Findings;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Change;
import app.bittern.server.plan.Draft;
import app.bittern.server.plan.Drafts;
import app.bittern.server.plan.Plans;
import app.bittern.server.plan.Release;
import app.bittern.server.plan.Sites;
import app.bittern.server.work.Readings;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// What is done to a draft as a whole: a file taken in, cut over.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/draft")
class DraftController {
    private final Drafts drafts;
    private final Plans plans;
    private final Sites sites;
    private final Findings findings;
    private final Differences differences;
    private final Readings readings;

    private final SecurityLog log;

    DraftController(
            Drafts drafts,
            Plans plans,
            Sites sites,
            Findings findings,
            Differences differences,
            SecurityLog log,
            Readings readings) {
        this.readings = readings;
        this.log = log;
        this.drafts = drafts;
        this.plans = plans;
        this.sites = sites;
        this.findings = findings;
        this.differences = differences;
    }

    /// Takes a plan file into the draft as one edit, which can be undone.
    ///
    /// @param dry whether only what it would do is asked for
    @Needs(Need.CHANGE)
    @PostMapping(path = "/import", consumes = MediaType.TEXT_PLAIN_VALUE)
    SiteApi.Imported importFile(
            @PathVariable String site,
            @RequestBody String file,
            @RequestParam(defaultValue = "false") boolean dry,
            Change.Author author) {
        Plan wanted = Samples.under(readings.file(() -> SiteController.read(file)), site);
        Draft before = drafts.draft(site);
        ObjectChanges changes = ObjectChanges.of(before.plan(), wanted);
        DifferenceApi.Noticed noticed = differences.between(before.plan(), wanted);
        long version = before.version();
        if (!dry && !changes.none()) {
            String says = "plan file taken in: " + changes.added().size() + " new, "
                    + changes.changed().size() + " changed, "
                    + changes.removed().size() + " removed";
            version = drafts.change(
                            site, Change.Once.nameless(author), plan -> Change.edit(author, says, all(plan, wanted)))
                    .draft()
                    .version();
            sites.imported(site, author.account(), says);
        }
        return new SiteApi.Imported(
                version,
                changes.added().size(),
                changes.changed().size(),
                changes.removed().size(),
                noticed);
    }

    /// All that makes one plan of another. Objects that have changed places are put where they belong, and
    /// those that have changed numbers go first, as two may have changed with each other.
    private static PlanEdit all(Plan plan, Plan wanted) {
        ObjectChanges changes = ObjectChanges.of(plan, wanted);
        Set<Ref> anew = new LinkedHashSet<>(changes.reordered());
        changes.changed().stream()
                .filter(one -> !one.before().number().equals(one.after().number()))
                .forEach(one -> anew.add(one.before().ref()));
        List<PlanEdit> edits = new ArrayList<>();
        changes.removed().forEach(ref -> edits.add(new PlanEdit.Remove(ref)));
        anew.forEach(ref -> edits.add(new PlanEdit.Remove(ref)));
        wanted.objects().forEach(object -> {
            Optional<PlanObject> was = plan.find(object.ref());
            if (was.isEmpty() || anew.contains(object.ref())) {
                edits.add(new PlanEdit.Put(object, OptionalInt.of(wanted.index(object.ref()))));
            } else if (!was.get().equals(object)) {
                edits.add(new PlanEdit.Put(object));
            }
        });
        return new PlanEdit.Several(edits);
    }

    /// Makes the draft the next release, which answers calls from then on, if nothing blocks.
    @Needs(Need.CUT_OVER)
    @PostMapping("/cut-over")
    SiteApi.ReleaseView cutOver(@PathVariable String site, @RequestBody SiteApi.CutOver wanted, Change.Author author) {
        Asked asked = plans.asked(site, "draft");
        if (asked.version() != wanted.version()) {
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    List.of("The draft is at version " + asked.version() + " and not at " + wanted.version()
                            + " any more: look at it again before it is cut over."));
        }
        List<String> blocking = findings.all(asked).stream()
                .filter(finding -> finding.severity() == Severity.BLOCKING
                        && finding.accepted().isEmpty())
                .map(finding -> finding.says())
                .toList();
        if (!blocking.isEmpty()) {
            throw new Refusal(HttpStatus.CONFLICT, blocking);
        }
        Release release = sites.cutOver(asked, author.account());
        log.noteInFile(SecurityLog.Kind.CUT_OVER, author.account(), site, "release " + release.number());
        return SiteViews.release(release, asked.plan().site().timeZone());
    }
}
