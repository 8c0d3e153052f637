package app.bittern.formats;

import app.bittern.field.Field;
import app.bittern.number.E164;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.Spoken;
import app.bittern.plan.Takes;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.IntFunction;

/// The fields of one map while they are taken, each by its name and type; what is left over is unknown.
///
/// A reading of nothing notes what is asked for instead ([Shape]).
final class Reading {
    private static final Node.Fields EMPTY = Node.Fields.of(Map.of());

    /// Names of fields that some map or other accepts, to ask a reader for what they hold.
    private static final List<String> NAMES =
            List.of("1", "en-GB", "menu/x", "queue/x", "switch/x", "+441632960100", "Mon-Fri 08:00-17:00", "x");

    private final Node.Fields fields;
    private final String where;
    private final Problems problems;
    private final Optional<Shape> noted;
    private final Declared declared;
    private final Set<String> known = new HashSet<>();

    private Reading(Node.Fields fields, String where, Problems problems, Optional<Shape> noted, Declared declared) {
        this.fields = fields;
        this.where = where;
        this.problems = problems;
        this.noted = noted;
        this.declared = declared;
    }

    /// The same, as they are declared.
    Reading declared(Declared all) {
        return new Reading(fields, where, problems, noted, all);
    }

    Declared declared() {
        return declared;
    }

    /// Begins with a node that should be a map; reports it where it is not.
    static Reading of(Node node, String where, Problems problems) {
        if (node instanceof Node.Fields fields) {
            return new Reading(fields, where, problems, Optional.empty(), Declared.NOTHING);
        }
        if (node instanceof Node.Noted(Shape shape)) {
            return noting(shape);
        }
        problems.add(node, where, "a map of fields");
        return new Reading(
                new Node.Fields(Map.of(), Map.of(), node.place()), where, problems, Optional.empty(), Declared.NOTHING);
    }

    /// Begins with nothing, and notes what is asked for.
    static Reading noting(Shape shape) {
        shape.is("object");
        return new Reading(EMPTY, "", new Problems(), Optional.of(shape), Declared.NOTHING);
    }

    /// Whether nothing is read and what is asked for is noted.
    boolean probing() {
        return noted.isPresent();
    }

    private Shape note(String field) {
        return noted.map(shape -> shape.field(field)).orElseGet(Shape::new);
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
        noted.ifPresent(Shape::close);
        for (String name : fields.nodes().keySet()) {
            if (!known.contains(name)) {
                String allowed =
                        "one of " + String.join(", ", known.stream().sorted().toList());
                problems.add(
                        fields.keys().getOrDefault(name, fields.place()),
                        at(name),
                        "the unknown field '" + Problem.shown(name) + "'",
                        allowed);
            }
        }
    }

    /// Reports the value of a field.
    void refused(String field, String found, String allowed) {
        Node.Place place = given(field).map(Node::place).orElse(fields.place());
        problems.add(place, at(field), found, allowed);
    }

    /// Reports a list in which there is nothing, unless something has been reported before.
    void emptyRefused(String field, String allowed) {
        if (problems.none() && !probing()) {
            refused(field, "an empty list", allowed);
        }
    }

    /// Reports the map itself.
    void refusedWhole(String allowed) {
        if (!probing()) {
            problems.add(fields, where, allowed);
        }
    }

    /// A node, where it is there and not null.
    Optional<Node> node(String field) {
        note(field);
        return given(field);
    }

    /// A node, without asking for it as anything.
    Optional<Node> given(String field) {
        known.add(field);
        return Optional.ofNullable(fields.nodes().get(field))
                .filter(node -> !(node instanceof Node.Scalar scalar && scalar.type() == Node.Type.NULL));
    }

