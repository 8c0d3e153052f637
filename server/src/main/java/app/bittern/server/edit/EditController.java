package app.bittern.server.edit;

import app.bittern.edit.PlanEdit;
import app.bittern.formats.TakingBack;
import app.bittern.formats.ThreeWay;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.server.Refusal;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.account.Who;
import app.bittern.server.difference.Differences;
import app.bittern.server.finding.Findings;
import app.bittern.server.object.Where;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Change;
import app.bittern.server.plan.Draft;
import app.bittern.server.plan.Drafts;
import app.bittern.server.plan.JournalRow;
import app.bittern.server.plan.JournalRows;
import app.bittern.server.plan.Plans;
import app.bittern.server.site.SiteApi;
import app.bittern.server.site.SiteViews;
import app.bittern.server.work.Readings;
import app.bittern.server.work.Work;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// Changes to a draft: wishes are made into one edit, kept, and can be taken back.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/draft")
class EditController {
    private static final Logger LOG = LoggerFactory.getLogger(EditController.class);

    private final Drafts drafts;
    private final JournalRows journal;
    private final Findings findings;
    private final Plans plans;
    private final Differences differences;
    private final SiteViews views;
    private final Readings readings;

    EditController(
            Drafts drafts,
            JournalRows journal,
            Findings findings,
            Plans plans,
            Differences differences,
            SiteViews views,
            Readings readings) {
        this.drafts = drafts;
        this.journal = journal;
        this.findings = findings;
        this.plans = plans;
        this.differences = differences;
        this.views = views;
        this.readings = readings;
    }

    /// Carries out all wishes as one edit, or none.
    @Needs(Need.CHANGE)
    @PostMapping("/edits")
    EditApi.Edited edit(@PathVariable String site, @RequestBody EditApi.Wishes wishes, Who who) {
        if (wishes.wishes().isEmpty() || wishes.wishes().stream().anyMatch(Objects::isNull)) {
            throw Refusal.unusable("No change was asked for: at least one is needed.");
        }
        Change.Once once = Change.Once.given(Change.Author.of(who), wishes.once());
        return edited(
                drafts.change(site, once, plan -> {
                    WishedEdit wished = new WishedEdit(
                            since(site, wishes.version()), changed -> findings.of(changed, plans.asked(site, "draft")));
                    PlanEdit edit = wished.of(plan, wishes.wishes(), Boolean.TRUE.equals(wishes.holes()));
                    return Change.edit(Change.Author.of(who), wished.says(), edit)
                            .making(wished.applied());
                }),
                who);
    }

    /// What callers would notice of some wishes; nothing is changed.
    @PostMapping("/preview")
    EditApi.Preview preview(@PathVariable String site, @RequestBody EditApi.Wishes wishes, Who who) {
        Asked asked = plans.asked(site, "draft");
        try {
            return previewed(asked, wishes, who);
        } catch (CancellationException stopped) {
            Asked now = plans.asked(site, "draft");
            if (now.id().equals(asked.id())) {
                throw stopped; // its browser has asked something newer
            }
            return Work.toItsEnd(() -> previewed(now, wishes, who));
        }
    }

    private EditApi.Preview previewed(Asked asked, EditApi.Wishes wishes, Who who) {
        WishedEdit wished =
                new WishedEdit(since(asked.site(), wishes.version()), changed -> findings.of(changed, asked));
        var _ = wished.of(asked.plan(), wishes.wishes(), Boolean.TRUE.equals(wishes.holes()));
        return new EditApi.Preview(
                wished.says(),
                differences.thoughtAbout(who.session(), asked, wished.applied().plan()));
    }

    /// Tries each of many wishes, such as lines of a spreadsheet, after those before it that can be, so that
    /// all that is wrong is said at once; nothing is changed.
    @PostMapping("/tried")
    EditApi.Tried tried(@PathVariable String site, @RequestBody EditApi.Lines lines) {
        Asked asked = plans.asked(site, "draft");
        return readings.file(() -> {
            List<List<String>> against = new ArrayList<>();
            Plan plan = asked.plan();
            for (EditApi.Wish wish : lines.wishes()) {
                try {
                    WishedEdit wished = new WishedEdit(new Since(List.of()), changed -> findings.of(changed, asked));
                    var _ = wished.of(plan, List.of(wish), true);
                    plan = wished.applied().plan();
                    against.add(List.of());
                } catch (Refusal refused) {
                    // The line is the object: what is wrong in it is told by the field alone.
                    String line = wish.create() == null ? "" : wish.create().object() + "/";
                    against.add(refused.says().stream()
                            .map(says -> says.startsWith(line) ? says.substring(line.length()) : says)
                            .toList());
                }
            }
            return new EditApi.Tried(against);
        });
    }

