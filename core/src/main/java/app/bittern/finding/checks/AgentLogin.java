package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Code;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import java.util.List;
import java.util.stream.Stream;

/// A queue whose agents log in by phone, and no code that logs in to it.
final class AgentLogin extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "agent-login",
            "Agents who cannot log in",
            Severity.WARNING,
            "A queue whose agents log in by phone, and no code that logs in to it.",
            "Nobody can ever log in, and callers wait for nobody. Give the queue a code to log in and one to log out, or let agents be in always.");

    AgentLogin() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        List<String> byPhone = queue.agents().stream()
                .filter(Queue.Agent::byPhone)
                .map(agent -> agent.party().phone())
                .toList();
        boolean code = Codes.does(examination.plan(), new Code.Does.LogIn(queue.ref()));
        return byPhone.isEmpty() || code
                ? Stream.empty()
                : Stream.of(ABOUT.at(
                                queue.ref(),
                                Pointer.of("agents"),
                                Says.the(queue) + " has agents who log in by phone (" + Says.some(byPhone)
                                        + "), and no code logs in to it.")
                        .together("have agents who log in by phone, and no code logs in to them"));
    }
}
