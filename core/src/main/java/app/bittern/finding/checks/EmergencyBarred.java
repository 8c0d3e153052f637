package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.Extension;
import app.bittern.plan.Permission;
import app.bittern.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// An extension whose permission does not allow emergency numbers.
final class EmergencyBarred extends PerObject<Permission> {
    private static final About ABOUT = new About(
            "emergency-barred",
            "Extension that may not dial for help",
            Severity.BLOCKING,
            "An extension whose permission does not allow emergency numbers.",
            "Somebody at that phone cannot call for help. Allow the category emergency.");

    EmergencyBarred() {
        super(ABOUT, Permission.class);
    }

    @Override
    Stream<Finding> look(Permission permission, Examination examination) {
        Plan plan = examination.plan();
        return barred(plan, permission);
    }

    private static Stream<Finding> barred(Plan plan, Permission permission) {
        List<String> people = plan.all(Extension.class)
                .filter(extension -> extension.permission().equals(Optional.of(permission.ref())))
                .map(Extension::dialled)
                .toList();
        List<String> allowed = new ArrayList<>(permission.may());
        allowed.add("emergency");
        return people.isEmpty() || permission.may().contains("emergency")
                ? Stream.empty()
                : Stream.of(ABOUT.at(
                                permission.ref(),
                                "may",
                                Says.the(permission) + " does not allow emergency numbers, and extensions "
                                        + Says.some(people) + " have it.")
                        .mendedBy(List.of(new Fix(
                                "Allow emergency numbers",
                                new PlanEdit.Put(new Permission(
                                        permission.key(), permission.name(), permission.note(), allowed))))));
    }
}
