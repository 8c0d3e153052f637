package app.bittern.call;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.plan.Extension;
import app.bittern.plan.Plan;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Random calls through random plans: what the transition function promises of its outcomes holds for each.
class RandomCallsTest {
    private static final int PLANS = 45;
    private static final int CALLS = 40;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void everyStepIsOneOfTheOutcomesWithinItsWindow(long seed) {
        Random random = Seeds.random(seed);
        for (int plans = 0; plans < RandomPlans.many(PLANS); plans++) {
            Plan plan = RandomPlans.plan(random);
            for (int calls = 0; calls < CALLS; calls++) {
                holds(plan, RandomBenches.bench(plan, random));
                holds(plan, RandomBenches.dialled(plan, random));
            }
        }
    }

    /// A trace ends where and when a second reckoning, written from the rules second by second, says that it
    /// does.
    @Test
    void everyCallEndsAsItIsReckonedSecondBySecond() {
        Random random = Seeds.random(53);
        int rounds = 0;
        for (int plans = 0; plans < RandomPlans.many(4 * PLANS); plans++) {
            Plan plan = RandomPlans.plan(random);
            for (int calls = 0; calls < CALLS; calls++) {
                Bench bench = calls % 3 == 0 ? RandomBenches.dialled(plan, random) : RandomBenches.bench(plan, random);
                SlowCall.End slow = SlowCall.of(plan, bench);
                Trace trace = Tracer.trace(plan, bench);
                Ending ending = trace.ending();
                boolean round =
                        ending.kind() == Ending.Kind.STOPPED || ending.cause().equals(Optional.of(Ending.Lost.ENDLESS));
                rounds += round ? 1 : 0;
                String kind = round
                        ? "round"
                        : ending.kind().word()
                                + ending.cause().map(why -> " " + why.word()).orElse("");
                SlowCall.End fast =
                        new SlowCall.End(kind, ending.in(), ending.by().orElse(""), trace.second(), trace.language());
                if (round) {
                    assertThat(slow.kind())
                            .as("plan %d, call %d: %s %s", plans, calls, bench, told(trace))
                            .isEqualTo("round");
                } else {
                    assertThat(slow)
                            .as("plan %d, call %d: %s", plans, calls, told(trace))
                            .isEqualTo(fast);
                }
            }
        }
        assertThat(rounds).isGreaterThanOrEqualTo(Seeds.met(1));
    }

    private static List<String> told(Trace trace) {
        return trace.steps().stream()
                .map(step -> step.second() + " " + step.object() + " " + step.exit())
                .toList();
    }

    private static void holds(Plan plan, Bench bench) {
        Trace trace = Tracer.trace(plan, bench);
        State state = bench.called() instanceof Arrival.Inside(String digits)
                ? Phones.dialling(
                        plan,
                        plan.find(bench.phone(), Extension.class).orElseThrow(),
                        Dialling.of(plan, digits),
                        trace.route())
                : new State(
                        trace.route().orElseThrow(),
                        Context.in(Callers.language(plan, bench.caller())).calling(Plans.MAIN));
        for (int index = 0; index < trace.steps().size(); index++) {
            Trace.Step step = trace.steps().get(index);
            List<Outcome> outcomes = Transition.outcomes(plan, state).stream()
                    .filter(one -> Holding.holds(plan, bench, one))
                    .toList();
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
            if (taken.onward() instanceof Onward.Next(State next)) {
                state = next;
            } else {
                assertThat(index).isEqualTo(trace.steps().size() - 1);
            }
        }
    }
}
