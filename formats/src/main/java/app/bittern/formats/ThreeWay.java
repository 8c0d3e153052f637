package app.bittern.formats;

import app.bittern.plan.Pointer;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// Brings two changes of one object together, field by field: what only one of them changed is as that one
/// has it, and what both changed to different values is a clash.
///
/// Maps are gone into by their names, lists by their places where all three are of the same length; a list
/// that has grown or shrunk is one value. The order of a map counts as it does in a plan (the keys of a menu,
/// the cases of a branch): who has changed it gives it.
public final class ThreeWay {
    private final List<Clash> clashes = new ArrayList<>();

    private ThreeWay() {}

    /// A field that both changed.
    ///
    /// @param was    before both; null where there was nothing, as in the other two
    /// @param mine   as the one has it
    /// @param theirs as the other has it
    public record Clash(
            Pointer field,
            @Nullable JsonNode was,
            @Nullable JsonNode mine,
            @Nullable JsonNode theirs) {}

    /// What became of it.
    ///
    /// @param object  with all changes of both; where they clash, as the other has it
    /// @param clashes none where both go together
    public record Merged(JsonNode object, List<Clash> clashes) {
        public Merged {
            clashes = List.copyOf(clashes);
        }
    }

    /// Brings together what two have made of one object.
    ///
    /// @param was    what both began from
    /// @param mine   what the one has made of it
    /// @param theirs what the other has made of it
    public static Merged merge(JsonNode was, JsonNode mine, JsonNode theirs) {
        ThreeWay merging = new ThreeWay();
        JsonNode merged = merging.merged(Pointer.WHOLE, was, mine, theirs);
        return new Merged(merged == null ? theirs : merged, merging.clashes);
    }

    private @Nullable JsonNode merged(
            Pointer at, @Nullable JsonNode was, @Nullable JsonNode mine, @Nullable JsonNode theirs) {
        if (same(mine, was) || same(mine, theirs)) {
            return theirs;
        }
        if (same(theirs, was)) {
            return mine;
        }
        if (was instanceof ObjectNode base && mine instanceof ObjectNode one && theirs instanceof ObjectNode other) {
            return maps(at, base, one, other);
        }
        if (was instanceof ArrayNode base
                && mine instanceof ArrayNode one
                && theirs instanceof ArrayNode other
                && base.size() == one.size()
                && base.size() == other.size()) {
            return lists(at, base, one, other);
        }
        clashes.add(new Clash(at, was, mine, theirs));
        return theirs;
    }

    /// Whether two values are the same, the order of their fields included.
    private static boolean same(@Nullable JsonNode one, @Nullable JsonNode other) {
        return Objects.equals(one, other) && String.valueOf(one).equals(String.valueOf(other));
    }

    private JsonNode maps(Pointer at, ObjectNode was, ObjectNode mine, ObjectNode theirs) {
        boolean reordered = !names(mine, was).equals(names(was, mine));
        Set<String> order = new LinkedHashSet<>((reordered ? mine : theirs).propertyNames());
        order.addAll((reordered ? theirs : mine).propertyNames());
        ObjectNode merged = JsonNodeFactory.instance.objectNode();
        for (String name : order) {
            JsonNode value = merged(at.to(name), was.get(name), mine.get(name), theirs.get(name));
            if (value != null) {
                merged.set(name, value);
            }
        }
        return merged;
    }

    /// The names that both have, as the first has them in order.
    private static List<String> names(ObjectNode one, ObjectNode other) {
        return one.propertyNames().stream().filter(other::has).toList();
    }

    private JsonNode lists(Pointer at, ArrayNode was, ArrayNode mine, ArrayNode theirs) {
        ArrayNode merged = JsonNodeFactory.instance.arrayNode();
        for (int index = 0; index < was.size(); index++) {
            JsonNode value = merged(at.to(index), was.get(index), mine.get(index), theirs.get(index));
            merged.add(value == null ? theirs.get(index) : value);
        }
        return merged;
    }
}
