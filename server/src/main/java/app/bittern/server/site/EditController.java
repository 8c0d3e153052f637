package app.bittern.server.site;

import app.bittern.edit.PlanEdit;
import app.bittern.formats.TakingBack;
import app.bittern.plan.Plan;
import app.bittern.server.Refusal;
import java.security.Principal;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// Changes to a draft: wishes are made into one edit, kept, and can be taken back.
@RestController
@RequestMapping("/api/sites/{site}")
class EditController {
    private final Drafts drafts;
    private final JournalRows journal;
    private final FindingsHeld findings;

    EditController(Drafts drafts, JournalRows journal, FindingsHeld findings) {
        this.drafts = drafts;
        this.journal = journal;
        this.findings = findings;
    }

    /// Carries out all wishes as one edit, or none.
    @PostMapping("/edits")
    Api.Edited edit(@PathVariable String site, @RequestBody Api.Wishes wishes, Principal who) {
        if (wishes.wishes().isEmpty() || wishes.wishes().stream().anyMatch(Objects::isNull)) {
            throw Refusal.unusable("No change was asked for: at least one is needed.");
        }
        return edited(drafts.change(site, plan -> {
            WishedEdit wished = new WishedEdit(since(site, wishes.version()), findings);
            PlanEdit edit = wished.of(plan, wishes.wishes(), Boolean.TRUE.equals(wishes.holes()));
            return Change.edit(who.getName(), wished.says(), edit);
        }));
    }

    private static Api.Edited edited(Drafts.Changed changed) {
        return new Api.Edited(changed.draft().version(), changed.change().says());
    }

    /// What has been changed since the version that wishes were made from.
    private Since since(String site, @Nullable Long version) {
        return new Since(
                version == null ? List.of() : journal.findBySiteAndVersionGreaterThanOrderByVersion(site, version));
    }

    /// Takes the last edit of one's own back, or that of a version: its own fields alone.
    @PostMapping("/undo")
    Api.Edited undo(@PathVariable String site, @RequestParam(required = false) @Nullable Long version, Principal who) {
        return again(
                site,
                who,
                "undo",
                () -> version == null
                        ? journal.lastDone(site, who.getName())
                        : journal.findBySiteAndVersion(site, version)
                                .filter(row -> row.account().equals(who.getName())
                                        && !row.isUndone()
                                        && !row.kind().equals("undo")),
                version == null ? "There is nothing of yours to undo." : "No edit of yours with this version stands.");
    }

    @PostMapping("/redo")
    Api.Edited redo(@PathVariable String site, Principal who) {
        return again(site, who, "redo", () -> journal.lastUndone(site, who.getName()), "There is nothing to redo.");
    }

    private Api.Edited again(
            String site, Principal who, String kind, Supplier<Optional<JournalRow>> last, String none) {
        return edited(drafts.change(site, plan -> {
            JournalRow row = last.get().orElseThrow(() -> new Refusal(HttpStatus.CONFLICT, List.of(none)));
            PlanEdit back = takenBack(site, plan, row);
            return new Change(who.getName(), kind, row.says(), back, Optional.of(row.version()));
        }));
    }

    private PlanEdit takenBack(String site, Plan plan, JournalRow row) {
        Since since = since(site, row.version());
        return switch (TakingBack.of(plan, row.edit(), row.inverse(), ref -> since.was(plan, ref))) {
            case TakingBack.Result.Made(PlanEdit edit) -> edit;
            case TakingBack.Result.Refused(List<TakingBack.Since> changed) -> {
                throw new Refusal(
                        HttpStatus.CONFLICT,
                        changed.stream().map(one -> says(one, since)).toList());
            }
        };
    }

    private static String says(TakingBack.Since one, Since since) {
        return one.says()
                + since.last(one.object())
                        .map(row -> " (" + row.account() + ", " + row.at().truncatedTo(ChronoUnit.SECONDS) + ": "
                                + row.says() + ").")
                        .orElse(".");
    }
}
