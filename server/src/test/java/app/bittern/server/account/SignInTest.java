package app.bittern.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class SignInTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @Test
    void nothingIsToldToThoseWhoHaveNotSignedIn() {
        Client client = APPLICATION.client();
        assertThat(client.get("/api/sites").status()).isEqualTo(401);
        assertThat(client.get("/api/session").text()).isEqualTo("{\"mustChange\":false,\"everySite\":false}");
        assertThat(client.get("/actuator/env").status()).isIn(401, 403);
        assertThat(client.get("/actuator/health").status()).isEqualTo(200);
    }

    @Test
    void aSessionIsACookieThatScriptsCannotReadAndThatChangesAtSignIn() {
        Client client = APPLICATION.signedIn();
        assertThat(client.get("/api/session").text())
                .isEqualTo("{\"name\":\"technician\",\"mustChange\":false,\"everySite\":true}");
        assertThat(client.cookie("bittern-session"))
                .hasValueSatisfying(cookie -> assertThat(cookie.isHttpOnly()).isTrue());
        Client other = APPLICATION.client();
        String set = String.join(
                ";",
                other.signIn(RunningApplication.NAME, RunningApplication.PASSWORD)
                        .headers()
                        .allValues("Set-Cookie"));
        assertThat(set).contains("bittern-session").contains("HttpOnly").contains("SameSite=Strict");
    }

    /// A browser may lose one cookie and not the other.
    @Test
    void aTokenThatIsLostIsGivenAgain() {
        Client client = APPLICATION.signedIn();
        client.forget("bittern-token");
        assertThat(client.post("/api/sites/saltreach/draft/undo", "").status()).isEqualTo(403);
        client.get("/api/session");
        assertThat(client.post("/api/sites/saltreach/draft/undo", "").status()).isEqualTo(409);
    }

    /// What was set as a cookie by another page, or is another session's, is worth nothing.
    @Test
    void aTokenOfAnotherSessionIsRefused() {
        Client client = APPLICATION.signedIn();
        String theirs =
                APPLICATION.signedIn().cookie("bittern-token").orElseThrow().getValue();
        client.replace("bittern-token", theirs);
        assertThat(client.post("/api/sites/saltreach/draft/undo", "").status()).isEqualTo(403);
    }

    @Test
    void aChangeWithoutItsTokenIsRefused() {
        Client client = APPLICATION.signedIn();
        assertThat(client.postWithoutToken("/api/sites/saltreach/undo", "{}").status())
                .isEqualTo(403);
    }

    /// One after another there are as many as there are tokens; at once there are no more of them.
    @Test
    void ofManyWrongPasswordsAtOnceOnlyAFewAreLookedAt() throws Exception {
        List<Integer> answered = new ArrayList<>();
        try (ExecutorService people = Executors.newFixedThreadPool(25)) {
            List<Future<Integer>> all = new ArrayList<>();
            for (int one = 0; one < 25; one++) {
                all.add(people.submit(
                        () -> APPLICATION.client().signIn("many", "wrong").status()));
            }
            for (Future<Integer> one : all) {
                answered.add(one.get());
            }
        }
        assertThat(answered).containsOnly(401, 429);
        assertThat(answered.stream().filter(status -> status == 401)).hasSizeBetween(1, 11);
        Client.Answer refused = APPLICATION.client().signIn("many", "wrong");
        assertThat(refused.status()).isEqualTo(429);
        assertThat(refused.headers().firstValue("Retry-After")).isPresent();
        assertThat(refused.json().at("/detail").asString()).startsWith("Too many wrong passwords: try again in ");
    }

    @Test
    void everyAnswerCarriesTheHeadersThatKeepScriptsOut() {
        Client.Answer page = APPLICATION.client().get("/numbers");
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.text()).contains("<div id=\"app\">").doesNotContain("<script>");
        assertThat(page.headers().firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'none'")
                .contains("script-src 'self'")
                .doesNotContain("unsafe-inline");
        assertThat(page.headers().firstValue("X-Content-Type-Options")).contains("nosniff");
        assertThat(page.headers().firstValue("X-Frame-Options")).contains("DENY");
        assertThat(APPLICATION.client().get("/assets/none.js").status()).isEqualTo(404);
    }

    @Test
    void signingOutEndsTheSession() {
        Client client = APPLICATION.signedIn();
        assertThat(client.remove("/api/session").status()).isEqualTo(204);
        assertThat(client.get("/api/sites").status()).isEqualTo(401);
    }
}
