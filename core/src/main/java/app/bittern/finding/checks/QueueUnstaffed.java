package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import java.util.stream.Stream;

/// A queue in which callers may wait although nobody is logged in.
final class QueueUnstaffed extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "queue-unstaffed",
            "Queue that nobody may be in",
            Severity.WARNING,
            "A queue in which callers may wait although nobody is logged in.",
            "Callers who come in open hours wait for nobody. Refuse them when joining, let them leave, or have an agent always in.");

    QueueUnstaffed() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        return queue.agents().stream().allMatch(Queue.Agent::byPhone)
                        && !queue.noAgents().refuseNew()
                        && !queue.noAgents().moveWaiting()
                ? Stream.of(ABOUT.at(
                                queue.ref(),
                                Pointer.of("agents"),
                                Says.the(queue)
                                        + (queue.agents().isEmpty()
                                                ? " has no agents, and lets callers wait."
                                                : " lets callers wait although every agent may be logged out."))
                        .shownBy(examination.reached().witness(queue.ref())))
                : Stream.empty();
    }
}
