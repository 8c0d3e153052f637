package app.bittern.server.object;

import app.bittern.formats.Choosing;
import app.bittern.formats.FieldForm;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Fields as they are given.
final class FieldViews {
    private FieldViews() {}

    /// What is made in place most often is offered first.
    private static final List<Kind> MADE_OFTEN =
            List.of(Kind.MAILBOX, Kind.ANNOUNCEMENT, Kind.RING_GROUP, Kind.MENU, Kind.QUEUE, Kind.EXTENSION);

    static final List<ObjectApi.KindView> KINDS =
            Arrays.stream(Kind.values()).map(FieldViews::kind).toList();

    private static ObjectApi.KindView kind(Kind kind) {
        return new ObjectApi.KindView(
                kind.word(),
                kind.section(),
                kind.title(),
                kind.several(),
                Ref.allowedKey(kind),
                kind.keys(),
                kind.form() == Kind.Form.SINGLE,
                kind.passed(),
                FieldForm.of(kind).stream().map(FieldViews::field).toList(),
                FieldForm.eachOf(kind).map(FieldViews::field));
    }

    private static ObjectApi.FieldView field(FieldForm form) {
        List<Choosing.Option> options = form.choose().options();
        boolean free = form.types().contains(FieldForm.Type.TEXT)
                && options.stream().allMatch(Choosing.Option.Word.class::isInstance)
                && form.each().isEmpty()
                && form.types().contains(FieldForm.Type.FIELDS);
        return new ObjectApi.FieldView(
                form.name(),
                form.title(),
                form.help(),
                form.types(),
                form.allowed(),
                !options.isEmpty(),
                !options.isEmpty() && !free,
                typed(options),
                makes(options),
                options.stream()
                        .anyMatch(option ->
                                option instanceof Choosing.Option.OfKind(String before, Kind kind, boolean byKey)
                                        && byKey),
                form.usual(),
                form.value(),
                form.unit(),
                form.least(),
                form.most(),
                form.needed(),
                form.fields().stream().map(FieldViews::field).toList(),
                form.each().map(FieldViews::field),
                form.alone(),
                form.secret());
    }

    private static Optional<String> typed(List<Choosing.Option> options) {
        return options.stream()
                .flatMap(option ->
                        option instanceof Choosing.Option.Typed(String example) ? Stream.of(example) : Stream.of())
                .findFirst();
    }

    /// Those that stand there by their reference alone, or by their key.
    private static List<String> makes(List<Choosing.Option> options) {
        return options.stream()
                .flatMap(option -> option instanceof Choosing.Option.OfKind(String before, Kind kind, boolean byKey)
                                && before.isEmpty()
                        ? Stream.of(kind)
                        : Stream.of())
                .sorted(Comparator.comparingInt(
                        kind -> MADE_OFTEN.contains(kind) ? MADE_OFTEN.indexOf(kind) : MADE_OFTEN.size()))
                .map(Kind::word)
                .toList();
    }
}
