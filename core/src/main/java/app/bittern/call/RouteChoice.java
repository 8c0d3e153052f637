package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Which route takes a call: the most particular of those whose conditions all hold.
///
/// Ranked by the called number (exact, range, longer prefix, any), then by the caller (exact, tag, longer
/// prefix, withheld, any), then those limited to hours before those that are not; the first in the plan
/// among equals.
public final class RouteChoice {
    private static final Comparator<Route> ORDER = Comparator.comparingInt((Route route) -> calledRank(route.called()))
            .thenComparingInt(route -> callerRank(route.caller()))
            .thenComparingInt(route -> route.holdsWhile().isPresent() ? 0 : 1);

    private RouteChoice() {}

    /// A route and the first of its conditions that fails for a call, if any.
    public record Ranked(Route route, Optional<String> failed) {
        /// Why it stands where it does, in words.
        public String rankInWords() {
            String called = switch (route.called()) {
                case Route.Called.Exact exact -> "this very number";
                case Route.Called.Range range -> "a range that the number is in";
                case Route.Called.Prefix prefix -> "numbers that begin with " + prefix.digits();
                case Route.Called.Any any -> "any number";
            };
            String caller = switch (route.caller()) {
                case Route.From.Exact exact -> "this very caller";
                case Route.From.Tag tag -> "callers tagged " + tag.tag();
                case Route.From.Prefix prefix -> "callers that begin with " + prefix.digits();
                case Route.From.Withheld withheld -> "callers who withhold their number";
                case Route.From.Any any -> "any caller";
            };
            return called + ", " + caller
                    + route.holdsWhile().map(during -> ", during " + during).orElse("");
        }
    }

    /// All routes: those that hold first, best first, then those that fail in the order of the plan.
    ///
    /// @param local the call's instant at the site
    public static List<Ranked> ranked(Plan plan, Arrival called, Caller caller, LocalDateTime local) {
        List<Ranked> all = plan.all(Route.class)
                .map(route -> new Ranked(route, failing(plan, route, called, caller, local)))
                .toList();
        return Stream.concat(
                        all.stream()
                                .filter(one -> one.failed().isEmpty())
                                .sorted(Comparator.comparing(Ranked::route, ORDER)),
                        all.stream().filter(one -> one.failed().isPresent()))
                .toList();
    }

    /// Which of two routes is tried first; 0 where only their order in the plan tells.
    public static int compare(Route one, Route other) {
        return ORDER.compare(one, other);
    }

    /// The enabled routes that are for a called number, best first.
    public static List<Route> inOrder(Plan plan, E164 called) {
        return plan.routes().called(Optional.of(called)).stream()
                .filter(Route::enabled)
                .sorted(ORDER)
                .toList();
    }

    /// The routes that can take calls to a number, best first, up to the first that takes them all.
    public static List<Route> reached(Plan plan, E164 called) {
        List<Route> ranked = inOrder(plan, called);
        List<Route> reached = new ArrayList<>();
        for (Route route : ranked) {
            reached.add(route);
            if (route.always()) {
                break;
            }
        }
        return List.copyOf(reached);
    }

    /// The route that takes a call, if any does.
    public static Optional<Route> winner(Plan plan, Arrival called, Caller caller, LocalDateTime local) {
        return plan.routes().called(called.meant()).stream()
                .filter(route -> holds(plan, route, caller, local))
                .min(ORDER);
    }

    /// Whether all conditions of a route hold, without the reasons.
    private static boolean holds(Plan plan, Route route, Caller caller, LocalDateTime local) {
        return route.enabled()
                && Callers.is(plan, caller, route.caller())
                && route.holdsWhile()
                        .map(during -> duringFails(plan, during, local).isEmpty())
                        .orElse(true);
    }

    private static Optional<String> failing(
            Plan plan, Route route, Arrival called, Caller caller, LocalDateTime local) {
        if (!route.enabled()) {
            return Optional.of("it is not enabled");
        }
        return calledFails(route.called(), called)
                .or(() -> callerFails(plan, route.caller(), caller))
                .or(() -> route.holdsWhile().flatMap(during -> duringFails(plan, during, local)));
    }

    private static Optional<String> calledFails(Route.Called rule, Arrival called) {
        if (rule instanceof Route.Called.Any
                || called.meant().filter(rule::takes).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(
                switch (rule) {
                    case Route.Called.Any any -> "";
                    case Route.Called.Exact(E164 number) -> "it is for " + number;
                    case Route.Called.Prefix(String digits) -> "it is for numbers that begin with " + digits;
                    case Route.Called.Range(E164 from, E164 to) -> "it is for " + from + " to " + to;
                });
    }

    private static Optional<String> callerFails(Plan plan, Route.From rule, Caller caller) {
        if (Callers.is(plan, caller, rule)) {
            return Optional.empty();
        }
        String is = caller.delivered().map(number -> "the caller is " + number).orElse("the caller is withheld");
        return Optional.of(
                switch (rule) {
                    case Route.From.Any any -> "";
                    case Route.From.Withheld withheld -> "it is for callers who withhold their number; " + is;
                    case Route.From.Exact(E164 number) -> "it is for the caller " + number + "; " + is;
                    case Route.From.Prefix(String digits) -> "it is for callers that begin with " + digits + "; " + is;
                    case Route.From.Tag(String tag) ->
                        "it is for callers tagged " + tag + "; "
                                + Callers.contact(plan, caller)
                                        .map(contact -> "contact " + contact.title() + " is not")
                                        .orElse("no contact gives this caller that tag");
                });
    }

    private static Optional<String> duringFails(Plan plan, Route.While during, LocalDateTime local) {
        return plan.find(during.hours(), Hours.class)
                .map(hours -> hours.calendar().stateAt(local))
                .map(state -> unless(state.equals(during.state()), "it is for " + during + "; they are " + state))
                .orElseGet(() -> Optional.of(during.hours() + " is missing"));
    }

    private static Optional<String> unless(boolean holds, String reason) {
        return holds ? Optional.empty() : Optional.of(reason);
    }

    private static int calledRank(Route.Called called) {
        return switch (called) {
            case Route.Called.Exact exact -> 0;
            case Route.Called.Range range -> 1;
            case Route.Called.Prefix prefix -> 100 - prefix.digits().length();
            case Route.Called.Any any -> 200;
        };
    }

    private static int callerRank(Route.From caller) {
        return switch (caller) {
            case Route.From.Exact exact -> 0;
            case Route.From.Tag tag -> 1;
            case Route.From.Prefix prefix -> 100 - prefix.digits().length();
            case Route.From.Withheld withheld -> 200;
            case Route.From.Any any -> 300;
        };
    }
}
