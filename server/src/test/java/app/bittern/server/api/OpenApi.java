package app.bittern.server.api;

import app.bittern.server.testing.Endpoints;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// The server's endpoints as an OpenAPI document (3.1.0).
final class OpenApi {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final ObjectNode document = MAPPER.createObjectNode();
    private final Map<String, Class<?>> records = new TreeMap<>();
    private final Deque<Class<?>> open = new ArrayDeque<>();

    private OpenApi() {}

    static String of(List<Endpoints.Endpoint> endpoints) {
        OpenApi made = new OpenApi();
        made.document.put("openapi", "3.1.0");
        made.document
                .putObject("info")
                .put("title", "Bittern")
                .put("version", "1")
                .put(
                        "description",
                        "Sites, their plans and what calls do there. Sign in at /api/session; requests that change"
                                + " something carry the cookie bittern-token (behind TLS __Host-bittern-token) in the header"
                                + " X-XSRF-TOKEN. Machines show their token instead: Authorization: Bearer. A refusal is a"
                                + " problem (RFC 9457) with a sentence for each reason in `says`.");
        ObjectNode paths = made.document.putObject("paths");
        endpoints.forEach(endpoint -> made.endpoint(paths, endpoint));
        made.schemas();
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(made.document) + "\n";
    }

    private void endpoint(ObjectNode paths, Endpoints.Endpoint endpoint) {
        String method = endpoint.method().name().toLowerCase(Locale.ROOT);
        ObjectNode path = paths.withObjectProperty(endpoint.path());
        ObjectNode operation = path.withObjectProperty(method);
        // Endpoints that differ in what they are sent are one operation.
        operation.put("operationId", endpoint.name());
        if (!operation.has("parameters")) {
            ArrayNode parameters = operation.putArray("parameters");
            endpoint.inPath().forEach(name -> parameter(parameters, name, "path", true, string()));
            endpoint.query()
                    .forEach(query ->
                            parameter(parameters, query.name(), "query", query.needed(), schema(query.type())));
        }
        endpoint.body()
                .ifPresent(body -> operation
                        .withObjectProperty("requestBody")
                        .put("required", true)
                        .withObjectProperty("content")
                        .withObjectProperty(endpoint.takes())
                        .set("schema", schema(body)));
        ObjectNode answers = operation.withObjectProperty("responses");
        ObjectNode ok = answers.withObjectProperty("200").put("description", "Done, or the answer.");
        if (endpoint.gives() != void.class) {
            boolean stream = endpoint.produces().equals("text/event-stream");
            ok.withObjectProperty("content")
                    .withObjectProperty(endpoint.produces())
                    .set("schema", stream ? string() : schema(endpoint.gives()));
        }
        answers.withObjectProperty("default")
                .put("description", "A refusal, with what is wrong and what is allowed.")
                .withObjectProperty("content")
                .withObjectProperty("application/problem+json")
                .withObjectProperty("schema")
                .put("$ref", "#/components/schemas/Problem");
    }

    private static void parameter(ArrayNode all, String name, String in, boolean needed, ObjectNode schema) {
        all.addObject().put("name", name).put("in", in).put("required", needed).set("schema", schema);
    }

    private static ObjectNode string() {
        return MAPPER.createObjectNode().put("type", "string");
    }

    private ObjectNode schema(Type type) {
        ObjectNode schema = MAPPER.createObjectNode();
        if (type instanceof ParameterizedType generic && generic.getRawType() == List.class) {
            schema.put("type", "array").set("items", schema(generic.getActualTypeArguments()[0]));
        } else if (type instanceof ParameterizedType generic && generic.getRawType() == Optional.class) {
            return schema(generic.getActualTypeArguments()[0]);
        } else if (type instanceof Class<?> plain && plain.isRecord()) {
            schema.put("$ref", "#/components/schemas/" + named(plain));
        } else if (type instanceof Class<?> plain && plain.isEnum()) {
            ArrayNode words = schema.put("type", "string").putArray("enum");
            Arrays.stream(plain.getEnumConstants())
                    .forEach(one -> words.add(one.toString().toLowerCase(Locale.ROOT)));
        } else if (type == String.class) {
            schema.put("type", "string");
        } else if (type == double.class || type == Double.class) {
            schema.put("type", "number");
        } else if (type == int.class || type == Integer.class || type == long.class || type == Long.class) {
            schema.put("type", "integer");
        } else if (type == boolean.class || type == Boolean.class) {
            schema.put("type", "boolean");
        } else if (type != JsonNode.class) {
            throw new IllegalStateException("no schema is known for " + type);
        }
        return schema;
    }

    private String named(Class<?> record) {
        String name = TypeScript.name(record);
        if (records.putIfAbsent(name, record) == null) {
            open.add(record);
        }
        return name;
    }

    private void schemas() {
        Map<String, ObjectNode> made = new TreeMap<>();
        while (!open.isEmpty()) {
            Class<?> record = open.remove();
            ObjectNode schema = MAPPER.createObjectNode().put("type", "object");
            ArrayNode needed = MAPPER.createArrayNode();
            ObjectNode properties = schema.putObject("properties");
            for (RecordComponent one : record.getRecordComponents()) {
                properties.set(one.getName(), schema(one.getGenericType()));
                if (one.getType() != Optional.class && !one.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                    needed.add(one.getName());
                }
            }
            schema.set("required", needed);
            made.put(TypeScript.name(record), schema);
        }
        ObjectNode all = document.putObject("components").putObject("schemas");
        made.forEach(all::set);
        ObjectNode problem = all.putObject("Problem").put("type", "object").putObject("properties");
        problem.putObject("status").put("type", "integer");
        problem.set("detail", string());
        problem.putObject("says").put("type", "array").set("items", string());
    }
}
