package app.bittern.server.api;

import app.bittern.formats.answer.TraceJson;
import app.bittern.server.event.EventApi;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/// The server's records as types of the front end.
final class TypeScript {
    private static final Map<Type, String> KNOWN = Map.ofEntries(
            Map.entry(String.class, "string"),
            Map.entry(int.class, "number"),
            Map.entry(Integer.class, "number"),
            Map.entry(long.class, "number"),
            Map.entry(Long.class, "number"),
            Map.entry(double.class, "number"),
            Map.entry(Double.class, "number"),
            Map.entry(boolean.class, "boolean"),
            Map.entry(Boolean.class, "boolean"),
            Map.entry(void.class, "void"),
            Map.entry(JsonNode.class, "unknown"));

    private final Map<String, String> declared = new TreeMap<>();
    private final Map<String, Class<?>> records = new TreeMap<>();

    /// A type in words of the front end; the records in it are declared.
    ///
    /// @throws IllegalStateException where none is known for it
    String words(Type type) {
        if (type instanceof ParameterizedType generic && generic.getRawType() == List.class) {
            String of = words(generic.getActualTypeArguments()[0]);
            return of.contains(" ") ? "(" + of + ")[]" : of + "[]";
        }
        if (type instanceof ParameterizedType generic && generic.getRawType() == Optional.class) {
            return words(generic.getActualTypeArguments()[0]);
        }
        if (type instanceof Class<?> plain && plain.isRecord()) {
            return record(plain);
        }
        if (type instanceof Class<?> plain && plain.isEnum()) {
            return Arrays.stream(plain.getEnumConstants())
                    .map(one -> "'" + one.toString().toLowerCase(Locale.ROOT) + "'")
                    .collect(Collectors.joining(" | "));
        }
        String known = KNOWN.get(type);
        if (known == null) {
            throw new IllegalStateException("no type of the front end is known for " + type);
        }
        return known;
    }

    private String record(Class<?> record) {
        String name = name(record);
        Class<?> before = records.put(name, record);
        if (before != null && before != record) {
            throw new IllegalStateException("two records are called " + name);
        }
        if (before == null) {
            String fields = Arrays.stream(record.getRecordComponents())
                    .map(component -> "  " + field(component))
                    .collect(Collectors.joining("\n"));
            declared.put(name, "export interface " + name + " {\n" + fields + "\n}\n");
        }
        return name;
    }

    static String name(Class<?> record) {
        String before = record.getEnclosingClass() == TraceJson.class
                ? "Trace"
                : record.getEnclosingClass() == EventApi.class ? "Event" : "";
        return before + record.getSimpleName();
    }

    private String field(RecordComponent component) {
        String words = words(component.getGenericType());
        if (component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
            return component.getName() + "?: " + words + " | null;";
        }
        if (component.getType() != Optional.class) {
            return component.getName() + ": " + words + ";";
        }
        boolean always = Arrays.stream(component.getDeclaringRecord().getDeclaredFields())
                .filter(field -> field.getName().equals(component.getName()))
                .anyMatch(field -> field.isAnnotationPresent(JsonInclude.class));
        return always ? component.getName() + ": " + words + " | null;" : component.getName() + "?: " + words + ";";
    }

    /// Everything declared so far.
    String declared() {
        return "// Made from the records of the server's API by ApiTypesTest; not edited by hand.\n\n"
                + String.join("\n", declared.values());
    }

    /// The names of what is declared, in order.
    List<String> names() {
        return List.copyOf(declared.keySet());
    }
}
