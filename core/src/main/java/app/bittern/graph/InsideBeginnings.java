package app.bittern.graph;

import app.bittern.call.Dialling;
import app.bittern.call.Phones;
import app.bittern.call.RouteChoice;
import app.bittern.call.State;
import app.bittern.callset.CallClasses;
import app.bittern.callset.CallSet;
import app.bittern.plan.Extension;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Where the calls of a phone begin: one state for each thing that it dials, and for an inbound number of the site one
/// for each route that takes it at some time.
public final class InsideBeginnings {
    private InsideBeginnings() {}

    /// A state in which a phone dials.
    ///
    /// @param calls  at which times
    /// @param route  that takes them, where what is dialled is an inbound number
    public record Begun(State state, CallSet calls, Optional<Route> route) {}

    /// Where calls begin in which a phone dials some digits.
    ///
    /// @param index the place of the plan among those that the classes are of
    public static List<Begun> of(Plan plan, CallClasses classes, int index, Extension phone, String digits) {
        Dialling dialling = Dialling.of(plan, digits);
        if (dialling.number().isEmpty()) {
            return List.of(new Begun(Phones.dialling(plan, phone, dialling, Optional.empty()), classes.all(), none()));
        }
        List<Begun> begun = new ArrayList<>();
        CallSet left = classes.all();
        for (Route route : RouteChoice.inOrder(plan, dialling.number().get())) {
            if (left.isEmpty() || !Phones.is(plan, phone, route.caller())) {
                continue;
            }
            CallSet calls = left.and(classes.of(index, new Route.From.Any(), route.holdsWhile()));
            left = left.minus(calls);
            if (!calls.isEmpty()) {
                begun.add(new Begun(
                        Phones.dialling(plan, phone, dialling, Optional.of(route.ref())), calls, Optional.of(route)));
            }
        }
        if (!left.isEmpty()) {
            begun.add(new Begun(Phones.dialling(plan, phone, dialling, Optional.<Ref>empty()), left, none()));
        }
        return begun;
    }

    private static Optional<Route> none() {
        return Optional.empty();
    }
}
