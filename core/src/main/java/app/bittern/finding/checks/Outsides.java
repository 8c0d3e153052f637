package app.bittern.finding.checks;

import app.bittern.call.Dialling;
import app.bittern.number.DialledForms;
import app.bittern.number.E164;
import app.bittern.plan.Chain;
import app.bittern.plan.Destination;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.Slot;
import app.bittern.plan.Trunk;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// The outside numbers that a destination rings.
final class Outsides {
    private Outsides() {}

    /// The category of the first outbound route that takes a number as it is dialled at the site; where none
    /// does, what the number itself tells.
    static String category(Plan plan, E164 number) {
        return route(plan, number)
                .map(Outbound::category)
                .orElseGet(() -> number.category(plan.site().country()));
    }

    /// The first outbound route that takes a number as it is dialled at the site.
    static Optional<Outbound> route(Plan plan, E164 number) {
        return DialledForms.of(number, plan.site().country()).stream()
                .flatMap(dialled -> Dialling.ranked(plan, dialled).stream().limit(1))
                .map(Dialling.Takes::outbound)
                .findFirst();
    }

    /// The trunks by which calls to a number go out; the only trunk there is where no outbound route tells.
    static List<Trunk> trunks(Plan plan, E164 number) {
        Optional<Outbound> route = route(plan, number);
        if (route.isPresent()) {
            return route.get().trunks().stream()
                    .flatMap(ref -> plan.find(ref, Trunk.class).stream())
                    .toList();
        }
        List<Trunk> all = plan.all(Trunk.class).toList();
        return all.size() == 1 ? all : List.of();
    }

    /// Those of a slot: the number itself, or those of the chain it leads to, also what comes after its stages.
    static List<E164> from(Plan plan, Slot slot) {
        return slot.holds().stream()
                .flatMap(to -> to instanceof Destination.Outside(E164 number)
                        ? Stream.of(number)
                        : to.target().flatMap(ref -> plan.find(ref, Chain.class)).stream()
                                .flatMap(chain -> Stream.concat(
                                        chain.stages().stream().map(Chain.Stage::ring), chain.then().stream()))
                                .flatMap(then -> then instanceof Destination.Outside(E164 number)
                                        ? Stream.of(number)
                                        : Stream.<E164>empty()))
                .toList();
    }
}
