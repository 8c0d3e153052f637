package app.bittern.telling;

import static app.bittern.Plans.MAIN;
import static app.bittern.Plans.hours;
import static app.bittern.Plans.mailbox;
import static app.bittern.Plans.none;
import static app.bittern.Plans.route;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// What is told of a call.
class TellingTest {
    private static final int PLANS = 200;
    private static final int CALLS = 20;

    /// Whatever a call does, something that held is told of each step, and every reason has words; the object
    /// is called by its name, and nothing is told as a program writes it.
    @Test
    void everyStepOfEveryCallIsToldInWords() {
        Random random = Seeds.random(31);
        for (int plans = 0; plans < RandomPlans.many(PLANS); plans++) {
            Plan plan = RandomPlans.plan(random);
            for (int calls = 0; calls < CALLS; calls++) {
                Bench bench = RandomBenches.bench(plan, random);
                Telling telling = new Telling(plan, bench);
                Trace trace = Tracer.trace(plan, bench);
                trace.steps().forEach(step -> holds(plan, telling, step));
            }
        }
    }

    private static void holds(Plan plan, Telling telling, Trace.Step step) {
        Told told = telling.told(step);
        assertThat(told.what()).isNotBlank().doesNotContain("Optional").doesNotContain("[");
        Ref.parse(step.object())
                .flatMap(plan::find)
                .map(PlanObject::title)
                .filter(title -> step.cause()
                        .filter(cause -> cause.id().startsWith("case"))
                        .isEmpty())
                .ifPresent(title -> assertThat(told.what()).contains(title));
        assertThat(told.why()).allSatisfy(why -> {
            assertThat(why.rule()).isNotBlank();
            assertThat(why.because()).isNotBlank().doesNotContain("Optional");
        });
        assertThat(told.why().stream().anyMatch(Why::held) || step.exit().equals("case missing"))
                .as("something holds in %s", step)
                .isTrue();
    }

    /// A second asking of the same step tells the same, and telling changes nothing of the trace.
    @Test
    void tellingIsAskedAsOftenAsOneLikes() {
        Random random = Seeds.random(32);
        for (int plans = 0; plans < RandomPlans.many(PLANS); plans++) {
            Plan plan = RandomPlans.plan(random);
            Bench bench = RandomBenches.bench(plan, random);
            Telling telling = new Telling(plan, bench);
            Trace trace = Tracer.trace(plan, bench);
            List<Told> first = trace.steps().stream().map(telling::told).toList();
            assertThat(trace.steps().reversed().stream().map(telling::told).toList())
                    .isEqualTo(first.reversed());
            assertThat(Tracer.trace(plan, bench)).isEqualTo(trace);
        }
    }

    @Test
    void everyRouteThatDoesNotTakeTheCallSaysWhichConditionFailed() {
        Plan plan = to("mailbox/any", mailbox("any"), mailbox("one"), hours("h", "night: Mon-Sun 22:00-06:00", "day"))
                .with(route(
                        "range",
                        new Route.Called.Range(MAIN, new E164("+441632960199")),
                        new Route.From.Any(),
                        none(),
                        "mailbox/one"))
                .with(route(
                        "prefix", new Route.Called.Prefix("+44163297"), new Route.From.Any(), none(), "mailbox/one"))
                .with(route("mine", new Route.Called.Exact(MAIN), new Route.From.Withheld(), none(), "mailbox/one"))
                .with(route("tagged", new Route.Called.Exact(MAIN), new Route.From.Tag("vip"), none(), "mailbox/one"))
                .with(route(
                        "at-night",
                        new Route.Called.Exact(MAIN),
                        new Route.From.Any(),
                        Optional.of(new Route.While(Ref.parse("hours/h").orElseThrow(), "night")),
                        "mailbox/one"));
        Bench bench = new Bench(
                MAIN,
                new Caller.Known(new E164("+447700900123")),
                Instant.parse("2026-11-24T10:15:00Z"),
                List.of(),
                Map.of());
        Trace trace = Tracer.trace(plan, bench);
        assertThat(new Telling(plan, bench).why(trace.steps().getFirst()))
                .extracting(why -> (why.held() ? "+ " : "- ") + why.rule() + ": " + why.because())
                .containsExactly(
                        "+ route/range: rank 1: a range that the number is in, any caller",
                        "- route/main: its conditions hold too, but it is rank 2: any number, any caller",
                        "- route/prefix: it is for numbers that begin with +44163297",
                        "- route/mine: it is for callers who withhold their number; the caller is +447700900123",
                        "- route/tagged: it is for callers tagged vip; no contact gives this caller that tag",
                        "- route/at-night: it is for hours/h night; they are day");
    }
}
