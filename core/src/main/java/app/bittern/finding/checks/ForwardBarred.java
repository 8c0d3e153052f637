package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.ClassOfService;
import app.bittern.plan.Extension;
import app.bittern.plan.Plan;
import java.util.Optional;
import java.util.stream.Stream;

/// An extension forwarded to an outside number that its class of service forbids.
final class ForwardBarred extends PerObject<Extension> {
    private static final About ABOUT = new About(
            "forward-barred",
            "Forwarded where it may not dial",
            Severity.WARNING,
            "An extension forwarded to an outside number that its class of service forbids.",
            "The call is refused when it is forwarded. Change the class of service, or forward elsewhere.");

    ForwardBarred() {
        super(ABOUT, Extension.class);
    }

    @Override
    Stream<Finding> look(Extension extension, Examination examination) {
        Plan plan = examination.plan();
        return barred(plan, extension);
    }

    private static Stream<Finding> barred(Plan plan, Extension extension) {
        Optional<ClassOfService> service =
                extension.classOfService().flatMap(ref -> plan.find(ref, ClassOfService.class));
        return service.isEmpty()
                ? Stream.empty()
                : extension.slots().stream()
                        .flatMap(slot -> Outsides.from(plan, slot).stream()
                                .filter(number -> !service.get().may().contains(Outsides.category(plan, number)))
                                .map(number -> ABOUT.at(
                                                extension.ref(),
                                                slot.at(),
                                                Says.the(extension) + " is forwarded to " + number.international()
                                                        + " ("
                                                        + Outsides.category(plan, number)
                                                        + "), which its class of service "
                                                        + service.get().title() + " does not allow.")
                                        .of(number, service.get().ref())));
    }
}
