package app.bittern.plan;

import app.bittern.number.E164;
import java.time.LocalDate;
import java.util.Optional;

/// A number (DID) on which calls come in.
///
/// @param trunk  the trunk that carries it
/// @param due    when its status is expected to change
/// @param report the tag under which its calls are counted
public record InboundNumber(
        E164 called,
        Optional<String> name,
        Optional<String> note,
        Optional<Ref> trunk,
        Status status,
        Optional<LocalDate> due,
        Optional<String> report)
        implements Aside {
    /// Where the number stands with the carrier.
    public enum Status {
        ACTIVE,
        ORDERED,
        PORTING,
        SPARE
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.NUMBER, called.text());
    }

    @Override
    public InboundNumber over(Places places) {
        return new InboundNumber(
                new E164(places.key(called.text())),
                name,
                note,
                places.ref("trunk", Role.BELONGS_TO, trunk, Kind.TRUNK),
                status,
                due,
                report);
    }
}
