package app.bittern.finding.checks;

import app.bittern.call.ExitField;
import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Extension;
import app.bittern.plan.Permission;
import app.bittern.plan.Plan;
import java.util.Optional;
import java.util.stream.Stream;

/// An extension forwarded to an outside number that its permission forbids.
final class ForwardBarred extends PerObject<Extension> {
    private static final About ABOUT = new About(
            "forward-barred",
            "Forwarded where it may not dial",
            Severity.WARNING,
            "An extension forwarded to an outside number that its permission forbids.",
            "The call is refused when it is forwarded. Change the permission, or forward elsewhere.");

    ForwardBarred() {
        super(ABOUT, Extension.class);
    }

    @Override
    Stream<Finding> look(Extension extension, Examination examination) {
        Plan plan = examination.plan();
        return barred(plan, extension);
    }

    private static Stream<Finding> barred(Plan plan, Extension extension) {
        Optional<Permission> permission = extension.permission().flatMap(ref -> plan.find(ref, Permission.class));
        return permission.isEmpty()
                ? Stream.empty()
                : ExitField.all(extension).stream()
                        .flatMap(field -> Outsides.from(plan, extension, field).stream()
                                .filter(number -> !permission.get().may().contains(Outsides.category(plan, number)))
                                .map(number -> ABOUT.at(
                                        extension.ref(),
                                        field,
                                        Says.the(extension) + " is forwarded to " + number.international() + " ("
                                                + Outsides.category(plan, number) + "), which its permission "
                                                + permission.get().title() + " does not allow.")));
    }
}
