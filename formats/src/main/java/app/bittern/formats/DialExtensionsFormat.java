package app.bittern.formats;

import app.bittern.plan.DialExtensions;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// Which extensions can be dialled in a menu: `true`, or `["2001", { from: "2010", to: "2019" }]`.
final class DialExtensionsFormat {
    static final String ALLOWED =
            "the number of an extension such as \"2001\", or those from one to another of the same length: "
                    + "{ from: \"2010\", to: \"2019\" }";
    private static final String ALLOWED_NUMBER = "the number of an extension in quotes";

    private DialExtensionsFormat() {}

    static DialExtensions read(Reading fields, String field) {
        boolean listed =
                fields.given(field).filter(Node.Items.class::isInstance).isPresent();
        boolean any = !listed && fields.usualFlag(field);
        List<DialExtensions.Span> some = listed || fields.probing()
                ? fields.items(
                        field,
                        (node, where) -> Reading.either(
                                node,
                                where,
                                fields.problems(),
                                fields.declared().inside(field).inside("*"),
                                ALLOWED,
                                DialExtensionsFormat::one,
                                DialExtensionsFormat::span))
                : List.of();
        return any ? DialExtensions.ANY : new DialExtensions(false, some);
    }

    private static Optional<String> number(String text) {
        return Ref.sound(Kind.EXTENSION, text) ? Optional.of(text) : Optional.empty();
    }

    private static Optional<DialExtensions.Span> one(String text) {
        return number(text).map(number -> new DialExtensions.Span(number, number));
    }

    private static Optional<DialExtensions.Span> span(Reading fields) {
        Optional<String> from = fields.read("from", ALLOWED_NUMBER, DialExtensionsFormat::number);
        Optional<String> to = fields.read("to", ALLOWED_NUMBER, DialExtensionsFormat::number);
        fields.needed("from", from, ALLOWED_NUMBER, "");
        fields.needed("to", to, ALLOWED_NUMBER, "");
        fields.done();
        if (from.isEmpty() || to.isEmpty()) {
            return Optional.empty();
        }
        if (from.get().length() != to.get().length() || from.get().compareTo(to.get()) > 0) {
            fields.refused("to", "'" + to.get() + "'", "a number of the same length that is not before " + from.get());
            return Optional.empty();
        }
        return Optional.of(new DialExtensions.Span(from.get(), to.get()));
    }

    static void write(Writing written, String field, DialExtensions dials) {
        if (dials.any() || dials.some().isEmpty()) {
            written.flag(field, dials.any(), false);
            return;
        }
        written.items(
                field,
                dials.some().stream()
                        .map(span -> span.from().equals(span.to())
                                ? Node.Scalar.text(span.from())
                                : new Writing()
                                        .text("from", span.from())
                                        .text("to", span.to())
                                        .done())
                        .toList());
    }
}
