package app.bittern.server.api;

import app.bittern.server.testing.Endpoints;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/// A function of the front end for each endpoint.
final class EndpointFunctions {
    private EndpointFunctions() {}

    static String of(List<Endpoints.Endpoint> endpoints, TypeScript types) {
        String functions =
                endpoints.stream().map(endpoint -> function(endpoint, types)).collect(Collectors.joining("\n\n"));
        String used = types.names().stream()
                .filter(name -> functions.matches("(?s).*\\b" + name + "\\b.*"))
                .map(name -> "  " + name + ",")
                .collect(Collectors.joining("\n"));
        return "// Made from the server's controllers by ApiTypesTest; not edited by hand.\n\n"
                + "import { send } from './client';\nimport type {\n" + used + "\n} from './types';\n\n" + functions
                + "\n";
    }

    private static String function(Endpoints.Endpoint endpoint, TypeScript types) {
        List<String> parameters = new ArrayList<>();
        endpoint.inPath().forEach(name -> parameters.add(name + ": string"));
        endpoint.body().ifPresent(body -> parameters.add("body: " + types.words(body)));
        boolean needed = endpoint.query().stream().anyMatch(Endpoints.Query::needed);
        if (!endpoint.query().isEmpty()) {
            String fields = endpoint.query().stream()
                    .map(query -> query.name() + (query.needed() ? "" : "?") + ": " + types.words(query.type()))
                    .collect(Collectors.joining("; "));
            parameters.add("query: { " + fields + " }" + (needed ? "" : " = {}"));
        }
        parameters.add("signal?: AbortSignal");
        String path = "`"
                + endpoint.path().replaceFirst("^/api", "").replaceAll("\\{(\\w+)}", "\\${encodeURIComponent($1)}")
                + "`";
        List<String> options = new ArrayList<>();
        if (!endpoint.query().isEmpty()) {
            options.add("query");
        }
        if (endpoint.body().isPresent()) {
            options.add("body");
        }
        options.add("signal");
        return "/** " + endpoint.method() + " " + endpoint.path() + " */\n"
                + "export function " + endpoint.name() + "(\n  " + String.join(",\n  ", parameters) + ",\n): Promise<"
                + types.words(endpoint.gives()) + "> {\n  return send('" + endpoint.method() + "', " + path + ", { "
                + String.join(", ", options) + " });\n}";
    }
}
