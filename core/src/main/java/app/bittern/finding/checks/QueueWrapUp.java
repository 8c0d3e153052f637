package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import java.util.List;
import java.util.stream.Stream;

/// A wrap-up time that is hardly meant.
final class QueueWrapUp implements Check {
    private static final About ABOUT = new About(
            "queue-wrap-up",
            "Wrap-up out of range",
            Severity.WARNING,
            "A wrap-up time that is hardly meant.",
            "Minutes taken for seconds keep agents idle. 30 s to 2 min are usual.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final int LONGEST = 600;

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Queue.class)
                .flatMap(queue -> queue.wrapUp().value() > LONGEST
                        ? Stream.of(ABOUT.at(
                                queue.ref(),
                                "wrapUp",
                                Says.the(queue) + " leaves agents alone for " + queue.wrapUp()
                                        + " after each call; more than 10 min are hardly meant."))
                        : Stream.empty())
                .toList();
    }
}
