package app.bittern.finding.checks;

import app.bittern.call.Dialling;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.number.DialPattern;
import app.bittern.number.EmergencyNumbers;
import app.bittern.plan.Extension;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Trunk;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// An emergency number of the country that leads nowhere, or elsewhere.
final class EmergencyRoute implements Check {
    private static final About ABOUT = new About(
            "emergency-route",
            "Emergency number without a route",
            Severity.BLOCKING,
            "An emergency number that no outbound route takes, that somebody else has, or that goes out as other digits.",
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
        } else if (plan.all(Extension.class).findAny().isPresent() && !emergency.isEmpty()) {
            findings.add(ABOUT.at(
                    plan.site().ref(),
                    "There is no outbound route: no phone can call for help (" + Says.some(emergency) + ")."));
        }
        plan.all(Outbound.class)
                .filter(outbound -> outbound.category().equals("emergency"))
                .forEach(outbound -> {
                    if (!connected(plan, outbound)) {
                        findings.add(ABOUT.at(
                                outbound.ref(),
                                Pointer.of("trunks"),
                                Says.the(outbound) + " is for emergency numbers and has no trunk."));
                    }
                    findings.addAll(sentElsewhere(outbound, emergency));
                });
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

    /// The patterns of a route for emergency numbers by which none of them goes out.
    private static List<Finding> sentElsewhere(Outbound outbound, List<String> emergency) {
        List<Finding> findings = new ArrayList<>();
        for (int at = 0; at < outbound.dialled().size(); at++) {
            DialPattern pattern = outbound.dialled().get(at);
            if (emergency.stream()
                    .noneMatch(number -> outbound.dialledFor(pattern, number).isPresent())) {
                String dialled = pattern.examples().getFirst();
                String sent = outbound.sent(dialled);
                findings.add(ABOUT.at(
                                outbound.ref(),
                                Pointer.of("dialled").to(at),
                                Says.the(outbound) + " is for emergency numbers, and what it sends for " + pattern
                                        + " is none of them"
                                        + (sent.equals(pattern.text())
                                                ? ""
                                                : " (" + (sent.isEmpty() ? "nothing" : sent) + ")")
                                        + ".")
                        .of(pattern));
            }
        }
        return findings;
    }

    /// Blocking where no number leads to help; where some does, the others are likely to be dialled all the
    /// same, but for those that stand beside the one that is usual.
    private static List<Finding> unrouted(Plan plan, List<String> emergency) {
        List<String> unrouted =
                emergency.stream().filter(number -> !routed(plan, number)).toList();
        if (!unrouted.isEmpty() && unrouted.size() == emergency.size()) {
            return List.of(without(ABOUT, plan, unrouted, true));
        }
        Optional<String> usual = plan.site().emergency().isEmpty()
                ? EmergencyNumbers.usual(plan.site().country())
                : Optional.empty();
        boolean beside = usual.isPresent() && !unrouted.contains(usual.get());
        return unrouted.isEmpty()
                ? List.of()
                : List.of(without(ABOUT.as(beside ? Severity.HINT : Severity.WARNING), plan, unrouted, false));
    }

    private static Finding without(About about, Plan plan, List<String> unrouted, boolean all) {
        boolean one = unrouted.size() == 1;
        String numbers = one
                ? "The emergency number " + unrouted.getFirst() + " has no"
                : all
                        ? "None of the emergency numbers " + Says.some(unrouted) + " has an"
                        : "The emergency numbers " + Says.some(unrouted) + " have no";
        return about.at(plan.site().ref(), numbers + " outbound route of the category emergency.")
                .of(unrouted.toArray());
    }

    /// Whether an outbound route takes it to help; whose number it is in the site besides is said by itself.
    private static boolean routed(Plan plan, String number) {
        return Dialling.ranked(plan, number).stream()
                .findFirst()
                .map(Dialling.Takes::outbound)
                .filter(outbound -> outbound.category().equals("emergency"))
                .filter(outbound -> plan.site().emergencyNumbers().contains(outbound.sent(number)))
                .isPresent();
    }

    private static boolean connected(Plan plan, Outbound outbound) {
        return outbound.trunks().stream()
                .anyMatch(trunk -> plan.find(trunk, Trunk.class).isPresent());
    }
}
