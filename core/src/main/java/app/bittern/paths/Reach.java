package app.bittern.paths;

import app.bittern.call.Condition;
import app.bittern.call.Context;
import app.bittern.call.Onward;
import app.bittern.call.Outcome;
import app.bittern.call.RouteChoice;
import app.bittern.call.State;
import app.bittern.call.Transition;
import app.bittern.number.Caller;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import java.time.LocalDateTime;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/// Every outcome that calls of one class can come to, each with a shortest way to it.
///
/// Breadth-first search over the states; cost: states × outcomes. Each state is visited once, so menus that lead to
/// themselves end the search there.
public final class Reach {
    private final Plan plan;
    private final CallClass call;
    private final LocalDateTime local;
    private final Map<State, Optional<Way.Taken>> cameBy = new LinkedHashMap<>();

    private Reach(Plan plan, CallClass call) {
        this.plan = plan;
        this.call = call;
        this.local = LocalDateTime.ofInstant(call.at(), plan.site().timeZone());
    }

    /// Shows each outcome that can happen, by a shortest way that ends with it.
    public static void walk(Plan plan, CallClass call, Consumer<Way> visitor) {
        new Reach(plan, call).run(visitor);
    }

    private void run(Consumer<Way> visitor) {
        Deque<State> open = new ArrayDeque<>();
        RouteChoice.winner(plan, call.called(), call.caller(), local).ifPresent(route -> {
            State start = new State(route.ref(), Context.in(plan.site().defaultLanguage()));
            cameBy.put(start, Optional.empty());
            open.add(start);
        });
        while (!open.isEmpty()) {
            State state = open.remove();
            for (Outcome outcome : Transition.outcomes(plan, state)) {
                if (!holds(outcome.when())) {
                    continue;
                }
                Way.Taken taken = new Way.Taken(state, outcome);
                visitor.accept(new Way(call, wayTo(taken)));
                if (outcome.onward() instanceof Onward.Next(State next) && !cameBy.containsKey(next)) {
                    cameBy.put(next, Optional.of(taken));
                    open.add(next);
                }
            }
        }
    }

    private boolean holds(Condition condition) {
        return switch (condition) {
            case Condition.Always always -> true;
            case Condition.WithheldIs(boolean withheld) -> withheld == call.caller() instanceof Caller.Withheld;
            case Condition.HoursIn(var hours, String state) ->
                plan.find(hours, Hours.class)
                        .filter(found -> found.calendar().stateAt(local).equals(state))
                        .isPresent();
        };
    }

    private List<Way.Taken> wayTo(Way.Taken last) {
        List<Way.Taken> way = new ArrayList<>(List.of(last));
        for (Optional<Way.Taken> before = cameBy.getOrDefault(last.state(), Optional.empty());
                before.isPresent();
                before = cameBy.getOrDefault(before.get().state(), Optional.empty())) {
            way.addFirst(before.get());
        }
        return way;
    }
}
