package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Seconds;
import java.util.stream.Stream;

/// A queue in which callers wait without end.
final class QueueNoOverflow extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "queue-no-overflow",
            "Queue without overflow",
            Severity.WARNING,
            "A queue in which callers wait without end.",
            "Without a longest wait nobody is sent on. Give a longest wait and where callers go then.");

    QueueNoOverflow() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        return queue.maxWait().isEmpty()
                ? Stream.of(ABOUT.at(
                                queue.ref(),
                                Pointer.of("maxWait"),
                                Says.the(queue) + " has no longest wait; " + new Seconds(queue.longestWait()).said()
                                        + " are taken.")
                        .together("have no longest wait"))
                : Stream.empty();
    }
}
