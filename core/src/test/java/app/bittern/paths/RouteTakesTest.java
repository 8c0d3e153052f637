package app.bittern.paths;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Arrival;
import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// Which routes take any call, held against calls of any sort to numbers of any sort.
class RouteTakesTest {
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));
    private static final List<String> CALLED =
            List.of("+441632960100", "+441632960500", "+441600000000", "+4790000001", "+15550100000", "+447700900999");

    @Test
    void aRouteThatACallTakesTakesSomeAndOneThatTakesSomeHasACall() {
        Random random = Seeds.random(61);
        int never = 0;
        int untaken = 0;
        for (int plans = 0; plans < RandomPlans.many(200); plans++) {
            Plan plan = RandomPlans.plan(random);
            RouteTakes takes = RouteTakes.of(Paths.of(plan, HORIZON));
            Set<Ref> taken = new HashSet<>();
            boolean unmatched = false;
            for (int calls = 0; calls < 80; calls++) {
                Bench bench = RandomBenches.bench(plan, random);
                E164 number = new E164(CALLED.get(random.nextInt(CALLED.size())));
                Trace trace = Tracer.trace(plan, to(bench, number));
                trace.route().ifPresent(taken::add);
                unmatched |= trace.ending().kind() == Ending.Kind.UNMATCHED
                        && number.text().startsWith("+1");
            }
            assertThat(takes.routes()).containsAll(taken);
            if (unmatched) {
                assertThat(takes.untaken()).isPresent();
            }
            takes.untaken()
                    .ifPresent(calls -> assertThat(
                                    Tracer.trace(plan, calls.call()).ending().kind())
                            .isEqualTo(Ending.Kind.UNMATCHED));
            untaken += takes.untaken().isPresent() ? 1 : 0;
            never += (int) plan.all(Route.class).filter(Route::enabled).count()
                    - takes.routes().size();
        }
        assertThat(never).isGreaterThan(Seeds.met(RandomPlans.many(20)));
        assertThat(untaken).isLessThan(200);
    }

    private static Bench to(Bench bench, E164 number) {
        return new Bench(
                new Arrival.Meant(number),
                bench.caller(),
                bench.at(),
                bench.keys(),
                bench.again(),
                bench.phones(),
                bench.switches(),
                bench.agents(),
                bench.waiting());
    }
}
