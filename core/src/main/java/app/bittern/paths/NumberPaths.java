package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.RouteChoice;
import app.bittern.call.Window;
import app.bittern.hours.Calendar;
import app.bittern.hours.TimeClasses;
import app.bittern.number.E164;
import app.bittern.plan.Branch;
import app.bittern.plan.Hours;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.math.BigInteger;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// The paths of calls to one number: how many, how they end, and when.
public final class NumberPaths {
    private final Paths paths;
    private final E164 called;
    private final List<Start> starts;
    private final int unmatched;
    private final Forward forward;

    /// A route that takes some of the calls.
    record Start(PathGraph.Node node, Route route, int calls) {}

    /// How some of the paths end.
    ///
    /// @param ending where
    /// @param paths  how many paths
    /// @param window earliest and latest second, from the beginning of the call
    /// @param when   at which times, for whom, with which switches turned where
    public record Ends(Ending ending, BigInteger paths, Window window, String when) {}

    /// Instants in which all hours that the number's calls are asked for stand the same.
    ///
    /// @param states the state of each hours
    /// @param at     an instant of them
    public record TimeClass(Map<Ref, String> states, String when, long seconds, Instant at) {}

    NumberPaths(Paths paths, E164 called, List<Start> starts, int unmatched) {
        this.paths = paths;
        this.called = called;
        this.starts = starts;
        this.unmatched = unmatched;
        this.forward = new Forward(paths.graph(), starts);
    }

    public E164 called() {
        return called;
    }

    Paths paths() {
        return paths;
    }

    List<Start> starts() {
        return starts;
    }

    int unmatchedCalls() {
        return unmatched;
    }

    /// For which calls no route is there, in words; empty where each call is taken.
    public Optional<String> unmatched() {
        return unmatched == ClassSets.NONE
                ? Optional.empty()
                : Optional.of(paths.classes().words(unmatched));
    }

    Forward forward() {
        return forward;
    }

    /// How many paths there are; exact, of any size.
    public BigInteger count() {
        BigInteger count = unmatched == ClassSets.NONE ? BigInteger.ZERO : BigInteger.ONE;
        for (Start start : starts) {
            count = count.add(start.node().paths());
        }
        return count;
    }

    /// How many of them end by coming back to where they were.
    public BigInteger returns() {
        BigInteger count = BigInteger.ZERO;
        for (Start start : starts) {
            count = count.add(start.node().returns());
        }
        return count;
    }

    /// How many states calls can be in.
    public int states() {
        return forward.states().size();
    }

    /// How many ways on from these there are.
    public int edges() {
        return forward.edges();
    }

    /// The longest that a caller hears neither words nor music, in seconds.
    public int longestQuiet() {
        return forward.longestQuiet();
    }

    /// How the paths end, in the order in which the endings are met; coming back is not an ending.
    public List<Ends> endings() {
        List<Ends> endings = new ArrayList<>();
        if (unmatched != ClassSets.NONE) {
            endings.add(new Ends(
                    unmatchedEnding(),
                    BigInteger.ONE,
                    Window.NOW,
                    paths.classes().words(unmatched)));
        }
        forward.endings()
                .forEach((ending, tally) -> endings.add(new Ends(
                        ending, tally.paths(), tally.window(), paths.classes().words(tally.calls()))));
        return endings;
    }

    Ending unmatchedEnding() {
        return Ending.of(Ending.Kind.UNMATCHED, new Ref(Kind.NUMBER, called.text()));
    }

    /// A call that no route takes, if there is one.
    public Optional<Bench> unmatchedCall() {
        return paths.classes()
                .call(unmatched)
                .map(call -> new Bench(
                        called, call.caller(), call.at(), List.of(), Map.of(), call.switches(), List.of(), Map.of()));
    }

    /// The hours that calls to the number are asked for.
    public List<Hours> hours() {
        Plan plan = paths.plan();
        Set<Ref> asked = new LinkedHashSet<>();
        plan.all(Route.class)
                .filter(route -> route.enabled() && RouteChoice.takes(route.called(), called))
                .forEach(route -> route.holdsWhile().ifPresent(during -> asked.add(during.hours())));
        for (int state : forward.states()) {
            plan.find(paths.graph().state(state).at(), Branch.class)
                    .filter(branch -> branch.by() instanceof Branch.By.OfHours)
                    .flatMap(branch -> branch.by().target())
                    .ifPresent(asked::add);
        }
        return asked.stream()
                .flatMap(ref -> plan.find(ref, Hours.class).stream())
                .toList();
    }

    /// The switches that calls to the number are asked for.
    public List<Ref> switches() {
        Plan plan = paths.plan();
        return forward.states().stream()
                .flatMap(state -> plan.find(paths.graph().state(state).at(), Branch.class).stream())
                .filter(branch -> branch.by() instanceof Branch.By.OfSwitch)
                .flatMap(branch -> branch.by().target().stream())
                .filter(ref -> plan.find(ref).isPresent())
                .distinct()
                .toList();
    }

    /// The time classes of the number's hours, in the order of their first instant.
    public List<TimeClass> timeClasses() {
        List<Hours> asked = hours();
        List<Calendar> calendars = asked.stream().map(Hours::calendar).toList();
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
