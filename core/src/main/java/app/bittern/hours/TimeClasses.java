package app.bittern.hours;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// Divides the instants of 53 weeks into sets in which every calendar is in the same state.
///
/// Each calendar is asked once for each day for its states one after another; where any of them changes, a new
/// stretch begins, and stretches with the same answers are one class. Exact on the days the clocks change,
/// because rules are of local time: a class whose only minutes are left out by the clock does not exist. Days
/// of one weekday on which the same states are possible are alike, and reckoned once. Cost: days × calendars ×
/// changes a day.
public final class TimeClasses {
    private TimeClasses() {}

    /// One class of instants.
    ///
    /// @param states the state of each calendar, in the order they were given
    public record TimeClass(List<String> states, TimeSet times) {
        public TimeClass {
            states = List.copyOf(states);
        }
    }

    /// The classes in order of their first instant; always at least one.
    public static List<TimeClass> of(List<Calendar> calendars, Horizon horizon) {
        Map<List<String>, TimeSet.Builder> classes = new LinkedHashMap<>();
        List<Days> days = calendars.stream().map(Days::new).toList();
        for (int day = 0; day < Horizon.DAYS; day++) {
            day(days, horizon, day, classes);
        }
        List<TimeClass> all = new ArrayList<>();
        classes.forEach((states, times) -> {
            TimeSet set = times.done();
            if (set.seconds() > 0) {
                all.add(new TimeClass(states, set));
            }
        });
        return List.copyOf(all);
    }

    /// The days of a calendar, those that are alike reckoned once.
    private record Days(Calendar calendar, Map<Alike, List<Calendar.Run>> known) {
        private record Alike(DayOfWeek weekday, List<HoursState> possible) {}

        Days(Calendar calendar) {
            this(calendar, new HashMap<>());
        }

        List<Calendar.Run> on(LocalDate date) {
            if (calendar.elsewhere().isPresent()) {
                return calendar.day(date);
            }
            List<HoursState> possible = calendar.possible(date);
            return known.computeIfAbsent(
                    new Alike(date.getDayOfWeek(), possible), alike -> calendar.day(possible, date));
        }
    }

    private static void day(
            List<Days> calendars, Horizon horizon, int day, Map<List<String>, TimeSet.Builder> classes) {
        TreeMap<Integer, Map<Integer, String>> changes = new TreeMap<>(Map.of(0, new LinkedHashMap<>()));
        for (int index = 0; index < calendars.size(); index++) {
            for (Calendar.Run run : calendars.get(index).on(horizon.day(day))) {
                changes.computeIfAbsent(run.from(), minute -> new LinkedHashMap<>())
                        .put(index, run.state());
            }
        }
        String[] states = new String[calendars.size()];
        for (Map.Entry<Integer, Map<Integer, String>> change : changes.entrySet()) {
            change.getValue().forEach((index, state) -> states[index] = state);
            Integer next = changes.higherKey(change.getKey());
            classes.computeIfAbsent(List.of(states.clone()), vector -> new TimeSet.Builder(horizon))
                    .add(day, change.getKey(), next == null ? Horizon.DAY : next);
        }
    }
}