    private EditApi.Edited edited(Drafts.Changed changed, Who who) {
        return new EditApi.Edited(changed.version(), changed.says(), view(changed.draft(), who));
    }

    /// Empty where the database has no time for it just now: what is kept is not answered with an error.
    private Optional<SiteApi.SiteView> view(Draft draft, Who who) {
        try {
            return Optional.of(views.of(Asked.of(draft), who));
        } catch (DataAccessException | TransactionException failed) {
            LOG.warn(
                    "bittern: version {} of {} is kept and was answered without its plan",
                    draft.version(),
                    draft.site(),
                    failed);
            return Optional.empty();
        }
    }

    /// What has been changed since the version that wishes were made from.
    private Since since(String site, @Nullable Long version) {
        return new Since(
                version == null ? List.of() : journal.findBySiteAndVersionGreaterThanOrderByVersion(site, version));
    }

    /// Takes back the last edit of this browser, or that of a version whoever made it: its own fields alone.
    @Needs(Need.CHANGE)
    @PostMapping("/undo")
    EditApi.Edited undo(
            @PathVariable String site,
            @RequestParam(required = false) @Nullable Long version,
            @RequestParam(required = false) @Nullable String once,
            Who who) {
        return again(
                site,
                once,
                who,
                "undo",
                () -> version == null
                        ? journal.lastDone(site, who.session())
                        : journal.findBySiteAndVersion(site, version)
                                .filter(row -> !row.isUndone() && !row.kind().equals("undo")),
                version == null ? "There is nothing of yours to undo." : "No edit with this version stands.");
    }

    @Needs(Need.CHANGE)
    @PostMapping("/redo")
    EditApi.Edited redo(@PathVariable String site, @RequestParam(required = false) @Nullable String once, Who who) {
        return again(
                site, once, who, "redo", () -> journal.lastUndone(site, who.session()), "There is nothing to redo.");
    }

    private EditApi.Edited again(
            String site,
            @Nullable String once,
            Who who,
            String kind,
            Supplier<Optional<JournalRow>> last,
            String none) {
        return edited(
                drafts.change(site, Change.Once.given(Change.Author.of(who), once), plan -> {
                    JournalRow row = last.get().orElseThrow(() -> new Refusal(HttpStatus.CONFLICT, List.of(none)));
                    PlanEdit back = takenBack(site, plan, row);
                    return new Change(
                            who.name(),
                            who.session(),
                            kind,
                            row.says(),
                            back,
                            Optional.of(row.version()),
                            Optional.empty(),
                            Optional.empty());
                }),
                who);
    }

    private PlanEdit takenBack(String site, Plan plan, JournalRow row) {
        Since since = since(site, row.version());
        return switch (TakingBack.of(plan, row.edit(), row.inverse(), ref -> since.was(plan, ref))) {
            case TakingBack.Result.Made(PlanEdit edit) -> edit;
            case TakingBack.Result.Refused(List<TakingBack.Since> changed) -> {
                throw new Refusal(
                        HttpStatus.CONFLICT,
                        changed.stream().map(one -> says(plan, one, since)).toList());
            }
        };
    }

    private static String says(Plan plan, TakingBack.Since one, Since since) {
        return one.clash().map(clash -> says(plan, one.object(), clash)).orElse(one.says())
                + since.last(one.object())
                        .map(row -> " (" + row.account() + ", " + row.at().truncatedTo(ChronoUnit.SECONDS) + ": "
                                + row.says() + ").")
                        .orElse(".");
    }

    private static String says(Plan plan, Ref object, ThreeWay.Clash clash) {
        return plan.title(object) + ", " + Where.words(object.kind(), clash.field()) + ", is "
                + WishedEdit.said(plan, object, clash, clash.theirs()).orElse("nothing")
                + " by now; it would become "
                + WishedEdit.said(plan, object, clash, clash.mine()).orElse("nothing");
    }
}
