package app.bittern.formats;

import app.bittern.plan.Pin;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/// Values of single nodes.
final class Scalars {
    private Scalars() {}

    /// A text that a function makes a value of; anything else is reported.
    static <T> Optional<T> text(
            Node node, String where, String allowed, Function<String, Optional<T>> parse, Problems problems) {
        if (node instanceof Node.Noted(Shape shape)) {
            shape.is("string").allowed(allowed);
            return Optional.empty();
        }
        Optional<T> value =
                node instanceof Node.Scalar(String text, Node.Type type, Node.Place place) && type == Node.Type.TEXT
                        ? parse.apply(text)
                        : Optional.empty();
        if (value.isEmpty() && allowed.equals(Pin.ALLOWED)) {
            problems.add(node.place(), where, "a secret, not shown", allowed);
        } else if (value.isEmpty()) {
            problems.add(node, where, allowed);
        }
        return value;
    }

    /// One after another, as a list or joined by `then`, which functions make values of; anything else is reported.
    ///
    /// @param words how all of them are written in one text
    static <T> Optional<String> inOrder(
            Node node,
            String where,
            String allowed,
            Function<String, Optional<List<T>>> parse,
            Function<List<T>, String> words,
            Problems problems) {
        if (node instanceof Node.Noted(Shape shape)) {
            shape.is("string")
                    .is("integer")
                    .allowed(allowed)
                    .item()
                    .is("string")
                    .is("integer");
            return Optional.empty();
        }
        List<Node> nodes = node instanceof Node.Items(List<Node> items, Node.Place place) ? items : List.of(node);
        List<T> all = new ArrayList<>();
        for (int index = 0; index < nodes.size(); index++) {
            Node one = nodes.get(index);
            Optional<List<T>> read = one instanceof Node.Scalar(String text, Node.Type type, Node.Place place)
                            && (type == Node.Type.TEXT || type == Node.Type.INTEGER)
                    ? parse.apply(text)
                    : Optional.empty();
            if (read.isEmpty()) {
                problems.add(one, node instanceof Node.Items ? where + "/" + index : where, allowed);
                return Optional.empty();
            }
            all.addAll(read.get());
        }
        if (all.isEmpty()) {
            problems.add(node, where, allowed);
            return Optional.empty();
        }
        return Optional.of(words.apply(all));
    }

    /// A whole number of nine digits at most.
    static Optional<Integer> integer(Node node) {
        return node instanceof Node.Scalar(String text, Node.Type type, Node.Place place)
                        && type == Node.Type.INTEGER
                        && text.length() < 10
                ? Optional.of(Integer.parseInt(text))
                : Optional.empty();
    }

    /// A number of nine digits at most before and after the point.
    static Optional<BigDecimal> decimal(Node node) {
        return node instanceof Node.Scalar(String text, Node.Type type, Node.Place place)
                        && (type == Node.Type.INTEGER || type == Node.Type.DECIMAL)
                        && text.matches("[0-9]{1,9}(\\.[0-9]{1,9})?")
                ? Optional.of(new BigDecimal(text))
                : Optional.empty();
    }
}
