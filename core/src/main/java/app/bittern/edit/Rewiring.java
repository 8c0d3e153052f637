package app.bittern.edit;

import app.bittern.plan.Accepted;
import app.bittern.plan.Filling;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Slot;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/// Changes what an object is called, or what stands in its place, in every slot that names it.
public final class Rewiring {
    private Rewiring() {}

    /// Gives an object another key, wherever it is named.
    public static Planned rename(Plan plan, Ref ref, String key) {
        Optional<PlanObject> object = plan.find(ref);
        if (object.isEmpty()) {
            return Planned.refused("There is no " + ref + " in the plan (any more).");
        }
        if (ref.kind().form() == Kind.Form.SINGLE || !Ref.sound(ref.kind(), key)) {
            return Planned.refused("'" + key + "' cannot be the key of a "
                    + ref.kind().title() + "; allowed is " + Ref.allowedKey(ref.kind()) + ".");
        }
        Ref renamed = new Ref(ref.kind(), key);
        if (plan.find(renamed).isPresent()) {
            return Planned.there(renamed);
        }
        List<PlanEdit> edits = new ArrayList<>(List.of(new PlanEdit.Remove(ref)));
        edits.add(new PlanEdit.Put(object.get().renamed(ref, renamed), OptionalInt.of(plan.index(ref))));
        for (Ref user : users(plan, ref)) {
            if (!user.equals(ref)) {
                edits.add(new PlanEdit.Put(plan.find(user).orElseThrow().renamed(ref, renamed)));
            }
        }
        plan.all(Accepted.class).forEach(accepted -> {
            PlanObject after = accepted.renamed(ref, renamed);
            if (!after.equals(accepted)) {
                edits.add(new PlanEdit.Put(after));
            }
        });
        return new Planned.Made(new PlanEdit.Several(edits));
    }

    private static Set<Ref> users(Plan plan, Ref ref) {
        Set<Ref> users = new LinkedHashSet<>();
        plan.uses(ref).forEach(use -> users.add(use.object()));
        return users;
    }

    /// Takes an object away and puts something else in each slot that names it: the first of what is given
    /// that the slot takes. A slot that takes none of it is emptied, and the entry of a list or map that is
    /// nothing without it is taken out; where the whole object is nothing without it, the wish is refused.
    ///
    /// @param instead in the order in which it is tried
    public static Planned replace(Plan plan, Ref gone, List<? extends Filling> instead) {
        if (plan.find(gone).isEmpty()) {
            return Planned.refused("There is no " + gone + " in the plan (any more).");
        }
        List<String> says = new ArrayList<>();
        List<PlanEdit> edits = new ArrayList<>();
        for (Ref user : users(plan, gone)) {
            if (user.equals(gone)) {
                continue;
            }
            PlanObject object = plan.find(user).orElseThrow();
            edits.add(new PlanEdit.Put(object.filled(slot -> {
                if (!slot.target().equals(Optional.of(gone))) {
                    return slot.holds();
                }
                Optional<Filling> fitted = instead.stream()
                        .flatMap(one -> slot.takes().fitted(one).stream())
                        .findFirst();
                if (fitted.isEmpty() && slot.need() == Slot.Need.WHOLE) {
                    says.add(user.kind().title() + " " + object.title() + " "
                            + slot.role().words() + " "
                            + gone.kind().title() + " " + plan.title(gone) + " (" + slot.at()
                            + ") and is nothing without it: put " + slot.takes().words() + " in its place, or remove "
                            + user + " first.");
                }
                return fitted;
            })));
        }
        edits.add(new PlanEdit.Remove(gone));
        return says.isEmpty() ? new Planned.Made(new PlanEdit.Several(edits)) : new Planned.Refused(says);
    }
}
