package app.bittern.call;

import app.bittern.plan.Queue;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/// A queue holds the caller until an agent answers, a key is pressed, or the wait is over.
///
/// The wait is measured from the end of the entry prompt. What a bench makes of it is in [Wait].
final class QueueBehaviour implements Behaviour<Queue> {
    @Override
    public List<Outcome> outcomes(Queue queue, Scene scene) {
        int joining = scene.length(queue.onJoining());
        int longest = joining + queue.longestWait();
        List<Outcome> outcomes = new ArrayList<>();
        if (queue.longestLine().isPresent()) {
            outcomes.add(Outcome.of(new Cause.Full(), Window.NOW, scene.onward(queue.full()))
                    .by("full"));
        }
        boolean anybody = Wait.soonest(queue, scene).isPresent();
        Queue.NoAgents none = queue.noAgents();
        if (none.refuseNew()) {
            outcomes.add(Outcome.of(new Cause.NoAgents(), Window.NOW, scene.onward(none.to()))
                    .by("noAgents", "to"));
            if (!anybody) {
                return outcomes;
            }
        }
        if (none.moveWaiting()) {
            outcomes.add(Outcome.of(
                            new Cause.AgentsGone(),
                            anybody ? new Window(joining, longest) : Window.at(joining),
                            scene.onward(none.to()))
                    .by("noAgents", "to"));
            if (!anybody) {
                return outcomes;
            }
        }
        Wait.soonest(queue, scene)
                .filter(second -> second <= queue.longestWait())
                .ifPresent(second -> outcomes.add(Outcome.of(
                        new Cause.Answered(),
                        new Window(joining + second, longest),
                        scene.ends(Ending.Kind.ANSWERED, queue.ref()))));
        outcomes.add(Outcome.of(new Cause.Overflow(), Window.at(longest), overflow(queue, scene))
                .by("overflow"));
        Set<String> offered = new LinkedHashSet<>();
        for (Schedule.Said said : Schedule.all(queue, scene)) {
            if (said.item().key().filter(offered::add).isPresent()) {
                outcomes.add(offered(queue, scene, said.item(), new Window(joining + said.start(), longest)));
            }
        }
        return outcomes;
    }

    private static Onward overflow(Queue queue, Scene scene) {
        return queue.agents().isEmpty() && queue.overflow().isEmpty()
                ? scene.lost(Ending.Lost.NOBODY)
                : scene.onward(queue.overflow());
    }

    private static Outcome offered(Queue queue, Scene scene, Queue.Meanwhile item, Window window) {
        String key = item.key().orElseThrow();
        return item.callback()
                ? Outcome.of(new Cause.Callback(key), window, scene.ends(Ending.Kind.CALLBACK, queue.ref()))
                : Outcome.of(new Cause.Key(key), window, scene.onward(item.to()))
                        .by("meanwhile", Integer.toString(queue.meanwhile().indexOf(item)), "to");
    }

    @Override
    public Decision decide(Queue queue, Scene scene, BenchInHand bench) {
        Wait wait = new Wait(queue, scene, bench);
        if (queue.longestLine().isPresent() && wait.full()) {
            return wait.refused(new Cause.Full());
        }
        return wait.nobodyIn(0) && queue.noAgents().refuseNew() ? wait.refused(new Cause.NoAgents()) : wait.decide();
    }
}
