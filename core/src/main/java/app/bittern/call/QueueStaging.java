package app.bittern.call;

import app.bittern.plan.Queue;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/// What the world must do for a call to leave a queue by a way out.
///
/// Agents who must not answer are out, or, where a queue without agents lets nobody wait, busy for longer than the
/// wait.
final class QueueStaging {
    private final Queue queue;
    private final Scene scene;
    private final int longest;

    QueueStaging(Queue queue, Scene scene) {
        this.queue = queue;
        this.scene = scene;
        this.longest = queue.longestWait();
    }

    List<Visit> visits(Cause cause) {
        if (cause instanceof Cause.Full) {
            return List.of(Visit.finding(queue.ref(), new Found.Full()));
        }
        if (cause instanceof Cause.NoAgents) {
            return List.of(all(Presence.OUT));
        }
        if (cause instanceof Cause.AgentsGone) {
            return queue.noAgents().refuseNew()
                    ? List.of(all(leaves(1)), all(leaves(longest)))
                    : List.of(all(Presence.OUT), all(leaves(longest)));
        }
        if (cause instanceof Cause.Answered) {
            return answered();
        }
        if (cause instanceof Cause.Key(String key)) {
            return keyed(key);
        }
        if (cause instanceof Cause.Callback(String key)) {
            return keyed(key);
        }
        if (cause instanceof Cause.Overflow) {
            return List.of(all(idle()));
        }
        throw Staging.noSuch(cause);
    }

    private static Presence leaves(int second) {
        return second == 0
                ? Presence.OUT
                : new Presence(List.of(
                        new Presence.Change(0, Presence.State.IN, second),
                        new Presence.Change(second, Presence.State.OUT, 0)));
    }

    private Presence idle() {
        return queue.noAgents().refuseNew() || queue.noAgents().moveWaiting()
                ? new Presence(List.of(new Presence.Change(0, Presence.State.IN, longest + 1)))
                : Presence.OUT;
    }

    /// The agent who joins first answers as soon as possible, or at the end of the wait.
    private List<Visit> answered() {
        List<Visit> all = new ArrayList<>();
        queue.agents().stream()
                .filter(agent -> Wait.phone(agent, scene).can())
                .min(Comparator.comparingInt(agent -> agent.joinsAfter().value()))
                .ifPresent(first -> {
                    for (Presence presence : List.of(
                            Presence.IN, new Presence(List.of(new Presence.Change(0, Presence.State.IN, longest))))) {
                        all.add(agents(agent -> agent.equals(first) ? presence : idle())
                                .with(first.extension().key(), new Reaction.Answers(0)));
                    }
                });
        return all;
    }

    /// The key as soon as it is offered, or at the end of the wait.
    private List<Visit> keyed(String key) {
        return Schedule.all(queue, scene).stream()
                .filter(said -> said.item().key().filter(key::equals).isPresent())
                .findFirst()
                .map(said -> List.of(
                        all(idle()).with(KeyPress.at(key, said.start())),
                        all(idle()).with(KeyPress.at(key, longest))))
                .orElse(List.of());
    }

    private Visit all(Presence presence) {
        return agents(agent -> presence);
    }

    private Visit agents(Function<Queue.Agent, Presence> presence) {
        Map<String, List<Presence>> agents = new LinkedHashMap<>();
        for (Queue.Agent agent : queue.agents()) {
            agents.computeIfAbsent(agent.extension().key(), key -> new ArrayList<>())
                    .add(presence.apply(agent));
        }
        return new Visit(List.of(), Map.of(), agents, Map.of());
    }
}
