package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Party;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// An agent outside who is to log in by phone.
final class AgentOutside extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "agent-outside",
            "Agent outside who cannot log in",
            Severity.WARNING,
            "An agent with a number outside who logs in by phone.",
            "Codes are dialled at phones of the site alone, so such an agent is never in. Let the agent be in always, or give an extension.");

    AgentOutside() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        return IntStream.range(0, queue.agents().size())
                .filter(place -> queue.agents().get(place).byPhone()
                        && queue.agents().get(place).party() instanceof Party.Outside)
                .mapToObj(place -> {
                    Party agent = queue.agents().get(place).party();
                    return ABOUT.at(
                                    queue.ref(),
                                    Pointer.of("agents", place, "login"),
                                    Says.the(queue) + " has an agent outside ("
                                            + examination.plan().title(agent)
                                            + ") who would have to log in by phone.")
                            .of(agent);
                });
    }
}
