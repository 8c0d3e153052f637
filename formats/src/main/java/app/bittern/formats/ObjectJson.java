package app.bittern.formats;

import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/// One object as JSON, in the shape that the plan file gives it.
public final class ObjectJson {
    private ObjectJson() {}

    /// What became of an object.
    public sealed interface Result {
        record Read(PlanObject object) implements Result {}

        record Refused(List<Problem> problems) implements Result {
            public Refused {
                problems = List.copyOf(problems);
            }
        }
    }

    /// The fields of an object, without its key.
    public static JsonNode write(PlanObject object) {
        return JsonNodes.json(Formats.write(object));
    }

    /// Reads the fields of an object.
    public static Result read(Ref ref, JsonNode body) {
        return read(ref, JsonNodes.node(body));
    }

    static Result read(Ref ref, Node body) {
        Problems problems = new Problems();
        Texts.check(body, ref.toString(), problems);
        Optional<? extends PlanObject> object = Formats.read(ref, body, ref.toString(), problems);
        return object.isPresent() && problems.none()
                ? new Result.Read(object.get())
                : new Result.Refused(problems.inOrder());
    }
}
