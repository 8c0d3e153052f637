package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Seeds;
import app.bittern.plan.Problem;
import com.networknt.schema.InputFormat;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Whatever stands in whatever place of a plan file, it is read or refused with sentences.
class AnythingAnywhereTest {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final List<String> WRONGS = List.of(
            "[]",
            "{}",
            "\"\"",
            "\" \"",
            "null",
            "0",
            "-1",
            "17.5",
            "1e300",
            "true",
            "[null]",
            "[[]]",
            "[{}]",
            "{\"\": \"\"}",
            "{\"x\": {}}",
            "\"hours/x\"",
            "\"queue/\"",
            "\"0s\"",
            "\"-\"",
            "\"+44\"",
            "\"٣s\"",
            "\"a\\u0000b\"",
            "\"\\ud800\"",
            "\"99999999999\"",
            "\"2026-02-30\"");
    private static final int TIMES = 2500;

    /// Where a value stands: an object or a list, and its place in it.
    private record Place(JsonNode in, String name, int index) {
        JsonNode value() {
            return in instanceof ObjectNode object ? object.get(name) : in.get(index);
        }

        void put(JsonNode value) {
            switch (in) {
                case ObjectNode object -> object.set(name, value);
                case ArrayNode array -> array.set(index, value);
                default -> throw new IllegalStateException(in.toString());
            }
        }
    }

    private static void places(JsonNode node, List<Place> places) {
        if (node instanceof ObjectNode object) {
            object.propertyNames().forEach(name -> places.add(new Place(object, name, 0)));
        } else if (node instanceof ArrayNode array) {
            for (int index = 0; index < array.size(); index++) {
                places.add(new Place(array, "", index));
            }
        }
        node.forEach(inner -> places(inner, places));
    }

    @Test
    void itIsReadOrRefusedWithSentencesThatSayWhere() throws IOException {
        JsonNode plan = MAPPER.readTree(PlanFile.json(PlanFileTest.demo()));
        List<Place> places = new ArrayList<>();
        places(plan, places);
        Random random = Seeds.random(47);
        int refused = 0;
        for (int times = 0; times < TIMES; times++) {
            Place place = places.get(random.nextInt(places.size()));
            String wrong = WRONGS.get(random.nextInt(WRONGS.size()));
            JsonNode was = place.value();
            place.put(MAPPER.readTree(wrong));
            String text = MAPPER.writeValueAsString(plan);
            place.put(was);
            PlanFile.Result result = PlanFile.read(text);
            if (result instanceof PlanFile.Result.Refused(var problems)) {
                refused++;
                assertThat(problems).isNotEmpty().allSatisfy(AnythingAnywhereTest::says);
            } else if (!wrong.contains("null")) {
                // Nothing where something may stand is to the reader as if it were not there; the schema wants it left
                // out.
                assertThat(RoundTripTest.SCHEMA.validate(text, InputFormat.JSON))
                        .as("%s is %s: the reader takes it", place.name(), wrong)
                        .isEmpty();
            }
        }
        assertThat(refused).isGreaterThan(TIMES / 2);
    }

    private static void says(Problem problem) {
        assertThat(problem.line()).isPositive();
        assertThat(problem.found()).isNotBlank();
        assertThat(problem.allowed()).isNotBlank();
        assertThat(problem.toString().length()).as("%s", problem).isLessThan(1000);
    }
}
