package app.bittern.formats;

import app.bittern.edit.Edits;
import app.bittern.edit.PlanEdit;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/// Takes an edit back from a plan that others have gone on changing: only its own fields become what they were.
///
/// A field that has been changed since, an object that has been changed or is used since and would go, and
/// one that has been made anew in the place of one that would come back are named, and nothing is taken back
/// then.
public final class TakingBack {
    private final Plan now;
    private final Function<Ref, Optional<PlanObject>> behind;
    private final Map<Ref, Optional<PlanEdit.Put>> before = new LinkedHashMap<>();
    private final Map<Ref, Optional<PlanObject>> after = new LinkedHashMap<>();
    private final List<PlanEdit> edits = new ArrayList<>();
    private final List<Since> since = new ArrayList<>();

    private TakingBack(Plan now, Function<Ref, Optional<PlanObject>> behind) {
        this.now = now;
        this.behind = behind;
    }

    /// Something that has been changed since and stands in the way.
    ///
    /// @param field the field, or the whole object
    /// @param says  what it is now, and what it would become, in the words of the plan file
    /// @param clash the values, where a field has been changed since
    public record Since(Ref object, Pointer field, String says, Optional<ThreeWay.Clash> clash) {
        private Since(Ref object, Pointer field, String says) {
            this(object, field, says, Optional.empty());
        }
    }

    /// What became of it.
    public sealed interface Result {
        record Made(PlanEdit edit) implements Result {}

        record Refused(List<Since> since) implements Result {
            public Refused {
                since = List.copyOf(since);
            }
        }
    }

    /// The edit that takes another back.
    ///
    /// @param now     the plan as it is now
    /// @param edit    what was done
    /// @param inverse what gave back the plan as it was before
    /// @param behind  each object as it was right behind the edit
    public static Result of(Plan now, PlanEdit edit, PlanEdit inverse, Function<Ref, Optional<PlanObject>> behind) {
        TakingBack taking = new TakingBack(now, behind);
        taking.states(inverse, edit);
        taking.after.forEach(taking::back);
        return taking.result();
    }

    private Result result() {
        if (!since.isEmpty()) {
            return new Result.Refused(since);
        }
        // What goes goes first: what comes back may have its number.
        edits.sort(Comparator.comparing(edit -> !(edit instanceof PlanEdit.Remove)));
        PlanEdit all = edits.size() == 1 ? edits.getFirst() : new PlanEdit.Several(edits);
        if (Edits.apply(now, all) instanceof Edits.Result.Applied(Plan then, PlanEdit inverse)) {
            after.keySet().stream()
                    .filter(ref -> then.find(ref).isEmpty())
                    .forEach(ref -> then.uses(ref).forEach(use -> used(ref, use)));
        }
        return since.isEmpty() ? new Result.Made(all) : new Result.Refused(since);
    }

    /// A place that refers to an object that would go stands in the way if it has come to do so since.
    private void used(Ref gone, Plan.Use use) {
        boolean already = behind.apply(use.object()).stream()
                .flatMap(object -> object.slots().stream())
                .anyMatch(slot ->
                        slot.at().equals(use.slot().at()) && slot.target().equals(Optional.of(gone)));
        if (already) {
            return;
        }
        since.add(new Since(
                use.object(),
                use.slot().at(),
                now.title(use.object()) + " refers to " + now.title(gone) + " by now, which would go"));
    }

    /// Each object that the edit changed, as it was before all of it and as it was behind all of it.
    private void states(PlanEdit inverse, PlanEdit edit) {
        each(inverse, one -> {
            switch (one) {
                case PlanEdit.Put put -> before.put(put.object().ref(), Optional.of(put));
                case PlanEdit.Remove remove -> before.put(remove.ref(), Optional.empty());
                case PlanEdit.Several several -> throw new IllegalStateException(several.toString());
            }
        });
        each(edit, one -> {
            switch (one) {
                case PlanEdit.Put put -> after.put(put.object().ref(), Optional.of(put.object()));
                case PlanEdit.Remove remove -> after.put(remove.ref(), Optional.empty());
                case PlanEdit.Several several -> throw new IllegalStateException(several.toString());
            }
        });
    }

    private static void each(PlanEdit edit, Consumer<PlanEdit> one) {
        if (edit instanceof PlanEdit.Several(List<PlanEdit> edits)) {
            edits.forEach(inner -> each(inner, one));
        } else {
            one.accept(edit);
        }
    }

    /// What takes back the change of one object.
    private void back(Ref ref, Optional<PlanObject> made) {
        Optional<PlanEdit.Put> was = before.getOrDefault(ref, Optional.empty());
        Optional<PlanObject> is = now.find(ref);
        if (made.isPresent() && was.isPresent()) {
            is.ifPresentOrElse(
                    object -> fields(made.get(), was.get().object(), object),
                    () -> since.add(new Since(ref, Pointer.WHOLE, ref + " has been removed since")));
        } else if (made.isPresent()) {
            if (is.isPresent() && !is.equals(made)) {
                since.add(new Since(ref, Pointer.WHOLE, now.title(ref) + " has been changed since it was made"));
            }
            is.ifPresent(object -> edits.add(new PlanEdit.Remove(ref)));
        } else if (was.isPresent()) {
            if (is.isPresent()) {
                since.add(new Since(ref, Pointer.WHOLE, "another " + ref + " has been made since"));
            }
            OptionalInt place = was.get().at();
            edits.add(new PlanEdit.Put(was.get().object(), place));
        }
    }

    private void fields(PlanObject made, PlanObject was, PlanObject is) {
        ThreeWay.Merged merged = ThreeWay.merge(ObjectJson.write(made), ObjectJson.write(was), ObjectJson.write(is));
        for (ThreeWay.Clash clash : merged.clashes()) {
            since.add(new Since(
                    is.ref(),
                    clash.field(),
                    now.title(is.ref()) + ", " + clash.field() + " is " + words(clash.theirs())
                            + " by now; it would become " + words(clash.mine()),
                    Optional.of(clash)));
        }
        switch (ObjectJson.read(is.ref(), merged.object())) {
            case ObjectJson.Result.Read(PlanObject object) -> edits.add(new PlanEdit.Put(object));
            case ObjectJson.Result.Refused(List<Problem> problems) ->
                problems.forEach(problem -> since.add(new Since(is.ref(), Pointer.WHOLE, problem.says())));
        }
    }

    private static String words(@Nullable JsonNode value) {
        return value == null ? "nothing" : value.isString() ? value.asString() : value.toString();
    }
}
