package app.bittern.call;

import app.bittern.number.Delivers;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Trunk;
import java.util.List;

/// Which number is meant by the digits that a trunk delivers, such as `960170` on a trunk that delivers `last 6`.
public sealed interface Arrival {
    /// One number.
    record Meant(E164 number) implements Arrival {}

    /// No number, or several.
    ///
    /// @param because what was delivered and what would have been understood
    record Unclear(String because) implements Arrival {}

    /// Reads digits as a trunk delivers them.
    ///
    /// @param digits as they arrive, with or without a plus sign
    static Arrival of(Plan plan, Trunk trunk, String digits) {
        return switch (trunk.delivers()) {
            case Delivers.International all ->
                E164.parse(digits.startsWith("+") ? digits : "+" + digits)
                        .<Arrival>map(Meant::new)
                        .orElseGet(() -> unclear(trunk, digits, "whole numbers with their country code"));
            case Delivers.National national ->
                E164.typed(digits, plan.site().country())
                        .<Arrival>map(Meant::new)
                        .orElseGet(() -> unclear(
                                trunk,
                                digits,
                                "numbers as they are dialled in " + plan.site().country()));
            case Delivers.Last last -> last(plan, trunk, digits, last);
        };
    }

    private static Arrival last(Plan plan, Trunk trunk, String digits, Delivers.Last last) {
        if (digits.length() != last.digits()) {
            return unclear(trunk, digits, "the last " + last.digits() + " digits");
        }
        List<E164> ending = plan.all(InboundNumber.class)
                .filter(number -> number.trunk().filter(trunk.ref()::equals).isPresent())
                .map(InboundNumber::called)
                .filter(number -> number.text().endsWith(digits))
                .toList();
        if (ending.size() == 1) {
            return new Meant(ending.getFirst());
        }
        String found = ending.isEmpty() ? "no inbound number" : ending.size() + " inbound numbers";
        return new Unclear(trunk.title() + " delivered " + digits + ", and " + found + " on it ends so");
    }

    private static Unclear unclear(Trunk trunk, String digits, String delivers) {
        return new Unclear(trunk.title() + " delivered " + digits + ", and it is set to deliver " + delivers);
    }
}
