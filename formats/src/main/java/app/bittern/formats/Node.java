package app.bittern.formats;

import app.bittern.plan.Problem;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// A piece of a file: text, a list or a map, with its place.
sealed interface Node {
    Place place();

    /// Where something stands.
    ///
    /// @param line   from 1; 0 where there is no file
    /// @param column from 1; 0 where there is no file
    record Place(int line, int column) {
        static final Place NONE = new Place(0, 0);
    }

    /// What a scalar was written as.
    enum Type {
        TEXT,
        INTEGER,
        DECIMAL,
        BOOLEAN,
        NULL
    }

    /// A single value as it was written.
    record Scalar(String text, Type type, Place place) implements Node {
        static Scalar text(String text) {
            return new Scalar(text, Type.TEXT, Place.NONE);
        }

        static Scalar integer(int value) {
            return new Scalar(String.valueOf(value), Type.INTEGER, Place.NONE);
        }

        static Scalar bool(boolean value) {
            return new Scalar(String.valueOf(value), Type.BOOLEAN, Place.NONE);
        }
    }

    record Items(List<Node> nodes, Place place) implements Node {
        public Items {
            nodes = List.copyOf(nodes);
        }
    }

    /// Fields in the order they were written.
    ///
    /// @param keys where each field's name stands
    record Fields(Map<String, Node> nodes, Map<String, Place> keys, Place place) implements Node {
        public Fields {
            nodes = Collections.unmodifiableMap(new LinkedHashMap<>(nodes));
            keys = Map.copyOf(keys);
        }

        static Fields of(Map<String, Node> nodes) {
            return new Fields(nodes, Map.of(), Place.NONE);
        }
    }

    /// Nothing, of which is noted as what it is asked for.
    record Noted(Shape shape) implements Node {
        @Override
        public Place place() {
            return Place.NONE;
        }
    }

    /// What was found, as a refusal says it.
    default String found() {
        return switch (this) {
            case Scalar(String text, Type type, Place place) ->
                switch (type) {
                    case TEXT -> "'" + Problem.shown(text) + "'";
                    case INTEGER, DECIMAL -> "the number " + Problem.shown(text);
                    case BOOLEAN -> "the truth value " + text;
                    case NULL -> "nothing";
                };
            case Items items -> "a list";
            case Fields fields -> "a map of fields";
            case Noted noted -> "nothing";
        };
    }
}
