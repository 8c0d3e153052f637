package app.bittern.server.edit;

import app.bittern.edit.Edits;
import app.bittern.edit.MemberCell;
import app.bittern.edit.PlanEdit;
import app.bittern.edit.Planned;
import app.bittern.edit.Rewiring;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.formats.FieldEdits;
import app.bittern.formats.ObjectJson;
import app.bittern.formats.ThreeWay;
import app.bittern.plan.Destination;
import app.bittern.plan.Filling;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.server.Refusal;
import app.bittern.server.object.Said;
import app.bittern.server.object.Where;
import app.bittern.server.plan.JournalRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;

/// What somebody wishes to change, made into one edit: each wish of the plan that those before it leave,
/// together with what others have done since the version that it was made from.
final class WishedEdit {
    private final Since since;
    private final Function<Plan, List<Finding>> findings;
    private final List<String> says = new ArrayList<>();
    private Optional<Edits.Result.Applied> applied = Optional.empty();

    /// @param since    what others have done since
    /// @param findings what is found in a plan
    WishedEdit(Since since, Function<Plan, List<Finding>> findings) {
        this.since = since;
        this.findings = findings;
    }

    /// What it does, in words.
    String says() {
        return String.join("; ", says);
    }

    /// Each wish is made of the plan that those before it leave.
    ///
    /// @param holes whether what is set or made may lead to what is not there
    PlanEdit of(Plan plan, List<EditApi.Wish> wishes, boolean holes) {
        List<PlanEdit> edits = new ArrayList<>();
        List<PlanEdit> inverses = new ArrayList<>();
        Plan so = plan;
        for (EditApi.Wish wish : wishes) {
            PlanEdit edit = made(so, wish);
            edits.add(edit);
            so = switch (Edits.apply(so, edit)) {
                case Edits.Result.Applied(Plan next, PlanEdit inverse) -> {
                    inverses.addFirst(inverse);
                    yield next;
                }
                case Edits.Result.Refused(String refused) -> throw new Refusal(HttpStatus.CONFLICT, List.of(refused));
            };
        }
        PlanEdit all = edits.size() == 1 ? edits.getFirst() : new PlanEdit.Several(edits);
        if (!holes) {
            noNewHoles(plan, so, all);
        }
        applied = Optional.of(new Edits.Result.Applied(
                so, inverses.size() == 1 ? inverses.getFirst() : new PlanEdit.Several(inverses)));
        return all;
    }

