package app.bittern.call;

import app.bittern.number.Delivers;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Trunk;
import java.util.List;
import java.util.Optional;

/// Which number is meant by the digits that a trunk delivers, such as `960170` on a trunk that delivers `last
/// 6`, or that a phone of the site dials.
public sealed interface Arrival {
    /// One number.
    record Meant(E164 number) implements Arrival {}

    /// No number, or several: only a route for any number can take it.
    ///
    /// @param trunk   that delivered the digits
    /// @param digits  as they arrived
    /// @param because what was delivered and what would have been understood
    record Unclear(Ref trunk, String digits, String because) implements Arrival {}

    /// Digits that a phone of the site dials.
    record Inside(String digits) implements Arrival {}

    /// The number that is meant, where it is one.
    default Optional<E164> meant(Plan plan) {
        return switch (this) {
            case Meant(E164 number) -> Optional.of(number);
            case Unclear unclear -> Optional.empty();
            case Inside(String digits) -> Dialling.of(plan, digits).number();
        };
    }

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
        return new Unclear(
                trunk.ref(), digits, trunk.title() + " delivered " + digits + ", and " + found + " on it ends so");
    }

    private static Unclear unclear(Trunk trunk, String digits, String delivers) {
        return new Unclear(
                trunk.ref(), digits, trunk.title() + " delivered " + digits + ", and it is set to deliver " + delivers);
    }
}
