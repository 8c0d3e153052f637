package app.bittern.hours;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;

/// Ordered states of which the first that holds wins: open in season, open, else closed.
///
/// @param states at least one, of which the last should have no rule; where it has one and nothing
///               holds, the last state is taken all the same, so that a calendar is never in no state
public record Calendar(List<HoursState> states) {
    public Calendar {
        states = List.copyOf(states);
        if (states.isEmpty()) {
            throw new IllegalArgumentException("a calendar without a state: at least one is needed");
        }
    }

    /// The position in `states` of the one that holds.
    public int indexAt(LocalDateTime at) {
        for (int index = 0; index < states.size(); index++) {
            if (states.get(index).holds(at)) {
                return index;
            }
        }
        return states.size() - 1;
    }

    /// The name of the state that holds.
    public String stateAt(LocalDateTime at) {
        return states.get(indexAt(at)).state();
    }

    /// The names of the states in order, each once.
    public List<String> names() {
        return states.stream().map(HoursState::state).distinct().toList();
    }

    /// The states of a day one after another.
    List<Run> day(LocalDate date) {
        return day(possible(date), date);
    }

    /// The states whose dates and season hold on a day. The day's runs depend on them and on its weekday alone.
    List<HoursState> possible(LocalDate date) {
        return states.stream().filter(state -> state.holdsOn(date)).toList();
    }

    /// The states of a day one after another, of those that its date allows.
    List<Run> day(List<HoursState> possible, LocalDate date) {
        List<Run> runs = new ArrayList<>();
        for (int edge : edges()) {
            LocalDateTime at = date.atStartOfDay().plusMinutes(edge);
            String state = possible.stream()
                    .filter(one -> one.holdsWeekly(at))
                    .findFirst()
                    .orElse(states.getLast())
                    .state();
            if (runs.isEmpty() || !runs.getLast().state().equals(state)) {
                runs.add(new Run(edge, state));
            }
        }
        return runs;
    }

    /// A state from a minute of a day on.
    record Run(int from, String state) {}

    /// Minutes after midnight at which a state may change on some day, ascending, midnight included.
    List<Integer> edges() {
        List<Integer> edges = new ArrayList<>(List.of(0));
        for (HoursState state : states) {
            for (WeekRange range : state.weekly()) {
                edges.add(range.start());
                edges.add(range.end() % (24 * 60));
            }
        }
        return edges.stream().sorted().distinct().toList();
    }
}