    /// A value that must be there.
    <T> T needed(String field, Optional<T> value, String allowed, T instead) {
        noted.ifPresent(shape -> shape.needs(field));
        if (value.isEmpty() && given(field).isEmpty() && !probing()) {
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

    Seconds usualDuration(String field) {
        return duration(field).or(() -> Seconds.parse(declared.usual(field))).orElseThrow();
    }

    Optional<Destination> destination(String field) {
        return destination(field, Takes.DESTINATION);
    }

    /// @param takes what may stand there
    Optional<Destination> destination(String field, Takes takes) {
        choose(field, Choosing.of(takes));
        return read(field, Destination.ALLOWED, text -> destinationOf(text, takes));
    }

    static Optional<Destination> destinationOf(String text, Takes takes) {
        return Destination.parse(text).filter(to -> takes.fitted(to).isPresent());
    }

    /// Notes what the text of a field, or of each item of its list, can be chosen from.
    Reading choose(String field, Choosing options) {
        if (probing()) {
            note(field).choose(options);
        }
        return this;
    }

    Optional<Ref> ref(String field, Kind kind) {
        choose(field, Choosing.of(kind));
        return read(field, reference(kind), text -> ofKind(text, kind));
    }

    List<Ref> refs(String field, Kind kind) {
        choose(field, Choosing.of(kind));
        return parsed(field, reference(kind), text -> ofKind(text, kind));
    }

    /// Prompts, each with the language it is said in.
    List<Spoken> spoken(String field) {
        choose(field, Choosing.of(Kind.PROMPT));
        return parsed(field, Spoken.ALLOWED, Reading::asSpoken);
    }

    /// A prompt, with the language it is said in.
    Optional<Spoken> oneSpoken(String field) {
        choose(field, Choosing.of(Kind.PROMPT));
        return read(field, Spoken.ALLOWED, Reading::asSpoken);
    }

    /// A prompt and a language that there is.
    static Optional<Spoken> asSpoken(String text) {
        return Spoken.parse(text)
                .filter(one -> one.language()
                        .map(tag -> SiteFormat.language(tag).isPresent())
                        .orElse(true));
    }

    private static String reference(Kind kind) {
        return "a reference such as " + kind.word() + "/key";
    }

    private static Optional<Ref> ofKind(String text, Kind kind) {
        return Ref.parse(text).filter(ref -> ref.kind() == kind);
    }

    /// References written by their keys alone.
    List<Ref> keys(String field, Kind kind) {
        choose(field, Choosing.keys(kind));
        return parsed(
                field,
                "the key of " + (kind == Kind.EXTENSION || kind == Kind.NUMBER ? "an " : "a ") + kind.title() + ", "
                        + Ref.allowedKey(kind),
                text -> key(text, kind));
    }

    private static Optional<Ref> key(String text, Kind kind) {
        return Ref.sound(kind, text) ? Optional.of(new Ref(kind, text)) : Optional.empty();
    }

    /// An extension written by its number.
    Optional<Ref> extension(String field) {
        choose(field, Choosing.keys(Kind.EXTENSION));
        return read(field, "the number of an extension in quotes", text -> key(text, Kind.EXTENSION));
    }

    Optional<E164> e164(String field) {
        return read(field, E164.ALLOWED, E164::parse);
    }

    Optional<String> language(String field) {
        return read(field, SiteFormat.ALLOWED_LANGUAGE, SiteFormat::language);
    }

    /// A number that a phone in the site dials.
    Optional<String> dialled(String field) {
        return read(
                field,
                "digits in quotes, such as \"2500\"",
                text -> text.matches("[*#]?[0-9]{1,15}") ? Optional.of(text) : Optional.empty());
    }

    Optional<String> oneOf(String field, List<String> words) {
        return oneOf(field, words, "one of " + String.join(", ", words));
    }

    /// @param allowed as a refusal says it
    Optional<String> oneOf(String field, List<String> words, String allowed) {
        note(field).oneOf(words);
        return given(field)
                .flatMap(node -> Scalars.text(
                        node,
                        at(field),
                        allowed,
                        text -> words.contains(text) ? Optional.of(text) : Optional.empty(),
                        problems));
    }

    /// A text that a function makes a value of; the number 20 or the truth value yes is not a text.
    <T> Optional<T> read(String field, String allowed, Function<String, Optional<T>> parse) {
        note(field).is("string").allowed(allowed);
        return given(field).flatMap(node -> Scalars.text(node, at(field), allowed, parse, problems));
    }

    /// A text that a function accepts, kept as it is written.
    Optional<String> plain(String field, String allowed, Function<String, Optional<?>> accepts) {
        return read(field, allowed, text -> accepts.apply(text).isPresent() ? Optional.of(text) : Optional.empty());
    }

    /// A value written as a text, or as a map of fields.
    <T> Optional<T> either(
            String field, String allowed, Function<String, Optional<T>> parse, Function<Reading, Optional<T>> inner) {
        Shape shape = note(field).is("string").allowed(allowed);
        if (probing()) {
            return inner.apply(noting(shape).declared(declared.inside(field)));
        }
        return given(field)
                .flatMap(node -> node instanceof Node.Fields
                        ? inner.apply(of(node, at(field), problems).declared(declared.inside(field)))
                        : Scalars.text(node, at(field), allowed, parse, problems));
    }

    /// The same of an item of a list, or of what stands under a name.
    static <T> Optional<T> either(
            Node node,
            String where,
            Problems problems,
            Declared declared,
            String allowed,
            Function<String, Optional<T>> parse,
            Function<Reading, Optional<T>> inner) {
        if (node instanceof Node.Noted(Shape shape)) {
            shape.is("string").allowed(allowed);
            return inner.apply(noting(shape).declared(declared));
        }
        return node instanceof Node.Fields
                ? inner.apply(of(node, where, problems).declared(declared))
                : Scalars.text(node, where, allowed, parse, problems);
    }

    /// A whole number in the range that is declared.
    Optional<Integer> integer(String field) {
        return integer(field, declared.range(field));
    }

    int usualInteger(String field) {
        return integer(field).orElseGet(() -> Integer.valueOf(declared.usual(field)));
    }

    Optional<Integer> integer(String field, Field.Range range) {
        note(field).between(range);
        return given(field).flatMap(node -> {
            Optional<Integer> value = Scalars.integer(node).filter(range::holds);
            if (value.isEmpty()) {
                problems.add(node, at(field), range.allowed());
            }
            return value;
        });
    }

    /// A value written as a whole number in the range that is declared, or as a text.
    <T> Optional<T> integerOr(
            String field, String allowed, IntFunction<Optional<T>> whole, Function<String, Optional<T>> parse) {
        note(field).between(declared.range(field)).is("string").allowed(allowed);
        return given(field).flatMap(node -> {
            Optional<Integer> number = Scalars.integer(node);
            if (number.isEmpty()) {
                return Scalars.text(node, at(field), allowed, parse, problems);
            }
            Optional<T> value = whole.apply(number.get());
            if (value.isEmpty()) {
                problems.add(node, at(field), allowed);
            }
            return value;
        });
    }

    /// A number that need not be whole.
    Optional<BigDecimal> decimal(String field, String allowed, BigDecimal least, BigDecimal most) {
        note(field).is("number").allowed(allowed);
        return given(field).flatMap(node -> {
            Optional<BigDecimal> value =
                    Scalars.decimal(node).filter(number -> number.compareTo(least) >= 0 && number.compareTo(most) <= 0);
            if (value.isEmpty()) {
                problems.add(node, at(field), allowed);
            }
            return value;
        });
    }

    boolean usualFlag(String field) {
        return flag(field).orElseGet(() -> Boolean.valueOf(declared.usual(field)));
    }

    Optional<Boolean> flag(String field) {
        note(field).is("boolean");
        return given(field).flatMap(node -> {
            if (node instanceof Node.Scalar(String text, Node.Type type, Node.Place place)
                    && type == Node.Type.BOOLEAN) {
                return Optional.of(text.equals("true"));
            }
            problems.add(node, at(field), "true or false");
            return Optional.empty();
        });
    }

    /// The values of a list of maps; absent is empty.
    <T> List<T> list(String field, Function<Reading, Optional<T>> item) {
        Declared inside = declared.inside(field);
        return items(
                field, (node, place) -> item.apply(of(node, place, problems).declared(inside)));
    }

    /// The values of a list; absent is empty.
    <T> List<T> items(String field, BiFunction<Node, String, Optional<T>> item) {
        Shape shape = note(field);
        if (probing()) {
            var _ = item.apply(new Node.Noted(shape.item()), at(field));
            return List.of();
        }
        Optional<Node> node = given(field);
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
        return items(field, (node, place) -> Scalars.text(node, place, allowed, parse, problems));
    }

    /// The values of a map in order; absent is empty.
    <T> Map<String, T> map(String field, BiFunction<String, NamedNode, Optional<T>> value) {
        Map<String, T> values = new LinkedHashMap<>();
        inner(field).ifPresent(inner -> inner.entries(value, values));
        return values;
    }

    private <T> void entries(BiFunction<String, NamedNode, Optional<T>> value, Map<String, T> values) {
        noted.ifPresent(shape -> NAMES.forEach(name -> {
            Node noted = new Node.Noted(shape.other());
            var _ = value.apply(
                    name, new NamedNode(noted, Node.Place.NONE, where, new Problems(), declared.inside(name)));
        }));
        fields.nodes().forEach((name, node) -> {
            NamedNode entry = new NamedNode(
                    node, fields.keys().getOrDefault(name, fields.place()), at(name), problems, declared.inside(name));
            value.apply(name, entry).ifPresent(read -> values.put(name, read));
        });
    }

    /// The names of this map that have not been asked for and that a function makes something of, in order;
    /// others are reported.
    <T> Map<String, T> each(Function<String, Optional<T>> parse, String allowed) {
        Map<String, T> names = new LinkedHashMap<>();
        NAMES.stream()
                .filter(name -> probing())
                .forEach(name -> parse.apply(name).ifPresent(read -> {
                    noted.ifPresent(shape -> shape.free(name));
                    names.putIfAbsent(name, read);
                }));
        for (String name : fields.nodes().keySet()) {
            if (known.contains(name)) {
                continue;
            }
            Optional<T> read = parse.apply(name);
            if (read.isEmpty()) {
                problems.add(fields.keys().getOrDefault(name, fields.place()), at(name), "'" + name + "'", allowed);
            }
            read.ifPresent(value -> names.put(name, value));
        }
        return names;
    }

    /// A map inside this one.
    Optional<Reading> inner(String field) {
        Shape shape = note(field);
        return (probing() ? Optional.of(noting(shape)) : given(field).map(node -> of(node, at(field), problems)))
                .map(inner -> inner.declared(declared.inside(field)));
    }
}
