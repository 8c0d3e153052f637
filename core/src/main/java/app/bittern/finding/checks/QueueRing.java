package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Seconds;
import java.util.stream.Stream;

/// A queue that rings an agent for longer than callers may wait.
final class QueueRing extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "queue-ring",
            "Agents ring longer than callers wait",
            Severity.WARNING,
            "A queue that rings an agent for longer than callers may wait.",
            "The first agent is rung and the call overflows. Ring each for less, or let callers wait longer.");

    QueueRing() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        return queue.maxWait()
                        .filter(wait -> queue.ringEach().value() > wait.value())
                        .isPresent()
                ? Stream.of(ABOUT.at(
                                queue.ref(),
                                Pointer.of("ringEach"),
                                Says.the(queue) + " rings each agent for "
                                        + queue.ringEach().said() + ", and callers wait for "
                                        + new Seconds(queue.longestWait()).said() + " at most.")
                        .of(queue.ringEach(), new Seconds(queue.longestWait())))
                : Stream.empty();
    }
}
