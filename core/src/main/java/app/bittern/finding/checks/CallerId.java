package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.number.E164;
import app.bittern.plan.Extension;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A caller ID shown outside that is no inbound number of the plan.
final class CallerId implements Check {
    private static final About ABOUT = new About(
            "caller-id",
            "Caller ID that is none of ours",
            Severity.WARNING,
            "A caller ID shown outside that is no inbound number of the plan, or one that is ordered or spare.",
            "Carriers replace or refuse it, and nobody can call back. Show one of the inbound numbers.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return Stream.of(
                        plan.all(Outbound.class)
                                .flatMap(outbound -> look(plan, outbound, outbound.callerId()).stream()),
                        plan.all(Extension.class).flatMap(phone -> look(plan, phone, phone.callerId()).stream()),
                        plan.all(Queue.class).flatMap(queue -> look(plan, queue, queue.callerId()).stream()))
                .flatMap(found -> found)
                .toList();
    }

    private static Optional<Finding> look(Plan plan, PlanObject object, Optional<E164> shows) {
        return shows.flatMap(number -> plan.find(new Ref(Kind.NUMBER, number.text()), InboundNumber.class)
                .map(ours -> switch (ours.status()) {
                    case ACTIVE, PORTING -> Optional.<String>empty();
                    case ORDERED -> Optional.of("which is ordered and not ours yet");
                    case SPARE -> Optional.of("which is spare: nobody is there who calls back");
                })
                .orElse(Optional.of("which is no inbound number of the plan"))
                .map(why -> ABOUT.at(
                                object.ref(),
                                Pointer.of("callerId"),
                                Says.the(object) + " shows " + number.international() + ", " + why + ".")
                        .of(number)));
    }
}
