package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Kind;
import app.bittern.plan.Outbound;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.stream.Stream;

/// A caller ID shown outside that is no inbound number of the plan.
final class CallerId extends PerObject<Outbound> {
    private static final About ABOUT = new About(
            "caller-id",
            "Caller ID that is none of ours",
            Severity.WARNING,
            "A caller ID shown outside that is no inbound number of the plan.",
            "Carriers replace or refuse it, and nobody can call back. Show one of the inbound numbers.");

    CallerId() {
        super(ABOUT, Outbound.class);
    }

    @Override
    Stream<Finding> look(Outbound outbound, Examination examination) {
        return outbound
                .callerId()
                .filter(number -> examination
                        .plan()
                        .find(new Ref(Kind.NUMBER, number.text()))
                        .isEmpty())
                .map(number -> ABOUT.at(
                                outbound.ref(),
                                Pointer.of("callerId"),
                                Says.the(outbound) + " shows " + number.international()
                                        + ", which is no inbound number of the plan.")
                        .of(number))
                .stream();
    }
}
