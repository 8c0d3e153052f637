package app.bittern.paths;

import app.bittern.call.Callers;
import app.bittern.call.Condition;
import app.bittern.hours.Calendar;
import app.bittern.hours.Horizon;
import app.bittern.hours.TimeClasses;
import app.bittern.hours.TimeSet;
import app.bittern.number.Caller;
import app.bittern.plan.Branch;
import app.bittern.plan.Contact;
import app.bittern.plan.Hours;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Switch;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// The classes into which all calls to a site fall: by caller, by the positions of switches, and by time.
///
/// Two calls to a number of the same class are treated alike by every condition of the plan. Only the
/// hours and switches that routes and branches ask are looked at.
public final class CallClasses {
    private static final int CALLERS = 0;

    private final List<Plan> plans;
    private final Horizon horizon;
    private final List<Caller> callers;
    private final List<Calendar> calendars = new ArrayList<>();
    private final List<Turned> switches = new ArrayList<>();
    private final List<TimeClasses.TimeClass> times;
    private final ClassSets sets;
    private final Map<BitSet, String> timeWords = new HashMap<>();
    private final List<Map<Condition, Integer>> conditions = new ArrayList<>();
    private final List<Map<Ref, Integer>> calendarOf = new ArrayList<>();

    /// A switch that is asked, with the positions it has in any of the plans.
    private record Turned(Ref ref, List<String> positions, String now, String title) {}

    /// The classes that all these plans need together; two where they are compared.
    CallClasses(List<Plan> plans, Horizon horizon) {
        this.plans = List.copyOf(plans);
        this.horizon = horizon;
        this.callers = new CallerClasses(plans).callers();
        Map<Ref, Turned> turned = new LinkedHashMap<>();
        for (Plan plan : plans) {
            LinkedHashSet<Ref> asked = new LinkedHashSet<>();
            plan.all(Branch.class).forEach(branch -> branch.by().target().ifPresent(asked::add));
            plan.all(Route.class).forEach(route -> route.holdsWhile().ifPresent(during -> asked.add(during.hours())));
            Map<Ref, Integer> indexes = new LinkedHashMap<>();
            asked.stream()
                    .flatMap(ref -> plan.find(ref, Hours.class).stream())
                    .forEach(hours -> indexes.put(hours.ref(), calendar(hours.calendar())));
            calendarOf.add(indexes);
            conditions.add(new HashMap<>());
            asked.stream()
                    .flatMap(ref -> plan.find(ref, Switch.class).stream())
                    .forEach(one -> turned.merge(
                            one.ref(),
                            new Turned(one.ref(), one.positions(), one.now(), one.title()),
                            CallClasses::both));
        }
        switches.addAll(turned.values());
        this.times = TimeClasses.of(calendars, horizon);
        int[] sizes = new int[2 + switches.size()];
        sizes[CALLERS] = callers.size();
        for (int index = 0; index < switches.size(); index++) {
            sizes[1 + index] = switches.get(index).positions().size();
        }
        sizes[sizes.length - 1] = times.size();
        this.sets = new ClassSets(sizes);
    }

    private static Turned both(Turned one, Turned other) {
        List<String> positions = Stream.concat(one.positions().stream(), other.positions().stream())
                .distinct()
                .toList();
        return new Turned(one.ref(), positions, one.now(), one.title());
    }

    /// The place of a calendar among all; alike ones are one.
    private int calendar(Calendar calendar) {
        int known = calendars.indexOf(calendar);
        if (known < 0) {
            calendars.add(calendar);
        }
        return known < 0 ? calendars.size() - 1 : known;
    }

    ClassSets sets() {
        return sets;
    }

    public Horizon horizon() {
        return horizon;
    }

    /// The level of the sets on which a switch is, or -1 where no branch asks it.
    int level(Ref turned) {
        for (int index = 0; index < switches.size(); index++) {
            if (switches.get(index).ref().equals(turned)) {
                return 1 + index;
            }
        }
        return -1;
    }

    /// The calls for which a condition of one of the plans holds.
    ///
    /// @param plan the place of the plan among those that the classes are of
    int of(int plan, Condition condition) {
        Integer known = conditions.get(plan).get(condition);
        if (known == null) {
            known = compute(plan, condition);
            conditions.get(plan).put(condition, known);
        }
        return known;
    }

    private int compute(int plan, Condition condition) {
        return switch (condition) {
            case Condition.Always always -> sets.all();
            case Condition.CallerIs caller -> sets.of(CALLERS, callers(plans.get(plan), caller));
            case Condition.HoursIn(Ref ref, String state) ->
                Optional.ofNullable(calendarOf.get(plan).get(ref))
                        .map(index -> sets.of(sets.levels() - 1, times(index, state)))
                        .orElse(ClassSets.NONE);
            case Condition.SwitchIn(Ref ref, String position) -> {
                int level = level(ref);
                int at = level < 0 ? -1 : switches.get(level - 1).positions().indexOf(position);
                BitSet only = new BitSet();
                only.set(Math.max(0, at));
                yield at < 0 ? ClassSets.NONE : sets.of(level, only);
            }
        };
    }

    /// The calls that begin in a language in one of the plans.
    int beginningIn(int plan, String language) {
        BitSet some = new BitSet();
        for (int index = 0; index < callers.size(); index++) {
            some.set(
                    index, Callers.language(plans.get(plan), callers.get(index)).equals(language));
        }
        return sets.of(CALLERS, some);
    }

