package app.bittern.score;

import app.bittern.call.Account;
import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.Context;
import app.bittern.call.Presence;
import app.bittern.call.QueueCourse;
import app.bittern.call.Schedule;
import app.bittern.call.State;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// A wait in a queue of which every agent is in and nobody answers, by a caller whose number is delivered and who
/// presses nothing, such as 12 s of words on joining, then five minutes of music.
///
/// @param queue  the queue
/// @param step   what the engine does with the call there
/// @param course what is said and offered to this caller at this instant
/// @param keys   what can be pressed
public record WaitScore(Queue queue, Trace.Step step, QueueCourse course, List<Key> keys) {
    /// Somebody, from the numbers that are kept for fiction.
    private static final Caller ANYBODY = new Caller.Known(new E164("+447700900123"));

    private static final E164 CALLED = new E164("+441632960000");

    public WaitScore {
        keys = List.copyOf(keys);
    }

    /// A key that is offered.
    ///
    /// @param from the second since the call came to the queue from which it is: what offers it begins to be said
    public record Key(String key, int from, QueueCourse.Offered leads) {}

    /// @throws IllegalArgumentException where the plan has no such queue
    public static WaitScore of(Plan plan, Queue queue, Instant at) {
        State there = new State(queue.ref(), Context.in(plan.site().defaultLanguage()));
        Bench bench = staffed(queue, at);
        QueueCourse course = QueueCourse.on(queue, plan, there, bench);
        String language = queue.language().orElse(plan.site().defaultLanguage());
        Trace.Step step = Tracer.from(plan, there, bench, 1).steps().getFirst();
        int waits = letIn(step) ? Math.max(0, step.lasts() - course.joining()) : 0;
        List<Key> keys = Schedule.offers(course, prompt -> plan.seconds(prompt, language), waits).entrySet().stream()
                .map(one -> new Key(
                        one.getKey(),
                        course.joining() + one.getValue().start(),
                        one.getValue().item().offer(one.getKey()).orElseThrow()))
                .toList();
        return new WaitScore(queue, step, course, keys);
    }

    /// Whether the call is let in at all.
    private static boolean letIn(Trace.Step step) {
        return step.cause()
                .filter(cause -> !(cause instanceof Cause.NoAgents || cause instanceof Cause.Full))
                .isPresent();
    }

    /// A call at an instant for which every agent of the queue is in.
    private static Bench staffed(Queue queue, Instant at) {
        Map<String, List<Presence>> in = new LinkedHashMap<>();
        queue.agents().forEach(agent -> in.put(agent.party().phone(), List.of(Presence.IN)));
        Bench call = Bench.of(CALLED, ANYBODY, at);
        return new Bench(
                call.called(), call.caller(), at, call.keys(), false, call.phones(), Map.of(), in, call.waiting());
    }

    /// Whether an item is said, or its keys are offered, to this caller.
    ///
    /// @param place among the items of the queue, from 0
    public boolean said(int place) {
        return course.items().stream().anyMatch(item -> item.place() == place);
    }

    /// When the phone of an agent rings, each time until it has rung as long as one does, or the wait is over.
    public List<Ring> rings(Party agent) {
        return account().stream()
                .flatMap(account -> account.rung().stream())
                .filter(rung -> rung.party().equals(agent))
                .map(rung -> new Ring(
                        rung.second(),
                        Math.min(step.lasts(), rung.second() + queue.ringEach().value())))
                .toList();
    }

    private Optional<Account.InQueue> account() {
        return step.account() instanceof Account.InQueue wait ? Optional.of(wait) : Optional.empty();
    }
}
