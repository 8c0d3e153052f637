package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.Code;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Set;

/// Something that other objects are made with and that none uses.
final class Unused implements Check {
    private static final About ABOUT = new About(
            "unused",
            "Not used",
            Severity.HINT,
            "Hours, a switch, a class of service, a trunk, music or recipients that nothing uses.",
            "It is kept up for nothing, or forgotten where it should be. Use it, or take it away.");

    private static final Set<Kind> USED =
            Set.of(Kind.HOURS, Kind.SWITCH, Kind.CLASS_OF_SERVICE, Kind.TRUNK, Kind.MUSIC, Kind.RECIPIENTS);

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.objects().stream()
                .filter(object -> USED.contains(object.ref().kind()) && !used(plan, object.ref()))
                .map(Unused::finding)
                .toList();
    }

    /// Whether it makes a difference to anything: a code that turns a switch by which nothing is decided does
    /// not.
    private static boolean used(Plan plan, Ref ref) {
        return plan.uses(ref).stream()
                .anyMatch(use -> plan.find(use.object(), Code.class).isEmpty());
    }

    private static Finding finding(PlanObject object) {
        return ABOUT.at(
                        object.ref(),
                        Says.the(object) + " " + (object.ref().kind() == Kind.HOURS ? "are" : "is")
                                + " used by nothing.")
                .together("are used by nothing", "Take away")
                .mendedBy(List.of(new Fix(
                        "Take away " + object.ref().kind().title() + " "
                                + object.ref().key(),
                        new PlanEdit.Remove(object.ref()))));
    }
}
