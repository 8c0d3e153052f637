package app.bittern.finding.checks;

import app.bittern.call.RouteChoice;
import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Pointer;
import app.bittern.plan.Route;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/// A spare number that is still routed, or one that is ordered or porting past its date, or due with no route.
final class NumberDue extends PerObject<InboundNumber> {
    private static final About ABOUT = new About(
            "number-due",
            "Number due",
            Severity.HINT,
            "A spare number that is still routed, or one that is ordered or porting past its date, or due with no route.",
            "What the carrier does and what the plan does should change together. Bring the status up to date, or give the number its route.");

    NumberDue() {
        super(ABOUT, InboundNumber.class);
    }

    @Override
    Stream<Finding> look(InboundNumber number, Examination examination) {
        LocalDate today = examination.horizon().from();
        boolean coming =
                number.status() == InboundNumber.Status.ORDERED || number.status() == InboundNumber.Status.PORTING;
        boolean past = number.due().filter(due -> due.isBefore(today)).isPresent();
        boolean soon =
                number.due().filter(due -> due.isBefore(today.plusWeeks(1))).isPresent();
        boolean own = examination.plan().routes().called(Optional.of(number.called())).stream()
                .anyMatch(route -> route.enabled() && !(route.called() instanceof Route.Called.Any));
        boolean any = !RouteChoice.inOrder(examination.plan(), number.called()).isEmpty();
        String status = number.status().name().toLowerCase(Locale.ROOT);
        Optional<String> says = number.status() == InboundNumber.Status.SPARE
                        && own
                        && (past || number.due().isEmpty())
                ? Optional.of(" is spare, and a route still takes its calls.")
                : coming && past
                        ? Optional.of(" was due on " + number.due().orElseThrow() + ", and is still " + status + ".")
                        : coming && soon && !any
                                ? Optional.of(
                                        " is due on " + number.due().orElseThrow() + ", and no route takes its calls.")
                                : Optional.empty();
        return says
                .map(rest -> ABOUT.at(number.ref(), Pointer.of("status"), Says.the(number) + rest + asks(number))
                        .of(status, number.due().map(LocalDate::toString).orElse("")))
                .stream();
    }

    /// Whom to ask about it, where that is known.
    private static String asks(InboundNumber number) {
        if (number.carrier().isEmpty() && number.order().isEmpty()) {
            return "";
        }
        return " Ask " + number.carrier().orElse("the carrier")
                + number.order().map(order -> " about order " + order).orElse("") + ".";
    }
}
