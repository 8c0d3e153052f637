package app.bittern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.Seeds;
import app.bittern.number.E164;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// The index finds the routes that are for a number as asking each of them does, and whatever can be called
/// is like one of the samples.
class RouteIndexTest {
    private static final List<String> BEGINNINGS = List.of("+4416", "+44163296", "+441632960", "+47", "+479", "+1");

    private static E164 number(Random random) {
        String begin = BEGINNINGS.get(random.nextInt(BEGINNINGS.size()));
        int digits = 6 + random.nextInt(10);
        StringBuilder text = new StringBuilder(begin);
        while (text.length() - 1 < digits) {
            text.append(random.nextInt(3) == 0 ? random.nextInt(10) : 0);
        }
        return new E164(text.toString());
    }

    private static Route.Called called(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> new Route.Called.Exact(number(random));
            case 1 -> {
                String text = number(random).text();
                yield new Route.Called.Prefix(text.substring(0, 2 + random.nextInt(text.length() - 2)));
            }
            case 2 -> {
                E164 from = number(random);
                String to = from.text().substring(0, from.text().length() - 2) + "99";
                yield new Route.Called.Range(from, new E164(to));
            }
            default -> new Route.Called.Any();
        };
    }

    private static List<Route> linear(Plan plan, Optional<E164> number) {
        return plan.all(Route.class)
                .filter(route -> number.map(route.called()::takes).orElse(route.called() instanceof Route.Called.Any))
                .toList();
    }

    @Test
    void agreesWithAskingEveryRouteAndHasASampleForEveryNumber() {
        Random random = Seeds.random(17);
        for (int plans = 0; plans < 300; plans++) {
            List<PlanObject> objects = new ArrayList<>(List.of(Plans.site()));
            int routes = random.nextInt(8);
            for (int route = 0; route < routes; route++) {
                objects.add(
                        Plans.route("r" + route, called(random), new Route.From.Any(), Optional.empty(), "hang-up"));
            }
            Plan plan = Plan.of(objects);
            Set<List<Route>> sampled = new HashSet<>();
            plan.routes().samples().forEach(sample -> sampled.add(linear(plan, Optional.of(sample))));
            for (int calls = 0; calls < 60; calls++) {
                E164 number = number(random);
                List<Route> found = plan.routes().called(Optional.of(number));
                assertThat(found).isEqualTo(linear(plan, Optional.of(number)));
                assertThat(sampled).as("%s among %s", number, objects).contains(found);
            }
            assertThat(plan.routes().called(Optional.empty())).isEqualTo(linear(plan, Optional.empty()));
        }
    }
}
