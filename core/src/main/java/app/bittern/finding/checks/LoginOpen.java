package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import java.util.stream.Stream;

/// A queue that anybody may log in to without a PIN.
final class LoginOpen extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "login-open",
            "Anybody may log in",
            Severity.WARNING,
            "A queue that everybody may log in to, without a PIN.",
            "Whoever dials its code is sent its callers. Ask for a PIN, or let those who are listed log in alone.");

    LoginOpen() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        return queue.mayLogIn() instanceof Queue.MayLogIn.Everybody
                        && queue.pin().isEmpty()
                ? Stream.of(ABOUT.at(
                                queue.ref(),
                                Pointer.of("pin"),
                                Says.the(queue) + " lets anybody log in, and asks for no PIN.")
                        .together("let anybody log in, and ask for no PIN"))
                : Stream.empty();
    }
}
