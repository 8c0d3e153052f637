package app.bittern.paths;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.bittern.Plans;
import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.finding.Catalogue;
import app.bittern.finding.Examination;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/// Who reaches an object is found by following only what leads to it.
class ReachableTest {
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));

    private static Map<E164, Span> spans(List<Reachable.ByNumber> by) {
        Map<E164, Span> spans = new HashMap<>();
        by.forEach(one -> spans.put(one.number(), one.span()));
        return spans;
    }

    @Test
    void isWhatFollowingEverythingFinds() {
        Random random = Seeds.random(61);
        int reached = 0;
        for (int plans = 0; plans < RandomPlans.many(12); plans++) {
            Plan plan = RandomPlans.plan(random);
            Paths paths = Paths.of(plan, HORIZON);
            Reachable reachable = Reachable.of(paths);
            Map<E164, Span> all = new HashMap<>();
            for (PlanObject object : plan.objects()) {
                Map<E164, Span> whole = new HashMap<>();
                Map<E164, Span> leaving = new HashMap<>();
                for (NumberPaths number : paths.each()) {
                    Tallies tallies = new Tallies(paths.graph(), number.starts());
                    Optional.ofNullable(tallies.objects().get(object.ref()))
                            .ifPresent(tally -> whole.put(number.called(), tally.span()));
                    tallies.leaving(object.ref(), cause -> true)
                            .ifPresent(tally -> leaving.put(number.called(), tally.span()));
                }
                reached += whole.size();
                Map<E164, Span> spans = spans(reachable.numbers(object.ref()));
                if (object.ref().kind() == Kind.ROUTE) {
                    // Calls go through a route at once, and are said to come to it only where it is asked about.
                    assertThat(spans.keySet()).isEqualTo(leaving.keySet());
                } else {
                    assertThat(spans).as("plan %d, %s", plans, object.ref()).isEqualTo(whole);
                    assertThat(spans(reachable.numbers(object.ref(), cause -> true)))
                            .as("plan %d, out of %s", plans, object.ref())
                            .isEqualTo(leaving);
                }
                spans.forEach((number, span) -> all.merge(number, span, Span::union));
            }
            Set<Ref> refs = new LinkedHashSet<>();
            plan.objects().forEach(object -> refs.add(object.ref()));
            assertThat(spans(reachable.numbers(refs)))
                    .as("plan %d, all objects", plans)
                    .isEqualTo(all);
        }
        assertThat(reached).isGreaterThan(Seeds.met(RandomPlans.many(60)));
    }

    @Test
    void holdsEveryStepOfEveryCallUntilItComesBack() {
        Random random = Seeds.random(62);
        int steps = 0;
        for (int plans = 0; plans < RandomPlans.many(30); plans++) {
            Plan plan = RandomPlans.plan(random);
            Reachable reachable = Reachable.of(Paths.of(plan, HORIZON));
            for (int calls = 0; calls < 20; calls++) {
                Bench bench = RandomBenches.bench(plan, random);
                Set<String> met = new HashSet<>();
                for (Trace.Step step : Tracer.trace(plan, bench).steps()) {
                    // A path ends by coming back; what a call does after that is another path's.
                    if (!met.add(step.object())) {
                        break;
                    }
                    Optional<Ref> at = Ref.parse(step.object()).filter(ref -> ref.kind() != Kind.ROUTE);
                    if (at.isEmpty()) {
                        continue;
                    }
                    steps++;
                    assertThat(spans(reachable.numbers(at.get())))
                            .as("plan %d, %s", plans, bench)
                            .hasEntrySatisfying(
                                    Plans.MAIN,
                                    span -> assertThat(span.contains(step.second()))
                                            .isTrue());
                }
            }
        }
        assertThat(steps).isGreaterThan(Seeds.met(RandomPlans.many(600)));
    }

    @Test
    void endsWhereNobodyWantsItAnyMore() {
        Plan plan = RandomPlans.plan(Seeds.random(63));
        assertThatThrownBy(() -> Paths.of(plan, HORIZON, () -> false)).isInstanceOf(CancellationException.class);
        AtomicInteger asked = new AtomicInteger();
        Catalogue.examine(new Examination(plan, HORIZON, () -> asked.incrementAndGet() > 0), done -> {});
        int all = asked.get();
        for (int after = 0; after < all; after += 1 + all / 20) {
            int times = after;
            AtomicInteger now = new AtomicInteger();
            Examination examination = new Examination(plan, HORIZON, () -> now.incrementAndGet() <= times);
            assertThatThrownBy(() -> Catalogue.examine(examination, done -> {}))
                    .as("after %d of %d", after, all)
                    .isInstanceOf(CancellationException.class);
        }
    }
}
