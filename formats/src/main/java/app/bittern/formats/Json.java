package app.bittern.formats;

import tools.jackson.databind.JsonNode;

/// JSON as text for people and programs to read.
public final class Json {
    private Json() {}

    /// Indented, with a line for each value.
    public static String pretty(JsonNode json) {
        return JsonNodes.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(json);
    }
}
