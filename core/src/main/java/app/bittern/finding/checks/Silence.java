package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.paths.Hushes;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Seconds;
import java.util.List;

/// A caller who waits in a queue for more than 20 s and hears nothing.
final class Silence implements Check {
    private static final About ABOUT = new About(
            "silence",
            "Silent wait",
            Severity.WARNING,
            "A caller who waits in a queue for more than 20 s and hears nothing.",
            "Callers take the line for dead and hang up. Give the queue music, or say something more often.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final int LONGEST = 20;

    @Override
    public List<Finding> examine(Examination examination) {
        return examination
                .plan()
                .all(Queue.class)
                .filter(queue -> Hushes.inQueue(examination.plan(), queue) > LONGEST)
                .map(queue -> ABOUT.at(
                                queue.ref(),
                                Pointer.of("hears"),
                                Says.the(queue) + " leaves callers without a sound for "
                                        + new Seconds(Hushes.inQueue(examination.plan(), queue)) + ".")
                        .shownBy(examination.reached().witness(queue.ref())))
                .toList();
    }
}
