package app.bittern.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.Endpoints;
import app.bittern.server.testing.RunningApplication;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;

/// The description that the server gives of itself is what it does. Run with `-Dbittern.write-types=true` to
/// write it.
class OpenApiTest {
    private static final Path FILE = Path.of("src/main/resources/openapi.json");

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @Test
    void theServedDocumentIsThatOfTheControllers() throws IOException {
        String made = OpenApi.of(Endpoints.all());
        if (Boolean.getBoolean("bittern.write-types")) {
            Files.writeString(FILE, made);
        }
        assertThat(Files.readString(FILE))
                .as("run: mvn test -pl server -am -Dtest=OpenApiTest -Dbittern.write-types=true")
                .isEqualTo(made);
        Client client = APPLICATION.client();
        assertThat(client.get("/api/openapi.json").status()).isEqualTo(200);
        assertThat(client.get("/api/openapi.json").text()).isEqualTo(made);
    }

    /// Every mapping of the running application but the framework's own is in it.
    @Test
    void noEndpointIsMissing() {
        TreeSet<String> mapped = new TreeSet<>();
        APPLICATION
                .bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .forEach((mapping, method) -> {
                    if (method.getBeanType().isAnnotationPresent(RestController.class)) {
                        mapping.getMethodsCondition()
                                .getMethods()
                                .forEach(verb ->
                                        mapping.getPatternValues().forEach(path -> mapped.add(verb + " " + path)));
                    }
                });
        TreeSet<String> described = new TreeSet<>();
        Endpoints.all().forEach(endpoint -> described.add(endpoint.method() + " " + endpoint.path()));
        assertThat(described).isEqualTo(mapped);
    }

    /// What is answered has the fields that are described, and no others.
    @Test
    void answersAreAsDescribed() throws IOException {
        Client client = APPLICATION.signedIn();
        JsonNode document = new tools.jackson.databind.ObjectMapper().readTree(Files.readString(FILE));
        String plan = "/api/sites/saltreach/draft";
        for (List<String> asked : List.of(
                List.of(plan, "/api/sites/{site}/{plan}"),
                List.of("/api/sites", "/api/sites"),
                List.of("/api/kinds", "/api/kinds"),
                List.of(plan + "/findings?wait=20000", "/api/sites/{site}/{plan}/findings"),
                List.of(plan + "/outline?to=%2B441632960100", "/api/sites/{site}/{plan}/outline"),
                List.of(plan + "/trace?to=%2B441632960100&at=2026-11-24T10:15", "/api/sites/{site}/{plan}/trace"),
                List.of(plan + "/numbers?at=2026-11-24T10:15", "/api/sites/{site}/{plan}/numbers"),
                List.of(plan + "/week-of-hours?at=2026-11-24T10:15", "/api/sites/{site}/{plan}/week-of-hours"),
                List.of(plan + "/rules-of-hours/terminal", "/api/sites/{site}/{plan}/rules-of-hours/{key}"),
                List.of(plan + "/people", "/api/sites/{site}/{plan}/people"),
                List.of(plan + "/people/2014/may-dial", "/api/sites/{site}/{plan}/people/{key}/may-dial"),
                List.of(plan + "/routes-in-order?number=%2B441632960100", "/api/sites/{site}/{plan}/routes-in-order"),
                List.of(plan + "/numbering", "/api/sites/{site}/{plan}/numbering"),
                List.of(plan + "/objects/queue?column=ringEach", "/api/sites/{site}/{plan}/objects/{kind}"),
                List.of(plan + "/objects/queue/bookings", "/api/sites/{site}/{plan}/objects/{kind}/{key}"),
                List.of(
                        plan + "/objects/queue/bookings/reached",
                        "/api/sites/{site}/{plan}/objects/{kind}/{key}/reached"))) {
            Client.Answer answer = client.get(asked.get(0));
            assertThat(answer.status()).as(asked.get(0)).isEqualTo(200);
            JsonNode schema =
                    document.at("/paths").get(asked.get(1)).at("/get/responses/200/content/application~1json/schema");
            List<String> wrong = new ArrayList<>();
            compare(asked.get(0), answer.json(), schema, document, wrong);
            assertThat(wrong).isEmpty();
        }
    }

    private static void compare(String where, JsonNode value, JsonNode schema, JsonNode document, List<String> wrong) {
        if (schema.has("$ref")) {
            compare(where, value, document.at(schema.at("/$ref").asString().substring(1)), document, wrong);
            return;
        }
        switch (schema.path("type").asString("")) {
            case "object" -> {
                schema.at("/required").forEach(name -> {
                    if (!value.has(name.asString())) {
                        wrong.add(where + ": " + name.asString() + " is missing");
                    }
                });
                value.properties().forEach(field -> {
                    JsonNode inner = schema.at("/properties").get(field.getKey());
                    if (inner == null) {
                        wrong.add(where + ": " + field.getKey() + " is not described");
                    } else {
                        compare(where + "/" + field.getKey(), field.getValue(), inner, document, wrong);
                    }
                });
            }
            case "array" -> value.forEach(item -> compare(where + "/*", item, schema.at("/items"), document, wrong));
            case "string" -> {
                boolean listed =
                        !schema.has("enum") || schema.at("/enum").toString().contains(value.toString());
                if (!(value.isString() && listed) && !value.isNull()) {
                    wrong.add(where + ": " + value + " is no such text");
                }
            }
            case "integer" -> {
                if (!value.isIntegralNumber()) {
                    wrong.add(where + ": " + value + " is no whole number");
                }
            }
            default -> {}
        }
    }
}
