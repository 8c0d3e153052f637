package app.bittern.call;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.plan.Plan;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// What is keyed later changes nothing before: no exchange knows the future.
class KeyedLaterTest {
    private static final String KEYS = "0123456789*#";

    private static String digit(Random random) {
        return KEYS.substring(random.nextInt(KEYS.length())).substring(0, 1);
    }

    /// The same call with this keyed once. Were the list begun anew, the key heard first could be one of a later time.
    private static Bench keyed(Bench bench, KeyPress press) {
        return new Bench(
                bench.called(),
                bench.caller(),
                bench.at(),
                List.of(press, KeyPress.SILENCE),
                false,
                bench.phones(),
                bench.switches(),
                bench.agents(),
                bench.waiting());
    }

    /// The step in which a key is heard first.
    private static Optional<Trace.Step> heard(Trace trace, String key) {
        return trace.steps().stream()
                .filter(step -> step.hears().stream()
                        .anyMatch(one ->
                                one.sound() == Heard.Sound.KEY && one.text().equals(key)))
                .findFirst();
    }

    /// When nothing more can be keyed at a step: a call rests in a mailbox as soon as it comes there, and 0 is listened
    /// for while the greeting is said.
    private static int isOver(Trace.Step step) {
        return step.hears().stream().mapToInt(Heard::to).reduce(step.second() + step.lasts(), Math::max);
    }

    @Test
    void aDigitAddedAtASecondLeavesEverythingBeforeItAsItWas() {
        Random random = Seeds.random(2719);
        int apart = 0;
        int keyed = 0;
        for (int calls = 0; calls < RandomPlans.many(4000); calls++) {
            Plan plan = RandomPlans.plan(random);
            Bench bench = RandomBenches.bench(plan, random);
            String first = digit(random);
            String more = digit(random);
            int at = random.nextInt(12);
            int gap = 1 + random.nextInt(6);
            Trace alone = Tracer.trace(plan, keyed(bench, new KeyPress(first, false, List.of(at))));
            Trace added = Tracer.trace(plan, keyed(bench, new KeyPress(first + more, false, List.of(at, at + gap))));
            Optional<Trace.Step> pressed = heard(alone, first);
            if (pressed.isEmpty()) {
                // In a queue a key that is not offered is passed over, and the next may be one that is.
                if (heard(added, more).isEmpty()) {
                    assertThat(added.ending()).isEqualTo(alone.ending());
                }
                continue;
            }
            keyed++;
            apart += added.steps().equals(alone.steps()) ? 0 : 1;
            // Pressed no sooner than so long after the object was entered; where it is not to be cut short, heard
            // later.
            int until = pressed.get().second() + at + gap;
            for (int index = 0; index < alone.steps().size(); index++) {
                Trace.Step step = alone.steps().get(index);
                if (isOver(step) >= until) {
                    break;
                }
                assertThat(added.steps().get(index))
                        .as(
                                "%s %s s after %s s, %s %s s later: step %s",
                                first, at, pressed.get().second(), more, gap, index)
                        .isEqualTo(step);
            }
        }
        assertThat(keyed).isGreaterThan(Seeds.met(RandomPlans.many(400)));
        assertThat(apart).isGreaterThan(Seeds.met(RandomPlans.many(20)));
    }
}
