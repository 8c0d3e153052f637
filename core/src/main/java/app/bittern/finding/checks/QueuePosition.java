package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Seconds;
import java.util.stream.Stream;

/// A place in the line or an expected wait said more often than every 20 s.
final class QueuePosition extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "queue-position",
            "Position said too often",
            Severity.WARNING,
            "A place in the line or an expected wait said more often than every 20 s.",
            "Callers hear the same figure again and again. A minute or more apart is enough.");

    private static final int LEAST = 20;

    QueuePosition() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        return queue.meanwhile().stream()
                .filter(item -> item.say()
                        .filter(said -> !(said instanceof Queue.Said.Words))
                        .isPresent())
                .filter(item ->
                        item.every().filter(every -> every.value() < LEAST).isPresent())
                .map(item -> ABOUT.at(
                                queue.ref(),
                                Pointer.of("meanwhile", queue.meanwhile().indexOf(item), "every"),
                                Says.the(queue) + " says "
                                        + item.say().map(Object::toString).orElse("") + " every "
                                        + item.every().map(Object::toString).orElse("") + "; every "
                                        + Seconds.said(LEAST)
                                        + " are often enough.")
                        .of(item.every().stream().toArray()));
    }
}
