package app.bittern.finding.checks;

import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Prompt;
import java.util.List;

/// The prompts that an object says.
final class Prompts {
    private Prompts() {}

    static List<Prompt> of(Plan plan, PlanObject object) {
        return object.slots().stream()
                .flatMap(slot -> slot.target().stream())
                .filter(ref -> ref.kind() == Kind.PROMPT)
                .distinct()
                .flatMap(ref -> plan.find(ref, Prompt.class).stream())
                .toList();
    }
}
