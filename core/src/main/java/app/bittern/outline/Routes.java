package app.bittern.outline;

import app.bittern.number.E164;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.util.Comparator;
import java.util.List;

/// The routes that can take calls to a number, whoever calls and whenever.
final class Routes {
    private Routes() {}

    /// Those for this very number first, as they are ranked.
    static List<Route> of(Plan plan, E164 called) {
        return plan.all(Route.class)
                .filter(route -> route.enabled() && takes(route.called(), called))
                .sorted(Comparator.comparingInt(route -> particular(route.called())))
                .toList();
    }

    private static boolean takes(Route.Called rule, E164 called) {
        return switch (rule) {
            case Route.Called.Any any -> true;
            case Route.Called.Exact(E164 number) -> number.equals(called);
            case Route.Called.Prefix(String digits) -> called.text().startsWith(digits);
            case Route.Called.Range(E164 from, E164 to) -> called.compareTo(from) >= 0 && called.compareTo(to) <= 0;
        };
    }

    private static int particular(Route.Called rule) {
        return switch (rule) {
            case Route.Called.Exact exact -> 0;
            case Route.Called.Range range -> 1;
            case Route.Called.Prefix prefix -> 100 - prefix.digits().length();
            case Route.Called.Any any -> 200;
        };
    }
}
