package app.bittern.cover;

import static app.bittern.Plans.MAIN;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.hours.Horizon;
import app.bittern.paths.NumberPaths;
import app.bittern.paths.Paths;
import app.bittern.plan.Plan;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ProposalTest {
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));

    private static NumberPaths number(Plan plan) {
        return Paths.of(plan, HORIZON).of(MAIN);
    }

    private static Set<Integer> taken(Steps steps, List<Proposal.Call> calls) {
        Set<Integer> all = new HashSet<>();
        calls.forEach(call -> steps.taken(call.bench(), call.trace()).forEach(step -> all.add(step.id())));
        return all;
    }

    /// A menu with two keys that end, one that repeats and giving up: three ends, so three calls, one of which also
    /// presses the key that repeats.
    @Test
    void aCallMayGoRoundOnItsWay() {
        Plan plan = Plans.to("menu/m")
                .with(Plans.menu(
                        "m", true, false, "hang-up", "1", "busy", "2", "outside/+447700900321", "9", "repeat"));
        Proposal proposal = Proposal.of(number(plan)).orElseThrow();
        assertThat(proposal.least()).isEqualTo(3);
        assertThat(proposal.calls()).hasSize(3);
        assertThat(proposal.missing()).isEmpty();
        assertThat(proposal.calls())
                .anyMatch(call -> call.bench().keys().stream()
                        .anyMatch(key -> key.digits().equals("9")));
    }

    /// What is only while the office is open and what is only while it is closed cannot be in one call.
    @Test
    void hoursMakeMoreCallsNecessary() {
        Plan plan = Plans.to("branch/b")
                .with(Plans.hours("day", "open: Mon-Fri 08:00-17:00", "closed"))
                .with(Plans.branch("b", "day", "open", "announcement/a", "closed", "announcement/a"))
                .with(Plans.announcement("a", "ask", "branch/c"))
                .with(Plans.branch("c", "day", "open", "busy", "closed", "hang-up"));
        Proposal proposal = Proposal.of(number(plan)).orElseThrow();
        assertThat(proposal.calls()).hasSize(2);
        assertThat(proposal.missing()).isEmpty();
        assertThat(Coverage.of(
                                proposal.number(),
                                proposal.calls().stream()
                                        .map(Proposal.Call::bench)
                                        .toList())
                        .missed())
                .isEmpty();
    }

    /// Whatever a random call does is a step; the calls that are proposed take every step, and are never fewer than the
    /// least.
    @Test
    void proposedCallsTakeEveryStepOfRandomPlans() {
        Random random = Seeds.random(51);
        int steps = 0;
        int missing = 0;
        int calls = 0;
        int least = 0;
        for (int plans = 0; plans < RandomPlans.many(25); plans++) {
            Plan plan = RandomPlans.plan(random);
            NumberPaths number = number(plan);
            Optional<Proposal> made = Proposal.of(number);
            if (made.isEmpty()) {
                continue;
            }
            Proposal proposal = made.get();
            for (int benches = 0; benches < 10; benches++) {
                Bench bench = RandomBenches.bench(plan, random);
                Trace trace = Tracer.trace(plan, bench);
                assertThat(proposal.steps().taken(bench, trace))
                        .hasSize(trace.route().isEmpty() ? 0 : trace.steps().size());
            }
            Set<Integer> taken = taken(proposal.steps(), proposal.calls());
            assertThat(Stream.concat(taken.stream(), proposal.missing().stream().map(Steps.Step::id))
                            .distinct())
                    .as("plan %d", plans)
                    .hasSize(proposal.steps().all().size());
            if (proposal.missing().isEmpty()) {
                assertThat(proposal.calls().size()).isGreaterThanOrEqualTo(proposal.least());
            }
            steps += proposal.steps().all().size();
            missing += proposal.missing().size();
            calls += proposal.calls().size();
            least += proposal.least();
        }
        assertThat(steps).isGreaterThan(Seeds.met(RandomPlans.many(2500)));
        assertThat(missing).isZero();
        assertThat(calls).as("%d at least", least).isLessThan(least * (Seeds.EVERY_DAY ? 12 : 15) / 10);
    }
}
