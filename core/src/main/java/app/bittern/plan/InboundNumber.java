package app.bittern.plan;

import app.bittern.number.E164;
import java.time.LocalDate;
import java.util.Optional;

/// A number (DID) on which calls come in.
///
/// @param trunk  the trunk that carries it
/// @param due    when its status is expected to change
/// @param report the tag under which its calls are counted
/// @param carrier who provides it
/// @param order  under which the carrier knows the order
public record InboundNumber(
        E164 called,
        Optional<String> name,
        Optional<String> note,
        Optional<Ref> trunk,
        Status status,
        Optional<LocalDate> due,
        Optional<String> report,
        Optional<String> carrier,
        Optional<String> order)
        implements Aside {
    /// One of which no more is known.
    public InboundNumber(
            E164 called,
            Optional<String> name,
            Optional<String> note,
            Optional<Ref> trunk,
            Status status,
            Optional<LocalDate> due,
            Optional<String> report) {
        this(called, name, note, trunk, status, due, report, Optional.empty(), Optional.empty());
    }

    /// Where the number stands with the carrier.
    public enum Status {
        ACTIVE,
        ORDERED,
        PORTING,
        SPARE
    }

    /// Due on another day.
    public InboundNumber dueOn(LocalDate day) {
        return new InboundNumber(called, name, note, trunk, status, Optional.of(day), report, carrier, order);
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
                report,
                carrier,
                order);
    }
}
