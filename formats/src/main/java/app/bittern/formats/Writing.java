package app.bittern.formats;

import app.bittern.plan.Seconds;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Builds the fields of one object in order, leaving out what is absent or as it is by default.
final class Writing {
    private final Map<String, Node> nodes = new LinkedHashMap<>();

    Writing text(String field, Object value) {
        nodes.put(field, Node.Scalar.text(value.toString()));
        return this;
    }

    Writing text(String field, Optional<?> value) {
        value.ifPresent(present -> text(field, (Object) present));
        return this;
    }

    Writing integer(String field, int value) {
        nodes.put(field, Node.Scalar.integer(value));
        return this;
    }

    Writing integer(String field, Optional<Integer> value) {
        value.ifPresent(present -> integer(field, (int) present));
        return this;
    }

    /// A duration, unless it is the usual one.
    Writing duration(String field, Seconds value, Seconds usual) {
        return value.equals(usual) ? this : text(field, value);
    }

    Writing decimal(String field, BigDecimal value) {
        String text = value.toPlainString();
        Node.Type type = value.scale() > 0 ? Node.Type.DECIMAL : Node.Type.INTEGER;
        nodes.put(field, new Node.Scalar(text, type, Node.Place.NONE));
        return this;
    }

    Writing flag(String field, boolean value, boolean byDefault) {
        if (value != byDefault) {
            nodes.put(field, Node.Scalar.bool(value));
        }
        return this;
    }

    Writing flag(String field, Optional<Boolean> value) {
        value.ifPresent(given -> nodes.put(field, Node.Scalar.bool(given)));
        return this;
    }

    Writing texts(String field, List<?> values) {
        return items(
                field,
                values.stream()
                        .<Node>map(value -> Node.Scalar.text(value.toString()))
                        .toList());
    }

    Writing items(String field, List<? extends Node> values) {
        if (!values.isEmpty()) {
            nodes.put(field, new Node.Items(List.copyOf(values), Node.Place.NONE));
        }
        return this;
    }

    Writing fields(String field, Writing inner) {
        if (!inner.nodes.isEmpty()) {
            nodes.put(field, inner.done());
        }
        return this;
    }

    Writing node(String field, Node node) {
        nodes.put(field, node);
        return this;
    }

    Node.Fields done() {
        return Node.Fields.of(nodes);
    }
}
