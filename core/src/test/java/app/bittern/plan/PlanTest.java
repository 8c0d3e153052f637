package app.bittern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PlanTest {
    /// The uses that a changed plan has taken over from the one before are those that it would find itself.
    @Test
    void usesFollowChanges() {
        Random random = Seeds.random(47);
        int changed = 0;
        for (int plans = 0; plans < 40; plans++) {
            Plan plan = RandomPlans.plan(random);
            for (PlanObject object : RandomPlans.plan(random).objects()) {
                if (object.ref().kind() == Kind.SITE) {
                    continue;
                }
                plan.uses(object.ref());
                plan = random.nextInt(8) == 0 ? plan.without(object.ref()) : plan.with(object);
                Plan anew = Plan.of(plan.objects());
                for (PlanObject one : anew.objects()) {
                    assertThat(plan.uses(one.ref())).isEqualTo(anew.uses(one.ref()));
                }
                for (Slot slot : object.slots()) {
                    if (slot.target().isPresent()) {
                        assertThat(plan.uses(slot.target().get()))
                                .isEqualTo(anew.uses(slot.target().get()));
                        changed++;
                    }
                }
            }
        }
        assertThat(changed).isGreaterThan(Seeds.met(500));
    }

    /// What has been gathered of a plan is taken over where a change cannot touch it: it is what the changed plan would
    /// gather itself.
    @Test
    void whatIsGatheredFollowsChanges() {
        Random random = Seeds.random(53);
        for (int plans = 0; plans < 20; plans++) {
            Plan plan = RandomPlans.plan(random);
            for (PlanObject object : RandomPlans.plan(random).objects()) {
                gathered(plan);
                plan = plan.with(object);
                assertThat(gathered(plan))
                        .as("%s in its place", object.ref())
                        .isEqualTo(gathered(Plan.of(plan.objects())));
            }
        }
    }

    private static List<Object> gathered(Plan plan) {
        List<Object> all = new ArrayList<>(List.of(
                plan.dialledNumbers(),
                plan.dialledNumbers(DialExtensions.ANY, Set.of("1", "3")),
                plan.insideNumbers().objects(),
                plan.routes().samples()));
        plan.routes().samples().forEach(number -> all.add(plan.routes().called(Optional.of(number))));
        plan.all(InboundNumber.class)
                .forEach(number -> all.add(plan.insideNumbers().dialled(number.called())));
        plan.all(Prompt.class)
                .forEach(prompt ->
                        plan.site().languages().forEach(language -> all.add(plan.seconds(prompt.ref(), language))));
        return all;
    }

    @Test
    void countsItsObjectsByKind() {
        Plan plan = RandomPlans.plan(Seeds.random(48));
        assertThat(plan.counts()).containsEntry(Kind.SITE, 1);
        assertThat(plan.counts().values().stream().mapToInt(Integer::intValue).sum())
                .isEqualTo(plan.objects().size());
        for (PlanObject object : plan.objects()) {
            assertThat(plan.counts().get(object.ref().kind()))
                    .isEqualTo((int) plan.all(object.getClass()).count());
        }
    }
}
