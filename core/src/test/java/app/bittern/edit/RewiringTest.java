package app.bittern.edit;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.plan.Destination;
import app.bittern.plan.Filling;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Slot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// Renaming and replacing on random plans: nothing that names an object is forgotten, and calls do the same.
class RewiringTest {
    private static Optional<Plan> made(Plan plan, Planned planned) {
        return planned instanceof Planned.Made(PlanEdit edit)
                        && Edits.apply(plan, edit) instanceof Edits.Result.Applied(Plan after, PlanEdit inverse)
                ? Optional.of(after)
                : Optional.empty();
    }

    private static Ref any(Plan plan, Random random) {
        List<PlanObject> objects = new ArrayList<>(plan.objects());
        return objects.get(1 + random.nextInt(objects.size() - 1)).ref();
    }

    private static List<Slot> naming(Plan plan, Ref ref) {
        return plan.objects().stream()
                .flatMap(object -> object.slots().stream())
                .filter(slot -> slot.target().equals(Optional.of(ref)))
                .toList();
    }

    @Test
    void aRenamedObjectIsNamedByTheSamePlacesAndByNoOther() {
        Random random = Seeds.random(91);
        int renamed = 0;
        for (int plans = 0; plans < RandomPlans.many(300); plans++) {
            Plan plan = RandomPlans.plan(random);
            Ref ref = any(plan, random);
            if (ref.kind().keys() != Kind.Keys.WORDS) {
                continue;
            }
            Optional<Plan> after = made(plan, Rewiring.rename(plan, ref, "another-key"));
            if (after.isPresent()) {
                renamed++;
                Ref now = new Ref(ref.kind(), "another-key");
                assertThat(naming(after.get(), ref)).isEmpty();
                assertThat(naming(after.get(), now)).hasSameSizeAs(naming(plan, ref));
                assertThat(after.get().objects()).hasSameSizeAs(plan.objects());
                assertThat(after.get().index(now)).isEqualTo(plan.index(ref));
            }
        }
        assertThat(renamed).isGreaterThan(Seeds.met(RandomPlans.many(150)));
    }

    /// What is told of a call, under either key.
    private static List<Object> told(Trace trace, Ref ref) {
        return List.of(
                trace.second(),
                trace.ending().kind(),
                trace.steps().stream()
                        .map(step -> step.object().equals(ref.toString())
                                        || step.object().equals(new Ref(ref.kind(), "another-key").toString())
                                ? "it"
                                : step.object())
                        .toList());
    }

    @Test
    void callsPassTheSameObjectsUnderAnotherKey() {
        Random random = Seeds.random(92);
        for (int plans = 0; plans < RandomPlans.many(150); plans++) {
            Plan plan = RandomPlans.plan(random);
            Ref ref = any(plan, random);
            if (!ref.kind().routable() || ref.kind().keys() != Kind.Keys.WORDS) {
                continue;
            }
            Plan after = made(plan, Rewiring.rename(plan, ref, "another-key")).orElseThrow();
            for (int benches = 0; benches < 10; benches++) {
                Bench bench = RandomBenches.bench(plan, random);
                // What is found in a place is given by its key.
                if (!bench.waiting().containsKey(ref)) {
                    assertThat(told(Tracer.trace(after, bench), ref)).isEqualTo(told(Tracer.trace(plan, bench), ref));
                }
            }
        }
    }

    @Test
    void nothingNamesAnObjectThatHasBeenReplaced() {
        Random random = Seeds.random(93);
        int replaced = 0;
        int refused = 0;
        for (int plans = 0; plans < RandomPlans.many(300); plans++) {
            Plan plan = RandomPlans.plan(random);
            Ref ref = any(plan, random);
            List<Filling> instead = random.nextBoolean() ? List.of(new Destination.HangUp()) : List.of();
            Optional<Plan> after = made(plan, Rewiring.replace(plan, ref, instead));
            after.ifPresent(now -> {
                assertThat(now.find(ref)).isEmpty();
                assertThat(naming(now, ref)).isEmpty();
                // Whoever did not name it is as before.
                plan.objects().stream()
                        .filter(object -> !object.ref().equals(ref))
                        .filter(object -> object.slots().stream()
                                .noneMatch(slot -> slot.target().equals(Optional.of(ref))))
                        .forEach(object -> assertThat(now.find(object.ref())).contains(object));
            });
            replaced += after.isPresent() ? 1 : 0;
            refused += after.isPresent() ? 0 : 1;
        }
        assertThat(replaced).isGreaterThan(Seeds.met(RandomPlans.many(200)));
        assertThat(refused).isLessThan(replaced);
    }

    @Test
    void whatIsNotThereIsRefusedWithItsName() {
        Plan plan = RandomPlans.plan(Seeds.random(94));
        Ref gone = new Ref(Kind.MENU, "nowhere");
        assertThat(Rewiring.rename(plan, gone, "else"))
                .isEqualTo(Planned.refused("There is no menu/nowhere in the plan (any more)."));
        assertThat(Rewiring.replace(plan, gone, List.of()))
                .isEqualTo(Planned.refused("There is no menu/nowhere in the plan (any more)."));
    }

    @Test
    void aKeyThatIsNoneOrIsTakenIsRefused() {
        Plan plan = RandomPlans.plan(Seeds.random(95));
        Ref menu = plan.objects().stream()
                .map(PlanObject::ref)
                .filter(ref -> ref.kind() == Kind.MENU)
                .findFirst()
                .orElseThrow();
        assertThat(Rewiring.rename(plan, menu, "No Key")).isInstanceOf(Planned.Refused.class);
        assertThat(Rewiring.rename(plan, menu, menu.key()))
                .isEqualTo(Planned.refused("Menu " + menu.key() + " is there already: choose another key."));
    }
}
