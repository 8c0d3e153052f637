package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Extension;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// An agent of a queue whose phone is set to do not disturb, or forwards all calls.
final class AgentAway extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "agent-away",
            "Agent who is not rung",
            Severity.WARNING,
            "An agent of a queue whose phone is set to do not disturb, or forwards all calls.",
            "Callers wait for somebody who is not there. Take the agent out, or let the phone ring.");

    AgentAway() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        return IntStream.range(0, queue.agents().size())
                .boxed()
                .flatMap(index -> queue
                        .agents()
                        .get(index)
                        .extension()
                        .flatMap(ref -> examination.plan().find(ref, Extension.class))
                        .filter(one ->
                                one.doNotDisturb() || one.forward().always().isPresent())
                        .map(agent -> ABOUT.at(
                                        queue.ref(),
                                        Pointer.of("agents", index),
                                        Says.the(queue) + " has " + agent.title()
                                                + " as an agent, whose phone "
                                                + (agent.doNotDisturb()
                                                        ? "is set to do not disturb."
                                                        : "forwards all calls."))
                                .of(agent.ref()))
                        .stream());
    }
}
