package app.bittern.formats;

import app.bittern.plan.Accepted;
import app.bittern.plan.Kind;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.Optional;

/// Accepted findings.
final class AcceptedFormat implements KindFormat<Accepted> {
    private static final String ALLOWED_OBJECT = "a reference such as queue/bookings";

    @Override
    public Optional<Accepted> read(String key, Reading fields) {
        Optional<Ref> about = fields.read("object", ALLOWED_OBJECT, Ref::parse);
        return Optional.of(new Accepted(
                key,
                fields.text("note"),
                fields.needed("finding", fields.text("finding"), "the code of a finding, such as prompt-language", ""),
                fields.needed("object", about, ALLOWED_OBJECT, new Ref(Kind.QUEUE, "none")),
                fields.read("field", Pointer.ALLOWED, Pointer::parse),
                fields.needed("says", fields.text("says"), "what the finding says", ""),
                fields.needed("reason", fields.text("reason"), "why it is left as it is", "")));
    }

    @Override
    public Writing write(Accepted accepted) {
        return new Writing()
                .text("note", accepted.note())
                .text("finding", accepted.code())
                .text("object", accepted.about())
                .text("field", accepted.field())
                .text("says", accepted.says())
                .text("reason", accepted.reason());
    }
}
