package app.bittern.call;

import app.bittern.number.E164;
import app.bittern.plan.Contact;
import app.bittern.plan.Extension;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/// Who calls, at which hours, and which route takes the call: the first of the best of those that hold.
///
/// @param dialled the inbound number that a phone of the site dials, where one does
record SlowRoutes(Plan plan, Bench bench, Optional<E164> dialled, LocalDateTime local) {
    Optional<Route> route() {
        Optional<Route> best = Optional.empty();
        for (Route route : plan.all(Route.class).toList()) {
            if (takes(route)
                    && !passedOver(route)
                    && best.filter(other -> !ranksBefore(route, other)).isEmpty()) {
                best = Optional.of(route);
            }
        }
        return best;
    }

    /// The number that the caller shows; its own where a phone of the site has one.
    private Optional<E164> shown() {
        return plan.all(Extension.class)
                .filter(one -> one.ref().toString().equals(bench.caller().toString()))
                .findFirst()
                .map(Extension::callerId)
                .orElseGet(() -> bench.caller().delivered());
    }

    /// The contact that the caller is.
    Optional<Contact> contact() {
        return plan.all(Contact.class)
                .filter(one -> shown().equals(Optional.of(one.caller())))
                .findFirst();
    }

    private Optional<E164> called() {
        return dialled.or(
                () -> bench.called() instanceof Arrival.Meant(E164 number) ? Optional.of(number) : Optional.empty());
    }

    private boolean takes(Route route) {
        return route.enabled()
                && called().filter(route.called()::takes).isPresent()
                && caller(route.caller())
                && route.holdsWhile()
                        .map(during -> state(during.hours()).equals(Optional.of(during.state())))
                        .orElse(true);
    }

    /// The state of hours at the call's instant.
    Optional<String> state(Ref hours) {
        return plan.find(hours, Hours.class)
                .map(one -> one.calendar()
                        .stateAt(one.timeZone()
                                .map(own -> local.atZone(plan.site().timeZone())
                                        .withZoneSameInstant(own)
                                        .toLocalDateTime())
                                .orElse(local)));
    }

    /// Whether the caller is one of those that a rule is for.
    boolean caller(Route.From from) {
        return switch (from) {
            case Route.From.Any any -> true;
            case Route.From.Withheld withheld -> bench.caller().toString().equals("withheld");
            case Route.From.Unavailable unavailable -> bench.caller().toString().equals("unavailable");
            case Route.From.Without without ->
                List.of("withheld", "unavailable").contains(bench.caller().toString());
            case Route.From.Exact exact -> shown().equals(Optional.of(exact.number()));
            case Route.From.Prefix prefix ->
                shown().filter(number -> number.text().startsWith(prefix.digits()))
                        .isPresent();
            case Route.From.Tag tag ->
                contact().filter(one -> one.tags().contains(tag.tag())).isPresent();
        };
    }

    private static boolean ranksBefore(Route one, Route other) {
        int[] first = rank(one);
        int[] second = rank(other);
        for (int at = 0; at < first.length; at++) {
            if (first[at] != second[at]) {
                return first[at] > second[at];
            }
        }
        return false;
    }

    /// Whether another that takes the call is to be tried before a route.
    private boolean passedOver(Route route) {
        return plan.all(Route.class)
                .anyMatch(other -> other.before() instanceof Route.Before.These(List<Ref> named)
                        && named.contains(route.ref())
                        && takes(other));
    }

    /// The larger the sooner: before all; called exact, range, longer prefix, any; caller exact, tag, longer prefix,
    /// withheld or unavailable, any; with hours.
    private static int[] rank(Route route) {
        int called = switch (route.called()) {
            case Route.Called.Exact exact -> 900;
            case Route.Called.Range range -> 800;
            case Route.Called.Prefix prefix -> prefix.digits().length();
            case Route.Called.Any any -> 0;
        };
        int caller = switch (route.caller()) {
            case Route.From.Exact exact -> 900;
            case Route.From.Tag tag -> 800;
            case Route.From.Prefix prefix -> 100 + prefix.digits().length();
            case Route.From.Withheld withheld -> 50;
            case Route.From.Unavailable unavailable -> 50;
            case Route.From.Without without -> throw new IllegalStateException("no route is for these alone");
            case Route.From.Any any -> 0;
        };
        return new int[] {
            route.before() instanceof Route.Before.All ? 1 : 0,
            called,
            caller,
            route.holdsWhile().isPresent() ? 1 : 0
        };
    }
}
