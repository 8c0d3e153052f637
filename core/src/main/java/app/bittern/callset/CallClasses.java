package app.bittern.callset;

import app.bittern.call.Bench;
import app.bittern.call.Callers;
import app.bittern.call.Condition;
import app.bittern.call.QueueCourse;
import app.bittern.hours.Calendar;
import app.bittern.hours.DateRule;
import app.bittern.hours.Horizon;
import app.bittern.hours.HoursState;
import app.bittern.hours.TimeClasses;
import app.bittern.hours.TimeSet;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Alarm;
import app.bittern.plan.Branch;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Promise;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.SetOffBy;
import app.bittern.plan.Switch;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/// The classes into which all calls to a site fall: by caller, by the positions of switches, and by time.
///
/// Two calls to a number of the same class are treated alike by every condition of the plan. Only the
/// hours and switches that something asks are looked at.
public final class CallClasses {
    private static final int CALLERS = 0;
    private static final String UP_TO = "up to";
    private static final String AFTER = "after";

    private final List<Plan> plans;
    private final Horizon horizon;
    private final List<Caller> callers;
    private final List<Calendar> calendars = new ArrayList<>();
    private final List<Turned> switches = new ArrayList<>();
    private final List<TimeClasses.TimeClass> times;
    private final Map<BitSet, Optional<Instant>> imagined = new ConcurrentHashMap<>();
    private final CallSpace space;
    private final List<Map<Condition, CallSet>> conditions = new ArrayList<>();
    private final List<Map<Route.From, BitSet>> rules = new ArrayList<>();
    private final List<Map<Ref, Integer>> calendarOf = new ArrayList<>();
    private final Map<LocalDate, Integer> days = new HashMap<>();

    /// A switch that is asked, with the positions it has in any of the plans.
    record Turned(Ref ref, List<String> positions, String now, String title) {}

