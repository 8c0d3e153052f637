package app.bittern.server.site;

import app.bittern.edit.Edits;
import app.bittern.edit.PlanEdit;
import app.bittern.edit.Planned;
import app.bittern.edit.Rewiring;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.formats.FieldEdits;
import app.bittern.formats.ObjectJson;
import app.bittern.formats.TakingBack;
import app.bittern.formats.ThreeWay;
import app.bittern.plan.Destination;
import app.bittern.plan.Filling;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.server.Refusal;
import java.security.Principal;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
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
        if (wishes.wishes().isEmpty() || wishes.wishes().stream().anyMatch(Objects::isNull)) {
            throw Refusal.unusable("No change was asked for: at least one is needed.");
        }
        List<String> says = new ArrayList<>();
        Draft after = drafts.change(site, plan -> {
            says.clear();
            return Change.edit(
                            who.getName(),
                            "",
                            edits(
                                    plan,
                                    wishes.wishes(),
                                    Boolean.TRUE.equals(wishes.holes()),
                                    since(site, wishes.version()),
                                    says))
                    .saying(String.join("; ", says));
        });
        return new Api.Edited(after.version(), String.join("; ", says));
    }

    /// What has been changed since the version that wishes were made from.
    private Since since(String site, @Nullable Long version) {
        return new Since(
                version == null ? List.of() : journal.findBySiteAndVersionGreaterThanOrderByVersion(site, version));
    }

    /// Each wish is made of the plan that those before it leave.
    private PlanEdit edits(Plan plan, List<Api.Wish> wishes, boolean holes, Since since, List<String> says) {
        List<PlanEdit> edits = new ArrayList<>();
        Plan so = plan;
        for (Api.Wish wish : wishes) {
            PlanEdit edit = made(so, wish, since, says);
            edits.add(edit);
            so = switch (Edits.apply(so, edit)) {
                case Edits.Result.Applied(Plan next, PlanEdit inverse) -> next;
                case Edits.Result.Refused(String refused) -> throw new Refusal(HttpStatus.CONFLICT, List.of(refused));
            };
        }
        PlanEdit all = edits.size() == 1 ? edits.getFirst() : new PlanEdit.Several(edits);
        if (!holes) {
            noNewHoles(plan, so, all);
        }
        return all;
    }

    /// What is set or made leads to what there is; an object that is taken away may leave holes.
    private static void noNewHoles(Plan before, Plan after, PlanEdit edit) {
        switch (edit) {
            case PlanEdit.Several several -> several.edits().forEach(one -> noNewHoles(before, after, one));
            case PlanEdit.Remove remove -> {}
            case PlanEdit.Put put ->
                after.find(put.object().ref())
                        .ifPresent(object -> object.slots().stream()
                                .filter(slot -> slot.target()
                                        .filter(target -> after.find(target).isEmpty())
                                        .filter(target -> before.find(target).isEmpty())
                                        .isPresent())
                                .filter(slot -> before.find(object.ref()).stream()
                                        .flatMap(was -> was.slots().stream())
                                        .noneMatch(slot::equals))
                                .findFirst()
                                .ifPresent(slot -> {
                                    throw Refusal.unusable(
                                            after.title(object.ref()) + ", " + slot.at() + ": found '"
                                                    + slot.target()
                                                            .map(Ref::toString)
                                                            .orElse("")
                                                    + "', which is not there; allowed is an object of the plan, or holes where they are asked for.");
                                }));
        }
    }

    private PlanEdit made(Plan plan, Api.Wish wish, Since since, List<String> says) {
        long verbs = Stream.of(wish.set(), wish.create(), wish.remove(), wish.fix())
                .filter(Objects::nonNull)
                .count();
        if (verbs > 1) {
            throw Refusal.unusable("A change with several of set, create, remove and fix: one of them is allowed; "
                    + "several changes are several wishes.");
        }
        if (wish.set() != null) {
            return set(plan, wish.set(), since, says);
        }
        if (wish.create() != null) {
            Ref ref = ref(wish.create().object());
            says.add("new " + ref.kind().title() + " " + ref.key());
            return made(FieldEdits.create(plan, ref, wish.create().body()));
        }
        if (wish.remove() != null) {
            return removed(plan, wish.remove(), since, says);
        }
        if (wish.fix() != null) {
            return fixed(plan, wish.fix(), says);
        }
        throw Refusal.unusable("A change without set, create, remove or fix: one of them is needed.");
    }

    private static PlanEdit set(Plan plan, Api.SetField set, Since since, List<String> says) {
        Ref ref = ref(set.object());
        // A JSON null arrives as a node of its own: it means the same as no value.
        Optional<JsonNode> value = Optional.ofNullable(set.value()).filter(given -> !given.isNull());
        says.add(plan.title(ref) + ", " + set.field().replaceFirst("^/", "") + ": "
                + value.map(Object::toString).orElse("taken away"));
        Pointer at = Pointer.parse(set.field())
                .orElseThrow(() -> Refusal.unusable(
                        "field: found '" + shortened(set.field()) + "'; allowed is " + Pointer.ALLOWED + "."));
        Optional<PlanObject> was = since.was(plan, ref);
        Optional<PlanObject> is = plan.find(ref);
        return was.isEmpty() || is.isEmpty() || was.equals(is)
                ? made(FieldEdits.set(plan, ref, at, value))
                : together(
                        plan, was.get(), is.get(), made(FieldEdits.set(plan.with(was.get()), ref, at, value)), since);
    }

    /// What was wished for of an object as it was, together with what others have made of it since.
    private static PlanEdit together(Plan plan, PlanObject was, PlanObject is, PlanEdit wished, Since since) {
        PlanObject mine = ((PlanEdit.Put) wished).object();
        ThreeWay.Merged merged = ThreeWay.merge(ObjectJson.write(was), ObjectJson.write(mine), ObjectJson.write(is));
        if (!merged.clashes().isEmpty()) {
            List<Api.ClashView> clashes = merged.clashes().stream()
                    .map(clash -> clash(plan, is.ref(), clash, since))
                    .toList();
            throw Refusal.clash(clashes.stream().map(EditController::says).toList(), clashes);
        }
        return switch (ObjectJson.read(is.ref(), merged.object())) {
            case ObjectJson.Result.Read(PlanObject object) -> new PlanEdit.Put(object);
            case ObjectJson.Result.Refused(List<Problem> problems) ->
                throw new Refusal(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        problems.stream().map(Problem::says).toList());
        };
    }

    private static Api.ClashView clash(Plan plan, Ref ref, ThreeWay.Clash clash, Since since) {
        Optional<JournalRow> row = since.last(ref);
        return new Api.ClashView(
                ref.toString(),
                plan.title(ref),
                clash.field().toString(),
                text(clash.was()),
                text(clash.mine()),
                text(clash.theirs()),
                row.map(JournalRow::account).orElse("somebody"),
                row.map(one -> one.at().toString()).orElse(""));
    }

    private static Optional<String> text(@Nullable JsonNode value) {
        return Optional.ofNullable(value).map(JsonNode::toString);
    }

    private static String says(Api.ClashView clash) {
        return clash.title() + ", " + clash.field().replaceFirst("^/", "") + ": " + clash.account()
                + " has made it " + clash.theirs().orElse("nothing") + " meanwhile; yours was "
                + clash.yours().orElse("nothing") + ".";
    }

    private static PlanEdit removed(Plan plan, Api.RemoveObject remove, Since since, List<String> says) {
        Ref ref = ref(remove.object());
        if (!since.was(plan, ref).equals(plan.find(ref))) {
            String who = since.last(ref).map(JournalRow::account).orElse("Somebody");
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    List.of(who + " has changed " + plan.title(ref) + " meanwhile: look at it before it goes."));
        }
        says.add(ref.kind().title() + " " + plan.title(ref) + " removed");
        String instead = remove.instead();
        if (instead == null) {
            return new PlanEdit.Remove(ref);
        }
        Filling destination = Destination.parse(instead)
                .<Filling>map(to -> to)
                .or(() -> Ref.parse(instead))
                .filter(to -> !to.target().equals(Optional.of(ref)))
                .filter(to ->
                        to.target().map(plan::find).map(Optional::isPresent).orElse(true))
                .orElseThrow(() -> Refusal.unusable("In its place: found '" + shortened(instead)
                        + "'; allowed is the reference of another object that there is, or " + Destination.ALLOWED
                        + "."));
        List<Plan.Use> uses = plan.uses(ref);
        if (!uses.isEmpty()
                && uses.stream()
                        .allMatch(use -> use.slot().takes().fitted(destination).isEmpty())) {
            Plan.Use use = uses.getFirst();
            throw Refusal.unusable("In its place: found '" + shortened(instead) + "', which cannot stand in "
                    + plan.title(use.object()) + ", " + use.slot().at() + "; allowed is "
                    + use.slot().takes().words() + ".");
        }
        return made(Rewiring.replace(plan, ref, List.of(destination)));
    }

    /// The fix of a finding of the plan as wishes before have left it.
    private PlanEdit fixed(Plan plan, Api.ApplyFix wish, List<String> says) {
        Fix fix = findings.of(plan).stream()
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
        List<String> says = new ArrayList<>();
        Draft after = drafts.change(site, plan -> {
            JournalRow row = last.get().orElseThrow(() -> new Refusal(HttpStatus.CONFLICT, List.of(none)));
            says.clear();
            says.add(row.says());
            PlanEdit back = takenBack(site, plan, row);
            return new Change(who.getName(), kind, row.says(), back, Optional.of(row.version()));
        });
        return new Api.Edited(after.version(), String.join("; ", says));
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
