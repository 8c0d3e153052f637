package app.bittern.edit;

import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.RouteOrder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/// Applies edits.
public final class Edits {
    private Edits() {}

    /// What became of an edit.
    public sealed interface Result {
        /// @param plan    the plan after it
        /// @param inverse what gives back the plan before it
        record Applied(Plan plan, PlanEdit inverse) implements Result {}

        /// @param says what is wrong and what is allowed
        record Refused(String says) implements Result {}
    }

    /// The plan after an edit, or why it cannot be made.
    public static Result apply(Plan plan, PlanEdit edit) {
        Result made = made(plan, edit);
        return made instanceof Result.Applied(Plan after, PlanEdit inverse)
                ? RouteOrder.round(after)
                        .<Result>map(round -> new Result.Refused("No order of routes has that: "
                                + RouteOrder.saidRound(after, round) + ". Take one of these names out."))
                        .orElse(made)
                : made;
    }

    private static Result made(Plan plan, PlanEdit edit) {
        return switch (edit) {
            case PlanEdit.Put put -> put(plan, put);
            case PlanEdit.Remove remove -> remove(plan, remove);
            case PlanEdit.Several several -> several(plan, several);
        };
    }

    private static Result put(Plan plan, PlanEdit.Put put) {
        PlanObject object = put.object();
        Optional<String> taken = numberTaken(plan, object);
        if (taken.isPresent()) {
            return new Result.Refused(taken.get());
        }
        Optional<PlanObject> before = plan.find(object.ref());
        if (before.isPresent()) {
            return new Result.Applied(plan.with(object), new PlanEdit.Put(before.get()));
        }
        if (object.ref().kind() == Kind.SITE) {
            return new Result.Refused(
                    "A plan has one site, " + plan.site().ref() + "; its key cannot be changed here.");
        }
        Plan after = put.at().isPresent() ? plan.withAt(put.at().getAsInt(), object) : plan.with(object);
        return new Result.Applied(after, new PlanEdit.Remove(object.ref()));
    }

    /// Why an object cannot have its number: another has it. One that it had before is its own.
    private static Optional<String> numberTaken(Plan plan, PlanObject object) {
        return object.number()
                .filter(number -> plan.find(object.ref())
                        .flatMap(PlanObject::number)
                        .filter(number::equals)
                        .isEmpty())
                .flatMap(number -> plan.objects().stream()
                        .filter(other -> other.number().equals(Optional.of(number))
                                && !other.ref().equals(object.ref()))
                        .findFirst()
                        .map(other -> "Number " + number + " is taken by "
                                + other.ref().kind().title() + " " + other.title()
                                + ". Each number of a site is given once."));
    }

    private static Result remove(Plan plan, PlanEdit.Remove remove) {
        if (remove.ref().kind() == Kind.SITE) {
            return new Result.Refused("The site itself cannot be taken out of its plan.");
        }
        return plan.find(remove.ref())
                .<Result>map(object -> new Result.Applied(
                        plan.without(object.ref()), new PlanEdit.Put(object, OptionalInt.of(plan.index(object.ref())))))
                .orElseGet(() -> new Result.Refused("There is no " + remove.ref() + " in the plan (any more)."));
    }

    private static Result several(Plan plan, PlanEdit.Several several) {
        List<PlanEdit> inverses = new ArrayList<>();
        Plan after = plan;
        for (PlanEdit edit : several.edits()) {
            switch (made(after, edit)) {
                case Result.Refused refused -> {
                    return refused;
                }
                case Result.Applied(Plan next, PlanEdit inverse) -> {
                    after = next;
                    inverses.addFirst(inverse);
                }
            }
        }
        return new Result.Applied(after, new PlanEdit.Several(inverses));
    }
}
