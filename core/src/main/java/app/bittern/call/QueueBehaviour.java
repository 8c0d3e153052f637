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
        int entry = scene.length(queue.onJoining());
        int longest = entry + queue.longestWait();
        List<Outcome> outcomes = new ArrayList<>();
        if (queue.longestLine().isPresent()) {
            outcomes.add(Outcome.of(new Cause.Full(), Window.NOW, scene.onward(queue.full()))
                    .by("full"));
        }
        Queue.NoAgents none = queue.noAgents();
        if (none.refuseNew()) {
            outcomes.add(Outcome.of(new Cause.NoAgents(), Window.NOW, scene.onward(none.to()))
                    .by("noAgents", "to"));
        }
        if (queue.agents().isEmpty() && none.refuseNew()) {
            return outcomes;
        }
        if (!queue.agents().isEmpty()) {
            outcomes.add(Outcome.of(
                    new Cause.Answered(), new Window(entry, longest), scene.ends(Ending.Kind.ANSWERED, queue.ref())));
        }
        outcomes.add(Outcome.of(new Cause.Overflow(), Window.at(longest), overflow(queue, scene))
                .by("overflow"));
        if (none.moveWaiting()) {
            outcomes.add(Outcome.of(new Cause.AgentsGone(), new Window(entry, longest), scene.onward(none.to()))
                    .by("noAgents", "to"));
        }
        Set<String> offered = new LinkedHashSet<>();
        for (Queue.Meanwhile item : inOrder(queue)) {
            if (item.key().isPresent()
                    && item.first() < queue.longestWait()
                    && offered.add(item.key().get())) {
                outcomes.add(offered(queue, scene, item, new Window(entry + item.first(), longest)));
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

    /// What is said and offered, by when it first comes.
    static List<Queue.Meanwhile> inOrder(Queue queue) {
        return queue.meanwhile().stream()
                .sorted((one, other) -> Integer.compare(one.first(), other.first()))
                .toList();
    }

    @Override
    public Decision decide(Queue queue, Scene scene, BenchInHand bench) {
        Wait wait = new Wait(queue, scene, bench);
        int waiting = bench.bench().waiting().getOrDefault(queue.ref(), 0);
        List<Why> why = new ArrayList<>(wait.logins());
        if (queue.longestLine().isPresent()) {
            String rule = "room for " + queue.longestLine().get() + " callers";
            if (waiting >= queue.longestLine().get()) {
                why.add(Why.held("full", rule + ", and " + waiting + " wait already"));
                return Decision.of(
                        new Cause.Full(),
                        0,
                        queue.title() + " is full: to " + scene.words(queue.full()),
                        List.of(),
                        why);
            }
            why.add(Why.not("full", rule + ", and " + waiting + " wait already"));
        }
        if (wait.nobodyThere() && queue.noAgents().refuseNew()) {
            why.add(Why.held("no agents", "nobody is logged in, and callers are then refused"));
            return Decision.of(
                    new Cause.NoAgents(),
                    0,
                    queue.title() + " has nobody logged in: to "
                            + scene.words(queue.noAgents().to()),
                    List.of(),
                    why);
        }
        return wait.decide(why);
    }
}
