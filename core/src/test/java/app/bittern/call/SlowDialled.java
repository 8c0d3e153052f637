package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.number.DialPattern;
import app.bittern.plan.ClassOfService;
import app.bittern.plan.Code;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// What a phone of a random plan dials, looked up the obvious way.
///
/// @param waits    for further digits, in seconds
/// @param own      the object or code with that number
/// @param inbound  whether it is the plan's one inbound number
/// @param outbound the route that takes it
/// @param barred   whether the phone may not dial it
record SlowDialled(int waits, Optional<Ref> own, boolean inbound, Optional<Outbound> outbound, boolean barred) {
    /// How the one inbound number of random plans is dialled in their country.
    private static final List<String> MAIN = List.of("01632960100", "00441632960100", "+441632960100");

    static Optional<SlowDialled> of(Plan plan, Bench bench) {
        if (!(bench.called() instanceof Arrival.Inside(String digits)
                && bench.caller() instanceof Caller.Inside(String number))) {
            return Optional.empty();
        }
        Extension phone =
                plan.find(new Ref(Kind.EXTENSION, number), Extension.class).orElseThrow();
        boolean longer = false;
        Optional<Ref> own = Optional.empty();
        for (PlanObject object : plan.objects()) {
            boolean off = object instanceof Code code && !code.enabled();
            String its = off ? "" : object.number().orElse("");
            longer |= its.length() > digits.length() && its.startsWith(digits);
            if (its.equals(digits) && (own.isEmpty() || own.get().kind() == Kind.CODE)) {
                own = Optional.of(object.ref());
            }
        }
        boolean inbound = own.isEmpty() && MAIN.contains(digits);
        Optional<Outbound> outbound = own.isPresent() || inbound ? Optional.empty() : best(plan, digits);
        boolean page = own.filter(ref -> ref.kind() == Kind.PAGE).isPresent();
        Optional<String> category = page ? Optional.of("page") : outbound.map(Outbound::category);
        List<String> may = phone.classOfService()
                .flatMap(ref -> plan.find(ref, ClassOfService.class))
                .map(ClassOfService::may)
                .orElse(List.of());
        return Optional.of(new SlowDialled(
                longer ? 3 : 0,
                own,
                inbound,
                outbound,
                category.filter(one -> !may.contains(one)).isPresent()));
    }

    private static Optional<Outbound> best(Plan plan, String digits) {
        int most = -1;
        Optional<Outbound> best = Optional.empty();
        for (Outbound outbound : plan.all(Outbound.class).toList()) {
            for (var pattern : outbound.enabled() ? outbound.dialled() : List.<DialPattern>of()) {
                int literals = pattern.text().split("[x\\[]", 2)[0].length();
                if (pattern.matches(digits) && literals > most) {
                    most = literals;
                    best = Optional.of(outbound);
                }
            }
        }
        return best;
    }
}
