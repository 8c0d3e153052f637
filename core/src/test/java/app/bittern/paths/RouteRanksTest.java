package app.bittern.paths;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Arrival;
import app.bittern.call.RouteChoice;
import app.bittern.callset.CallClasses;
import app.bittern.hours.Horizon;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RouteRanksTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);

    /// Whatever call comes in: the route that takes it says that it takes some, no route before it would have, and the
    /// shares of all routes are no more than the whole.
    @Test
    void theRouteThatTakesACallStandsBeforeAllOthersThatWould() {
        int taken = 0;
        for (int seed = 0; seed < RandomPlans.many(150); seed++) {
            Random random = Seeds.random(seed);
            Plan plan = RandomPlans.plan(random);
            Horizon horizon = Horizon.around(MONDAY, plan.site().timeZone());
            List<Caller> callers = new CallClasses(List.of(plan), horizon).callers();
            for (InboundNumber number : plan.all(InboundNumber.class).toList()) {
                E164 called = number.called();
                RouteRanks ranks = RouteRanks.of(plan, horizon, called);
                double whole = ranks.ranks().stream()
                        .mapToDouble(RouteRanks.Rank::share)
                        .sum();
                assertThat(whole).as("seed %d", seed).isBetween(0.0, 1.0 + 1e-9);
                if (ranks.unmatched().isEmpty()) {
                    assertThat(whole).as("seed %d", seed).isEqualTo(1.0, within(1e-9));
                }
                for (int call = 0; call < 10; call++) {
                    LocalDateTime at = MONDAY.atStartOfDay().plusMinutes(random.nextInt(365 * 24 * 60));
                    Caller caller = callers.get(random.nextInt(callers.size()));
                    Optional<Route> winner = RouteChoice.winner(plan, new Arrival.Meant(called), caller, at);
                    if (winner.isEmpty()) {
                        assertThat(ranks.unmatched()).as("seed %d", seed).isPresent();
                        continue;
                    }
                    taken++;
                    RouteRanks.Rank rank = ranks.ranks().stream()
                            .filter(one -> one.route().equals(winner.get()))
                            .findFirst()
                            .orElseThrow();
                    assertThat(rank.takes()).as("seed %d", seed).isPresent();
                }
                for (RouteRanks.Rank rank : ranks.ranks()) {
                    if (!rank.route().enabled()) {
                        assertThat(rank.takes()).isEmpty();
                        assertThat(rank.share()).isZero();
                    }
                }
            }
        }
        assertThat(taken).isGreaterThan(Seeds.met(RandomPlans.many(1000)));
    }
}
