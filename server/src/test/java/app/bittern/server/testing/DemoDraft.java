package app.bittern.server.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import tools.jackson.databind.JsonNode;

/// The draft of the demo site in an application of its own, asked and changed as a browser does. Before each test it is
/// the demo plan.
public final class DemoDraft implements BeforeAllCallback, AfterAllCallback, BeforeEachCallback {
    private static final String DRAFT = "/api/sites/saltreach/draft";

    private final RunningApplication application = RunningApplication.withDemo();
    private Client client = application.client();

    @Override
    public void beforeAll(ExtensionContext test) {
        application.beforeAll(test);
    }

    @Override
    public void afterAll(ExtensionContext test) {
        application.afterAll(test);
    }

    @Override
    public void beforeEach(ExtensionContext test) {
        application.asTheDemoPlanIs();
        client = application.signedIn();
    }

    /// What the draft answers to a question that it can answer.
    public JsonNode get(String path) {
        return good(ask(path));
    }

    /// Whatever it answers.
    public Client.Answer ask(String path) {
        return client.get(DRAFT + path);
    }

    public Client.Answer post(String path, String json) {
        return client.post(DRAFT + path, json);
    }

    public Client.Answer postText(String path, String text) {
        return client.postText(DRAFT + path, text);
    }

    /// Wishes that are carried out, as one edit.
    public void edit(String... wishes) {
        good(wish(wishes));
    }

    /// Wishes as one edit, whatever comes of it.
    public Client.Answer wish(String... wishes) {
        return post("/edits", wishes(wishes));
    }

    public static String wishes(String... wishes) {
        return "{\"wishes\":[" + String.join(",", wishes) + "]}";
    }

    /// The wish that a field has a value.
    ///
    /// @param value in JSON
    public static String set(String object, String field, String value) {
        return "{\"set\":{\"object\":\"" + object + "\",\"field\":\"" + field + "\",\"value\":" + value + "}}";
    }

    /// What an answer says, which is not refused.
    public static JsonNode good(Client.Answer answer) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    /// Of each in a list the text in a place.
    public static List<String> texts(JsonNode list, String at) {
        List<String> all = new ArrayList<>();
        list.forEach(one -> all.add(one.at(at).asString()));
        return all;
    }
}
