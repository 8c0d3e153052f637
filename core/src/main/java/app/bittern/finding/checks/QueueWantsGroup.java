package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Traffic;
import app.bittern.traffic.Advice;
import app.bittern.traffic.ExpectedCalls;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A queue in which callers would hardly ever have to wait.
final class QueueWantsGroup implements Check {
    private static final About ABOUT = new About(
            "queue-wants-group",
            "Queue that wants to be a ring group",
            Severity.HINT,
            "A queue in which callers would hardly ever have to wait.",
            "A ring group reaches people sooner and needs no logging in.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final double HARDLY_EVER = 0.01;

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        Optional<Traffic> traffic = plan.all(Traffic.class).findFirst();
        return ExpectedCalls.callsPerHour(plan).entrySet().stream()
                .flatMap(calls -> plan.find(calls.getKey(), Queue.class).stream()
                        .filter(queue -> !queue.agents().isEmpty() && calls.getValue() > 0)
                        .flatMap(queue -> {
                            int talk = traffic.map(one -> one.talkIn(queue.ref()))
                                    .orElse(Traffic.TALK)
                                    .value();
                            Advice advice = Advice.of(
                                    calls.getValue(), talk, queue.agents().size());
                            return advice.allBusy() < HARDLY_EVER
                                    ? Stream.of(ABOUT.at(queue.ref(), Says.the(queue) + ": " + advice.says() + ".")
                                            .of(queue.agents().size(), calls.getValue()))
                                    : Stream.<Finding>empty();
                        }))
                .toList();
    }
}
