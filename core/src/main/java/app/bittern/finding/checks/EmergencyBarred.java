package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.ClassOfService;
import app.bittern.plan.Extension;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// An extension that may not dial emergency numbers.
final class EmergencyBarred implements Check {
    private static final About ABOUT = new About(
            "emergency-barred",
            "Extension that may not dial for help",
            Severity.BLOCKING,
            "An extension whose class of service does not allow emergency numbers, or that has none.",
            "Somebody at that phone cannot call for help. Give it a class of service that allows the category emergency.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return Stream.concat(
                        plan.all(ClassOfService.class).flatMap(service -> barred(plan, service)),
                        plan.all(Outbound.class).anyMatch(one -> one.category().equals("emergency"))
                                ? plan.all(Extension.class).flatMap(extension -> without(plan, extension))
                                : Stream.empty())
                .toList();
    }

    private static Stream<Finding> without(Plan plan, Extension extension) {
        return extension
                        .classOfService()
                        .flatMap(ref -> plan.find(ref, ClassOfService.class))
                        .isPresent()
                ? Stream.empty()
                : Stream.of(ABOUT.at(
                                extension.ref(),
                                Pointer.of("classOfService"),
                                Says.the(extension) + " has no class of service, and may not dial emergency numbers.")
                        .together("have no class of service, and may not dial emergency numbers"));
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
                                Says.the(service) + " does not allow emergency numbers, and "
                                        + (people.size() == 1
                                                ? "extension " + people.getFirst() + " has it."
                                                : "extensions " + Says.some(people) + " have it."))
                        .mendedBy(List.of(new Fix(
                                "Allow emergency numbers",
                                new PlanEdit.Put(
                                        new ClassOfService(service.key(), service.name(), service.note(), allowed))))));
    }
}
