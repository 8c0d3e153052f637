package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Branch;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Route;
import app.bittern.plan.Trunk;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A rule for some callers where no trunk tells who calls.
final class CallerUntold implements Check {
    private static final About ABOUT = new About(
            "caller-untold",
            "Caller never told",
            Severity.WARNING,
            "A rule for callers of a number or tag, where no trunk delivers the numbers of callers.",
            "The rule holds for no call from outside. Have the carrier deliver callers, or take the rule away.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        List<Trunk> trunks = plan.all(Trunk.class).toList();
        if (trunks.isEmpty() || trunks.stream().anyMatch(CallerUntold::tells)) {
            return ofNumbers(plan);
        }
        return Stream.concat(
                        plan.all(Route.class)
                                .filter(route -> knows(route.caller()))
                                .map(route -> ABOUT.at(
                                        route.ref(),
                                        Pointer.of("caller"),
                                        Says.the(route) + " is for some callers, and no trunk tells who calls.")),
                        plan.all(Branch.class)
                                .filter(branch -> branch.by() instanceof Branch.By.OfCaller)
                                .map(branch -> ABOUT.at(
                                        branch.ref(),
                                        Pointer.of("by"),
                                        Says.the(branch) + " asks who calls, and no trunk tells it.")))
                .toList();
    }

    /// Routes whose own number arrives by a trunk that does not tell.
    private static List<Finding> ofNumbers(Plan plan) {
        return plan.all(Route.class)
                .filter(route -> knows(route.caller()))
                .flatMap(route -> number(plan, route)
                        .flatMap(InboundNumber::trunk)
                        .flatMap(ref -> plan.find(ref, Trunk.class))
                        .filter(trunk -> !tells(trunk))
                        .map(trunk -> ABOUT.at(
                                        route.ref(),
                                        Pointer.of("caller"),
                                        Says.the(route) + " is for some callers, and " + trunk.title()
                                                + ", by which its number arrives, tells nobody's.")
                                .of(trunk.ref()))
                        .stream())
                .toList();
    }

    private static Optional<InboundNumber> number(Plan plan, Route route) {
        return plan.all(InboundNumber.class)
                .filter(number -> route.called() instanceof Route.Called.Exact
                        && route.called().takes(number.called()))
                .findFirst();
    }

    private static boolean tells(Trunk trunk) {
        return trunk.deliversCaller() != Trunk.DeliversCaller.NONE;
    }

    private static boolean knows(Route.From from) {
        return switch (from) {
            case Route.From.Exact exact -> true;
            case Route.From.Prefix prefix -> true;
            case Route.From.Tag tag -> true;
            case Route.From.Any any -> false;
            case Route.From.Withheld withheld -> false;
            case Route.From.Unavailable unavailable -> false;
            case Route.From.Without without -> false;
        };
    }
}
