package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.ClassOfService;
import app.bittern.plan.Extension;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// An extension whose service does not allow emergency numbers.
final class EmergencyBarred extends PerObject<ClassOfService> {
    private static final About ABOUT = new About(
            "emergency-barred",
            "Extension that may not dial for help",
            Severity.BLOCKING,
            "An extension whose class of service does not allow emergency numbers.",
            "Somebody at that phone cannot call for help. Allow the category emergency.");

    EmergencyBarred() {
        super(ABOUT, ClassOfService.class);
    }

    @Override
    Stream<Finding> look(ClassOfService service, Examination examination) {
        Plan plan = examination.plan();
        return barred(plan, service);
    }

    private static Stream<Finding> barred(Plan plan, ClassOfService service) {
        List<String> people = plan.all(Extension.class)
                .filter(extension -> extension.classOfService().equals(Optional.of(service.ref())))
                .map(Extension::dialled)
                .toList();
        List<String> allowed = new ArrayList<>(service.may());
        allowed.add("emergency");
        return people.isEmpty() || service.may().contains("emergency")
                ? Stream.empty()
                : Stream.of(ABOUT.at(
                                service.ref(),
                                Pointer.of("may"),
                                Says.the(service) + " does not allow emergency numbers, and extensions "
                                        + Says.some(people) + " have it.")
                        .mendedBy(List.of(new Fix(
                                "Allow emergency numbers",
                                new PlanEdit.Put(
                                        new ClassOfService(service.key(), service.name(), service.note(), allowed))))));
    }
}