    /// The languages that calls begin in in one of the plans.
    List<String> beginnings(int plan) {
        return callers.stream()
                .map(caller -> Callers.language(plans.get(plan), caller))
                .distinct()
                .toList();
    }

    private BitSet callers(Plan plan, Condition.CallerIs condition) {
        BitSet some = new BitSet();
        for (int index = 0; index < callers.size(); index++) {
            some.set(index, condition.holds(plan, callers.get(index)));
        }
        return some;
    }

    private BitSet times(int calendar, String state) {
        BitSet some = new BitSet();
        for (int time = 0; time < times.size(); time++) {
            some.set(time, times.get(time).states().get(calendar).equals(state));
        }
        return some;
    }

    /// One call of a set: a caller, an instant, and the positions of switches that are not as live.
    public record Call(Caller caller, Instant at, Map<Ref, String> switches) {}

    /// One call of a set that is easy to imagine: an ordinary caller, a working day, switches as live, where the set
    /// has such.
    Optional<Call> call(int set) {
        if (set == ClassSets.NONE) {
            return Optional.empty();
        }
        int left = set;
        int caller = sets.at(CALLERS, left).nextSetBit(0);
        left = fixed(left, CALLERS, caller);
        Map<Ref, String> turned = new LinkedHashMap<>();
        for (int index = 0; index < switches.size(); index++) {
            Turned one = switches.get(index);
            BitSet possible = sets.at(1 + index, left);
            int live = one.positions().indexOf(one.now());
            int position = possible.get(live) ? live : possible.nextSetBit(0);
            if (position != live) {
                turned.put(one.ref(), one.positions().get(position));
            }
            left = fixed(left, 1 + index, position);
        }
        int chosen = caller;
        return instant(times(left)).map(at -> new Call(callers.get(chosen), at, turned));
    }

    private int fixed(int set, int level, int value) {
        BitSet only = new BitSet();
        only.set(value);
        return sets.and(set, sets.of(level, only));
    }

    /// On the first Tuesday from 10:15 on, or else at the first instant.
    private static Optional<Instant> instant(TimeSet times) {
        return times.firstIn(java.time.DayOfWeek.TUESDAY, 10 * 60 + 15);
    }

    /// The calls at a local date and time.
    int at(LocalDateTime local) {
        BitSet some = new BitSet();
        for (int index = 0; index < times.size(); index++) {
            some.set(index, times.get(index).times().contains(local));
        }
        return sets.of(sets.levels() - 1, some);
    }

    /// The instants of a set, whoever calls and however switches are turned.
    public TimeSet times(int set) {
        BitSet classes = sets.at(sets.levels() - 1, set);
        TimeSet all = TimeSet.never(horizon);
        if (classes.cardinality() == times.size()) {
            return TimeSet.always(horizon);
        }
        for (int index = classes.nextSetBit(0); index >= 0; index = classes.nextSetBit(index + 1)) {
            all = all.union(times.get(index).times());
        }
        return all;
    }

    /// A set in words: when, who, and with which switches turned where.
    String words(int set) {
        return words(set, who(set));
    }

    /// A set in words, whoever calls.
    String wordsWithoutCaller(int set) {
        return words(set, Optional.empty());
    }

    private String words(int set, Optional<String> who) {
        List<String> parts = new ArrayList<>(List.of(timeWords.computeIfAbsent(
                sets.at(sets.levels() - 1, set), any -> times(set).words())));
        who.ifPresent(parts::add);
        for (int index = 0; index < switches.size(); index++) {
            BitSet positions = sets.at(1 + index, set);
            if (positions.cardinality() < sets.size(1 + index)) {
                Turned one = switches.get(index);
                parts.add(one.title() + " at "
                        + String.join(
                                " or ",
                                positions.stream()
                                        .mapToObj(at -> one.positions().get(at))
                                        .toList()));
            }
        }
        return String.join("; ", parts);
    }

    /// The callers of a set in words; empty for anybody.
    Optional<String> who(int set) {
        BitSet who = sets.at(CALLERS, set);
        return who.cardinality() == callers.size() ? Optional.empty() : Optional.of(who(who));
    }

    private String who(BitSet some) {
        BitSet others = new BitSet();
        others.set(0, callers.size());
        others.andNot(some);
        return some.cardinality() > others.cardinality() && others.cardinality() < 4
                ? "anybody but " + names(others)
                : names(some);
    }

    private String names(BitSet some) {
        return String.join(
                " or ",
                some.stream().mapToObj(index -> name(callers.get(index), index)).toList());
    }

    private String name(Caller caller, int index) {
        if (caller instanceof Caller.Withheld) {
            return "withheld callers";
        }
        String number = caller.delivered().orElseThrow().text();
        Optional<Contact> contact = plans.stream()
                .flatMap(plan -> plan.find(new Ref(Kind.CONTACT, number), Contact.class).stream())
                .findFirst();
        if (contact.isPresent() && !contact.get().tags().isEmpty()) {
            return "callers tagged " + String.join(", ", contact.get().tags())
                    + contact.get()
                            .language()
                            .map(spoken -> " (" + spoken + ")")
                            .orElse("");
        }
        if (contact.isPresent() && contact.get().language().isPresent()) {
            return "callers who speak " + contact.get().language().get();
        }
        return index == 0 ? "other callers" : "callers such as " + number;
    }

    List<Caller> callers() {
        return callers;
    }

    /// The switches that branches ask.
    List<Ref> switches() {
        return switches.stream().map(Turned::ref).toList();
    }

    /// The positions of a switch, in order.
    List<String> positions(int level) {
        return switches.get(level - 1).positions();
    }
}
