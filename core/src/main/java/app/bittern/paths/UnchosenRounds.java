package app.bittern.paths;

import app.bittern.callset.CallSet;
import app.bittern.graph.Components;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Way;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/// Rounds that calls can go without anybody choosing to: one for each state that some call can come back to so, as far
/// as it is not on a round that is told already.
///
/// From each state a search in breadth for a shortest way back to it, by classes of calls. Cost: the states on rounds,
/// times the ways that nobody chooses.
final class UnchosenRounds {
    private UnchosenRounds() {}

    /// @param state that is left by the way
    record Step(int state, Way way) {}

    /// Once round.
    ///
    /// @param endless whether no second can pass
    /// @param calls   that can go it
    record Turn(List<Step> steps, boolean endless, CallSet calls) {
        Turn {
            steps = List.copyOf(steps);
        }

        /// The steps from one of its states on.
        List<Step> from(int state) {
            int at = 0;
            while (steps.get(at).state() != state) {
                at++;
            }
            List<Step> turned = new ArrayList<>(steps.subList(at, steps.size()));
            turned.addAll(steps.subList(0, at));
            return turned;
        }
    }

    /// @param come the calls that come to each state
    static List<Turn> of(StateGraph graph, CallSet[] come) {
        List<Turn> turns = new ArrayList<>();
        Set<Integer> told = new HashSet<>();
        for (boolean endless : new boolean[] {true, false}) {
            Predicate<Way> taken = way -> !way.choice() && way.target() >= 0 && (!endless || way.latest() == 0);
            Components parts = parts(graph, come, taken);
            for (int state = 0; state < graph.size(); state++) {
                int part = parts.of(state);
                if (!come[state].isEmpty() && !told.contains(state)) {
                    Predicate<Way> within = way -> taken.test(way) && parts.of(way.target()) == part;
                    back(graph, come, state, within, endless).ifPresent(turn -> {
                        turns.add(turn);
                        turn.steps().forEach(step -> told.add(step.state()));
                    });
                }
            }
        }
        return turns;
    }

    private static Components parts(StateGraph graph, CallSet[] come, Predicate<Way> taken) {
        return new Components(
                graph.size(),
                state -> come[state].isEmpty()
                        ? new int[0]
                        : graph.ways(state).stream()
                                .filter(taken)
                                .mapToInt(Way::target)
                                .toArray());
    }

    private record Came(int state, CallSet calls, Optional<Came> from, Optional<Way> by) {}

    private static Optional<Turn> back(
            StateGraph graph, CallSet[] come, int start, Predicate<Way> taken, boolean endless) {
        Map<Integer, CallSet> done = new HashMap<>();
        Deque<Came> work = new ArrayDeque<>(List.of(new Came(start, come[start], Optional.empty(), Optional.empty())));
        while (!work.isEmpty()) {
            Came came = work.remove();
            CallSet known = done.getOrDefault(came.state(), graph.classes().none());
            CallSet fresh = came.calls().minus(known);
            if (fresh.isEmpty()) {
                continue;
            }
            done.put(came.state(), known.or(fresh));
            for (Way way : graph.ways(came.state())) {
                CallSet on = taken.test(way)
                        ? fresh.and(way.calls())
                        : graph.classes().none();
                if (on.isEmpty()) {
                    continue;
                }
                Came next = new Came(
                        way.target(),
                        on,
                        Optional.of(new Came(came.state(), fresh, came.from(), came.by())),
                        Optional.of(way));
                if (way.target() == start) {
                    return Optional.of(turn(next, endless));
                }
                work.add(next);
            }
        }
        return Optional.empty();
    }

    private static Turn turn(Came last, boolean endless) {
        List<Step> steps = new ArrayList<>();
        Came at = last;
        while (at.from().isPresent()) {
            steps.addFirst(new Step(at.from().get().state(), at.by().orElseThrow()));
            at = at.from().get();
        }
        return new Turn(steps, endless, last.calls());
    }
}
