package app.bittern.finding.checks;

import app.bittern.call.Phones;
import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Extension;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import java.util.stream.Stream;

/// An outbound route that shows no number where the phone has none.
final class OutboundCallerId extends PerObject<Outbound> {
    private static final About ABOUT = new About(
            "outbound-caller-id",
            "Outbound route without caller ID",
            Severity.HINT,
            "An outbound route without a caller ID, by which phones call out that have none either; a warning for emergency numbers, where the route's alone is shown.",
            "The carrier shows a number of its own, or none, and nobody can call back. Show one of the inbound numbers.");

    OutboundCallerId() {
        super(ABOUT, Outbound.class);
    }

    @Override
    Stream<Finding> look(Outbound outbound, Examination examination) {
        Plan plan = examination.plan();
        boolean help = outbound.category().equals("emergency");
        boolean needed = help
                || plan.all(Extension.class)
                        .anyMatch(phone -> Phones.shows(plan, phone).isEmpty());
        return !outbound.enabled() || outbound.callerId().isPresent() || !needed
                ? Stream.empty()
                : Stream.of((help ? ABOUT.as(Severity.WARNING) : ABOUT)
                        .at(outbound.ref(), Pointer.of("callerId"), Says.the(outbound) + " has no caller ID.")
                        .together("have no caller ID"));
    }
}
