package app.bittern.formats;

import app.bittern.number.E164;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;

/// The fields of one map while they are taken, each by its name and type; what is left over is unknown.
final class Reading {
    private static final Node.Fields EMPTY = Node.Fields.of(Map.of());

    private final Node.Fields fields;
    private final String where;
    private final Problems problems;
    private final Set<String> known = new HashSet<>();

    private Reading(Node.Fields fields, String where, Problems problems) {
        this.fields = fields;
        this.where = where;
        this.problems = problems;
    }

    /// Begins with a node that should be a map; reports it where it is not.
    static Reading of(Node node, String where, Problems problems) {
        if (node instanceof Node.Fields fields) {
            return new Reading(fields, where, problems);
        }
        problems.add(node, where, "a map of fields");
        return new Reading(EMPTY, where, problems);
    }

    Node.Fields fields() {
        return fields;
    }

    String where() {
        return where;
    }

    Problems problems() {
        return problems;
    }

    String at(String field) {
        return where.isEmpty() ? field : where + "/" + field;
    }

    /// Reports every field that nobody asked for.
    void done() {
        for (String name : fields.nodes().keySet()) {
            if (!known.contains(name)) {
                String allowed =
                        "one of " + String.join(", ", known.stream().sorted().toList());
                problems.add(
                        fields.keys().getOrDefault(name, fields.place()),
                        at(name),
                        "the unknown field '" + name + "'",
                        allowed);
            }
        }
    }

    /// A node, where it is there and not null.
    Optional<Node> node(String field) {
        known.add(field);
        return Optional.ofNullable(fields.nodes().get(field))
                .filter(node -> !(node instanceof Node.Scalar scalar && scalar.type() == Node.Type.NULL));
    }

    /// A value that must be there.
    <T> T needed(String field, Optional<T> value, String allowed, T instead) {
        if (value.isEmpty() && node(field).isEmpty()) {
            problems.add(fields.place(), where, "no field '" + field + "'", allowed);
        }
        return value.orElse(instead);
    }

    Optional<String> text(String field) {
        return read(field, "text in quotes", Optional::of);
    }

    Optional<Seconds> duration(String field) {
        return read(field, Seconds.ALLOWED, Seconds::parse);
    }

    Optional<Destination> destination(String field, boolean inMenu) {
        return read(
                field, Destination.ALLOWED, text -> Destination.parse(text).filter(to -> inMenu || !to.menusOnly()));
    }

    Optional<Ref> ref(String field, Kind kind) {
        return read(
                field,
                "a reference such as " + kind.word() + "/key",
                text -> Ref.parse(text).filter(ref -> ref.kind() == kind));
    }

    Optional<E164> e164(String field) {
        return read(field, E164.ALLOWED, E164::parse);
    }

    /// A number that a phone in the site dials.
    Optional<String> dialled(String field) {
        return read(
                field,
                "digits in quotes, such as \"2500\"",
                text -> text.matches("[*#]?[0-9]{1,15}") ? Optional.of(text) : Optional.empty());
    }

    Optional<String> oneOf(String field, List<String> words) {
        return read(
                field,
                "one of " + String.join(", ", words),
                text -> words.contains(text) ? Optional.of(text) : Optional.empty());
    }

    /// A text that a function makes a value of; the number 20 or the truth value yes is not a text.
    <T> Optional<T> read(String field, String allowed, Function<String, Optional<T>> parse) {
        return node(field).flatMap(node -> scalar(node, at(field), allowed, parse, problems));
    }

    static <T> Optional<T> scalar(
            Node node, String where, String allowed, Function<String, Optional<T>> parse, Problems problems) {
        Optional<T> value =
                node instanceof Node.Scalar(String text, Node.Type type, Node.Place place) && type == Node.Type.TEXT
                        ? parse.apply(text)
                        : Optional.empty();
        if (value.isEmpty()) {
            problems.add(node, where, allowed);
        }
        return value;
    }

    Optional<Integer> integer(String field, int least, int most) {
        return node(field).flatMap(node -> {
            if (node instanceof Node.Scalar(String text, Node.Type type, Node.Place place)
                    && type == Node.Type.INTEGER
                    && text.length() < 10
                    && Integer.parseInt(text) >= least
                    && Integer.parseInt(text) <= most) {
                return Optional.of(Integer.parseInt(text));
            }
            problems.add(node, at(field), "a whole number from " + least + " to " + most);
            return Optional.empty();
        });
    }

    boolean flag(String field, boolean otherwise) {
        return node(field)
                .map(node -> {
                    if (node instanceof Node.Scalar(String text, Node.Type type, Node.Place place)
                            && type == Node.Type.BOOLEAN) {
                        return text.equals("true");
                    }
                    problems.add(node, at(field), "true or false");
                    return otherwise;
                })
                .orElse(otherwise);
    }

    /// The values of a list; absent is empty.
    <T> List<T> list(String field, BiFunction<Node, String, Optional<T>> item) {
        Optional<Node> node = node(field);
        if (node.isEmpty()) {
            return List.of();
        }
        if (!(node.get() instanceof Node.Items items)) {
            problems.add(node.get(), at(field), "a list in square brackets");
            return List.of();
        }
        List<T> values = new ArrayList<>();
        for (int index = 0; index < items.nodes().size(); index++) {
            item.apply(items.nodes().get(index), at(field) + "/" + index).ifPresent(values::add);
        }
        return values;
    }

    List<String> texts(String field) {
        return parsed(field, "text in quotes", Optional::of);
    }

    <T> List<T> parsed(String field, String allowed, Function<String, Optional<T>> parse) {
        return list(field, (node, place) -> scalar(node, place, allowed, parse, problems));
    }

    /// The values of a map in order; absent is empty.
    <T> Map<String, T> map(String field, BiFunction<String, Reading.Entry, Optional<T>> value) {
        Map<String, T> values = new LinkedHashMap<>();
        inner(field)
                .ifPresent(inner -> inner.fields.nodes().forEach((name, node) -> {
                    Entry entry = new Entry(
                            node,
                            inner.fields.keys().getOrDefault(name, inner.fields.place()),
                            inner.at(name),
                            problems);
                    value.apply(name, entry).ifPresent(read -> values.put(name, read));
                }));
        return values;
    }

    /// One entry of a map.
    record Entry(Node node, Node.Place key, String where, Problems problems) {
        void keyRefused(String name, String allowed) {
            problems.add(key, where, "'" + name + "'", allowed);
        }
    }

    /// A map inside this one.
    Optional<Reading> inner(String field) {
        return node(field).map(node -> of(node, at(field), problems));
    }
}
