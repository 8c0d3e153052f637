package app.bittern.server.finding;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.Finding;
import app.bittern.formats.ObjectJson;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// What has changed between two plans that no check looks at: the notes of objects.
final class Unexamined {
    private Unexamined() {}

    /// The objects whose notes differ; empty where anything else does. Objects that both plans share are passed
    /// over quickly: an edit keeps all but those that it changes.
    static Optional<Set<Ref>> noted(Plan before, Plan after) {
        if (before.objects().size() != after.objects().size()) {
            return Optional.empty();
        }
        Set<Ref> noted = new LinkedHashSet<>();
        Iterator<PlanObject> old = before.objects().iterator();
        for (PlanObject object : after.objects()) {
            PlanObject was = old.next();
            if (was.equals(object)) {
                continue;
            }
            if (!was.ref().equals(object.ref()) || !examined(was).equals(examined(object))) {
                return Optional.empty();
            }
            noted.add(object.ref());
        }
        return Optional.of(noted);
    }

    /// Whether a fix would put one of some objects as it was.
    static boolean puts(Finding finding, Set<Ref> objects) {
        return finding.fixes().stream().anyMatch(fix -> puts(fix.edit(), objects));
    }

    private static boolean puts(PlanEdit edit, Set<Ref> objects) {
        return switch (edit) {
            case PlanEdit.Several(List<PlanEdit> edits) -> edits.stream().anyMatch(one -> puts(one, objects));
            case PlanEdit.Put put -> objects.contains(put.object().ref());
            case PlanEdit.Remove remove -> objects.contains(remove.ref());
        };
    }

    private static JsonNode examined(PlanObject object) {
        JsonNode json = ObjectJson.write(object);
        if (json instanceof ObjectNode fields) {
            fields.remove("note");
        }
        return json;
    }
}
