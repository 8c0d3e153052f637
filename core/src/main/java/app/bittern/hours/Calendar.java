package app.bittern.hours;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/// Ordered states of which the first that holds wins: open in season, open, else closed.
///
/// @param elsewhere where it is asked by another time than its rules are of
/// @param states at least one, of which the last should have no rule; where it has one and nothing
///               holds, the last state is taken all the same, so that a calendar is never in no state
public record Calendar(List<HoursState> states, Optional<Elsewhere> elsewhere) {
    /// Asked by the time of one zone, with rules of another's.
    ///
    /// An hour that comes twice where it is asked is taken the first time that it comes.
    ///
    /// @param asked whose local times it is asked by
    /// @param own   whose local times its rules are of
    public record Elsewhere(ZoneId asked, ZoneId own) {
        private LocalDateTime own(LocalDateTime at) {
            return at.atZone(asked).withZoneSameInstant(own).toLocalDateTime();
        }

        /// Both where the clocks there come to it twice; on the night on which they jump over it, what they jump to.
        private Stream<LocalDateTime> asked(LocalDateTime at) {
            List<ZoneOffset> offsets = own.getRules().getValidOffsets(at);
            return offsets.isEmpty()
                    ? Stream.of(at.atZone(own).withZoneSameInstant(asked).toLocalDateTime())
                    : offsets.stream().map(offset -> LocalDateTime.ofInstant(at.toInstant(offset), asked));
        }
    }

    /// Of which only the day of the week is asked.
    private static final LocalDate A_MONDAY = LocalDate.of(2026, 11, 23);

    public Calendar {
        states = List.copyOf(states);
        if (states.isEmpty()) {
            throw new IllegalArgumentException("a calendar without a state: at least one is needed");
        }
    }

    /// A calendar whose rules are of the time that it is asked by.
    public Calendar(List<HoursState> states) {
        this(states, Optional.empty());
    }

    /// The same asked by the time of a zone, where its rules are of another's.
    public Calendar askedIn(ZoneId asked, ZoneId own) {
        return asked.equals(own) ? this : new Calendar(states, Optional.of(new Elsewhere(asked, own)));
    }

    /// A time in the zone that its rules are of.
    public LocalDateTime own(LocalDateTime asked) {
        return elsewhere.map(zones -> zones.own(asked)).orElse(asked);
    }

    /// The position in `states` of the one that holds.
    public int indexAt(LocalDateTime asked) {
        LocalDateTime at = own(asked);
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
        return elsewhere.isEmpty() ? day(possible(date), date) : dayElsewhere(date);
    }

    /// The states of a day by the time of another zone: they may change where they do there, and where the clocks of
    /// either do.
    private List<Run> dayElsewhere(LocalDate date) {
        Elsewhere zones = elsewhere.orElseThrow();
        TreeSet<Integer> minutes = new TreeSet<>(List.of(0));
        for (int before = -2; before <= 2; before++) {
            for (int edge : edges()) {
                zones.asked(date.plusDays(before).atStartOfDay().plusMinutes(edge))
                        .flatMap(at -> minute(date, at).stream())
                        .forEach(minutes::add);
            }
        }
        Instant begins = date.atStartOfDay(zones.asked()).toInstant();
        for (ZoneId zone : List.of(zones.asked(), zones.own())) {
            Optional.ofNullable(zone.getRules().nextTransition(begins.minusSeconds(1))).stream()
                    .flatMap(change -> Stream.of(
                            LocalDateTime.ofInstant(change.getInstant(), zones.asked()),
                            change.getDateTimeBefore(),
                            change.getDateTimeAfter()))
                    .flatMap(at -> minute(date, at).stream())
                    .forEach(minutes::add);
        }
        List<Run> runs = new ArrayList<>();
        for (int minute : minutes) {
            String state = stateAt(date.atStartOfDay().plusMinutes(minute));
            if (runs.isEmpty() || !runs.getLast().state().equals(state)) {
                runs.add(new Run(minute, state));
            }
        }
        return runs;
    }

    private static Optional<Integer> minute(LocalDate date, LocalDateTime at) {
        return at.toLocalDate().equals(date) ? Optional.of(at.toLocalTime().toSecondOfDay() / 60) : Optional.empty();
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

    /// The states that several can be in at once, each list in their order: more than ever come together where seasons
    /// and dates decide, none that is missed.
    ///
    /// Cost: the edges of a week times what dates leave open, not the product of all states.
    public static Set<List<String>> together(List<Calendar> calendars) {
        Set<Integer> edges = new TreeSet<>(List.of(0));
        calendars.forEach(calendar -> edges.addAll(calendar.edges()));
        Set<List<String>> all = new LinkedHashSet<>();
        for (int day = 0; day < 7; day++) {
            for (int edge : edges) {
                LocalDateTime at = A_MONDAY.plusDays(day).atStartOfDay().plusMinutes(edge);
                List<List<String>> some = List.of(List.of());
                for (Calendar calendar : calendars) {
                    List<String> states = calendar.inWeek(at);
                    some = some.stream()
                            .flatMap(one -> states.stream()
                                    .map(state -> Stream.concat(one.stream(), Stream.of(state))
                                            .toList()))
                            .toList();
                }
                all.addAll(some);
            }
        }
        return all;
    }

    /// The states that it can be in at a time of the week, whatever the date.
    private List<String> inWeek(LocalDateTime at) {
        if (elsewhere.isPresent()) {
            return names();
        }
        Set<String> names = new LinkedHashSet<>();
        for (HoursState state : states) {
            if (state.holdsWeekly(at)) {
                names.add(state.state());
                if (state.season().isEmpty() && state.on().isEmpty()) {
                    return List.copyOf(names);
                }
            }
        }
        names.add(states.getLast().state());
        return List.copyOf(names);
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
