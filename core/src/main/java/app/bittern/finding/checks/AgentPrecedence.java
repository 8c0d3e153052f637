package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Party;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// An agent in two queues of equal precedence.
final class AgentPrecedence implements Check {
    private static final About ABOUT = new About(
            "agent-precedence",
            "Agent in two queues of equal precedence",
            Severity.WARNING,
            "An agent in two queues of equal precedence.",
            "Nobody can tell whose caller comes first. Give one of the queues a higher precedence.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Map<Party, List<Queue>> queues = new LinkedHashMap<>();
        examination
                .plan()
                .all(Queue.class)
                .forEach(queue -> queue.agents().stream()
                        .map(Queue.Agent::party)
                        .distinct()
                        .forEach(agent -> queues.computeIfAbsent(agent, a -> new ArrayList<>())
                                .add(queue)));
        Map<List<Ref>, List<String>> shared = new LinkedHashMap<>();
        queues.forEach((agent, all) -> {
            for (int one = 0; one < all.size(); one++) {
                for (int other = one + 1; other < all.size(); other++) {
                    if (all.get(one).precedence() == all.get(other).precedence()) {
                        shared.computeIfAbsent(
                                        List.of(
                                                all.get(one).ref(),
                                                all.get(other).ref()),
                                        pair -> new ArrayList<>())
                                .add(agent.phone());
                    }
                }
            }
        });
        return shared.entrySet().stream()
                .map(pair -> ABOUT.at(
                                pair.getKey().getLast(),
                                Pointer.of("precedence"),
                                "Queues " + pair.getKey().getFirst().key() + " and "
                                        + pair.getKey().getLast().key() + " have the same precedence and share "
                                        + Says.some(pair.getValue()) + ".")
                        .alsoAt(List.of(pair.getKey().getFirst()))
                        .of(pair.getKey().getFirst()))
                .toList();
    }
}
