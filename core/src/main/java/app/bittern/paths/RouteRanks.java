package app.bittern.paths;

import app.bittern.call.Arrival;
import app.bittern.call.Callers;
import app.bittern.call.RouteChoice;
import app.bittern.callset.CallClasses;
import app.bittern.callset.CallSet;
import app.bittern.callset.CallWords;
import app.bittern.graph.Beginnings;
import app.bittern.graph.StateGraph;
import app.bittern.hours.Calendar;
import app.bittern.hours.Horizon;
import app.bittern.hours.HoursState;
import app.bittern.hours.RuleTimes;
import app.bittern.hours.TimeSet;
import app.bittern.hours.WeekRange;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Contact;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.RouteOrder;
import app.bittern.plan.Traffic;
import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// The routes that are for a number in the order in which they are tried: which calls each takes, what it never
/// gets and why, and its share.
///
/// The share is of calls by callers whom no route tells from others: of the expected calls where the plan has some for
/// the number, else of the hours of 53 weeks. Contacts, whom routes may tell apart, are counted one by one.
///
/// @param ranks     those that are off stand where they would be tried
/// @param unmatched the calls that none takes, in words; absent where each is taken
/// @param expected  whether shares are of expected calls
public record RouteRanks(E164 called, List<Rank> ranks, Optional<String> unmatched, boolean expected) {
    public RouteRanks {
        ranks = List.copyOf(ranks);
    }

    /// A route in its place.
    ///
    /// @param takes    the calls that it takes, in words; absent where it never takes one
    /// @param before   routes that take calls first which it is for, too
    /// @param share    0 to 1, of callers who are not told apart
    /// @param contacts how many of the directory it takes at some time
    public record Rank(Route route, Optional<String> takes, List<Ref> before, double share, int contacts) {
        public Rank {
            before = List.copyOf(before);
        }
    }

    /// The ranks of a number, which need not be one of the plan's.
    ///
    /// @param horizon the 53 weeks that are looked at
    public static RouteRanks of(Plan plan, Horizon horizon, E164 called) {
        CallClasses classes = new CallClasses(List.of(plan), horizon);
        return new Reckoning(StateGraph.asAsked(plan, classes, 0), new CallWords(classes), called).ranks();
    }

    /// One number while its routes are gone through. Where calls go on to is not asked for, and no state is expanded.
    private record Reckoning(StateGraph graph, CallWords words, E164 called) {
        private Plan plan() {
            return graph.plan();
        }

        RouteRanks ranks() {
            List<Route> routes = plan().routes().called(Optional.of(called)).stream()
                    .sorted(RouteOrder.BY_RANK)
                    .toList();
            Optional<Traffic.Rates> rates = plan().find(new Ref(Kind.TRAFFIC, Traffic.KEY), Traffic.class)
                    .flatMap(
                            traffic -> Optional.ofNullable(traffic.numbers().get(new Ref(Kind.NUMBER, called.text()))));
            Map<Ref, Double> shares = shares(routes, rates);
            Map<Ref, Integer> contacts = contacts(routes);
            Map<Ref, CallSet> taken = new LinkedHashMap<>();
            CallSet left = graph.classes().all();
            for (Route route : routes) {
                CallSet calls = route.enabled()
                        ? left.and(Beginnings.calls(graph, route, called))
                        : graph.classes().none();
                left = left.minus(calls);
                taken.put(route.ref(), calls);
            }
            List<Rank> ranks = RouteOrder.listed(routes).stream()
                    .map(route -> {
                        CallSet calls =
                                taken.getOrDefault(route.ref(), graph.classes().none());
                        CallSet meant = route.enabled() ? Beginnings.holds(graph, route) : calls;
                        return new Rank(
                                route,
                                calls.isEmpty() ? Optional.empty() : Optional.of(words.words(calls)),
                                taken.entrySet().stream()
                                        .filter(other -> !other.getKey().equals(route.ref())
                                                && other.getValue().meets(meant))
                                        .map(Map.Entry::getKey)
                                        .toList(),
                                shares.getOrDefault(route.ref(), 0.0),
                                contacts.getOrDefault(route.ref(), 0));
                    })
                    .toList();
            return new RouteRanks(
                    called,
                    ranks,
                    left.isEmpty() ? Optional.empty() : Optional.of(words.words(left)),
                    rates.isPresent());
        }

        /// Somebody whom no route tells from others.
        private Optional<Caller> anybody(List<Route> routes) {
            return graph.classes().callers().stream()
                    .filter(caller -> caller instanceof Caller.Known)
                    .filter(caller -> routes.stream()
                            .map(Route::caller)
                            .noneMatch(from -> !(from instanceof Route.From.Any) && Callers.is(plan(), caller, from)))
                    .findFirst();
        }

        private Map<Ref, Double> shares(List<Route> routes, Optional<Traffic.Rates> rates) {
            Optional<Caller> anybody = anybody(routes);
            Map<Ref, Double> weights = new LinkedHashMap<>();
            if (anybody.isEmpty()) {
                return weights;
            }
            double all = 0;
            for (TimeSet times : timeClasses()) {
                double weight = weight(times, rates);
                all += weight;
                winner(anybody.get(), times).ifPresent(route -> weights.merge(route, weight, Double::sum));
            }
            double whole = all;
            weights.replaceAll((route, weight) -> whole == 0 ? 0 : weight / whole);
            return weights;
        }

        private List<TimeSet> timeClasses() {
            return graph.classes().timeClasses().stream()
                    .map(graph.classes()::times)
                    .toList();
        }

        private Optional<Ref> winner(Caller caller, TimeSet times) {
            LocalDateTime local = times.first()
                    .map(at -> LocalDateTime.ofInstant(at, plan().site().timeZone()))
                    .orElseThrow();
            return RouteChoice.winner(plan(), new Arrival.Meant(called), caller, local)
                    .map(Route::ref);
        }

        /// Expected calls within some times; hours where none are expected.
        private static double weight(TimeSet times, Optional<Traffic.Rates> rates) {
            if (rates.isEmpty()) {
                return times.seconds() / 3600.0;
            }
            List<HoursState> ranges = Stream.concat(
                            rates.get().during().keySet().stream().map(List::of), Stream.of(List.<WeekRange>of()))
                    .map(weekly -> new HoursState("x", Optional.empty(), weekly, List.of()))
                    .toList();
            RuleTimes ruled = RuleTimes.of(new Calendar(ranges), times.horizon());
            List<BigDecimal> perHour = Stream.concat(
                            rates.get().during().values().stream(),
                            Stream.of(rates.get().otherwise()))
                    .toList();
            double calls = 0;
            for (int range = 0; range < ranges.size(); range++) {
                calls += perHour.get(range).doubleValue()
                        * ruled.times(range).intersection(times).seconds()
                        / 3600;
            }
            return calls;
        }

        private Map<Ref, Integer> contacts(List<Route> routes) {
            boolean told = routes.stream().anyMatch(route -> !(route.caller() instanceof Route.From.Any));
            Map<Ref, Integer> counts = new LinkedHashMap<>();
            if (!told) {
                return counts;
            }
            List<TimeSet> classes = timeClasses();
            plan().all(Contact.class).forEach(contact -> {
                Caller caller = new Caller.Known(contact.caller());
                Set<Ref> takes = new LinkedHashSet<>();
                for (TimeSet times : classes) {
                    winner(caller, times).ifPresent(takes::add);
                }
                takes.forEach(route -> counts.merge(route, 1, Integer::sum));
            });
            return counts;
        }
    }
}
