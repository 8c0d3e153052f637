package app.bittern.formats;

import app.bittern.edit.PlanEdit;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/// Makes the edit that gives an object another key: the object anew in its place, and everything that refers to it.
final class Renaming {
    private Renaming() {}

    static FieldEdits.Result of(Plan plan, PlanObject object, Ref renamed) {
        Ref old = object.ref();
        Map<Ref, Node> bodies = new LinkedHashMap<>();
        bodies.put(old, Formats.write(object));
        for (Plan.Use use : plan.uses(old)) {
            Node body = bodies.computeIfAbsent(
                    use.object(), ref -> Formats.write(plan.find(ref).orElseThrow()));
            bodies.put(use.object(), at(body, use.field(), old, renamed));
        }
        List<PlanEdit> edits = new ArrayList<>(List.of(new PlanEdit.Remove(old)));
        List<String> problems = new ArrayList<>();
        bodies.forEach((ref, body) -> {
            Ref now = ref.equals(old) ? renamed : ref;
            switch (ObjectJson.read(now, body)) {
                case ObjectJson.Result.Read(PlanObject read) ->
                    edits.add(
                            ref.equals(old)
                                    ? new PlanEdit.Put(read, OptionalInt.of(plan.index(old)))
                                    : new PlanEdit.Put(read));
                case ObjectJson.Result.Refused(List<Problem> found) ->
                    found.forEach(problem -> problems.add(problem.says()));
            }
        });
        return problems.isEmpty()
                ? new FieldEdits.Result.Made(new PlanEdit.Several(edits))
                : new FieldEdits.Result.Refused(problems);
    }

    /// With the reference at a field changed: in the value, or in the name of a field of a map.
    private static Node at(Node node, String field, Ref old, Ref renamed) {
        return switch (node) {
            case Node.Scalar(String text, Node.Type type, Node.Place place) ->
                new Node.Scalar(text(text, old, renamed), type, place);
            case Node.Noted noted -> noted;
            case Node.Items items -> {
                int slash = field.indexOf('/');
                int index = Integer.parseInt(slash < 0 ? field : field.substring(0, slash));
                List<Node> all = new ArrayList<>(items.nodes());
                all.set(index, at(all.get(index), slash < 0 ? "" : field.substring(slash + 1), old, renamed));
                yield new Node.Items(all, items.place());
            }
            case Node.Fields fields -> inFields(fields, field, old, renamed);
        };
    }

    private static Node inFields(Node.Fields fields, String field, Ref old, Ref renamed) {
        Map<String, Node> all = new LinkedHashMap<>();
        fields.nodes().forEach((name, value) -> {
            boolean here = field.equals(name) || field.startsWith(name + "/");
            boolean inValue = value instanceof Node.Scalar scalar
                    && !text(scalar.text(), old, renamed).equals(scalar.text());
            boolean isName = field.equals(name) && (name.equals(old.toString()) || name.equals(old.key()));
            if (isName && !inValue) {
                all.put(name.equals(old.key()) ? renamed.key() : renamed.toString(), value);
            } else if (here) {
                String rest = field.length() > name.length() ? field.substring(name.length() + 1) : "";
                all.put(name, at(value, rest, old, renamed));
            } else {
                all.put(name, value);
            }
        });
        return Node.Fields.of(all);
    }

    /// A text in which the reference, or the key alone, is a word.
    private static String text(String text, Ref old, Ref renamed) {
        if (text.equals(old.key())) {
            return renamed.key();
        }
        List<String> words = new ArrayList<>();
        for (String word : text.split(" ", -1)) {
            words.add(word.equals(old.toString()) ? renamed.toString() : word);
        }
        return String.join(" ", words);
    }
}
