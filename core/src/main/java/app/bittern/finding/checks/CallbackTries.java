package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Seconds;
import java.util.stream.Stream;

/// A callback that is given up before it has been tried as often as it should be.
final class CallbackTries extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "callback-tries",
            "Callback given up early",
            Severity.WARNING,
            "A callback whose tries do not fit into the time in which it is to be made.",
            "Whoever was promised a callback is rung less often than meant. Try sooner again, or allow more time.");

    CallbackTries() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        return queue
                .callback()
                .filter(callback -> callback.lastTry() > callback.within().value())
                .map(callback -> ABOUT.at(
                                queue.ref(),
                                Pointer.of("callback", "within"),
                                Says.the(queue) + " tries a callback "
                                        + callback.tries() + " times, "
                                        + callback.every().said() + " apart: the last "
                                        + new Seconds((int) Math.min(callback.lastTry(), Integer.MAX_VALUE)).said()
                                        + " after the first, and allows "
                                        + callback.within().said() + ".")
                        .of(callback.tries(), callback.every(), callback.within()))
                .stream();
    }
}
