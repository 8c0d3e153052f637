package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.number.E164;
import app.bittern.plan.Destination;
import app.bittern.plan.Group;
import app.bittern.plan.Outbound;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// A number outside that calls are sent to and that no outbound route takes.
final class OutsideRoute implements Check {
    private static final About ABOUT = new About(
            "outside-route",
            "Outside number without a route",
            Severity.WARNING,
            "A number outside that calls go to or ring, and that no outbound route takes.",
            "The call cannot go out, and the caller hears number unobtainable. Give such numbers an outbound route, or change the number.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Outbound.class).noneMatch(Outbound::enabled)
                ? List.of()
                : plan.objects().stream()
                        .flatMap(object -> outsides(object).entrySet().stream()
                                .filter(one ->
                                        Outsides.route(plan, one.getValue()).isEmpty())
                                .map(one -> ABOUT.at(
                                                object.ref(),
                                                one.getKey(),
                                                Says.the(object) + " sends calls to "
                                                        + one.getValue().international()
                                                        + ", which no outbound route takes.")
                                        .of(one.getValue())))
                        .toList();
    }

    /// The numbers outside that an object sends calls to or rings, by place.
    private static Map<Pointer, E164> outsides(PlanObject object) {
        Map<Pointer, E164> all = new LinkedHashMap<>();
        object.slots()
                .forEach(slot -> slot.holds().ifPresent(to -> {
                    if (to instanceof Destination.Outside(E164 number)) {
                        all.put(slot.at(), number);
                    }
                }));
        if (object instanceof Group group) {
            for (int place = 0; place < group.members().size(); place++) {
                if (group.members().get(place).party() instanceof Party.Outside(E164 number)) {
                    all.put(Pointer.of("members", place), number);
                }
            }
        }
        if (object instanceof Queue queue) {
            for (int place = 0; place < queue.agents().size(); place++) {
                if (queue.agents().get(place).party() instanceof Party.Outside(E164 number)) {
                    all.put(Pointer.of("agents", place), number);
                }
            }
        }
        return all;
    }
}
