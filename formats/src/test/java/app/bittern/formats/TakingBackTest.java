package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.edit.Edits;
import app.bittern.edit.PlanEdit;
import app.bittern.edit.Planned;
import app.bittern.edit.Rewiring;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// Taking an edit back changes what it changed, and nothing else.
class TakingBackTest {
    /// An edit that was made, with the plans around it.
    private record Done(Plan before, PlanEdit edit, PlanEdit inverse, Plan after) {}

    private static Done done(Plan plan, PlanEdit edit) {
        Edits.Result.Applied applied = (Edits.Result.Applied) Edits.apply(plan, edit);
        return new Done(plan, edit, applied.inverse(), applied.plan());
    }

    private static TakingBack.Result back(Plan now, Done done) {
        return TakingBack.of(
                now, done.edit(), done.inverse(), ref -> done.after().find(ref));
    }

    /// Another object of the same name, or one that goes.
    private static PlanEdit edit(Plan plan, Random random) {
        Plan other = RandomPlans.plan(random);
        List<PlanObject> objects = plan.objects().stream()
                .filter(object -> object.ref().kind() != app.bittern.plan.Kind.SITE)
                .toList();
        PlanObject object = objects.get(random.nextInt(objects.size()));
        return random.nextInt(5) == 0
                ? new PlanEdit.Remove(object.ref())
                : new PlanEdit.Put(other.find(object.ref()).orElse(object));
    }

    @Test
    void theLastEditTakenBackGivesThePlanBefore() {
        Random random = Seeds.random(63);
        for (int plans = 0; plans < RandomPlans.many(60); plans++) {
            Plan plan = RandomPlans.plan(random);
            for (int edits = 0; edits < 5; edits++) {
                PlanEdit several = new PlanEdit.Several(List.of(edit(plan, random)));
                Done done = done(plan, several);
                TakingBack.Result.Made made = (TakingBack.Result.Made) back(done.after(), done);
                Plan again = done(done.after(), made.edit()).after();
                assertThat(again.objects()).isEqualTo(plan.objects());
                plan = done.after();
            }
        }
    }

    /// The number of what was renamed is free again before the old name comes back with it.
    @Test
    void aRenamingTakenBackGivesThePlanBefore() {
        Random random = Seeds.random(65);
        int renamed = 0;
        for (int plans = 0; plans < RandomPlans.many(60); plans++) {
            Plan plan = RandomPlans.plan(random);
            for (PlanObject object : plan.objects()) {
                if (object.ref().kind().keys() == app.bittern.plan.Kind.Keys.WORDS
                        && Rewiring.rename(plan, object.ref(), "called-otherwise")
                                instanceof Planned.Made(PlanEdit edit)) {
                    Done done = done(plan, edit);
                    TakingBack.Result.Made made = (TakingBack.Result.Made) back(done.after(), done);
                    assertThat(done(done.after(), made.edit()).after().objects())
                            .as("%s", object.ref())
                            .isEqualTo(plan.objects());
                    renamed++;
                }
            }
        }
        assertThat(renamed).isGreaterThan(Seeds.met(500));
    }

    /// Others have gone on with other objects: what comes out is the plan as if the edit had never been, its
    /// order aside.
    @Test
    void anOlderEditTakenBackLeavesWhatOthersHaveDone() {
        Random random = Seeds.random(64);
        int made = 0;
        for (int plans = 0; plans < RandomPlans.many(120); plans++) {
            Plan plan = RandomPlans.plan(random);
            Done first = done(plan, edit(plan, random));
            PlanEdit others = edit(first.after(), random);
            Done second = done(first.after(), others);
            TakingBack.Result result = back(second.after(), first);
            if (ref(others).equals(ref(first.edit()))) {
                continue;
            }
            if (result instanceof TakingBack.Result.Made(PlanEdit edit)) {
                Plan again = done(second.after(), edit).after();
                Plan never = done(plan, others).after();
                assertThat(sorted(again)).isEqualTo(sorted(never));
                made++;
            }
        }
        assertThat(made).isGreaterThan(Seeds.met(RandomPlans.many(60)));
    }

    private static Ref ref(PlanEdit edit) {
        return edit instanceof PlanEdit.Put put ? put.object().ref() : ((PlanEdit.Remove) edit).ref();
    }

    private static List<String> sorted(Plan plan) {
        List<String> all =
                new ArrayList<>(plan.objects().stream().map(Object::toString).toList());
        all.sort(null);
        return all;
    }
}
