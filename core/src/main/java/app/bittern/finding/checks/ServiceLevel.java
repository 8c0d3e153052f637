package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Seconds;
import app.bittern.plan.Traffic;
import app.bittern.traffic.Expectation;
import app.bittern.traffic.ExpectedCalls;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/// A queue whose agents do not reach its service level with the calls that are expected at the busiest.
final class ServiceLevel implements Check {
    private static final About ABOUT = new About(
            "service-level",
            "Too few agents for the service level",
            Severity.HINT,
            "A queue that does not reach its service level with the expected calls, all of its agents being in.",
            "At the busiest hour callers wait longer than is wanted. Add agents, or lower the level.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Traffic.class)
                .findFirst()
                .map(traffic -> ExpectedCalls.callsPerHour(plan).entrySet().stream()
                        .flatMap(calls -> plan.find(calls.getKey(), Queue.class).stream()
                                .flatMap(queue -> look(queue, traffic, calls.getValue())))
                        .toList())
                .orElse(List.of());
    }

    private static Stream<Finding> look(Queue queue, Traffic traffic, double calls) {
        Optional<Queue.ServiceLevel> wanted = queue.serviceLevel();
        if (wanted.isEmpty() || queue.agents().isEmpty() || !(calls > 0)) {
            return Stream.empty();
        }
        Expectation expected = Expectation.of(queue, wanted.get(), traffic, calls);
        double level = expected.level(queue.agents().size());
        double target = wanted.get().percent() / 100.0;
        return level >= target
                ? Stream.empty()
                : Stream.of(ABOUT.at(
                                queue.ref(),
                                Pointer.of("serviceLevel"),
                                String.format(
                                        Locale.ROOT,
                                        "%s wants %s; with %s and %.1f calls of %s at the busiest hour %.0f%% is expected%s.",
                                        Says.the(queue),
                                        wanted.get().said(),
                                        Says.count(queue.agents().size(), "agent"),
                                        calls,
                                        new Seconds((int) Math.round(expected.handling())).said(),
                                        Math.floor(level * 100),
                                        expected.agents(target)
                                                .map(agents -> "; " + Says.count(agents, "agent") + " reach it")
                                                .orElse("")))
                        .of(queue.agents().size(), String.format(Locale.ROOT, "%.1f", calls)));
    }
}
