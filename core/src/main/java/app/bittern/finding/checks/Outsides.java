package app.bittern.finding.checks;

import app.bittern.number.E164;
import app.bittern.plan.Chain;
import app.bittern.plan.Destination;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.Slot;
import java.util.List;
import java.util.stream.Stream;

/// The outside numbers that a destination rings.
final class Outsides {
    private Outsides() {}

    /// The category of the first outbound route that takes a number as it is dialled at the site; where none does, what
    /// the number itself tells.
    static String category(Plan plan, E164 number) {
        String country = plan.site().country();
        String own = number.category(country);
        String dialled = own.equals("international")
                ? "00" + number.text().substring(1)
                : number.shownIn(country).replaceAll("[^0-9]", "");
        return plan.all(Outbound.class)
                .filter(outbound -> outbound.dialled().stream().anyMatch(pattern -> pattern.matches(dialled)))
                .map(Outbound::category)
                .findFirst()
                .orElse(own);
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
