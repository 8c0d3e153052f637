package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Outbound;
import app.bittern.plan.Pointer;
import app.bittern.plan.Trunk;
import java.util.stream.Stream;

/// An outbound route without a trunk.
final class OutboundTrunk extends PerObject<Outbound> {
    private static final About ABOUT = new About(
            "outbound-trunk",
            "Outbound route without a trunk",
            Severity.WARNING,
            "An outbound route that has no trunk; of those for emergency numbers another check tells.",
            "Whoever dials by it hears that no line is free. Give it a trunk.");

    OutboundTrunk() {
        super(ABOUT, Outbound.class);
    }

    @Override
    Stream<Finding> look(Outbound outbound, Examination examination) {
        return !outbound.enabled()
                        || outbound.category().equals("emergency")
                        || outbound.trunks().stream()
                                .anyMatch(trunk -> examination
                                        .plan()
                                        .find(trunk, Trunk.class)
                                        .isPresent())
                ? Stream.empty()
                : Stream.of(ABOUT.at(outbound.ref(), Pointer.of("trunks"), Says.the(outbound) + " has no trunk.")
                        .together("have no trunk"));
    }
}
