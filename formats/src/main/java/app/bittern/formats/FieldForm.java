package app.bittern.formats;

import app.bittern.field.Field;
import app.bittern.field.KindFields;
import app.bittern.plan.Kind;
import app.bittern.plan.Pin;
import app.bittern.plan.Pointer;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import tools.jackson.databind.JsonNode;

/// What a sheet needs to show a field and to take a value for it; made by asking the reader of the plan file
/// what it reads, so that a new field is on its sheet by itself.
///
/// @param name    as in the plan file; `*` for each item of a list and for what stands under any name
/// @param title   as on a screen
/// @param help    one sentence
/// @param types   what its value may be written as; several where it is either of them
/// @param allowed in words, as a refusal says it
/// @param choose  what its text can be chosen from
/// @param usual   what counts where it is not given: a value as in the plan file, or words
/// @param value   whether what is usual is a value
/// @param unit    of a whole number: "calls"
/// @param least   of a whole number
/// @param most    of a whole number
/// @param needed  whether the object is refused without it
/// @param fields  of a map with fixed names
/// @param alone   the one of its fields that is written in place of a map where no other is given
/// @param each    each item of a list, or what stands under any name
public record FieldForm(
        String name,
        String title,
        String help,
        List<Type> types,
        String allowed,
        Choosing choose,
        Optional<String> usual,
        boolean value,
        Optional<String> unit,
        Optional<Integer> least,
        Optional<Integer> most,
        boolean needed,
        List<FieldForm> fields,
        Optional<FieldForm> each,
        Optional<String> alone) {
    /// How a value is written.
    public enum Type {
        /// A line of text.
        TEXT,
        /// Sentences.
        WORDS,
        /// A text with its unit: `1m30s`.
        DURATION,
        WHOLE,
        DECIMAL,
        FLAG,
        LIST,
        FIELDS
    }

    public FieldForm {
        types = List.copyOf(types);
        fields = List.copyOf(fields);
    }

    /// Asking the reader takes longer than most of what the forms are needed for, and it always answers the
    /// same.
    private static final Map<Kind, Body> KNOWN = new ConcurrentHashMap<>();

    private record Body(List<FieldForm> fields, Optional<FieldForm> each) {}

    /// The fields of a kind that stand in the body of an object: without what makes its key.
    public static List<FieldForm> of(Kind kind) {
        return body(kind).fields();
    }

    /// What stands under any other name in the body of an object: a prompt's words in each language.
    public static Optional<FieldForm> eachOf(Kind kind) {
        return body(kind).each();
    }

    private static Body body(Kind kind) {
        return KNOWN.computeIfAbsent(kind, FieldForm::asked);
    }

    private static Body asked(Kind kind) {
        Shape shape = PlanSchema.of(kind);
        List<FieldForm> fields = shape.forms(KindFields.of(kind)).stream()
                .filter(form -> !isKey(kind, form.name()))
                .toList();
        return new Body(fields, shape.each());
    }

    private static Optional<FieldForm> inside(Kind kind, String name) {
        return of(kind).stream()
                .filter(form -> form.name().equals(name))
                .findFirst()
                .or(() -> eachOf(kind));
    }

    private static boolean isKey(Kind kind, String name) {
        return switch (kind.form()) {
            case SINGLE -> kind == Kind.SITE && name.equals("key");
            case MAP -> false;
            case LIST -> name.equals(kind == Kind.CONTACT ? "number" : "key");
        };
    }

    /// The form of a place in an object; `/members/0/after` is that of each member's delay.
    public static Optional<FieldForm> at(Kind kind, List<String> steps) {
        Optional<FieldForm> at = steps.isEmpty() ? Optional.empty() : inside(kind, steps.getFirst());
        for (String step : steps.stream().skip(1).toList()) {
            at = at.flatMap(outer -> outer.inside(step));
        }
        return at;
    }

    /// Told of each text, number and truth in the body of an object.
    public interface Leaf {
        /// @param at where it stands, `/members/0/after`
        void at(String at, FieldForm form, JsonNode value);
    }

    /// Goes through the body of an object, with the form of each value.
    public static void walk(Kind kind, JsonNode body, Leaf leaf) {
        body.properties()
                .forEach(entry -> inside(kind, entry.getKey())
                        .ifPresent(form -> form.walk(Pointer.of(entry.getKey()).toString(), entry.getValue(), leaf)));
    }

    private void walk(String at, JsonNode value, Leaf leaf) {
        if (value.isArray()) {
            each.ifPresent(item -> {
                for (int index = 0; index < value.size(); index++) {
                    item.walk(at + "/" + index, value.get(index), leaf);
                }
            });
        } else if (value.isObject()) {
            value.properties()
                    .forEach(entry -> inside(entry.getKey())
                            .ifPresent(form ->
                                    form.walk(at + new Pointer(List.of(entry.getKey())), entry.getValue(), leaf)));
        } else {
            leaf.at(at, this, value);
        }
    }

    /// The form of what stands under a name in it.
    private Optional<FieldForm> inside(String name) {
        return fields.stream()
                .filter(field -> field.name().equals(name))
                .findFirst()
                .or(() -> each);
    }

    /// Whether it is a list or a map of free names.
    public boolean several() {
        return each.isPresent();
    }

    /// Whether it is a map of free names, such as a menu's keys.
    public boolean named() {
        return several() && !types.contains(Type.LIST);
    }

    /// Whether nobody is to read it: neither digits nor their hash.
    public boolean secret() {
        return allowed.equals(Pin.ALLOWED);
    }

    static FieldForm of(
            String name,
            Optional<Field> told,
            List<Type> types,
            String allowed,
            Choosing choose,
            Optional<Field.Range> range,
            boolean needed,
            List<FieldForm> fields,
            Optional<FieldForm> each) {
        return new FieldForm(
                name,
                told.map(Field::title).orElse(""),
                told.map(Field::help).orElse(""),
                types,
                allowed,
                choose,
                told.flatMap(Field::usual).map(Field.Usual::text),
                told.flatMap(Field::usual).filter(Field.Usual::value).isPresent(),
                told.flatMap(Field::range).map(Field.Range::unit),
                range.map(Field.Range::least),
                range.map(Field.Range::most),
                needed,
                fields,
                each,
                told.flatMap(Field::alone));
    }
}
