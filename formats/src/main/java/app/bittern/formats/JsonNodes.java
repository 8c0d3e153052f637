package app.bittern.formats;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// Nodes to and from JSON trees.
final class JsonNodes {
    static final JsonMapper MAPPER = JsonMapper.builder().build();

    private JsonNodes() {}

    static String pretty(Node node) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(json(node)) + "\n";
    }

    static JsonNode json(Node node) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        return switch (node) {
            case Node.Scalar(String text, Node.Type type, Node.Place place) ->
                switch (type) {
                    case TEXT -> make.stringNode(text);
                    case INTEGER -> make.numberNode(Long.parseLong(text));
                    case DECIMAL -> make.numberNode(new BigDecimal(text));
                    case BOOLEAN -> make.booleanNode(text.equals("true"));
                    case NULL -> make.nullNode();
                };
            case Node.Items items -> {
                ArrayNode array = make.arrayNode();
                items.nodes().forEach(item -> array.add(json(item)));
                yield array;
            }
            case Node.Noted noted -> make.nullNode();
            case Node.Fields fields -> {
                ObjectNode object = make.objectNode();
                fields.nodes().forEach((name, value) -> object.set(name, json(value)));
                yield object;
            }
        };
    }

    static Node node(JsonNode json) {
        if (json.isObject()) {
            Map<String, Node> fields = new LinkedHashMap<>();
            json.properties().forEach(field -> fields.put(field.getKey(), node(field.getValue())));
            return Node.Fields.of(fields);
        }
        if (json.isArray()) {
            List<Node> items = new ArrayList<>();
            json.forEach(item -> items.add(node(item)));
            return new Node.Items(items, Node.Place.NONE);
        }
        Node.Type type = json.isIntegralNumber()
                ? Node.Type.INTEGER
                : json.isNumber()
                        ? Node.Type.DECIMAL
                        : json.isBoolean() ? Node.Type.BOOLEAN : json.isNull() ? Node.Type.NULL : Node.Type.TEXT;
        return new Node.Scalar(json.isNull() ? "" : json.asString(), type, Node.Place.NONE);
    }
}
