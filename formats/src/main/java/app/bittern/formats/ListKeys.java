package app.bittern.formats;

import app.bittern.plan.Kind;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.text.Normalizer;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// The keys of objects that stand in a list: a contact's is its `number`, a test call's is its `key`, or made of its
/// name.
final class ListKeys {
    private static final String NUMBER = "number";
    private static final String KEY = "key";

    private ListKeys() {}

    /// A key and the fields without it.
    ///
    /// @param given whether the key was given, and not made of the name
    record Found(String key, boolean given, Node.Fields rest) {}

    static Found of(Kind kind, Node.Fields fields, String where, Problems problems) {
        Map<String, Node> rest = new LinkedHashMap<>(fields.nodes());
        Optional<Node> given = Optional.ofNullable(rest.remove(field(kind)));
        Node.Fields without = new Node.Fields(rest, fields.keys(), fields.place());
        Optional<String> key = given.flatMap(node -> Scalars.text(
                node,
                where + "/" + field(kind),
                Ref.allowedKey(kind),
                text -> Ref.sound(kind, text) ? Optional.of(text) : Optional.empty(),
                problems));
        if (kind == Kind.CONTACT) {
            if (given.isEmpty()) {
                problems.add(fields.place(), where, "no field '" + NUMBER + "'", Ref.allowedKey(kind));
            }
            return new Found(key.orElse("+10000000"), true, without);
        }
        return new Found(key.orElseGet(() -> slug(named(kind, rest))), key.isPresent(), without);
    }

    /// What the key is made of: the name, or what an accepted finding is about.
    private static String named(Kind kind, Map<String, Node> fields) {
        return kind == Kind.ACCEPTED
                ? text(fields, "finding") + " " + text(fields, "object") + " " + text(fields, "field")
                : kind == Kind.AGENT_NOTE
                        ? text(fields, "for")
                        : fields.containsKey("name") ? text(fields, "name") : kind.word();
    }

    private static String text(Map<String, Node> fields, String field) {
        return fields.get(field) instanceof Node.Scalar scalar ? scalar.text() : "";
    }

    private static String field(Kind kind) {
        return kind == Kind.CONTACT ? NUMBER : KEY;
    }

    /// The fields of an item; a pause reason may be written as its name alone.
    static Node whole(Kind kind, Node item) {
        return kind == Kind.PAUSE_REASON && item instanceof Node.Scalar name && name.type() == Node.Type.TEXT
                ? new Node.Fields(Map.of("name", name), Map.of(), item.place())
                : item;
    }

    static Node write(PlanObject object) {
        Node.Fields fields = written(object);
        Optional<Node> alone = Optional.ofNullable(fields.nodes().get("name"))
                .filter(name -> object.ref().kind() == Kind.PAUSE_REASON
                        && fields.nodes().size() == 1);
        return alone.orElse(fields);
    }

    private static Node.Fields written(PlanObject object) {
        Map<String, Node> fields = new LinkedHashMap<>();
        String key = object.ref().key();
        Map<String, Node> body = Formats.write(object).nodes();
        Kind kind = object.ref().kind();
        if (kind == Kind.CONTACT || !key.equals(slug(named(kind, body)))) {
            fields.put(field(kind), Node.Scalar.text(key));
        }
        fields.putAll(body);
        return Node.Fields.of(fields);
    }

    /// A key made of a name: `Tuesday evening` becomes `tuesday-evening`.
    static String slug(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        String shortened = plain.length() <= 60 ? plain : plain.substring(0, 60).replaceAll("-+$", "");
        return shortened.isEmpty() ? "unnamed" : shortened;
    }
}
