package app.bittern.server.object;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.formats.FieldForm;
import app.bittern.plan.Kind;
import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// Every field of every object of the demo plan that holds one text, number or truth is taken away or set, and
/// is in the plan file as it was set; what is refused says what is allowed.
class EveryFieldTest {
    private static final String PLAN = "/api/sites/saltreach/draft";

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    private Client client = APPLICATION.client();

    @BeforeEach
    void signIn() {
        client = APPLICATION.signedIn();
    }

    /// A field, and another value for it.
    private record Changed(String object, String at, String value) {}

    /// Another value of the same sort, where one can be made of the form alone.
    private static Optional<String> other(FieldForm form, JsonNode value) {
        if (form.types().contains(FieldForm.Type.FLAG)) {
            return Optional.of(String.valueOf(!value.asBoolean()));
        }
        if (form.types().contains(FieldForm.Type.DURATION) && value.isString()) {
            return Optional.of("\"" + (value.asString().equals("17s") ? "19s" : "17s") + "\"");
        }
        if (form.types().contains(FieldForm.Type.WHOLE)
                && value.isNumber()
                && form.most().isPresent()) {
            int now = value.asInt();
            return Optional.of(String.valueOf(now < form.most().get() ? now + 1 : now - 1));
        }
        if (form.types().contains(FieldForm.Type.WORDS) && value.isString()) {
            return Optional.of("\"Said otherwise by a test.\"");
        }
        return form.name().equals("name") ? Optional.of("\"Otherwise\"") : Optional.empty();
    }

    @Test
    void isChangedAndFoundInThePlanFile() {
        Map<String, Changed> changes = new LinkedHashMap<>();
        for (Kind kind : Kind.values()) {
            client.get(PLAN + "/objects/" + kind.word() + "?rows=500")
                    .json()
                    .at("/rows")
                    .forEach(row -> {
                        JsonNode object = client.get(PLAN + "/objects/"
                                        + row.at("/object").asString().replace("+", "%2B"))
                                .json();
                        FieldForm.walk(
                                kind,
                                object.at("/body"),
                                (at, form, value) -> other(form, value)
                                        .ifPresent(other -> changes.putIfAbsent(
                                                kind.word() + at.replaceAll("/[0-9]+", "/*"),
                                                new Changed(object.at("/object").asString(), at, other))));
                    });
        }
        assertThat(changes.size()).isGreaterThan(70);
        List<Changed> refused =
                changes.values().stream().filter(one -> !changed(one)).toList();
        // What stands beside it does not fit a few.
        assertThat(refused).hasSizeLessThan(5);
    }

    /// Whether it was changed, and is in the plan file as it was set.
    private boolean changed(Changed one) {
        Client.Answer answer = client.post(
                PLAN + "/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"" + one.object() + "\",\"field\":\"" + one.at() + "\",\"value\":"
                        + one.value() + "}}]}");
        if (answer.status() != 200) {
            assertThat(answer.json().at("/detail").asString()).as("%s", one).contains("allowed");
            return false;
        }
        JsonNode body = client.get(PLAN + "/objects/" + one.object().replace("+", "%2B"))
                .json()
                .at("/body");
        String kept = body.at(one.at()).toString();
        // What is as usual is not written.
        assertThat(kept.isEmpty() || kept.equals(one.value()))
                .as("%s: %s", one, kept)
                .isTrue();
        return true;
    }
}
