package app.bittern.compare;

import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.RouteOrder;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Which objects are in one of two plans alone, and which differ.
///
/// @param added   in the order of the plan after
/// @param removed in the order of the plan before
/// @param changed   in the order of the plan before; a branch also where only the order of its cases differs
/// @param reordered routes that take calls alike and stand in another order, which decides between them
public record ObjectChanges(List<Ref> added, List<Ref> removed, List<Changed> changed, List<Ref> reordered) {
    public ObjectChanges {
        added = List.copyOf(added);
        removed = List.copyOf(removed);
        changed = List.copyOf(changed);
        reordered = List.copyOf(reordered);
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
                                .filter(other -> !Differing.alike(other, object))
                                .map(other -> new Changed(object, other))
                                .stream())
                        .toList(),
                reordered(before, after));
    }

    private static List<Ref> reordered(Plan before, Plan after) {
        List<Route> one = before.all(Route.class)
                .filter(route -> after.find(route.ref()).isPresent())
                .toList();
        List<Ref> other = after.all(Route.class)
                .map(Route::ref)
                .filter(ref -> before.find(ref).isPresent())
                .toList();
        if (one.stream().map(Route::ref).toList().equals(other)) {
            return List.of();
        }
        Map<Ref, Integer> places = new HashMap<>();
        other.forEach(ref -> places.put(ref, places.size()));
        Set<Ref> swapped = new LinkedHashSet<>();
        for (int first = 0; first < one.size(); first++) {
            for (int second = first + 1; second < one.size(); second++) {
                Ref earlier = one.get(first).ref();
                Ref later = one.get(second).ref();
                if (places.getOrDefault(earlier, 0) > places.getOrDefault(later, 0)
                        && RouteOrder.BY_RANK.compare(one.get(first), one.get(second)) == 0) {
                    swapped.addAll(List.of(earlier, later));
                }
            }
        }
        return List.copyOf(swapped);
    }

    public boolean none() {
        return added.isEmpty() && removed.isEmpty() && changed.isEmpty() && reordered.isEmpty();
    }
}
