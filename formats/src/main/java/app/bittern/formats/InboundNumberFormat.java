package app.bittern.formats;

import app.bittern.hours.Dates;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.InboundNumber.Status;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// Inbound numbers.
final class InboundNumberFormat implements KindFormat<InboundNumber> {
    private static final List<String> STATUSES =
            List.of(Status.values()).stream().map(InboundNumberFormat::word).toList();

    private static String word(Status status) {
        return status.name().toLowerCase(Locale.ROOT);
    }

    @Override
    public Optional<InboundNumber> read(String key, Reading fields) {
        return Optional.of(new InboundNumber(
                new E164(key),
                fields.text("name"),
                fields.text("note"),
                fields.choose("trunk", Choosing.keys(Kind.TRUNK))
                        .read(
                                "trunk",
                                "the key of a trunk, such as harbour",
                                text -> Ref.sound(Kind.TRUNK, text)
                                        ? Optional.of(new Ref(Kind.TRUNK, text))
                                        : Optional.empty()),
                fields.oneOf("status", STATUSES)
                        .map(text -> Status.valueOf(text.toUpperCase(Locale.ROOT)))
                        .orElse(Status.ACTIVE),
                fields.read("due", "a date such as 2026-12-14", InboundNumberFormat::date),
                fields.text("report"),
                fields.text("carrier"),
                fields.text("order")));
    }

    static Optional<LocalDate> date(String text) {
        try {
            return Optional.of(Dates.date(text));
        } catch (DateTimeException notADate) {
            return Optional.empty();
        }
    }

    @Override
    public Writing write(InboundNumber number) {
        return new Writing()
                .text("name", number.name())
                .text("note", number.note())
                .text("trunk", number.trunk().map(Ref::key))
                .text(
                        "status",
                        number.status() == Status.ACTIVE ? Optional.empty() : Optional.of(word(number.status())))
                .text("due", number.due())
                .text("report", number.report())
                .text("carrier", number.carrier())
                .text("order", number.order());
    }
}
