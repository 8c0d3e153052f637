package app.bittern.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.formats.answer.TraceJson;
import app.bittern.server.account.Session;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.io.IOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/// The front end's types are made from the API's records; the committed file must be what they make now.
/// Run with `-Dbittern.write-types=true` to write it.
class ApiTypesTest {
    private static final Path FILE = Path.of("../web/src/lib/api/types.ts");

    @Test
    void theCommittedTypesAreThoseOfTheRecords() throws IOException {
        String made = made();
        if (Boolean.getBoolean("bittern.write-types")) {
            Files.writeString(FILE, made);
        }
        assertThat(Files.readString(FILE))
                .as("run: mvn test -pl server -Dtest=ApiTypesTest -Dbittern.write-types=true")
                .isEqualTo(made);
    }

    private static String made() {
        Map<String, String> types = new TreeMap<>();
        Deque<Class<?>> open = new ArrayDeque<>(Arrays.asList(Api.class.getDeclaredClasses()));
        open.add(TraceJson.class);
        open.add(Session.class);
        while (!open.isEmpty()) {
            Class<?> record = open.remove();
            if (types.containsKey(name(record))) {
                continue;
            }
            String fields = Arrays.stream(record.getRecordComponents())
                    .map(component -> "  " + field(component, open))
                    .collect(Collectors.joining("\n"));
            types.put(name(record), "export interface " + name(record) + " {\n" + fields + "\n}\n");
        }
        return "// Made from the records of the server's API by ApiTypesTest; not edited by hand.\n\n"
                + String.join("\n", types.values());
    }

    private static String name(Class<?> record) {
        boolean trace = record.getEnclosingClass() == TraceJson.class;
        return (trace ? "Trace" : "") + record.getSimpleName();
    }

    private static String field(RecordComponent component, Deque<Class<?>> open) {
        Type type = component.getGenericType();
        String words = typeScript(type, open);
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

    private static String typeScript(Type type, Deque<Class<?>> open) {
        if (type instanceof ParameterizedType generic && generic.getRawType() == List.class) {
            return typeScript(generic.getActualTypeArguments()[0], open) + "[]";
        }
        if (type instanceof ParameterizedType generic && generic.getRawType() == Optional.class) {
            return typeScript(generic.getActualTypeArguments()[0], open);
        }
        if (type instanceof Class<?> plain && plain.isRecord()) {
            open.add(plain);
            return name(plain);
        }
        if (type instanceof Class<?> plain && plain.isEnum()) {
            return Arrays.stream(plain.getEnumConstants())
                    .map(one -> "'" + one + "'")
                    .collect(Collectors.joining(" | "));
        }
        String known = Map.<Type, String>of(
                        String.class, "string",
                        int.class, "number",
                        Integer.class, "number",
                        long.class, "number",
                        Long.class, "number",
                        boolean.class, "boolean",
                        Boolean.class, "boolean",
                        JsonNode.class, "unknown")
                .get(type);
        if (known == null) {
            throw new IllegalStateException("no type of the front end is known for " + type);
        }
        return known;
    }
}
