package app.bittern.finding.checks;

import app.bittern.call.Dialling;
import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.number.DialPattern;
import app.bittern.plan.ClassOfService;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// An extension that may not dial emergency numbers.
final class EmergencyBarred implements Check {
    private static final About ABOUT = new About(
            "emergency-barred",
            "Extension that may not dial for help",
            Severity.BLOCKING,
            "An extension whose class of service does not allow emergency numbers, also behind a digit that is stripped, or that has none.",
            "Somebody at that phone cannot call for help. Give it a class of service that allows the category emergency.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return Stream.of(
                        plan.all(ClassOfService.class).flatMap(service -> barred(plan, service)),
                        plan.all(Outbound.class).anyMatch(one -> one.category().equals("emergency"))
                                ? plan.all(Extension.class).flatMap(extension -> without(plan, extension))
                                : Stream.<Finding>empty(),
                        plan.all(Outbound.class).flatMap(outbound -> behind(plan, outbound)))
                .flatMap(findings -> findings)
                .toList();
    }

    /// Emergency numbers that go out by a route of another category, as 999 does behind a 9 that is stripped, where
    /// some phones may not dial it.
    private static Stream<Finding> behind(Plan plan, Outbound outbound) {
        if (outbound.category().equals("emergency")) {
            return Stream.empty();
        }
        Set<String> dialled = new LinkedHashSet<>();
        Set<String> sent = new LinkedHashSet<>();
        for (String number : plan.site().emergencyNumbers()) {
            outbound.dialledFor(number)
                    .filter(digits -> Dialling.of(plan, digits).leads().equals(new Dialling.Leads.Out(outbound.ref())))
                    .ifPresent(digits -> {
                        dialled.add(digits);
                        sent.add(number);
                    });
        }
        List<String> people = plan.all(Extension.class)
                .filter(extension -> !may(plan, extension, outbound.category()))
                .map(Extension::dialled)
                .toList();
        if (dialled.isEmpty() || people.isEmpty()) {
            return Stream.empty();
        }
        return Stream.of(ABOUT.at(
                        outbound.ref(),
                        Pointer.of("category"),
                        "Who dials " + Says.some(List.copyOf(dialled)) + " for " + Says.some(List.copyOf(sent))
                                + " goes out by outbound route " + outbound.title() + ", whose category "
                                + outbound.category() + " extension" + (people.size() == 1 ? " " : "s ")
                                + Says.some(people) + " may not dial.")
                .of(dialled.toArray())
                .mendedBy(List.of(new Fix(
                        "Take " + Says.some(List.copyOf(dialled)) + " by a route of the category emergency",
                        new PlanEdit.Put(new Outbound(
                                free(plan, outbound.key() + "-emergency"),
                                Optional.of(outbound.title() + ", emergency"),
                                Optional.empty(),
                                dialled.stream().map(DialPattern::new).toList(),
                                "emergency",
                                outbound.strip(),
                                outbound.before(),
                                outbound.trunks(),
                                outbound.callerId(),
                                true))))));
    }

    private static String free(Plan plan, String key) {
        String free = key;
        for (int more = 2; plan.find(new Ref(Kind.OUTBOUND, free)).isPresent(); more++) {
            free = key + "-" + more;
        }
        return free;
    }

    private static boolean may(Plan plan, Extension extension, String category) {
        return extension
                .classOfService()
                .flatMap(ref -> plan.find(ref, ClassOfService.class))
                .filter(service -> service.may().contains(category))
                .isPresent();
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
