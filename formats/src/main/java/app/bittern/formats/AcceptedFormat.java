package app.bittern.formats;

import app.bittern.finding.Catalogue;
import app.bittern.plan.Accepted;
import app.bittern.plan.Kind;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.Optional;

/// Accepted findings.
final class AcceptedFormat implements KindFormat<Accepted> {
    private static final String ALLOWED_OBJECT = "a reference such as queue/bookings";

    private static final String ALLOWED_CODE = "the code of a finding, such as prompt-language";

    @Override
    public Optional<Accepted> read(String key, Reading fields) {
        Optional<Ref> about = fields.choose("object", Choosing.ANYTHING).read("object", ALLOWED_OBJECT, Ref::parse);
        return Optional.of(new Accepted(
                key,
                fields.text("note"),
                fields.needed("finding", code(fields), ALLOWED_CODE, ""),
                fields.needed("object", about, ALLOWED_OBJECT, new Ref(Kind.QUEUE, "none")),
                fields.read("field", Pointer.ALLOWED, Pointer::parse),
                fields.texts("values"),
                fields.needed("reason", fields.text("reason"), "why it is left as it is", "")));
    }

    /// A code that some check has; another would accept nothing, unnoticed.
    private static Optional<String> code(Reading fields) {
        Optional<String> code = fields.text("finding");
        code.filter(text -> Catalogue.check(text).isEmpty())
                .ifPresent(text -> fields.refused(
                        "finding",
                        "'" + text + "', which no check finds",
                        Catalogue.nearest(text)
                                .map(near -> ALLOWED_CODE + "; the nearest is " + near)
                                .orElse(ALLOWED_CODE)));
        return code;
    }

    @Override
    public Writing write(Accepted accepted) {
        return new Writing()
                .text("note", accepted.note())
                .text("finding", accepted.code())
                .text("object", accepted.about())
                .text("field", accepted.field())
                .texts("values", accepted.values())
                .text("reason", accepted.reason());
    }
}
