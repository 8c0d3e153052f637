package app.bittern.finding.checks;

import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Prompt;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Slot;
import app.bittern.plan.Spoken;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// The prompts that an object says to callers.
final class Prompts {
    private Prompts() {}

    /// Whether an object says a prompt in a language to somebody who speaks it: not where each place names another.
    static boolean saidIn(PlanObject object, Ref prompt, String language) {
        List<Spoken> named = object.spoken().stream()
                .filter(one -> one.prompt().equals(prompt))
                .toList();
        long places = heard(object)
                .filter(slot -> slot.target().equals(Optional.of(prompt)))
                .count();
        return places > named.size()
                || named.stream().anyMatch(one -> one.in(language).equals(language));
    }

    /// The places of what callers hear: not what agents are told, nor what is off.
    private static Stream<Slot> heard(PlanObject object) {
        List<Pointer> unheard = new ArrayList<>();
        if (object instanceof Queue queue) {
            unheard.add(Pointer.of("tellAgent"));
            queue.notice().filter(notice -> !notice.on()).ifPresent(off -> unheard.add(Pointer.of("notice")));
            for (int item = 0; item < queue.meanwhile().size(); item++) {
                if (!queue.meanwhile().get(item).enabled()) {
                    unheard.add(Pointer.of("meanwhile").to(item));
                }
            }
        }
        return object.slots().stream()
                .filter(slot -> unheard.stream().noneMatch(place -> slot.at().within(place)));
    }

    static List<Prompt> of(Plan plan, PlanObject object) {
        return heard(object)
                .flatMap(slot -> slot.target().stream())
                .filter(ref -> ref.kind() == Kind.PROMPT)
                .distinct()
                .flatMap(ref -> plan.find(ref, Prompt.class).stream())
                .toList();
    }
}
