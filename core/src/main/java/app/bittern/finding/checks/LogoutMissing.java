package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Code;
import app.bittern.plan.Queue;
import java.util.stream.Stream;

/// A queue with a code to log in and none to log out.
final class LogoutMissing extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "logout-missing",
            "No code to log out",
            Severity.WARNING,
            "A queue with a code that logs in to it and none that logs out.",
            "Who has gone home is rung on. Give it a code to log out.");

    LogoutMissing() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        return Codes.does(examination.plan(), new Code.Does.LogIn(queue.ref()))
                        && !Codes.does(examination.plan(), new Code.Does.LogOut(queue.ref()))
                ? Stream.of(ABOUT.at(queue.ref(), Says.the(queue) + " has a code to log in and none to log out.")
                        .together("have codes to log in and none to log out"))
                : Stream.empty();
    }
}
