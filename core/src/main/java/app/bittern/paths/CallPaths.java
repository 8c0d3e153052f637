package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Condition;
import app.bittern.call.Ending;
import app.bittern.call.QueueCourse;
import app.bittern.callset.CallClasses;
import app.bittern.callset.CallSet;
import app.bittern.graph.StateGraph;
import app.bittern.hours.Calendar;
import app.bittern.hours.TimeClasses;
import app.bittern.plan.Branch;
import app.bittern.plan.Hours;
import app.bittern.plan.Music;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.witness.Step;
import app.bittern.witness.Witness;
import java.math.BigInteger;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// The paths of calls that begin alike, to one number or from one phone of the site: how many, how they end, and
/// when.
public abstract sealed class CallPaths permits NumberPaths, DialledPaths {
    private final Paths paths;
    private final PathGraph graph;
    private final List<Start> starts;
    private final CallSet unmatched;
    private volatile Optional<Tallied> tallied = Optional.empty();

    /// What is found by one pass over all that the calls come to, made when it is first asked for.
    ///
    /// @param quiet the longest silence where routes let callers hear music; absent where none does
    private record Tallied(Tallies tallies, Optional<Long> quiet, List<Hours> hours) {}

    /// Where some of the calls begin.
    ///
    /// @param route that takes them, where one does
    record Start(PathGraph.Node node, Optional<Route> route, CallSet calls) {}

    /// How some of the paths end.
    ///
    /// @param ending where
    /// @param paths  how many paths
    /// @param span   earliest and latest second, from the beginning of the call
    /// @param calls  at which times, for whom, with which switches turned where
    public record Ends(Ending ending, BigInteger paths, Span span, CallSet calls) {}

    /// Instants in which all hours that the calls are asked for stand the same.
    ///
    /// @param states the state of each hours
    /// @param at     an instant of them
    public record TimeClass(Map<Ref, String> states, String when, long seconds, Instant at) {}

    CallPaths(Paths paths, PathGraph graph, List<Start> starts, CallSet unmatched) {
        this.paths = paths;
        this.graph = graph;
        this.starts = List.copyOf(starts);
        this.unmatched = unmatched;
    }

    /// Two who ask at once find the same.
    private Tallied tallied() {
        Optional<Tallied> known = tallied;
        if (known.isEmpty()) {
            Tallies tallies = new Tallies(paths.graph(), starts);
            known = Optional.of(new Tallied(tallies, byMusic(starts), asked(tallies)));
            tallied = known;
        }
        return known.get();
    }

    private Tallies tallies() {
        return tallied().tallies();
    }

    /// The longest silence where routes let callers hear music, by what they let them hear; absent where none
    /// does.
    private Optional<Long> byMusic(List<Start> starts) {
        Map<Optional<Boolean>, List<Start>> byMusic = starts.stream()
                .collect(Collectors.groupingBy(start -> start.route()
                        .flatMap(route -> route.dress().hears())
                        .map(music -> Music.sounds(paths.plan(), music))));
        return byMusic.keySet().stream().allMatch(Optional::isEmpty)
                ? Optional.empty()
                : byMusic.entrySet().stream()
                        .map(some -> new Tallies(paths.graph(), some.getValue(), some.getKey()).longestQuiet())
                        .max(Long::compare);
    }

    /// What the calls are, such as `number/+441632960100` or `extension/2014`.
    public abstract Ref subject();

    /// The routes that can take such calls.
    abstract List<Route> routes();

    /// The bench of such a call, before anything is done in it.
    abstract Bench begin(CallClasses.Call call);

    public Paths paths() {
        return paths;
    }

    List<Start> starts() {
        return starts;
    }

    PathGraph graph() {
        return graph;
    }

    /// The starts of some of the calls.
    List<Start> startsOf(CallSet some) {
        return paths.begun(graph, starts, some);
    }

    /// Some of the calls, taken by one route; by none where a phone of the site dials.
    public record Taken(Optional<Route> route, CallSet calls) {}

    /// The calls by the routes that take them.
    public List<Taken> taken() {
        return starts.stream()
                .map(start -> new Taken(start.route(), start.calls()))
                .toList();
    }

    CallSet unmatchedCalls() {
        return unmatched;
    }

    /// For which calls no route is there, in words; empty where each call is taken.
    public Optional<String> unmatched() {
        return unmatched.isEmpty()
                ? Optional.empty()
                : Optional.of(paths.words().words(unmatched));
    }

    /// How many paths there are; exact, of any size.
    public BigInteger count() {
        BigInteger count = unmatched.isEmpty() ? BigInteger.ZERO : BigInteger.ONE;
        for (Start start : starts) {
            count = count.add(start.node().paths());
        }
        return count;
    }

    /// How many of them end by coming back to where they were.
    public BigInteger returns() {
        return starts.stream().map(start -> start.node().returns()).reduce(BigInteger.ZERO, BigInteger::add);
    }

    /// How many of them go round in a tangle for good.
    public BigInteger rounds() {
        return starts.stream().map(start -> start.node().rounds()).reduce(BigInteger.ZERO, BigInteger::add);
    }

    /// How many states calls can be in.
    public int states() {
        return tallies().states().size();
    }

    /// How many ways on from these are taken, those within tangles left out.
    public int ways() {
        return tallies().ways();
    }

    /// The longest that a caller hears neither words nor music nor ringing, in seconds; none where that has
    /// no bound.
    public OptionalLong longestQuiet() {
        long longest = tallied().quiet().orElseGet(tallies()::longestQuiet);
        return longest == Span.UNBOUNDED ? OptionalLong.empty() : OptionalLong.of(longest);
    }

