package app.bittern.call;

import app.bittern.number.DialPattern;
import app.bittern.number.E164;
import app.bittern.plan.Kind;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What digits mean that a phone of the site dials, such as `02079460000`: a number or a code of the site, else an
/// inbound number of the site, else an outbound route, else nothing.
///
/// @param digits as dialled
/// @param waits  whether a longer number of the site begins so, and dialling waits for it
public record Dialling(String digits, Leads leads, boolean waits) {
    /// How long dialling waits for another digit, in seconds.
    public static final int WAIT = 3;

    /// What is allowed, as a refusal says it.
    public static final String ALLOWED = "what a phone of the site dials, such as 2014, *70 or 01632960100: digits,"
            + " * and #, 40 at most, with or without a plus sign";

    /// What is meant.
    public sealed interface Leads {
        /// An object of the site, or a code.
        record To(Ref object) implements Leads {}

        /// An inbound number of the site, taken inside by its routes.
        record ToNumber(E164 number) implements Leads {}

        /// An outbound route.
        record Out(Ref outbound) implements Leads {}

        /// Number unobtainable.
        record Nowhere() implements Leads {}

        /// The object that it leads to; an inbound number where it is one of the site's own.
        default Optional<Ref> target() {
            return switch (this) {
                case To(Ref object) -> Optional.of(object);
                case ToNumber(E164 number) -> Optional.of(new Ref(Kind.NUMBER, number.text()));
                case Out(Ref outbound) -> Optional.of(outbound);
                case Nowhere() -> Optional.empty();
            };
        }
    }

    /// Whether a text can be dialled at all.
    public static boolean sound(String text) {
        return text.matches("\\+?[0-9*#]{1,40}");
    }

    /// What digits mean in a plan.
    public static Dialling of(Plan plan, String digits) {
        Leads leads = plan.insideNumbers()
                .object(digits)
                .<Leads>map(Leads.To::new)
                .or(() -> plan.insideNumbers().inbound(digits).map(Leads.ToNumber::new))
                .orElseGet(() -> ranked(plan, digits).stream()
                        .findFirst()
                        .<Leads>map(best -> new Leads.Out(best.outbound().ref()))
                        .orElseGet(Leads.Nowhere::new));
        return new Dialling(digits, leads, plan.insideNumbers().begins(digits));
    }

    /// An outbound route that takes some digits.
    ///
    /// @param pattern the one of its patterns that has the most literal digits from the left
    public record Takes(Outbound outbound, DialPattern pattern) {}

    /// The enabled outbound routes that take some digits: those with the most literal digits from the left first, the
    /// first in the plan among equals.
    public static List<Takes> ranked(Plan plan, String digits) {
        List<Takes> all = new ArrayList<>();
        plan.all(Outbound.class)
                .filter(Outbound::enabled)
                .forEach(outbound -> outbound.dialled().stream()
                        .filter(pattern -> pattern.matches(digits))
                        .reduce((one, other) -> other.literals() > one.literals() ? other : one)
                        .ifPresent(best -> all.add(new Takes(outbound, best))));
        all.sort((one, other) ->
                Integer.compare(other.pattern().literals(), one.pattern().literals()));
        return all;
    }

    /// The inbound number, where it is one.
    public Optional<E164> number() {
        return leads instanceof Leads.ToNumber(E164 number) ? Optional.of(number) : Optional.empty();
    }
}
