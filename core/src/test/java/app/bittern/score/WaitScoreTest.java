package app.bittern.score;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Account;
import app.bittern.call.Arrival;
import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.Context;
import app.bittern.call.KeyPress;
import app.bittern.call.Outcome;
import app.bittern.call.Presence;
import app.bittern.call.QueueCourse;
import app.bittern.call.State;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.call.Transition;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/// What is drawn of a wait.
class WaitScoreTest {
    private static final Instant MONDAY = Instant.parse("2026-11-23T00:00:00Z");

    private int pressed;
    private int rung;

    /// Pressed at its second a key leads away (a menu or an ask that the wait goes on behind may not), and none is
    /// offered that the paths do not have; every bar is where the
    /// engine rings.
    @Test
    void everySecondIsThatOfTheEngine() {
        Random random = Seeds.random(83);
        for (int plans = 0; plans < RandomPlans.many(1200); plans++) {
            Plan plan = RandomPlans.plan(random);
            Instant at = MONDAY.plusSeconds(random.nextInt(7 * 24 * 3600));
            plan.all(Queue.class).forEach(queue -> isTheEngines(plan, queue, at));
        }
        assertThat(pressed).isGreaterThan(Seeds.met(100));
        assertThat(rung).isGreaterThan(Seeds.met(400));
    }

    private void isTheEngines(Plan plan, Queue queue, Instant at) {
        WaitScore score = WaitScore.of(plan, queue, at);
        State there = new State(queue.ref(), Context.in(plan.site().defaultLanguage()));
        List<Outcome> outcomes = Transition.outcomes(plan, there);
        for (WaitScore.Key key : score.keys()) {
            if (key.leads() instanceof QueueCourse.Offered.Leads
                    || key.leads() instanceof QueueCourse.Offered.Callback) {
                assertThat(outcomes)
                        .as("%s of %s", key, queue.ref())
                        .anyMatch(outcome -> outcome.window().earliest() >= key.from()
                                && key.key().equals(begins(outcome.cause())));
                Trace.Step step = with(plan, queue, at, key).steps().getFirst();
                assertThat(begins(step.cause().orElseThrow())).isEqualTo(key.key());
                assertThat(step.lasts()).isEqualTo(key.from());
                pressed++;
            }
        }
        List<Account.RungAt> all = score.step().account() instanceof Account.InQueue wait ? wait.rung() : List.of();
        Set<Integer> begun = queue.agents().stream()
                .flatMap(agent -> score.rings(agent.party()).stream())
                .map(Ring::from)
                .collect(Collectors.toSet());
        assertThat(begun).isEqualTo(all.stream().map(Account.RungAt::second).collect(Collectors.toSet()));
        rung += begun.size();
    }

    /// The key that a cause begins with; empty where it is none.
    private static String begins(Cause cause) {
        if (cause instanceof Cause.Key(String key)) {
            return key;
        }
        if (cause instanceof Cause.Callback(String key)) {
            return key;
        }
        return cause instanceof Cause.Within(String key, String digits) ? key : "";
    }

    /// The same wait in which a key is pressed when it is offered; keys are counted from the end of what is said on
    /// joining.
    private static Trace with(Plan plan, Queue queue, Instant at, WaitScore.Key key) {
        Map<String, List<Presence>> in = new LinkedHashMap<>();
        queue.agents().forEach(agent -> in.put(agent.party().phone(), List.of(Presence.IN)));
        KeyPress press = KeyPress.at(
                key.key(), key.from() - WaitScore.of(plan, queue, at).course().joining());
        Bench bench = new Bench(
                new Arrival.Meant(new E164("+441632960000")),
                new Caller.Known(new E164("+447700900123")),
                at,
                List.of(press),
                false,
                Map.of(),
                Map.of(),
                in,
                Map.of());
        State there = new State(queue.ref(), Context.in(plan.site().defaultLanguage()));
        return Tracer.from(plan, there, bench, 1);
    }
}
