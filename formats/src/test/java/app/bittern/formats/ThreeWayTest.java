package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// What two have made of one object goes together field by field.
class ThreeWayTest {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\'',
            value = {
                "{a: 1, b: 1} | {a: 2, b: 1} | {a: 1, b: 2} | {a: 2, b: 2} | ",
                "{a: 1, b: 1} | {b: 1}       | {a: 1, b: 2} | {b: 2}       | ",
                "{a: 1}       | {a: 1, b: 1} | {a: 1, c: 1} | {a: 1, c: 1, b: 1} | ",
                "{a: 1}       | {a: 2}       | {a: 2}       | {a: 2}       | ",
                "{a: 1}       | {a: 2}       | {a: 3}       | {a: 3}       | /a",
                "{a: 1}       | {}           | {a: 3}       | {a: 3}       | /a",
                "{a: {x: 1, y: 1}} | {a: {x: 2, y: 1}} | {a: {x: 1, y: 2}} | {a: {x: 2, y: 2}} | ",
                "{l: [1, 2, 3]} | {l: [9, 2, 3]} | {l: [1, 2, 8]} | {l: [9, 2, 8]} | ",
                "{l: [1, 2, 3]} | {l: [9, 2, 3]} | {l: [7, 2, 3]} | {l: [7, 2, 3]} | /l/0",
                "{l: [1]}       | {l: [1, 2]}    | {l: [1, 3]}    | {l: [1, 3]}    | /l",
                "{k: {x: 1, y: 2}} | {k: {y: 2, x: 1}} | {k: {x: 1, y: 3}} | {k: {y: 3, x: 1}} | ",
                "{a: 1, b: 1} | {a: 2, b: 2} | {a: 3, b: 1} | {a: 3, b: 2} | /a",
            })
    void fieldsGoTogetherAndClashWhereBothHaveChangedThem(
            String was, String mine, String theirs, String together, String clash) {
        ThreeWay.Merged merged = ThreeWay.merge(json(was), json(mine), json(theirs));
        assertThat(merged.object().toString()).isEqualTo(json(together).toString());
        assertThat(merged.clashes())
                .extracting(one -> one.field().toString())
                .isEqualTo(clash == null ? List.of() : List.of(clash));
    }

    private static JsonNode json(String text) {
        return MAPPER.readTree(text.strip().replaceAll("([a-z]):", "\"$1\":"));
    }

    @Test
    void whoeverHasChangedNothingGivesWay() {
        Random random = Seeds.random(61);
        for (int plans = 0; plans < 40; plans++) {
            List<PlanObject> before = RandomPlans.plan(random).objects();
            Plan after = RandomPlans.plan(random);
            for (PlanObject object : before) {
                JsonNode was = ObjectJson.write(object);
                JsonNode other = after.find(object.ref()).map(ObjectJson::write).orElse(was);
                assertThat(ThreeWay.merge(was, was, other)).isEqualTo(new ThreeWay.Merged(other, List.of()));
                assertThat(ThreeWay.merge(was, other, was)).isEqualTo(new ThreeWay.Merged(other, List.of()));
                assertThat(ThreeWay.merge(was, other, other)).isEqualTo(new ThreeWay.Merged(other, List.of()));
            }
        }
    }

    /// Of random objects each changes some fields of the one and others of the other: each field is as who
    /// changed it has it, and the fields that both changed are the clashes.
    @Test
    void eachFieldIsAsWhoChangedItHasIt() {
        Random random = Seeds.random(62);
        for (int times = 0; times < 2000; times++) {
            ObjectNode was = MAPPER.createObjectNode();
            ObjectNode mine = MAPPER.createObjectNode();
            ObjectNode theirs = MAPPER.createObjectNode();
            for (int field = 0; field < 6; field++) {
                was.put("f" + field, 0);
                mine.put("f" + field, random.nextInt(3) == 0 ? 1 : 0);
                theirs.put("f" + field, random.nextInt(3) == 0 ? 2 : 0);
            }
            ThreeWay.Merged merged = ThreeWay.merge(was, mine, theirs);
            for (int field = 0; field < 6; field++) {
                String name = "f" + field;
                int one = mine.get(name).asInt();
                int other = theirs.get(name).asInt();
                assertThat(merged.object().get(name).asInt()).isEqualTo(other == 0 ? one : other);
                assertThat(merged.clashes().stream()
                                .anyMatch(clash -> clash.field().equals(Pointer.of(name))))
                        .isEqualTo(one > 0 && other > 0);
            }
        }
    }
}
