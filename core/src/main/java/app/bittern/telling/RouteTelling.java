package app.bittern.telling;

import app.bittern.call.Arrival;
import app.bittern.call.Callers;
import app.bittern.call.RouteChoice;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Which route takes a call, and why no other does.
record RouteTelling(Telling telling) {
    Told unmatched(Arrival called) {
        String nobody = switch (called) {
            case Arrival.Meant(E164 number) -> "No route takes a call to " + number.international();
            case Arrival.Unclear unclear ->
                "No route takes what arrived: " + unclear.because() + ", and no route is for any number";
            case Arrival.Inside(String digits) -> "No route takes " + digits;
        };
        return new Told(
                nobody + ": the caller hears number unobtainable",
                ranked().stream()
                        .map(one -> Why.not(one.route().ref().toString(), failed(one)))
                        .toList());
    }

    Told routed(Route route) {
        boolean without = route.withheld().isPresent() && Callers.is(plan(), caller(), new Route.From.Without());
        return new Told(
                "Route " + route.title() + " takes the call, "
                        + (without
                                ? "which comes without a number: to " + telling.words(route.withheld())
                                : "to " + telling.words(route.to())),
                ranking());
    }

    /// Every route with its rank, or with the condition that does not hold.
    private List<Why> ranking() {
        List<Why> why = new ArrayList<>();
        int place = 0;
        List<RouteChoice.Ranked> all = ranked();
        List<Route> holding = all.stream()
                .filter(one -> one.fails().isEmpty())
                .map(RouteChoice.Ranked::route)
                .toList();
        for (RouteChoice.Ranked one : all) {
            String rule = one.route().ref().toString();
            if (one.fails().isPresent()) {
                why.add(Why.not(rule, failed(one)));
            } else if (RouteChoice.passedOver(plan(), one.route(), holding).isPresent()) {
                why.add(Why.not(
                        rule,
                        "its conditions hold too, but route "
                                + RouteChoice.passedOver(plan(), one.route(), holding)
                                        .map(Route::title)
                                        .orElseThrow()
                                + " stands before it"));
            } else if (place++ == 0) {
                why.add(Why.held(rule, "rank 1: " + rank(one.route())));
            } else {
                why.add(Why.not(rule, "its conditions hold too, but it is rank " + place + ": " + rank(one.route())));
            }
        }
        return why;
    }

    private Plan plan() {
        return telling.plan();
    }

    private Caller caller() {
        return telling.bench().caller();
    }

    private LocalDateTime local() {
        return LocalDateTime.ofInstant(telling.bench().at(), plan().site().timeZone());
    }

    private List<RouteChoice.Ranked> ranked() {
        return RouteChoice.ranked(plan(), telling.bench().called(), caller(), local());
    }

    /// Why a route stands where it does.
    private String rank(Route route) {
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
            case Route.From.Unavailable unavailable -> "callers whose number is unavailable";
            case Route.From.Without without -> "callers without a number";
            case Route.From.Any any -> "any caller";
        };
        return route.before().words(plan()).map(before -> before + ", ").orElse("") + called + ", " + caller
                + route.holdsWhile().map(during -> ", during " + during).orElse("");
    }

    private String failed(RouteChoice.Ranked one) {
        return one.fails()
                .map(fails -> switch (fails) {
                    case OFF -> "it is not enabled";
                    case CALLED -> called(one.route().called());
                    case CALLER -> caller(one.route().caller());
                    case HOURS -> one.route().holdsWhile().map(this::hours).orElse("");
                })
                .orElse("");
    }

    private static String called(Route.Called rule) {
        return switch (rule) {
            case Route.Called.Any any -> "it is for any number";
            case Route.Called.Exact(E164 number) -> "it is for " + number;
            case Route.Called.Prefix(String digits) -> "it is for numbers that begin with " + digits;
            case Route.Called.Range(E164 from, E164 to) -> "it is for " + from + " to " + to;
        };
    }

    private String caller(Route.From rule) {
        String is = telling.caller();
        return switch (rule) {
            case Route.From.Any any -> "it is for any caller";
            case Route.From.Withheld withheld -> "it is for callers who withhold their number; " + is;
            case Route.From.Unavailable unavailable -> "it is for callers whose number is unavailable; " + is;
            case Route.From.Without without -> "it is for callers without a number; " + is;
            case Route.From.Exact(E164 number) -> "it is for the caller " + number + "; " + is;
            case Route.From.Prefix(String digits) -> "it is for callers that begin with " + digits + "; " + is;
            case Route.From.Tag(String tag) ->
                "it is for callers tagged " + tag + "; "
                        + Callers.contact(plan(), caller())
                                .map(contact -> "contact " + contact.title() + " is not")
                                .orElse("no contact gives this caller that tag");
        };
    }

    private String hours(Route.While during) {
        Optional<Hours> hours = plan().find(during.hours(), Hours.class);
        return hours.map(one -> "it is for " + during + "; they are "
                        + one.at(plan().site()).stateAt(local()))
                .orElse(during.hours() + " is missing");
    }
}
