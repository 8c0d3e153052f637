package app.bittern.paths;

import static app.bittern.Plans.MAIN;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.callset.CallSet;
import app.bittern.effect.Effect;
import app.bittern.effect.Effects;
import app.bittern.effect.What;
import app.bittern.plan.Plan;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class EffectsTest {
    /// What is set off besides what phones show; which position a switch is turned to depends on the call, and so do
    /// the words of what is sent.
    private static Optional<String> name(What what) {
        return what instanceof What.Shown
                ? Optional.empty()
                : Optional.of(
                        what instanceof What.Turned turned ? turned.turned().toString() : what.id());
    }

    /// A traced call sets off nothing that its path does not carry, and all that its path says each call does, unless
    /// it has set off the same shortly before.
    @Test
    void whatARandomCallSetsOffIsWhatItsPathCarries() {
        Random random = Seeds.random(91);
        int happened = 0;
        int always = 0;
        for (int plans = 0; plans < RandomPlans.many(250); plans++) {
            Plan plan = RandomPlans.plan(random);
            NumberPaths number = Paths.of(plan, PathsTest.HORIZON).of(MAIN);
            for (int benches = 0; benches < 12; benches++) {
                Bench bench = RandomBenches.bench(plan, random);
                Trace trace = Tracer.trace(plan, bench);
                LocalDateTime local = LocalDateTime.ofInstant(bench.at(), PathsTest.HORIZON.zone());
                Optional<Path> path = Walked.of(number, bench, trace, local).map(walked -> walked.path(number));
                // In a tangle the path shows one way of many.
                if (path.isEmpty() || path.get().steps().stream().anyMatch(step -> step.tangle() > 0)) {
                    continue;
                }
                // A round that takes no time ends the path, though the world may do something else in the next.
                boolean rests = path.get().end() instanceof Path.End.Rests(Ending ending)
                        && !ending.cause().equals(Optional.of(Ending.Lost.ENDLESS));
                CallSet call = number.paths().classes().like(0, bench.caller(), local, bench.switches());
                List<PathEffects.On> carried = PathEffects.of(number, path.get());
                List<Effect> effects = Effects.of(plan, bench, trace);
                for (Effect effect : effects) {
                    Optional<String> name = name(effect.what()).filter(one -> effect.happens() && rests);
                    if (name.isPresent()) {
                        assertThat(carried)
                                .as("plan %d: %s, %s", plans, effect, path.get())
                                .anyMatch(on -> name(on.what()).equals(name)
                                        && on.calls().meets(call));
                        happened++;
                    }
                }
                for (PathEffects.On on : carried) {
                    Optional<String> name = name(on.what());
                    if (name.isPresent() && on.always() && on.calls().meets(call)) {
                        assertThat(effects)
                                .as("plan %d: %s", plans, on)
                                .anyMatch(effect -> name(effect.what()).equals(name));
                        always++;
                    }
                }
            }
        }
        assertThat(happened).isGreaterThan(Seeds.met(200));
        assertThat(always).isGreaterThan(Seeds.met(200));
    }
}
