package app.bittern.hours;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/// Which rule of a calendar decides when: the first that holds.
///
/// Reckoned as the states are, of a calendar whose rules all have names of their own, so that two rules of one
/// state are told apart and what is said of rules is what calls meet.
public final class RuleTimes {
    private final Calendar numbered;
    private final List<TimeSet> times;

    private RuleTimes(Calendar numbered, List<TimeSet> times) {
        this.numbered = numbered;
        this.times = times;
    }

    /// The times of each rule within a horizon.
    public static RuleTimes of(Calendar calendar, Horizon horizon) {
        List<HoursState> states = calendar.states();
        Calendar numbered = new Calendar(
                IntStream.range(0, states.size())
                        .mapToObj(index -> new HoursState(
                                String.valueOf(index),
                                states.get(index).season(),
                                states.get(index).weekly(),
                                states.get(index).on()))
                        .toList(),
                calendar.elsewhere());
        List<TimeSet> times = new ArrayList<>();
        List<TimeClasses.TimeClass> classes = TimeClasses.of(List.of(numbered), horizon);
        for (int index = 0; index < states.size(); index++) {
            List<String> name = List.of(String.valueOf(index));
            times.add(classes.stream()
                    .filter(one -> one.states().equals(name))
                    .map(TimeClasses.TimeClass::times)
                    .findFirst()
                    .orElseGet(() -> TimeSet.never(horizon)));
        }
        return new RuleTimes(numbered, times);
    }

    /// When a rule decides.
    ///
    /// @param rule its place in the calendar, from 0
    public TimeSet times(int rule) {
        return times.get(rule);
    }

    /// How long each rule decides in the year from the first day of the horizon, in seconds; together they are that
    /// year.
    public List<Long> yearly() {
        Horizon horizon = times.getFirst().horizon();
        int days = (int) ChronoUnit.DAYS.between(horizon.from(), horizon.from().plusYears(1));
        return times.stream().map(time -> time.seconds(days)).toList();
    }

    /// A stretch of a day in which one rule decides.
    ///
    /// @param from minute of the day
    /// @param to   minute of the day, excluded
    /// @param rule its place in the calendar, from 0
    public record Stretch(int from, int to, int rule) {}

    /// A day as it is divided by the rules.
    public List<Stretch> day(LocalDate date) {
        List<Calendar.Run> runs = numbered.day(date);
        return IntStream.range(0, runs.size())
                .mapToObj(index -> new Stretch(
                        runs.get(index).from(),
                        index + 1 < runs.size() ? runs.get(index + 1).from() : Horizon.DAY,
                        Integer.parseInt(runs.get(index).state())))
                .toList();
    }
}
