package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Party;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// An agent who is in a queue twice.
final class AgentTwice extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "agent-twice",
            "Agent twice",
            Severity.WARNING,
            "An agent who is in a queue twice.",
            "The second entry does nothing, or rings the phone out of turn. Take one of the two away.");

    AgentTwice() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        Set<Party> met = new HashSet<>();
        return IntStream.range(0, queue.agents().size())
                .filter(index -> !met.add(queue.agents().get(index).party()))
                .mapToObj(index -> {
                    Party agent = queue.agents().get(index).party();
                    return ABOUT.at(
                                    queue.ref(),
                                    Pointer.of("agents", index),
                                    Says.the(queue) + " has "
                                            + examination.plan().title(agent) + " twice.")
                            .of(agent);
                });
    }
}
