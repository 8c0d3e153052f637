package app.bittern.edit;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Sets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;

class EditsTest {
    private static Edits.Result.Applied applied(Plan plan, PlanEdit edit) {
        Edits.Result result = Edits.apply(plan, edit);
        assertThat(result).isInstanceOf(Edits.Result.Applied.class);
        return (Edits.Result.Applied) result;
    }

    @Test
    void anEditFollowedByItsInverseIsThePlanAsItWas() {
        Random random = Seeds.random(11);
        for (int plans = 0; plans < 100; plans++) {
            Plan plan = RandomPlans.plan(random);
            PlanEdit edit = new PlanEdit.Several(List.of(random(plan, random), random(plan, random)));
            if (Edits.apply(plan, edit) instanceof Edits.Result.Applied(Plan after, PlanEdit inverse)) {
                assertThat(applied(after, inverse).plan()).isEqualTo(plan);
                assertThat(applied(
                                        applied(after, inverse).plan(),
                                        applied(after, inverse).inverse())
                                .plan())
                        .isEqualTo(after);
            }
        }
    }

    private static PlanEdit random(Plan plan, Random random) {
        List<PlanObject> objects = new ArrayList<>(plan.objects());
        Ref ref = objects.get(1 + random.nextInt(objects.size() - 1)).ref();
        return switch (random.nextInt(3)) {
            case 0 -> new PlanEdit.Remove(ref);
            case 1 -> new PlanEdit.Put(Plans.mailbox("new" + random.nextInt(9)), OptionalInt.of(random.nextInt(9)));
            default -> new PlanEdit.Put(Plans.extension("2001", Optional.empty()));
        };
    }

    @Test
    void aNumberThatIsTakenIsRefusedWithWhoHasIt() {
        Plan plan = Plans.to("extension/2001", Plans.extension("2001", Optional.empty()));
        var menu = new app.bittern.plan.Announcement(
                "a",
                Optional.empty(),
                Optional.empty(),
                Optional.of("2001"),
                List.of(),
                Sets.NOTHING,
                Optional.empty());
        assertThat(Edits.apply(plan, new PlanEdit.Put(menu)))
                .isEqualTo(new Edits.Result.Refused(
                        "Number 2001 is taken by extension 2001. Each number of a site is given once."));
    }

    @Test
    void removingWhatIsGoneAndTheSiteItselfIsRefused() {
        Plan plan = Plans.to("hang-up");
        assertThat(Edits.apply(plan, new PlanEdit.Remove(new Ref(Kind.MAILBOX, "gone"))))
                .isInstanceOf(Edits.Result.Refused.class);
        assertThat(Edits.apply(plan, new PlanEdit.Remove(plan.site().ref()))).isInstanceOf(Edits.Result.Refused.class);
    }

    @Test
    void severalEditsAreAllMadeOrNone() {
        Plan plan = Plans.to("extension/2001", Plans.extension("2001", Optional.empty()));
        PlanEdit edit = new PlanEdit.Several(List.of(
                new PlanEdit.Remove(new Ref(Kind.EXTENSION, "2001")),
                new PlanEdit.Remove(new Ref(Kind.EXTENSION, "2001"))));
        assertThat(Edits.apply(plan, edit)).isInstanceOf(Edits.Result.Refused.class);
        assertThat(plan.find(new Ref(Kind.EXTENSION, "2001"), Extension.class)).isPresent();
    }
}
