package app.bittern.finding.checks;

import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Prompt;
import app.bittern.plan.Ref;
import app.bittern.plan.Spoken;
import java.util.List;
import java.util.Optional;

/// The prompts that an object says.
final class Prompts {
    private Prompts() {}

    /// Whether an object says a prompt in a language to somebody who speaks it: not where each place names another.
    static boolean saidIn(PlanObject object, Ref prompt, String language) {
        List<Spoken> named = object.spoken().stream()
                .filter(one -> one.prompt().equals(prompt))
                .toList();
        long places = object.slots().stream()
                .filter(slot -> slot.target().equals(Optional.of(prompt)))
                .count();
        return places > named.size()
                || named.stream().anyMatch(one -> one.in(language).equals(language));
    }

    static List<Prompt> of(Plan plan, PlanObject object) {
        return object.slots().stream()
                .flatMap(slot -> slot.target().stream())
                .filter(ref -> ref.kind() == Kind.PROMPT)
                .distinct()
                .flatMap(ref -> plan.find(ref, Prompt.class).stream())
                .toList();
    }
}
