package app.bittern.hours;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Where a new rule belongs among those of a calendar, of which the first that holds decides: rules for some days come
/// before those of a part of the year, these before those of every week; what holds else is the last. Among its
/// like the new one comes first: who adds it wants it to hold.
public final class RuleOrder {
    private RuleOrder() {}

    private static int rank(HoursState rule) {
        if (rule.unconditional()) {
            return 3;
        }
        return !rule.on().isEmpty() ? 0 : rule.season().isPresent() ? 1 : 2;
    }

    /// The place in which a new rule comes to stand.
    public static int place(List<HoursState> rules, HoursState rule) {
        int place = 0;
        while (place < rules.size() && rank(rules.get(place)) < rank(rule)) {
            place++;
        }
        return place;
    }

    /// The rules with a new one; what held else before is replaced by what now does.
    public static List<HoursState> with(List<HoursState> rules, HoursState rule) {
        List<HoursState> all = new ArrayList<>(rules);
        if (rule.unconditional() && !all.isEmpty() && all.getLast().unconditional()) {
            all.removeLast();
        }
        all.add(place(all, rule), rule);
        return List.copyOf(all);
    }

    /// The rules with days added to those of a state: to its first rule that is of days alone, or as a rule of their
    /// own.
    public static List<HoursState> withDays(List<HoursState> rules, String state, List<DateRule> days) {
        Optional<HoursState> known = rules.stream()
                .filter(rule -> rule.state().equals(state)
                        && !rule.on().isEmpty()
                        && rule.season().isEmpty()
                        && rule.weekly().isEmpty())
                .findFirst();
        if (known.isEmpty()) {
            return with(rules, new HoursState(state, Optional.empty(), List.of(), days));
        }
        List<DateRule> on = new ArrayList<>(known.get().on());
        days.stream().filter(day -> !on.contains(day)).forEach(on::add);
        List<HoursState> all = new ArrayList<>(rules);
        all.set(rules.indexOf(known.get()), new HoursState(state, Optional.empty(), List.of(), on));
        return List.copyOf(all);
    }
}
