package app.bittern.plan;

import app.bittern.number.DialledForms;
import app.bittern.number.E164;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/// What phones of the site can dial of it, gathered once for a plan: its numbers, its codes, and its inbound numbers
/// in each form that the country dials.
public final class InsideNumbers {
    private final Map<String, Ref> own = new LinkedHashMap<>();
    private final Map<String, E164> inbound = new LinkedHashMap<>();
    private final Map<E164, String> usual = new LinkedHashMap<>();
    private final DialledNumbers sorted;

    private InsideNumbers(Plan plan) {
        plan.objects().forEach(object -> {
            if (!(object instanceof Code)) {
                object.number().ifPresent(number -> own.putIfAbsent(number, object.ref()));
            }
        });
        plan.all(Code.class)
                .filter(Code::enabled)
                .forEach(code -> code.number().ifPresent(number -> own.putIfAbsent(number, code.ref())));
        plan.all(InboundNumber.class).map(InboundNumber::called).forEach(number -> {
            List<String> forms = DialledForms.of(number, plan.site().country());
            forms.forEach(form -> inbound.putIfAbsent(form, number));
            usual.put(number, forms.getFirst());
            // As soft phones send it.
            inbound.putIfAbsent(number.text(), number);
        });
        this.sorted = DialledNumbers.of(own.keySet().stream());
    }

    static InsideNumbers of(Plan plan) {
        return new InsideNumbers(plan);
    }

    /// The object or the code that has some digits for its number.
    public Optional<Ref> object(String digits) {
        return Optional.ofNullable(own.get(digits));
    }

    /// The inbound number that is dialled so.
    public Optional<E164> inbound(String digits) {
        return Optional.ofNullable(inbound.get(digits));
    }

    /// How an inbound number is dialled in the country.
    public String dialled(E164 number) {
        return Objects.requireNonNull(usual.get(number), () -> number + " is no inbound number of the plan");
    }

    /// Whether a longer number or code of the site begins with some digits.
    public boolean begins(String digits) {
        return sorted.begins(digits);
    }

    /// The numbers and codes of the site, each with what it is of, numbers first.
    public Map<String, Ref> objects() {
        return Collections.unmodifiableMap(own);
    }
}