    /// The same for some of the calls.
    public OptionalLong longestQuiet(CallSet some) {
        List<Start> begun = startsOf(some);
        long longest = byMusic(begun).orElseGet(() -> new Tallies(paths.graph(), begun).longestQuiet());
        return longest == Span.UNBOUNDED ? OptionalLong.empty() : OptionalLong.of(longest);
    }

    /// How the paths end, in the order in which the endings are met; coming back is not an ending.
    public List<Ends> endings() {
        List<Ends> endings = new ArrayList<>();
        if (!unmatched.isEmpty()) {
            endings.add(new Ends(unmatchedEnding(), BigInteger.ONE, Span.NOW, unmatched));
        }
        tallies()
                .endings()
                .forEach((ending, tally) -> endings.add(new Ends(ending, tally.paths(), tally.span(), tally.calls())));
        return endings;
    }

    /// When, for whom, and with which switches turned where, in words; by the hours' own states where they fit:
    /// `while Terminal hours are open`.
    public String when(CallSet calls) {
        if (!calls.isAll()) {
            for (Hours one : hours()) {
                for (String state : one.calendar().names()) {
                    if (paths.graph().calls(new Condition.HoursIn(one.ref(), state)) == calls) {
                        return "while " + one.title() + (one.title().endsWith("s") ? " are " : " is ") + state;
                    }
                }
            }
        }
        return paths.words().words(calls);
    }

    /// The bench on which a call takes one of these paths as quickly as it can; in a tangle along the steps
    /// that show it.
    public Optional<Bench> bench(Path path) {
        return bench(path, false);
    }

    /// The bench on which a call takes one of these paths as slowly as it can; none where there is no slowest
    /// or the path goes through a tangle, whose steps show the quickest way.
    public Optional<Bench> slowestBench(Path path) {
        boolean tangled = path.steps().stream().anyMatch(step -> step.tangle() > 0);
        return tangled || path.span().latest().isEmpty() ? Optional.empty() : bench(path, true);
    }

    private Optional<Bench> bench(Path path, boolean latest) {
        if (path.steps().isEmpty()) {
            return unmatchedCall();
        }
        // What goes round in time must take some, even where it could be quicker.
        boolean round = path.end() instanceof Path.End.GoesRound;
        return paths.classes()
                .call(latest ? path.slow() : path.shown())
                .flatMap(call -> Witness.of(
                        paths.plan(), begin(call), path.steps(), step -> latest || (round && step.tangle() > 0)));
    }

    /// Where some of the calls begin: a state of the graph, and the calls.
    public record Begins(int state, CallSet calls) {}

    /// Where the calls begin that a route takes.
    public List<Begins> begins() {
        return starts.stream()
                .map(start -> new Begins(start.node().state(), start.calls()))
                .toList();
    }

    /// A bench on which one of some calls takes these steps, as quickly as it can.
    public Optional<Bench> bench(CallSet calls, List<Step> steps) {
        return paths.classes().call(calls).flatMap(call -> Witness.of(paths.plan(), begin(call), steps, step -> false));
    }

    Ending unmatchedEnding() {
        return Ending.of(Ending.Kind.UNMATCHED, subject());
    }

    /// A call that no route takes, if there is one.
    public abstract Optional<Bench> unmatchedCall();

    /// The hours that the calls are asked for.
    public List<Hours> hours() {
        return tallied().hours();
    }

    private List<Hours> asked(Tallies tallies) {
        Plan plan = paths.plan();
        Set<Ref> asked = new LinkedHashSet<>();
        routes().forEach(route -> route.holdsWhile().ifPresent(hours -> asked.add(hours.hours())));
        objects(tallies, Queue.class)
                .flatMap(QueueCourse::hours)
                .map(Route.While::hours)
                .forEach(asked::add);
        objects(tallies, Branch.class)
                .filter(branch -> branch.by() instanceof Branch.By.OfHours)
                .flatMap(branch -> branch.by().target().stream())
                .forEach(asked::add);
        return asked.stream()
                .flatMap(ref -> plan.find(ref, Hours.class).stream())
                .toList();
    }

    private <T extends PlanObject> Stream<T> objects(Tallies tallies, Class<T> kind) {
        StateGraph graph = paths.graph();
        return tallies.states().stream()
                .flatMap(state -> paths.plan().find(graph.state(state).at(), kind).stream())
                .distinct();
    }

    /// The switches that the calls are asked for.
    public List<Ref> switches() {
        return objects(tallies(), Branch.class)
                .filter(branch -> branch.by() instanceof Branch.By.OfSwitch)
                .flatMap(branch -> branch.by().target().stream())
                .filter(ref -> paths.plan().find(ref).isPresent())
                .distinct()
                .toList();
    }

    /// The time classes of these hours, in the order of their first instant.
    public List<TimeClass> timeClasses() {
        List<Hours> asked = hours();
        List<Calendar> calendars =
                asked.stream().map(hours -> hours.at(paths.plan().site())).toList();
        List<TimeClass> classes = new ArrayList<>();
        for (TimeClasses.TimeClass time :
                TimeClasses.of(calendars, paths.classes().horizon())) {
            Map<Ref, String> states = new LinkedHashMap<>();
            for (int index = 0; index < asked.size(); index++) {
                states.put(asked.get(index).ref(), time.states().get(index));
            }
            classes.add(new TimeClass(
                    states,
                    time.times().words(),
                    time.times().seconds(),
                    time.times().first().orElseThrow()));
        }
        return classes;
    }
}
