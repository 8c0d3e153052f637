package app.bittern.formats;

import app.bittern.number.DialPattern;
import app.bittern.plan.Kind;
import app.bittern.plan.Outbound;
import app.bittern.plan.Ref;
import java.util.Optional;

/// Outbound routes.
final class OutboundFormat implements KindFormat<Outbound> {
    @Override
    public Optional<Outbound> read(String key, Reading fields) {
        return Optional.of(new Outbound(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.parsed("dialled", DialPattern.ALLOWED, DialPattern::parse),
                fields.needed(
                        "category",
                        fields.read("category", ClassOfServiceFormat.ALLOWED, ClassOfServiceFormat::category),
                        ClassOfServiceFormat.ALLOWED,
                        "national"),
                fields.usualInteger("strip"),
                fields.dialled("before"),
                fields.keys("trunks", Kind.TRUNK),
                fields.e164("callerId"),
                fields.usualFlag("enabled")));
    }

    @Override
    public Writing write(Outbound outbound) {
        Writing written = new Writing()
                .text("name", outbound.name())
                .text("note", outbound.note())
                .texts("dialled", outbound.dialled())
                .text("category", outbound.category());
        if (outbound.strip() > 0) {
            written.integer("strip", outbound.strip());
        }
        return written.text("before", outbound.before())
                .texts("trunks", outbound.trunks().stream().map(Ref::key).toList())
                .text("callerId", outbound.callerId())
                .flag("enabled", outbound.enabled(), true);
    }
}
