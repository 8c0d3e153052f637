package app.bittern.finding.checks;

import app.bittern.plan.Code;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Role;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.Set;

/// What a phone in the site can come to by dialling a number, whatever the conditions on the way.
final class Inside {
    private Inside() {}

    /// Everything that a number of the site leads to or rings.
    static Set<Ref> of(Plan plan) {
        return from(
                plan,
                plan.objects().stream()
                        .filter(object -> object.number().isPresent() && !(object instanceof Code))
                        .map(PlanObject::ref)
                        .toList());
    }

    /// Everything that some objects lead to or ring, themselves included.
    static Set<Ref> from(Plan plan, Collection<Ref> begin) {
        Set<Ref> met = new LinkedHashSet<>(begin);
        Deque<Ref> work = new ArrayDeque<>(met);
        while (!work.isEmpty()) {
            plan.find(work.remove()).stream()
                    .flatMap(object -> object.slots().stream())
                    .filter(slot -> slot.role() == Role.LEADS_TO || slot.role() == Role.RINGS)
                    .flatMap(slot -> slot.target().stream())
                    .filter(met::add)
                    .forEach(work::add);
        }
        return met;
    }
}
