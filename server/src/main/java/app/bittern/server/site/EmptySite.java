package app.bittern.server.site;

import app.bittern.formats.ObjectJson;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.server.Refusal;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// A site in which there is nothing yet.
final class EmptySite {
    private EmptySite() {}

    static Plan of(SiteApi.NewSite wanted) {
        String key = wanted.key();
        if (key == null || !Ref.sound(Kind.SITE, key)) {
            throw Refusal.unusable("key: found " + (key == null ? "nothing" : "'" + Problem.shown(key) + "'")
                    + "; allowed is " + Ref.allowedKey(Kind.SITE) + ".");
        }
        ObjectNode body = JsonNodeFactory.instance.objectNode();
        put(body, "name", wanted.name());
        put(body, "timeZone", wanted.timeZone());
        put(body, "country", wanted.country());
        if (wanted.language() != null) {
            ArrayNode languages = body.putArray("languages");
            Stream.of(wanted.language().split("[,;\\s]+", -1))
                    .filter(language -> !language.isBlank())
                    .forEach(languages::add);
        }
        return switch (ObjectJson.read(new Ref(Kind.SITE, key), body)) {
            case ObjectJson.Result.Read(PlanObject site) -> Plan.of(List.of(site));
            case ObjectJson.Result.Refused(List<Problem> problems) ->
                throw new Refusal(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        problems.stream().map(Problem::says).toList());
        };
    }

    private static void put(ObjectNode body, String field, @Nullable String value) {
        if (value != null) {
            body.put(field, value);
        }
    }
}
