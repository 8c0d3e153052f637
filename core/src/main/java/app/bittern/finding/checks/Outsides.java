package app.bittern.finding.checks;

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
        String country = plan.site().country();
        String dialled = number.category(country).equals("international")
                ? "00" + number.text().substring(1)
                : number.shownIn(country).replaceAll("[^0-9]", "");
        return plan.all(Outbound.class)
                .filter(outbound -> outbound.dialled().stream().anyMatch(pattern -> pattern.matches(dialled)))
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

    /// Those of a slot: the number itself, or those of the chain it leads to.
    static List<E164> from(Plan plan, Slot slot) {
        return slot.holds().stream()
                .flatMap(to -> to instanceof Destination.Outside(E164 number)
                        ? Stream.of(number)
                        : to.target().flatMap(ref -> plan.find(ref, Chain.class)).stream()
                                .flatMap(chain -> chain.stages().stream())
                                .flatMap(stage -> stage.ring() instanceof Destination.Outside(E164 number)
                                        ? Stream.of(number)
                                        : Stream.<E164>empty()))
                .toList();
    }
}
