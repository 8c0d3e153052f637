package app.bittern.witness;

import app.bittern.call.Bench;
import app.bittern.call.Carried;
import app.bittern.call.Ending;
import app.bittern.call.Found;
import app.bittern.call.KeyPress;
import app.bittern.call.Presence;
import app.bittern.call.Reaction;
import app.bittern.call.Staging;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.call.Visit;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/// Writes the bench on which a call takes a path: visit after visit what the caller keys and what phones,
/// agents, queues and mailboxes do, each in the order in which the call will ask.
public final class Witness {
    private final Plan plan;
    private final Predicate<Step> slow;
    private final List<KeyPress> keys = new ArrayList<>();
    private final Map<String, List<Reaction>> phones = new LinkedHashMap<>();
    private final Map<String, List<Presence>> agents = new LinkedHashMap<>();
    private final Map<Ref, List<Found>> found = new LinkedHashMap<>();
    private Carried carried = Carried.NOTHING;
    private final Bench call;

    private Witness(Plan plan, Bench call, Predicate<Step> slow) {
        this.plan = plan;
        this.call = call;
        this.slow = slow;
    }

    /// The bench on which a call goes along some steps as quickly as it can.
    ///
    /// @param begin the call before anything is done in it
    /// @return none where no call goes along them
    public static Optional<Bench> of(Plan plan, Bench begin, List<Step> steps) {
        return of(plan, begin, steps, step -> false);
    }

    /// The bench on which a call goes along some steps, through some of them as slowly as it can.
    ///
    /// @param begin the call before anything is done in it
    /// @return none where no call goes along them
    public static Optional<Bench> of(Plan plan, Bench begin, List<Step> steps, Predicate<Step> slow) {
        return along(plan, begin, steps, slow, Map.of());
    }

    /// The bench on which a call goes along some steps, some of them by visits that are given.
    ///
    /// @param begin the call before anything is done in it
    /// @param given by the place of the step
    public static Optional<Bench> of(Plan plan, Bench begin, List<Step> steps, Map<Integer, Visit> given) {
        return along(plan, begin, steps, step -> false, given);
    }

    private static Optional<Bench> along(
            Plan plan, Bench begin, List<Step> steps, Predicate<Step> slow, Map<Integer, Visit> given) {
        Witness witness = new Witness(plan, begin, slow);
        for (int index = 0; index < steps.size(); index++) {
            if (!witness.passes(steps.get(index), Optional.ofNullable(given.get(index)))) {
                return Optional.empty();
            }
        }
        Bench bench = witness.bench();
        return goesAlong(plan, bench, steps) ? Optional.of(bench) : Optional.empty();
    }

    private boolean passes(Step step, Optional<Visit> given) {
        Optional<Staging.Staged> staged = given.isPresent()
                ? Optional.of(Staging.decided(plan, step.state(), given.get(), call, carried))
                : Staging.staged(plan, step.state(), step.causes(), call, carried, slow.test(step));
        staged.ifPresent(one -> {
            carried = carried.past(plan, step.state());
            add(one.visit());
        });
        return staged.isPresent();
    }

    private void add(Visit visit) {
        keys.addAll(visit.keys());
        add(visit.phones(), phones);
        add(visit.agents(), agents);
        add(visit.found(), found);
    }

    private static <K, V> void add(Map<K, List<V>> more, Map<K, List<V>> all) {
        more.forEach((key, list) ->
                all.computeIfAbsent(key, one -> new ArrayList<>()).addAll(list));
    }

    /// All of it in short: what is as always is not said.
    private Bench bench() {
        while (!keys.isEmpty() && keys.getLast().silent()) {
            keys.removeLast();
        }
        shorten(phones, Map.of(), new Reaction.Silent());
        shorten(found, Map.of(), new Found.Ahead(0));
        shorten(agents, usual(), Presence.IN);
        return new Bench(call.called(), call.caller(), call.at(), keys, false, phones, call.switches(), agents, found);
    }

    /// Where agents always are; unknown for one who is always in here and logs in there.
    private Map<String, Presence> usual() {
        Map<String, Presence> usual = new LinkedHashMap<>();
        plan.all(Queue.class)
                .flatMap(queue -> queue.agents().stream())
                .filter(agent -> agents.containsKey(agent.party().phone()))
                .forEach(agent -> usual.merge(
                        agent.party().phone(),
                        agent.byPhone() ? Presence.OUT : Presence.IN,
                        (one, other) -> one.equals(other) ? one : new Presence(List.of())));
        return usual;
    }

    private static <K, V> void shorten(Map<K, List<V>> all, Map<K, V> usual, V otherwise) {
        all.values().forEach(list -> {
            while (list.size() > 1 && list.getLast().equals(list.get(list.size() - 2))) {
                list.removeLast();
            }
        });
        all.entrySet()
                .removeIf(entry -> entry.getValue().equals(List.of(usual.getOrDefault(entry.getKey(), otherwise))));
    }

    /// Whether a traced call passes the objects of the steps by their ways out; one that is lost for going
    /// round ends as soon as it is where it was, which may be within the last round.
    private static boolean goesAlong(Plan plan, Bench bench, List<Step> steps) {
        Trace trace = Tracer.trace(plan, bench, steps.size());
        boolean endless = trace.ending().cause().equals(Optional.of(Ending.Lost.ENDLESS));
        if (trace.steps().size() < steps.size() && !endless) {
            return false;
        }
        int passed = Math.min(trace.steps().size(), steps.size());
        for (int index = 0; index < passed; index++) {
            Trace.Step step = trace.steps().get(index);
            boolean same = step.object().equals(steps.get(index).state().at().toString())
                    && steps.get(index).causes().stream()
                            .anyMatch(cause -> cause.id().equals(step.exit()));
            if (!same) {
                return false;
            }
        }
        return true;
    }
}
