package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Extension;
import app.bittern.plan.Permission;
import app.bittern.plan.Plan;
import java.util.stream.Stream;

/// An alarm that pages in the name of an extension that may not page.
final class AlarmPageBarred extends PerObject<Alarm> {
    private static final About ABOUT = new About(
            "alarm-page",
            "Page without permission",
            Severity.WARNING,
            "An alarm that pages in the name of an extension that may not page.",
            "The page is refused when it is needed. Give the extension a permission with the category page.");

    AlarmPageBarred() {
        super(ABOUT, Alarm.class);
    }

    @Override
    Stream<Finding> look(Alarm alarm, Examination examination) {
        Plan plan = examination.plan();
        return barred(plan, alarm);
    }

    private static Stream<Finding> barred(Plan plan, Alarm alarm) {
        return alarm.page().stream()
                .flatMap(page -> page.as().stream())
                .flatMap(ref -> plan.find(ref, Extension.class).stream())
                .filter(extension -> extension
                        .permission()
                        .flatMap(ref -> plan.find(ref, Permission.class))
                        .filter(permission -> permission.may().contains("page"))
                        .isEmpty())
                .map(extension -> ABOUT.at(
                        alarm.ref(),
                        "page/as",
                        Says.the(alarm) + " pages as " + extension.title() + ", which may not page."));
    }
}
