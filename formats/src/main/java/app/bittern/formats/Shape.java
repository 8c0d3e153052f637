package app.bittern.formats;

import app.bittern.field.Field;
import app.bittern.plan.Destination;
import app.bittern.plan.Seconds;
import app.bittern.plan.Takes;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// What a value may be, noted while a reader asks for it; becomes JSON Schema (2020-12).
///
/// The reader itself is run on nothing, and what it asks for is noted here, so that schema and reader cannot
/// differ in their fields and types.
final class Shape {
    /// What a text of a sort that many fields have can be chosen from, by what is said to be allowed.
    private static final Map<String, Choosing> CHOSEN = Map.of(
            Destination.ALLOWED, Choosing.of(Takes.DESTINATION),
            SiteFormat.ALLOWED_LANGUAGE, Choosing.LANGUAGE,
            RouteFormat.ALLOWED_WHILE, Choosing.HOURS_STATE);

    private final Set<String> types = new LinkedHashSet<>();
    private final Map<String, Shape> names = new LinkedHashMap<>();
    private final Map<String, Shape> fields = new LinkedHashMap<>();
    private final Set<String> required = new LinkedHashSet<>();
    private final List<Shape> items = new ArrayList<>();
    private final List<Shape> others = new ArrayList<>();
    private final Set<String> words = new LinkedHashSet<>();
    private Optional<Field> told = Optional.empty();
    private String allowed = "";
    private int least;
    private int most;
    private boolean closed;
    private String keys = "";
    private Optional<Choosing> choose = Optional.empty();

    /// What is allowed where a text is a duration.
    private static final Set<String> DURATIONS =
            Set.of(Seconds.ALLOWED, QueueFormat.ALLOWED_EVERY, LookupFormat.ALLOWED_WITHIN);

    Shape is(String type) {
        types.add(type);
        return this;
    }

    Shape allowed(String text) {
        allowed = text;
        return this;
    }

    /// What a text can be chosen from.
    Shape choose(Choosing options) {
        choose = Optional.of(options);
        return this;
    }

    /// What each item of a list can be chosen from, where that is said of the list.
    private Shape choosing(Optional<Choosing> ofList) {
        choose = choose.or(() -> ofList);
        return this;
    }

    Shape oneOf(List<String> some) {
        words.addAll(some);
        return is("string");
    }

    Shape between(Field.Range range) {
        least = range.least();
        most = range.most();
        return is("integer");
    }

    /// What the fields of a map, or of each item of a list, are for.
    void tell(List<Field> declared) {
        fields.forEach((name, shape) -> Field.find(declared, name).ifPresent(shape::tell));
        others.forEach(shape -> Field.find(declared, Field.EACH).ifPresent(shape::tell));
        names.values().forEach(shape -> Field.find(declared, Field.EACH).ifPresent(shape::tell));
    }

    private void tell(Field field) {
        told = Optional.of(field);
        tell(field.inner());
        Optional<Field> each = field.field(Field.EACH);
        items.forEach(item -> each.ifPresentOrElse(item::tell, () -> item.tell(field.inner())));
    }

    Shape field(String name) {
        is("object");
        Shape free = names.get(name);
        return free != null ? free : fields.computeIfAbsent(name, n -> new Shape());
    }

    /// A name that is not fixed: what is asked for by it is the shape of all such.
    void free(String name) {
        names.put(name, other());
    }

    void needs(String name) {
        required.add(name);
    }

    /// What names of fields that are not fixed must be like.
    Shape named(String pattern) {
        keys = pattern;
        return this;
    }

    /// No field but those asked for.
    void close() {
        closed = true;
    }

    /// The shape of every item of a list.
    Shape item() {
        is("array");
        Shape item = new Shape();
        items.add(item);
        return item;
    }

    /// The shape of every field whose name is not fixed.
    Shape other() {
        is("object");
        Shape other = new Shape();
        others.add(other);
        return other;
    }

    /// Shows every field in it, by its address: "members.after", "greeting.busy", "keys.*.to".
    ///
    /// @param visit what is made of an address, what is declared of it, what is allowed there, and whether
    ///              it must be given
    void walk(String at, Visit visit) {
        fields.forEach(
                (name, shape) -> shape.walkInto(at.isEmpty() ? name : at + "." + name, required.contains(name), visit));
        Stream.concat(others.stream(), names.values().stream())
                .filter(Shape::asked)
                .findFirst()
                .ifPresent(shape -> shape.walkInto(at.isEmpty() ? Field.EACH : at + "." + Field.EACH, false, visit));
    }

    private void walkInto(String at, boolean needed, Visit visit) {
        visit.visit(at, told, words(), needed);
        walk(at, visit);
        items.stream().filter(Shape::asked).findFirst().ifPresent(item -> {
            if (item.told.isPresent()) {
                item.walkInto(at + "." + Field.EACH, false, visit);
            } else {
                item.walk(at, visit);
            }
        });
    }

    /// What is allowed, in words.
    private String words() {
        List<String> all = new ArrayList<>();
        if (!words.isEmpty()) {
            all.add(String.join(", ", words));
        } else if (!allowed.isEmpty()) {
            all.add(allowed);
        } else if (types.contains("integer")) {
            all.add(least + " to " + most
                    + told.flatMap(Field::range)
                            .map(range -> " " + range.unit())
                            .orElse(""));
        } else if (types.contains("boolean")) {
            all.add("true or false");
        }
        if (types.contains("array")) {
            all.add("a list");
        }
        if (all.isEmpty() && types.contains("object")) {
            all.add("fields");
        }
        return String.join("; ", all);
    }

