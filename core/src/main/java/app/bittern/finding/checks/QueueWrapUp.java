package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Seconds;
import java.util.stream.Stream;

/// A wrap-up time that is hardly meant.
final class QueueWrapUp extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "queue-wrap-up",
            "Wrap-up out of range",
            Severity.WARNING,
            "A wrap-up time that is hardly meant.",
            "Minutes taken for seconds keep agents idle, seconds taken for minutes leave them no time. 30 s to 2 min are usual, or none.");

    private static final int LONGEST = 600;
    private static final int SHORTEST = 5;

    QueueWrapUp() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        int wrapUp = queue.wrapUp().value();
        if (wrapUp > 0 && wrapUp < SHORTEST) {
            return Stream.of(ABOUT.at(
                            queue.ref(),
                            Pointer.of("wrapUp"),
                            Says.the(queue) + " leaves agents alone for "
                                    + queue.wrapUp().said() + " after each call; less than " + Seconds.said(SHORTEST)
                                    + " are hardly meant.")
                    .of(queue.wrapUp()));
        }
        return wrapUp > LONGEST
                ? Stream.of(ABOUT.at(
                                queue.ref(),
                                Pointer.of("wrapUp"),
                                Says.the(queue) + " leaves agents alone for " + queue.wrapUp()
                                        + " after each call; more than 10 min are hardly meant.")
                        .of(queue.wrapUp()))
                : Stream.empty();
    }
}
