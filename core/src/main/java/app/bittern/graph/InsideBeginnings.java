package app.bittern.graph;

import app.bittern.call.Dialling;
import app.bittern.call.Phones;
import app.bittern.call.RouteChoice;
import app.bittern.call.State;
import app.bittern.callset.CallClasses;
import app.bittern.callset.CallSet;
import app.bittern.callset.Calling;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
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
    /// @param calling how such calls begin
    /// @param calls  at which times
    /// @param route  that takes them, where what is dialled is an inbound number
    public record Begun(Calling.Phone calling, State state, CallSet calls, Optional<Route> route) {}

    /// Where calls begin in which a phone dials some digits.
    ///
    /// @param index the place of the plan among those that the classes are of
    public static List<Begun> of(Plan plan, CallClasses classes, int index, Extension phone, String digits) {
        return of(plan, classes, index, phone, Dialling.of(plan, digits));
    }

    /// Where calls begin in which one phone of each class of those that are alike dials each number of the site and
    /// each of its inbound numbers.
    public static List<Begun> all(Plan plan, CallClasses classes, int index) {
        List<Dialling> numbers = Phones.examples(plan).stream()
                .map(digits -> Dialling.of(plan, digits))
                .filter(dialling -> dialling.leads()
                        .target()
                        .filter(InsideBeginnings::goesOn)
                        .isPresent())
                .toList();
        return Phones.classes(plan).stream()
                .flatMap(alike -> numbers.stream()
                        .flatMap(dialling -> of(plan, classes, index, alike.first(), dialling).stream()))
                .toList();
    }

    private static boolean goesOn(Ref dialled) {
        return dialled.kind().routable() || dialled.kind() == Kind.NUMBER;
    }

    private static List<Begun> of(Plan plan, CallClasses classes, int index, Extension phone, Dialling dialling) {
        Calling.Phone calling = new Calling.Phone(phone.ref(), dialling.digits());
        if (dialling.number().isEmpty()) {
            return List.of(new Begun(
                    calling, Phones.dialling(plan, phone, dialling, Optional.empty()), classes.all(), none()));
        }
        List<Begun> begun = new ArrayList<>();
        CallSet left = classes.all();
        for (Route route : RouteChoice.inOrder(plan, dialling.number().get())) {
            if (left.isEmpty() || !Phones.is(plan, phone, route.caller())) {
                continue;
            }
            CallSet calls = left.and(classes.of(index, new Route.From.Any(), route.holdsWhile()));
            for (Route other : plan.routes().before(route, dialling.number())) {
                if (Phones.is(plan, phone, other.caller())) {
                    calls = calls.minus(classes.of(index, new Route.From.Any(), other.holdsWhile()));
                }
            }
            left = left.minus(calls);
            if (!calls.isEmpty()) {
                begun.add(new Begun(
                        calling,
                        Phones.dialling(plan, phone, dialling, Optional.of(route.ref())),
                        calls,
                        Optional.of(route)));
            }
        }
        if (!left.isEmpty()) {
            begun.add(new Begun(calling, Phones.dialling(plan, phone, dialling, Optional.<Ref>empty()), left, none()));
        }
        return begun;
    }

    private static Optional<Route> none() {
        return Optional.empty();
    }
}
