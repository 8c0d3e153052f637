package app.bittern.traffic;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.hours.WeekRange;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Traffic;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ExpectedCallsTest {
    /// Nowhere are more calls expected in an hour than at the busiest, nor more than all numbers have then together.
    @Test
    void noHourHasMoreCallsThanTheBusiest() {
        int expected = 0;
        for (int seed = 0; seed < 300; seed++) {
            Random random = Seeds.random(seed);
            Plan plan = expecting(RandomPlans.plan(random), random);
            Map<Ref, Double> busiest = ExpectedCalls.callsPerHour(plan);
            double all = plan.all(Traffic.class)
                    .flatMap(traffic -> traffic.numbers().values().stream())
                    .mapToDouble(rates -> rates.busiest().doubleValue())
                    .sum();
            for (int hour = 0; hour < 10; hour++) {
                Map<Ref, Double> calls = ExpectedCalls.callsPerHour(
                        plan, LocalDate.of(2026, 11, 23).atStartOfDay().plusHours(random.nextInt(168)));
                for (Map.Entry<Ref, Double> one : calls.entrySet()) {
                    expected++;
                    assertThat(one.getValue())
                            .as("seed %d, %s", seed, one.getKey())
                            .isLessThanOrEqualTo(busiest.getOrDefault(one.getKey(), 0.0) + 1e-9)
                            .isLessThanOrEqualTo(all + 1e-9);
                }
            }
        }
        assertThat(expected).isGreaterThanOrEqualTo(Seeds.met(1));
    }

    /// The same plan with calls expected on each of its numbers, more in some hours of the week than else.
    private static Plan expecting(Plan plan, Random random) {
        Map<Ref, Traffic.Rates> numbers = new LinkedHashMap<>();
        plan.all(InboundNumber.class)
                .forEach(number -> numbers.put(
                        number.ref(),
                        new Traffic.Rates(
                                Map.of(
                                        WeekRange.parse("Mon-Fri 09:00-12:00").orElseThrow(),
                                        BigDecimal.valueOf(1 + random.nextInt(60))),
                                BigDecimal.valueOf(random.nextInt(20)))));
        return plan.with(
                new Traffic(Optional.empty(), numbers, Map.of(), Map.of(), Optional.empty(), Optional.empty()));
    }

    @Test
    void theMeanWaitAndWhoGivesUpGoTogether() {
        Expectation expected = new Expectation(22, 240, Optional.of(150.0), 20, 0);
        for (int agents = 1; agents < 8; agents++) {
            // Of calls whose patience is exponential the mean wait is the share that gives up times the patience.
            assertThat(expected.meanWait(agents)).isEqualTo(expected.abandoned(agents) * 150, within(1e-9));
        }
        Expectation patient = new Expectation(22, 240, Optional.empty(), 20, 0);
        assertThat(patient.abandoned(2)).isZero();
        assertThat(patient.meanWait(1)).isInfinite();
        assertThat(patient.meanWait(3)).isLessThan(patient.meanWait(2));
    }
}
