package app.bittern.server.site;

import app.bittern.edit.Edits;
import app.bittern.edit.PlanEdit;
import app.bittern.edit.Planned;
import app.bittern.edit.Rewiring;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.formats.FieldEdits;
import app.bittern.plan.Destination;
import app.bittern.plan.Filling;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.server.Refusal;
import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

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
        if (wishes.wishes().isEmpty()) {
            throw Refusal.unusable("No change was asked for: at least one is needed.");
        }
        List<String> says = new ArrayList<>();
        Draft after = drafts.change(site, plan -> {
            says.clear();
            return Change.edit(who.getName(), "", edits(site, plan, wishes.wishes(), says))
                    .saying(String.join("; ", says));
        });
        return new Api.Edited(after.version(), String.join("; ", says));
    }

    /// Each wish is made of the plan that those before it leave.
    private PlanEdit edits(String site, Plan plan, List<Api.Wish> wishes, List<String> says) {
        List<PlanEdit> edits = new ArrayList<>();
        Plan so = plan;
        for (Api.Wish wish : wishes) {
            PlanEdit edit = made(site, so, wish, says);
            edits.add(edit);
            so = switch (Edits.apply(so, edit)) {
                case Edits.Result.Applied(Plan next, PlanEdit inverse) -> next;
                case Edits.Result.Refused(String refused) -> throw new Refusal(HttpStatus.CONFLICT, List.of(refused));
            };
        }
        return edits.size() == 1 ? edits.getFirst() : new PlanEdit.Several(edits);
    }

    private PlanEdit made(String site, Plan plan, Api.Wish wish, List<String> says) {
        if (wish.set() != null) {
            return set(plan, wish.set(), says);
        }
        if (wish.create() != null) {
            Ref ref = ref(wish.create().object());
            says.add("new " + ref.kind().title() + " " + ref.key());
            return made(FieldEdits.create(plan, ref, wish.create().body()));
        }
        if (wish.remove() != null) {
            return removed(plan, wish.remove(), says);
        }
        if (wish.fix() != null) {
            return fixed(site, wish.fix(), says);
        }
        throw Refusal.unusable("A change without set, create, remove or fix: one of them is needed.");
    }

    private static PlanEdit set(Plan plan, Api.SetField set, List<String> says) {
        Ref ref = ref(set.object());
        // A JSON null arrives as a node of its own: it means the same as no value.
        Optional<JsonNode> value = Optional.ofNullable(set.value()).filter(given -> !given.isNull());
        says.add(plan.title(ref) + ", " + set.field().replaceFirst("^/", "") + ": "
                + value.map(Object::toString).orElse("taken away"));
        Pointer at = Pointer.parse(set.field())
                .orElseThrow(() -> Refusal.unusable(
                        "field: found '" + shortened(set.field()) + "'; allowed is " + Pointer.ALLOWED + "."));
        return made(FieldEdits.set(plan, ref, at, value));
    }

    private static PlanEdit removed(Plan plan, Api.RemoveObject remove, List<String> says) {
        Ref ref = ref(remove.object());
        says.add(ref.kind().title() + " " + plan.title(ref) + " removed");
        String instead = remove.instead();
        if (instead == null) {
            return new PlanEdit.Remove(ref);
        }
        Filling destination = Destination.parse(instead)
                .<Filling>map(to -> to)
                .or(() -> Ref.parse(instead))
                .filter(to -> !to.target().equals(Optional.of(ref)))
                .orElseThrow(() -> Refusal.unusable("In its place: found '" + shortened(instead)
                        + "'; allowed is another object's reference, or " + Destination.ALLOWED + "."));
        return made(Rewiring.replace(plan, ref, List.of(destination)));
    }

    private PlanEdit fixed(String site, Api.ApplyFix wish, List<String> says) {
        Fix fix = findings.of(drafts.draft(site)).stream()
                .filter(finding -> matches(finding, wish))
                .flatMap(finding -> finding.fixes().stream())
                .filter(one -> one.title().equals(wish.title()))
                .findFirst()
                .orElseThrow(() -> Refusal.missing("This finding is not there any more."));
        says.add(fix.title());
        return fix.edit();
    }

    private static boolean matches(Finding finding, Api.ApplyFix wish) {
        return finding.code().equals(wish.code())
                && finding.object().toString().equals(wish.object())
                && finding.field().map(Pointer::toString).orElse("").equals(wish.field());
    }

    /// A text as a refusal repeats it.
    private static String shortened(String text) {
        return text.length() <= 80 ? text : text.substring(0, 80) + "…";
    }

    private static PlanEdit made(Planned result) {
        return switch (result) {
            case Planned.Made(PlanEdit edit) -> edit;
            case Planned.Refused(List<String> says) -> throw new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, says);
        };
    }

    private static Ref ref(String text) {
        return Ref.parse(text)
                .orElseThrow(() -> Refusal.unusable("object: found '" + text
                        + "'; allowed is a kind and a key such as mailbox/reception, the key of " + Ref.ALLOWED_KEY
                        + "."));
    }

    @PostMapping("/undo")
    Api.Edited undo(@PathVariable String site, Principal who) {
        return again(
                site, who, "undo", () -> journal.lastDone(site, who.getName()), "There is nothing of yours to undo.");
    }

    @PostMapping("/redo")
    Api.Edited redo(@PathVariable String site, Principal who) {
        return again(site, who, "redo", () -> journal.lastUndone(site, who.getName()), "There is nothing to redo.");
    }

    private Api.Edited again(
            String site, Principal who, String kind, Supplier<Optional<JournalRow>> last, String none) {
        List<String> says = new ArrayList<>();
        Draft after = drafts.change(site, plan -> {
            JournalRow row = last.get().orElseThrow(() -> new Refusal(HttpStatus.CONFLICT, List.of(none)));
            row.undone();
            says.clear();
            says.add(row.says());
            return new Change(who.getName(), kind, row.says(), row.inverse(), Optional.of(row.version()));
        });
        return new Api.Edited(after.version(), String.join("; ", says));
    }
}
