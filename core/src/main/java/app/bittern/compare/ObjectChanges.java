package app.bittern.compare;

import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.List;

/// Which objects are in one of two plans alone, and which differ.
///
/// @param added   in the order of the plan after
/// @param removed in the order of the plan before
/// @param changed in the order of the plan before
public record ObjectChanges(List<Ref> added, List<Ref> removed, List<Changed> changed) {
    public ObjectChanges {
        added = List.copyOf(added);
        removed = List.copyOf(removed);
        changed = List.copyOf(changed);
    }

    /// An object before and after.
    public record Changed(PlanObject before, PlanObject after) {}

    public static ObjectChanges of(Plan before, Plan after) {
        return new ObjectChanges(
                after.objects().stream()
                        .map(PlanObject::ref)
                        .filter(ref -> before.find(ref).isEmpty())
                        .toList(),
                before.objects().stream()
                        .map(PlanObject::ref)
                        .filter(ref -> after.find(ref).isEmpty())
                        .toList(),
                before.objects().stream()
                        .flatMap(object -> after
                                .find(object.ref())
                                .filter(other -> !other.equals(object))
                                .map(other -> new Changed(object, other))
                                .stream())
                        .toList());
    }

    public boolean none() {
        return added.isEmpty() && removed.isEmpty() && changed.isEmpty();
    }
}
