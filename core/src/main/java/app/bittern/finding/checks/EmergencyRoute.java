package app.bittern.finding.checks;

import app.bittern.call.Dialling;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.Trunk;
import java.util.ArrayList;
import java.util.List;

/// An emergency number of the country that leads nowhere, or elsewhere.
final class EmergencyRoute implements Check {
    private static final About ABOUT = new About(
            "emergency-route",
            "Emergency number without a route",
            Severity.BLOCKING,
            "An emergency number of the country that no outbound route takes, or that somebody else has.",
            "Somebody who dials it reaches nobody, or somebody who cannot help. Give each an outbound route with the category emergency, and nobody its number.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        List<String> emergency = plan.site().emergencyNumbers();
        List<Finding> findings = new ArrayList<>();
        plan.objects().stream()
                .filter(object -> object.number().filter(emergency::contains).isPresent())
                .forEach(object -> findings.add(taken(object)));
        if (plan.all(Outbound.class).findAny().isPresent()) {
            findings.addAll(unrouted(plan, emergency));
        }
        plan.all(Outbound.class)
                .filter(outbound -> outbound.category().equals("emergency") && !connected(plan, outbound))
                .map(outbound -> ABOUT.at(
                        outbound.ref(),
                        Pointer.of("trunks"),
                        Says.the(outbound) + " is for emergency numbers and has no trunk."))
                .forEach(findings::add);
        return findings;
    }

    private static Finding taken(PlanObject object) {
        String number = object.number().orElseThrow();
        return ABOUT.at(
                        object.ref(),
                        Pointer.of("number"),
                        Says.the(object) + " has the emergency number " + number
                                + ": a phone that dials it for help comes here.")
                .of(number);
    }

    /// Blocking where no number leads to help; where some does, the others are likely to be dialled all the
    /// same.
    private static List<Finding> unrouted(Plan plan, List<String> emergency) {
        List<String> unrouted =
                emergency.stream().filter(number -> !routed(plan, number)).toList();
        if (!unrouted.isEmpty() && unrouted.size() == emergency.size()) {
            return List.of(ABOUT.at(
                            plan.site().ref(),
                            (emergency.size() == 1
                                            ? "The emergency number " + emergency.getFirst() + " has"
                                            : "None of the emergency numbers " + Says.some(emergency) + " has")
                                    + (emergency.size() == 1 ? " no" : " an")
                                    + " outbound route of the category emergency.")
                    .of(emergency.toArray()));
        }
        return unrouted.isEmpty()
                ? List.of()
                : List.of(ABOUT.as(Severity.WARNING)
                        .at(
                                plan.site().ref(),
                                (unrouted.size() == 1
                                                ? "The emergency number " + unrouted.getFirst() + " has"
                                                : "The emergency numbers " + Says.some(unrouted) + " have")
                                        + " no outbound route of the category emergency.")
                        .of(unrouted.toArray()));
    }

    private static boolean routed(Plan plan, String number) {
        return Dialling.of(plan, number).leads() instanceof Dialling.Leads.Out(Ref ref)
                && plan.find(ref, Outbound.class)
                        .filter(outbound -> outbound.category().equals("emergency"))
                        .isPresent();
    }

    private static boolean connected(Plan plan, Outbound outbound) {
        return outbound.trunks().stream()
                .anyMatch(trunk -> plan.find(trunk, Trunk.class).isPresent());
    }
}