    /// The classes that all these plans need together; two where they are compared.
    public CallClasses(List<Plan> plans, Horizon horizon) {
        this.plans = List.copyOf(plans);
        this.horizon = horizon;
        this.callers = new CallerClasses(plans).callers();
        Map<Ref, Turned> turned = new LinkedHashMap<>();
        for (Plan plan : plans) {
            LinkedHashSet<Ref> asked = new LinkedHashSet<>();
            plan.all(Branch.class).forEach(branch -> branch.by().target().ifPresent(asked::add));
            plan.all(Route.class).forEach(route -> route.holdsWhile().ifPresent(hours -> asked.add(hours.hours())));
            Stream.of(
                            plan.all(Queue.class).flatMap(QueueCourse::hours),
                            plan.all(Alarm.class).filter(Alarm::enabled).flatMap(alarm -> alarm.holdsWhile().stream()),
                            plan.all(Promise.class).flatMap(promise -> promise.about().holdsWhile().stream()))
                    .flatMap(all -> all)
                    .map(Route.While::hours)
                    .forEach(asked::add);
            plan.all(Promise.class)
                    .flatMap(promise -> promise.holds().setsOff().stream())
                    .flatMap(id -> SetOffBy.switches(plan, id).stream())
                    .forEach(asked::add);
            Map<Ref, Integer> indexes = new LinkedHashMap<>();
            asked.stream()
                    .flatMap(ref -> plan.find(ref, Hours.class).stream())
                    .forEach(hours -> indexes.put(hours.ref(), calendar(hours.at(plan.site()))));
            calendarOf.add(indexes);
            plan.all(Queue.class)
                    .flatMap(queue -> queue.notice().filter(Queue.Notice::on).flatMap(Queue.Notice::until).stream())
                    .forEach(last -> days.put(last, calendar(upTo(last))));
            conditions.add(new HashMap<>());
            rules.add(new HashMap<>());
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
        this.space = new CallSpace(sizes);
    }

    private static Turned both(Turned one, Turned other) {
        List<String> positions = Stream.concat(one.positions().stream(), other.positions().stream())
                .distinct()
                .toList();
        return new Turned(one.ref(), positions, one.now(), one.title());
    }

    /// The days up to one, and those after it.
    private static Calendar upTo(LocalDate last) {
        DateRule days = new DateRule.Between(LocalDate.MIN, last);
        return new Calendar(List.of(
                new HoursState(UP_TO, Optional.empty(), List.of(), List.of(days)),
                new HoursState(AFTER, Optional.empty(), List.of(), List.of())));
    }

    /// The place of a calendar among all; alike ones are one.
    private int calendar(Calendar calendar) {
        int known = calendars.indexOf(calendar);
        if (known < 0) {
            calendars.add(calendar);
        }
        return known < 0 ? calendars.size() - 1 : known;
    }

    public Horizon horizon() {
        return horizon;
    }

    List<Plan> plans() {
        return plans;
    }

    /// No call.
    public CallSet none() {
        return space.none();
    }

    /// Every call.
    public CallSet all() {
        return space.all();
    }

    /// How many levels there are: callers, each switch, and times last.
    public int levels() {
        return space.levels();
    }

    /// The level of the sets of instants.
    public int timeLevel() {
        return space.levels() - 1;
    }

    /// The level of the sets on which callers are.
    public int callerLevel() {
        return CALLERS;
    }

    /// The level of the sets on which a switch is, or -1 where no branch asks it.
    public int level(Ref turned) {
        for (int index = 0; index < switches.size(); index++) {
            if (switches.get(index).ref().equals(turned)) {
                return 1 + index;
            }
        }
        return -1;
    }

    /// The set with some levels forgotten: whatever they are, so long as the set has one such call.
    ///
    /// @param kept the levels that are not forgotten
    public CallSet only(CallSet set, BitSet kept) {
        return kept.cardinality() == space.levels() ? set : space.only(set, kept);
    }

    /// The calls for which a condition of one of the plans holds.
    ///
    /// @param plan the place of the plan among those that the classes are of
    public synchronized CallSet of(int plan, Condition condition) {
        CallSet known = conditions.get(plan).get(condition);
        if (known == null) {
            known = compute(plan, condition);
            conditions.get(plan).put(condition, known);
        }
        return known;
    }

    /// The calls by some callers in some hours, as a route or a promise limits them.
    ///
    /// @param plan the place of the plan among those that the classes are of
    public CallSet of(int plan, Route.From caller, Optional<Route.While> during) {
        CallSet callers = caller instanceof Route.From.Any
                ? all()
                : of(plan, new Condition.CallerIs(List.of(), Optional.of(caller)));
        return during.map(hours -> callers.and(of(plan, new Condition.HoursIn(hours.hours(), hours.state()))))
                .orElse(callers);
    }

    private CallSet compute(int plan, Condition condition) {
        return switch (condition) {
            case Condition.Always always -> space.all();
            case Condition.CallerIs caller -> space.of(CALLERS, callers(plan, caller));
            case Condition.AllOf(List<Condition> all) ->
                all.stream().map(one -> of(plan, one)).reduce(space.all(), CallSet::and);
            case Condition.AnyOf(List<Condition> any) ->
                any.stream().map(one -> of(plan, one)).reduce(space.none(), CallSet::or);
            case Condition.Day(LocalDate last, boolean after) ->
                Optional.ofNullable(days.get(last))
                        .map(index -> space.of(timeLevel(), times(index, after ? AFTER : UP_TO)))
                        .orElseGet(space::none);
            case Condition.HoursIn(Ref ref, String state) ->
                Optional.ofNullable(calendarOf.get(plan).get(ref))
                        .map(index -> space.of(timeLevel(), times(index, state)))
                        .orElseGet(space::none);
            case Condition.SwitchIn(Ref ref, String position) -> {
                int level = level(ref);
                int at = level < 0 ? -1 : switches.get(level - 1).positions().indexOf(position);
                BitSet only = new BitSet();
                only.set(Math.max(0, at));
                yield at < 0 ? space.none() : space.of(level, only);
            }
        };
    }

    /// The calls that begin in a language in one of the plans.
    public CallSet beginningIn(int plan, String language) {
        BitSet some = new BitSet();
        for (int index = 0; index < callers.size(); index++) {
            some.set(
                    index, Callers.language(plans.get(plan), callers.get(index)).equals(language));
        }
        return space.of(CALLERS, some);
    }

    /// The languages that calls begin in in one of the plans.
    public List<String> beginnings(int plan) {
        return callers.stream()
                .map(caller -> Callers.language(plans.get(plan), caller))
                .distinct()
                .toList();
    }

    private BitSet callers(int plan, Condition.CallerIs condition) {
        BitSet some = new BitSet();
        some.set(0, callers.size());
        condition.is().ifPresent(rule -> some.and(callers(plan, rule)));
        condition.none().forEach(rule -> some.andNot(callers(plan, rule)));
        return some;
    }

    private BitSet callers(int plan, Route.From rule) {
        return rules.get(plan).computeIfAbsent(rule, one -> {
            BitSet some = new BitSet();
            for (int index = 0; index < callers.size(); index++) {
                some.set(index, Callers.is(plans.get(plan), callers.get(index), one));
            }
            return some;
        });
    }

    private BitSet times(int calendar, String state) {
        BitSet some = new BitSet();
        for (int time = 0; time < times.size(); time++) {
            some.set(time, times.get(time).states().get(calendar).equals(state));
        }
        return some;
    }

    /// One call of a set: a caller, an instant, and the positions of switches that are not as they are now.
    public record Call(Caller caller, Instant at, Map<Ref, String> switches) {
        /// As a call to a number, with nothing done in it.
        public Bench to(E164 number) {
            return Bench.of(number, caller, at).turned(switches);
        }
    }

    /// One call of a set that is easy to imagine: an ordinary caller, a working day, switches as now, where the
    /// set has such; none where it is empty.
    public Optional<Call> call(CallSet set) {
        if (set.isEmpty()) {
            return Optional.empty();
        }
        int caller = set.at(CALLERS).nextSetBit(0);
        CallSet left = set.child(CALLERS, caller);
        Map<Ref, String> turned = new LinkedHashMap<>();
        for (int index = 0; index < switches.size(); index++) {
            Turned one = switches.get(index);
            BitSet possible = left.at(1 + index);
            int now = one.positions().indexOf(one.now());
            int position = possible.get(now) ? now : possible.nextSetBit(0);
            if (position != now) {
                turned.put(one.ref(), one.positions().get(position));
            }
            left = left.child(1 + index, position);
        }
        return imagined(left.at(timeLevel())).map(at -> new Call(callers.get(caller), at, turned));
    }

    /// An instant of some time classes: on the first Tuesday from 10:15 on, or else the first. Most sets of
    /// calls are of the same few times.
    private Optional<Instant> imagined(BitSet classes) {
        return imagined.computeIfAbsent(
                (BitSet) classes.clone(), some -> times(some).firstIn(DayOfWeek.TUESDAY, 10 * 60 + 15));
    }

    /// The calls that are like one: of its caller's class, at its instant, with its switches.
    ///
    /// @param local    the call's date and time at the site
    /// @param position the position of each switch
    public CallSet like(int plan, Caller caller, LocalDateTime local, Map<Ref, String> position) {
        CallSet set = at(local);
        BitSet who = new BitSet();
        for (int index = 0; index < callers.size(); index++) {
            who.set(index, alike(plan, callers.get(index), caller));
        }
        set = set.and(space.of(CALLERS, who));
        for (int index = 0; index < switches.size(); index++) {
            Turned one = switches.get(index);
            BitSet only = new BitSet();
            only.set(Math.max(0, one.positions().indexOf(position.getOrDefault(one.ref(), one.now()))));
            set = set.and(space.of(1 + index, only));
        }
        return set;
    }

    private boolean alike(int plan, Caller one, Caller other) {
        Plan of = plans.get(plan);
        return Callers.language(of, one).equals(Callers.language(of, other))
                && CallerClasses.rules(List.of(of)).stream()
                        .allMatch(rule -> Callers.is(of, one, rule) == Callers.is(of, other, rule));
    }

    /// The calls at a local date and time.
    public CallSet at(LocalDateTime local) {
        BitSet some = new BitSet();
        for (int index = 0; index < times.size(); index++) {
            some.set(index, times.get(index).times().contains(local));
        }
        return space.of(timeLevel(), some);
    }

    /// The calls of each time class, whoever calls.
    public List<CallSet> timeClasses() {
        List<CallSet> all = new ArrayList<>();
        for (int index = 0; index < times.size(); index++) {
            BitSet only = new BitSet();
            only.set(index);
            all.add(space.of(timeLevel(), only));
        }
        return all;
    }

    /// The instants of a set, whoever calls and however switches are turned.
    public TimeSet times(CallSet set) {
        return times(set.at(timeLevel()));
    }

    TimeSet times(BitSet classes) {
        if (classes.cardinality() == times.size()) {
            return TimeSet.always(horizon);
        }
        TimeSet all = TimeSet.never(horizon);
        for (int index = classes.nextSetBit(0); index >= 0; index = classes.nextSetBit(index + 1)) {
            all = all.union(times.get(index).times());
        }
        return all;
    }

    /// One caller of each class.
    public List<Caller> callers() {
        return callers;
    }

    List<Turned> switches() {
        return switches;
    }
}