    /// What is made of a field that is shown.
    interface Visit {
        void visit(String at, Optional<Field> declared, String allowed, boolean needed);
    }

    boolean asked() {
        return !types.isEmpty();
    }

    /// The forms of the fields in it.
    List<FieldForm> forms(List<Field> declared) {
        tell(declared);
        return fields.entrySet().stream()
                .map(entry -> entry.getValue().form(entry.getKey(), required.contains(entry.getKey())))
                .toList();
    }

    /// The form of each item, or of what stands under any name; after [#forms].
    Optional<FieldForm> each() {
        return Stream.of(items.stream(), others.stream(), names.values().stream())
                .flatMap(shapes -> shapes)
                .filter(Shape::asked)
                .findFirst()
                .map(shape -> shape.choosing(choose))
                .map(shape -> shape.form(Field.EACH, false));
    }

    private FieldForm form(String name, boolean needed) {
        Optional<Field.Range> range = most > 0 ? Optional.of(new Field.Range(least, most, "")) : Optional.empty();
        return FieldForm.of(
                name,
                told,
                formTypes(),
                words(),
                chosen(),
                range,
                needed,
                fields.entrySet().stream()
                        .map(entry -> entry.getValue().form(entry.getKey(), required.contains(entry.getKey())))
                        .toList(),
                each());
    }

    private List<FieldForm.Type> formTypes() {
        return types.stream()
                .map(type -> switch (type) {
                    case "string" -> DURATIONS.contains(allowed) ? FieldForm.Type.DURATION : textOrWords();
                    case "integer" -> FieldForm.Type.WHOLE;
                    case "number" -> FieldForm.Type.DECIMAL;
                    case "boolean" -> FieldForm.Type.FLAG;
                    case "array" -> FieldForm.Type.LIST;
                    case "object" -> FieldForm.Type.FIELDS;
                    default -> throw new IllegalStateException(type);
                })
                .toList();
    }

    private FieldForm.Type textOrWords() {
        return told.filter(Field::sentences).isPresent() ? FieldForm.Type.WORDS : FieldForm.Type.TEXT;
    }

    private Choosing chosen() {
        if (!words.isEmpty()) {
            return Choosing.words(List.copyOf(words));
        }
        return types.contains("array") && allowed.isEmpty()
                ? Choosing.NOTHING
                : choose.orElseGet(() -> CHOSEN.getOrDefault(allowed, Choosing.NOTHING));
    }

    ObjectNode json() {
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        told.ifPresent(field -> json.put("title", field.title()));
        String description = Stream.of(told.map(Field::help), told.flatMap(Shape::otherwise), allowed())
                .flatMap(Optional::stream)
                .collect(Collectors.joining(" "));
        if (!description.isEmpty()) {
            json.put("description", description);
        }
        if (types.size() == 1) {
            json.put("type", types.iterator().next());
        } else if (types.size() > 1) {
            ArrayNode all = json.putArray("type");
            types.forEach(all::add);
        }
        told.flatMap(Field::usual).filter(Field.Usual::value).ifPresent(usual -> usual(json, usual.text()));
        if (!words.isEmpty() && types.size() == 1) {
            ArrayNode all = json.putArray("enum");
            words.forEach(all::add);
        } else if (!words.isEmpty()) {
            json.put("pattern", "^(?:" + String.join("|", words) + ")$");
        }
        if (types.contains("string") && words.isEmpty()) {
            json.put("maxLength", Texts.LONGEST);
            Patterns.of(allowed).ifPresent(pattern -> json.put("pattern", pattern));
        }
        if (types.contains("integer") && most >= least && most > 0) {
            json.put("minimum", least);
            json.put("maximum", most);
        }
        if (types.contains("array")) {
            items.stream().filter(Shape::asked).findFirst().ifPresent(item -> json.set("items", item.json()));
        }
        if (types.contains("object")) {
            object(json);
        }
        return json;
    }

    /// What counts where the field is not given, as a value of its type.
    private void usual(ObjectNode json, String value) {
        if (types.contains("integer")) {
            json.put("default", Integer.parseInt(value));
        } else if (types.contains("boolean")) {
            json.put("default", Boolean.parseBoolean(value));
        } else if (types.contains("string")) {
            json.put("default", value);
        }
    }

    private Optional<String> allowed() {
        return allowed.isEmpty() ? Optional.empty() : Optional.of("Allowed: " + allowed + ".");
    }

    /// What counts where the field is not given.
    private static Optional<String> otherwise(Field field) {
        return field.usual().map(usual -> "Where it is not given: " + usual.text() + ".");
    }

    private void object(ObjectNode json) {
        if (!fields.isEmpty()) {
            ObjectNode properties = json.putObject("properties");
            fields.forEach((name, shape) -> properties.set(name, shape.json()));
        }
        if (!required.isEmpty()) {
            ArrayNode needed = json.putArray("required");
            required.forEach(needed::add);
        }
        others.stream()
                .filter(Shape::asked)
                .findFirst()
                .ifPresent(other -> json.set("additionalProperties", other.json()));
        if (!keys.isEmpty()) {
            json.putObject("propertyNames").put("pattern", keys);
        }
        if (closed && others.isEmpty()) {
            json.put("additionalProperties", false);
        }
    }
}
