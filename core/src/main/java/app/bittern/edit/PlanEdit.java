package app.bittern.edit;

import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.OptionalInt;

/// One change to a plan.
public sealed interface PlanEdit {
    /// Puts an object in place of the one of the same reference, or adds it.
    ///
    /// @param at the place of a new object among all; at the end where absent
    record Put(PlanObject object, OptionalInt at) implements PlanEdit {
        public Put(PlanObject object) {
            this(object, OptionalInt.empty());
        }
    }

    /// Takes an object away, leaving a hole wherever it is referred to.
    record Remove(Ref ref) implements PlanEdit {}

    /// Several edits as one: all of them or none.
    record Several(List<PlanEdit> edits) implements PlanEdit {
        public Several {
            edits = List.copyOf(edits);
        }
    }
}
