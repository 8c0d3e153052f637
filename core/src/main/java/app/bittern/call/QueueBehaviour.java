package app.bittern.call;

import app.bittern.plan.Ask;
import app.bittern.plan.Destination;
import app.bittern.plan.Menu;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/// A queue holds the caller until an agent answers, a key is pressed, or the wait is over.
///
/// The wait is measured from the end of what is said on joining. What a bench makes of it is in [Wait]. Where a queue
/// says or offers other things to some callers than to others ([QueueCourse]), a way out is as many outcomes as it
/// has windows, for callers that have none in common.
final class QueueBehaviour implements Behaviour<Queue> {
    @Override
    public List<Outcome> outcomes(Queue queue, Scene before) {
        Scene scene = before.speaking(queue.language());
        return together(QueueCourse.all(queue, scene), course -> ways(queue, scene, course));
    }

    /// The ways out of one course.
    static List<Outcome> ways(Queue queue, Scene scene, QueueCourse course) {
        return new Ways(queue, scene, course).all();
    }

    /// The ways out of all courses, those of several that are alike being one.
    static List<Outcome> together(List<QueueCourse> courses, Function<QueueCourse, List<Outcome>> ways) {
        Map<List<Object>, Outcome> all = new LinkedHashMap<>();
        for (QueueCourse course : courses) {
            for (Outcome outcome : ways.apply(course)) {
                all.merge(
                        List.of(outcome.cause(), outcome.window(), outcome.onward(), outcome.slot()),
                        outcome.given(course.when()),
                        QueueBehaviour::either);
            }
        }
        return all.values().stream().map(outcome -> always(outcome, courses)).toList();
    }

    private static Outcome either(Outcome one, Outcome other) {
        return one.given(Condition.any(one.when(), other.when()));
    }

    /// An outcome of every course is for all calls.
    private static Outcome always(Outcome outcome, List<QueueCourse> courses) {
        Condition every = Condition.any(courses.stream().map(QueueCourse::when).toArray(Condition[]::new));
        return outcome.when().equals(every) ? outcome.given(new Condition.Always()) : outcome;
    }

    /// The ways out of one course.
    private record Ways(Queue queue, Scene scene, QueueCourse course) {
        List<Outcome> all() {
            int longest = course.joining() + queue.longestWait();
            List<Outcome> outcomes = new ArrayList<>();
            if (queue.longestLine().isPresent()) {
                outcomes.add(Outcome.of(new Cause.Full(), Window.NOW, scene.onward(queue.full()))
                        .by("full"));
            }
            List<Integer> joins = Wait.joining(queue, scene);
            Queue.NoAgents none = queue.noAgents();
            if (none.refuseNew()) {
                outcomes.add(Outcome.of(new Cause.NoAgents(), Window.NOW, scene.onward(none.to()))
                        .by("noAgents", "to"));
                if (joins.isEmpty()) {
                    return outcomes;
                }
            }
            // Where nobody may come who finds no agents, and nobody waits, there is no second in which they could
            // leave.
            if (none.moveWaiting() && !(none.refuseNew() && queue.longestWait() == 0)) {
                // Whoever is let in with agents has them for a second at least.
                int soonest = course.joining() + (none.refuseNew() ? 1 : 0);
                outcomes.add(Outcome.of(
                                new Cause.AgentsGone(),
                                joins.isEmpty() ? Window.at(soonest) : new Window(soonest, longest),
                                scene.onward(none.to()))
                        .by("noAgents", "to"));
                if (joins.isEmpty()) {
                    return outcomes;
                }
            }
            int told = Wait.told(queue, scene);
            joins.stream()
                    .min(Integer::compare)
                    .filter(second -> second <= queue.longestWait())
                    .ifPresent(second -> outcomes.add(Outcome.of(
                            new Cause.Answered(),
                            new Window(course.joining() + second + told, longest + told),
                            scene.ends(Ending.Kind.ANSWERED, queue.ref()))));
            int usedUp = AgentRounds.soonestUsedUp(queue, joins)
                    .filter(second -> second <= queue.longestWait())
                    .orElse(queue.longestWait());
            outcomes.add(Outcome.of(
                            new Cause.Overflow(),
                            new Window(course.joining() + usedUp, longest),
                            overflow(queue, scene))
                    .by("overflow"));
            Schedule.offers(course, this::length, queue.longestWait())
                    .forEach((key, said) -> outcomes.addAll(offered(key, said)));
            return outcomes;
        }

        private int length(Ref prompt) {
            return scene.length(prompt);
        }

        /// What a key leads to that is offered from a second of the wait on.
        private List<Outcome> offered(String key, Schedule.Said said) {
            String place = Integer.toString(said.item().place());
            return switch (said.item().offer(key).orElseThrow()) {
                case QueueCourse.Offered.Leads(Optional<Destination> to) ->
                    way(new Cause.Key(key), said.start(), scene.onward(to))
                            .map(outcome -> outcome.by("meanwhile", place, "keys", key, "to"))
                            .toList();
                case QueueCourse.Offered.Callback callback ->
                    way(new Cause.Callback(key), said.start(), scene.ends(Ending.Kind.CALLBACK, queue.ref()))
                            .toList();
                case QueueCourse.Offered.Asked(Optional<Ref> ask) ->
                    ask.flatMap(ref -> scene.plan().find(ref, Ask.class))
                            .map(one -> way(
                                    new Cause.Callback(key),
                                    said.start() + AskBehaviour.soonest(one, scene.at(one.ref())),
                                    scene.ends(Ending.Kind.CALLBACK, queue.ref())))
                            .orElseGet(() -> way(new Cause.Callback(key), said.start(), scene.lost(Ending.Lost.HOLE))
                                    .map(outcome -> outcome.by("callback", "ask")))
                            .toList();
                case QueueCourse.Offered.Keeps(Menu menu) ->
                    MenuBehaviour.leading(menu, scene.at(menu.ref())).stream()
                            .flatMap(outcome -> way(
                                            new Cause.Within(key, digits(outcome.cause())),
                                            said.start() + outcome.window().earliest(),
                                            outcome.onward())
                                    .map(one -> one.by("meanwhile", place, "keys", key, "to")))
                            .toList();
            };
        }

        private static String digits(Cause cause) {
            return cause instanceof Cause.Dialled(String number)
                    ? number
                    : cause instanceof Cause.Key(String pressed) ? pressed : "";
        }

        /// From a second of the wait to its end, where that is not later.
        private Stream<Outcome> way(Cause cause, int second, Onward onward) {
            return second > queue.longestWait()
                    ? Stream.empty()
                    : Stream.of(Outcome.of(
                            cause,
                            new Window(course.joining() + second, course.joining() + queue.longestWait()),
                            onward));
        }
    }

    private static Onward overflow(Queue queue, Scene scene) {
        return queue.agents().isEmpty() && queue.overflow().isEmpty()
                ? scene.lost(Ending.Lost.NOBODY)
                : scene.onward(queue.overflow());
    }

    @Override
    public Decision decide(Queue queue, Scene before, BenchInHand bench) {
        Wait wait = new Wait(queue, before.speaking(queue.language()), bench);
        if (queue.longestLine().isPresent() && wait.full()) {
            return wait.refused(new Cause.Full());
        }
        return wait.nobodyIn(0) && queue.noAgents().refuseNew() ? wait.refused(new Cause.NoAgents()) : wait.decide();
    }
}
