package app.bittern.formats;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// What a value may be, noted while a reader asks for it; becomes JSON Schema (2020-12).
///
/// The reader itself is run on nothing, and what it asks for is noted here, so that schema and reader cannot
/// differ in their fields and types.
final class Shape {
    private final Set<String> types = new LinkedHashSet<>();
    private final Map<String, Shape> names = new LinkedHashMap<>();
    private final Map<String, Shape> fields = new LinkedHashMap<>();
    private final Set<String> required = new LinkedHashSet<>();
    private final List<Shape> items = new ArrayList<>();
    private final List<Shape> others = new ArrayList<>();
    private final Set<String> words = new LinkedHashSet<>();
    private String description = "";
    private int least;
    private int most;
    private boolean closed;
    private String keys = "";

    Shape is(String type) {
        types.add(type);
        return this;
    }

    Shape allowed(String text) {
        description = text;
        return this;
    }

    Shape oneOf(List<String> some) {
        words.addAll(some);
        return is("string");
    }

    Shape between(int from, int to) {
        least = from;
        most = to;
        return is("integer");
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

    boolean asked() {
        return !types.isEmpty();
    }

    ObjectNode json() {
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        if (!description.isEmpty()) {
            json.put("description", description);
        }
        if (types.size() == 1) {
            json.put("type", types.iterator().next());
        } else if (types.size() > 1) {
            ArrayNode all = json.putArray("type");
            types.forEach(all::add);
        }
        if (!words.isEmpty() && types.size() == 1) {
            ArrayNode all = json.putArray("enum");
            words.forEach(all::add);
        }
        if (types.contains("string") && words.isEmpty()) {
            json.put("maxLength", Texts.LONGEST);
            Patterns.of(description).ifPresent(pattern -> json.put("pattern", pattern));
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
