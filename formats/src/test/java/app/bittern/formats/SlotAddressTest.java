package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.Slot;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/// The address of a slot is where the plan file has what stands in it.
class SlotAddressTest {
    @Test
    void inTheDemoPlan() {
        holds(PlanFileTest.demo());
    }

    @Test
    void inRandomPlans() {
        Random random = Seeds.random(81);
        for (int plans = 0; plans < 30; plans++) {
            holds(RandomPlans.plan(random));
        }
    }

    private static void holds(Plan plan) {
        for (PlanObject object : plan.objects()) {
            JsonNode json = ObjectJson.write(object);
            for (Slot slot : object.slots()) {
                String place = object.ref() + " " + slot.at();
                slot.holds().ifPresent(held -> {
                    String text = held.toString();
                    String key = held.target().map(Ref::key).orElse(text);
                    List<String> steps = slot.at().steps();
                    JsonNode parent = json.at(new Pointer(steps.subList(0, steps.size() - 1)).toString());
                    boolean isName =
                            steps.getLast().equals(text) || steps.getLast().equals(key);
                    assertThat(
                                    isName
                                            ? parent.has(steps.getLast())
                                            : json.at(slot.at().toString()).isString())
                            .as(place)
                            .isTrue();
                    if (!isName) {
                        assertThat(json.at(slot.at().toString()).asString())
                                .as(place)
                                .matches(found -> List.of(found.split(" ", -1)).contains(text) || found.equals(key));
                    }
                });
            }
        }
    }
}