    /// What the edit that was made last makes of its plan: to make it takes as long as the plan is large.
    Edits.Result.Applied applied() {
        return applied.orElseThrow();
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

    private PlanEdit made(Plan plan, EditApi.Wish wish) {
        long verbs = Stream.of(wish.set(), wish.create(), wish.rename(), wish.remove(), wish.fix(), wish.member())
                .filter(Objects::nonNull)
                .count();
        if (verbs > 1) {
            throw Refusal.unusable(
                    "A change with several of set, create, rename, remove, fix and member: one of them is allowed; "
                            + "several changes are several wishes.");
        }
        if (wish.set() != null) {
            return set(plan, wish.set());
        }
        if (wish.create() != null) {
            Ref ref = fresh(wish.create().object());
            says.add("new " + ref.kind().title() + " " + ref.key());
            return made(FieldEdits.create(plan, ref, wish.create().body()));
        }
        if (wish.rename() != null) {
            Ref ref = ref(wish.rename().object());
            says.add(ref.kind().title() + " " + plan.title(ref) + ": " + ref.key() + " renamed to "
                    + Problem.shown(wish.rename().key()));
            return made(Rewiring.rename(plan, ref, wish.rename().key()));
        }
        if (wish.remove() != null) {
            return removed(plan, wish.remove());
        }
        if (wish.fix() != null) {
            return fixed(plan, wish.fix());
        }
        if (wish.member() != null) {
            return member(plan, wish.member());
        }
        throw Refusal.unusable("A change without set, create, rename, remove, fix or member: one of them is needed.");
    }

    private PlanEdit set(Plan plan, EditApi.SetField set) {
        Ref ref = ref(set.object());
        // A JSON null arrives as a node of its own: it means the same as no value.
        Optional<JsonNode> value = Optional.ofNullable(set.value()).filter(given -> !given.isNull());
        Pointer at = Pointer.parse(set.field())
                .orElseThrow(() -> Refusal.unusable(
                        "field: found '" + Problem.shown(set.field()) + "'; allowed is " + Pointer.ALLOWED + "."));
        Optional<PlanObject> was = since.was(plan, ref);
        Optional<PlanObject> is = plan.find(ref);
        PlanEdit edit = was.isEmpty() || is.isEmpty() || was.equals(is)
                ? made(FieldEdits.set(plan, ref, at, value))
                : together(plan, was.get(), is.get(), made(FieldEdits.set(plan.with(was.get()), ref, at, value)));
        says.add(is.flatMap(object -> ChangedRules.says(plan, object, edit))
                .map(rules -> plan.title(ref) + ": " + rules)
                .orElseGet(() -> plan.title(ref) + ", " + Where.words(ref.kind(), at) + ": "
                        + value.map(given -> new Said(plan).value(ref.kind(), at, given))
                                .orElse("taken away")));
        return edit;
    }

    /// Somebody in, out of, or otherwise in a group, a queue or a page: of it as it is now, so that two who set
    /// two people never clash.
    private PlanEdit member(Plan plan, EditApi.SetMember wished) {
        Ref ref = ref(wished.object());
        Ref person = ref(Kind.EXTENSION.word() + "/" + wished.extension());
        PlanObject object = there(plan, ref);
        there(plan, person);
        Optional<MemberCell> cell = MemberCell.parse(wished.cell())
                .orElseThrow(() -> Refusal.unusable("member.cell: found '" + Problem.shown(wished.cell())
                        + "'; allowed is " + MemberCell.ALLOWED + "."));
        says.add(plan.title(ref) + ", " + plan.title(person) + ": "
                + cell.map(one -> one.words(ref.kind())).orElse("out"));
        return MemberCell.put(object, person, cell)
                .<PlanEdit>map(PlanEdit.Put::new)
                .orElseThrow(() -> Refusal.unusable(plan.title(ref) + ": found '" + Problem.shown(wished.cell())
                        + "'; in a " + ref.kind().title() + " allowed is " + allowed(ref.kind()) + "."));
    }

    private static String allowed(Kind kind) {
        return switch (kind) {
            case RING_GROUP -> "in, a delay such as 10s, and key";
            case HUNT_GROUP -> "a place such as 2, and key";
            case PAGE -> "in";
            default -> MemberCell.ALLOWED;
        };
    }

    private static PlanObject there(Plan plan, Ref ref) {
        return plan.find(ref)
                .orElseThrow(
                        () -> Refusal.missing("This plan has no " + ref.kind().title() + " '" + ref.key() + "'."));
    }

    /// What was wished for of an object as it was, together with what others have made of it since.
    private PlanEdit together(Plan plan, PlanObject was, PlanObject is, PlanEdit wished) {
        PlanObject mine = ((PlanEdit.Put) wished).object();
        ThreeWay.Merged merged = ThreeWay.merge(ObjectJson.write(was), ObjectJson.write(mine), ObjectJson.write(is));
        if (!merged.clashes().isEmpty()) {
            List<EditApi.ClashView> clashes = merged.clashes().stream()
                    .map(clash -> clash(plan, is.ref(), clash))
                    .toList();
            throw Refusal.clash(clashes.stream().map(WishedEdit::says).toList(), clashes);
        }
        return switch (ObjectJson.read(is.ref(), merged.object())) {
            case ObjectJson.Result.Read(PlanObject object) -> new PlanEdit.Put(object);
            case ObjectJson.Result.Refused(List<Problem> problems) ->
                throw new Refusal(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        problems.stream().map(Problem::says).toList());
        };
    }

    private EditApi.ClashView clash(Plan plan, Ref ref, ThreeWay.Clash clash) {
        Optional<JournalRow> row = since.last(ref);
        return new EditApi.ClashView(
                ref.toString(),
                plan.title(ref),
                clash.field().toString(),
                Where.words(ref.kind(), clash.field()),
                said(plan, ref, clash, clash.was()),
                said(plan, ref, clash, clash.mine()),
                said(plan, ref, clash, clash.theirs()),
                row.map(JournalRow::account).orElse("somebody"),
                row.map(one -> one.at().toString()).orElse(""));
    }

    /// One of the values of a field on which two have clashed, as people read it; nothing where it is not given.
    static Optional<String> said(Plan plan, Ref ref, ThreeWay.Clash clash, @Nullable JsonNode value) {
        return Optional.ofNullable(value).map(one -> new Said(plan).value(ref.kind(), clash.field(), one));
    }

    private static String says(EditApi.ClashView clash) {
        return clash.title() + ", " + clash.where() + ": " + clash.account() + " has made it "
                + clash.theirs().orElse("nothing") + " meanwhile; yours was "
                + clash.yours().orElse("nothing") + ".";
    }

    private PlanEdit removed(Plan plan, EditApi.RemoveObject remove) {
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
                .orElseThrow(() -> Refusal.unusable("In its place: found '" + Problem.shown(instead)
                        + "'; allowed is the reference of another object that there is, or " + Destination.ALLOWED
                        + "."));
        List<Plan.Use> uses = plan.uses(ref);
        if (!uses.isEmpty()
                && uses.stream()
                        .allMatch(use -> use.slot().takes().fitted(destination).isEmpty())) {
            Plan.Use use = uses.getFirst();
            throw Refusal.unusable("In its place: found '" + Problem.shown(instead) + "', which cannot stand in "
                    + plan.title(use.object()) + ", " + use.slot().at() + "; allowed is "
                    + use.slot().takes().words() + ".");
        }
        return made(Rewiring.replace(plan, ref, List.of(destination)));
    }

    /// The fix of a finding of the plan as wishes before have left it.
    private PlanEdit fixed(Plan plan, EditApi.ApplyFix wish) {
        Fix fix = findings.apply(plan).stream()
                .filter(finding -> matches(finding, wish))
                .flatMap(finding -> finding.fixes().stream())
                .filter(one -> one.title().equals(wish.title()))
                .findFirst()
                .orElseThrow(() -> Refusal.missing("This finding is not there any more."));
        says.add(fix.title());
        return fix.edit();
    }

    private static boolean matches(Finding finding, EditApi.ApplyFix wish) {
        return finding.code().equals(wish.code())
                && finding.object().toString().equals(wish.object())
                && finding.field().map(Pointer::toString).orElse("").equals(wish.field());
    }

    private static PlanEdit made(Planned result) {
        return switch (result) {
            case Planned.Made(PlanEdit edit) -> edit;
            case Planned.Refused(List<String> says) -> throw new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, says);
        };
    }

    /// What is to be made: where its kind is known, what is wrong is its number or key.
    private static Ref fresh(String text) {
        int slash = text.indexOf('/');
        String kind = slash < 0 ? text : text.substring(0, slash);
        return Stream.of(Kind.values())
                .filter(one -> slash >= 0 && one.word().equals(kind))
                .findFirst()
                .map(one -> {
                    String key = text.substring(slash + 1);
                    if (!Ref.sound(one, key)) {
                        throw Refusal.unusable((one.keys() == Kind.Keys.WORDS ? "key" : "number") + ": found '"
                                + Problem.shown(key) + "'; allowed is " + Ref.allowedKey(one) + ".");
                    }
                    return new Ref(one, key);
                })
                .orElseGet(() -> ref(text));
    }

    private static Ref ref(String text) {
        return Ref.parse(text)
                .orElseThrow(() -> Refusal.unusable("object: found '" + Problem.shown(text)
                        + "'; allowed is a kind and a key such as mailbox/reception, the key of " + Ref.ALLOWED_KEY
                        + "."));
    }
}
