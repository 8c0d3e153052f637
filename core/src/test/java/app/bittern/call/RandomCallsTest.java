package app.bittern.call;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.RandomPlans;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Random calls through random plans: what the transition function promises of its outcomes holds for each.
class RandomCallsTest {
    private static final int PLANS = 60;
    private static final int CALLS = 40;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void everyStepIsOneOfTheOutcomesWithinItsWindow(long seed) {
        Random random = new Random(seed);
        for (int plans = 0; plans < PLANS; plans++) {
            Plan plan = RandomPlans.plan(random);
            for (int calls = 0; calls < CALLS; calls++) {
                holds(plan, bench(random));
            }
        }
    }

    private static void holds(Plan plan, Bench bench) {
        Trace trace = Tracer.trace(plan, bench);
        State state =
                new State(trace.route().orElseThrow(), Context.in(plan.site().defaultLanguage()));
        for (int index = 0; index < trace.steps().size(); index++) {
            Trace.Step step = trace.steps().get(index);
            List<Outcome> outcomes = Transition.outcomes(plan, state);
            assertThat(outcomes).extracting(Outcome::cause).doesNotHaveDuplicates();
            Outcome taken = outcomes.stream()
                    .filter(one -> one.cause().id().equals(step.exit()))
                    .findFirst()
                    .orElseThrow();
            int left = index + 1 < trace.steps().size()
                    ? trace.steps().get(index + 1).second()
                    : trace.second();
            assertThat(taken.window().contains(left - step.second()))
                    .as("%s of %s after %s s in %s", step.exit(), step.object(), left - step.second(), taken.window())
                    .isTrue();
            assertThat(step.why())
                    .filteredOn(Why::held)
                    .as("something holds in %s", step)
                    .isNotEmpty();
            if (taken.onward() instanceof Onward.Next(State next)) {
                state = next;
            } else {
                assertThat(index).isEqualTo(trace.steps().size() - 1);
            }
        }
    }

    private static Bench bench(Random random) {
        List<KeyPress> keys = new ArrayList<>();
        String[] presses = {"-", "1", "2", "!1", "0", "!0", "9", "2001", "*"};
        for (int count = random.nextInt(8); count > 0; count--) {
            keys.add(KeyPress.parse(presses[random.nextInt(presses.length)]).orElseThrow());
        }
        Map<String, PhoneState> phones = new TreeMap<>();
        String[] states = {"silent", "busy", "off", "answers 0s", "answers 7s", "answers 30s"};
        for (String extension : RandomPlans.EXTENSIONS) {
            phones.put(
                    new Ref(Kind.EXTENSION, extension).key(),
                    PhoneState.parse(states[random.nextInt(states.length)]).orElseThrow());
        }
        Caller caller = random.nextBoolean() ? new Caller.Withheld() : new Caller.Known(new E164("+447700900123"));
        Instant at = Instant.parse("2026-11-23T00:00:00Z").plusSeconds(random.nextInt(53 * 7 * 24 * 3600));
        return new Bench(Plans.MAIN, caller, at, keys, phones);
    }
}
