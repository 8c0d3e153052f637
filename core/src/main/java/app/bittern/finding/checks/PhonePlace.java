package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Extension;
import app.bittern.plan.Outbound;
import app.bittern.plan.Pointer;
import java.util.stream.Stream;

/// A phone that can call for help and of which nobody knows where it stands.
final class PhonePlace extends PerObject<Extension> {
    private static final About ABOUT = new About(
            "phone-place",
            "Phone without a place",
            Severity.HINT,
            "A phone, not a mobile one alone, of a site with an emergency route of which no place is given.",
            "Whoever comes to help has to search. Say in which building, on which floor and in which room it stands.");

    PhonePlace() {
        super(ABOUT, Extension.class);
    }

    @Override
    Stream<Finding> look(Extension extension, Examination examination) {
        boolean help = examination
                .plan()
                .all(Outbound.class)
                .anyMatch(outbound -> outbound.enabled() && outbound.category().equals("emergency"));
        return !help
                        || extension.phones().stream().allMatch("mobile"::equals)
                        || extension.person().place().isPresent()
                ? Stream.empty()
                : Stream.of(ABOUT.at(extension.ref(), Pointer.of("place"), Says.the(extension) + " has no place.")
                        .together("have no place"));
    }
}
