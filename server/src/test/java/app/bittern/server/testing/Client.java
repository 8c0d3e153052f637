package app.bittern.server.testing;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Talks to the application as a browser does: with cookies and the token that changes need.
public final class Client {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final String address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    Client(String address) {
        this.address = address;
    }

    public static Client at(String address) {
        return new Client(address);
    }

    /// An answer of the application.
    public record Answer(int status, String text, java.net.http.HttpHeaders headers) {
        public JsonNode json() {
            return MAPPER.readTree(text);
        }
    }

    public Answer signIn(String name, String password) {
        get("/api/session");
        return post("/api/session", MAPPER.writeValueAsString(java.util.Map.of("name", name, "password", password)));
    }

    /// What a request is made with besides, by a machine: its token.
    private String bearer = "";

    /// A machine that shows a token, and has no cookies.
    public static Client machine(String address, String token) {
        Client client = new Client(address);
        client.bearer = "Bearer " + token;
        return client;
    }

    /// Signs in with a code of the second factor.
    public Answer signIn(String name, String password, String code) {
        get("/api/session");
        return post(
                "/api/session",
                MAPPER.writeValueAsString(java.util.Map.of("name", name, "password", password, "code", code)));
    }

    /// Posts an object of these fields.
    public Answer post(String path, java.util.Map<String, ?> fields) {
        return post(path, MAPPER.writeValueAsString(fields));
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    /// What is answered as text alone.
    public Answer getText(String path) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Accept", "text/plain")
                .GET());
    }

    /// The status of what is answered to somebody who would listen.
    public int listened(String path) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                        .header("Accept", "text/event-stream")
                        .GET())
                .status();
    }

    /// Listens to what the server goes on telling.
    public Listening listen(String path) {
        try {
            HttpRequest request = HttpRequest.newBuilder(URI.create(address + path))
                    .header("Accept", "text/event-stream")
                    .build();
            return new Listening(
                    http.send(request, BodyHandlers.ofInputStream()).body());
        } catch (IOException failed) {
            throw new java.io.UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    public Answer post(String path, String json) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token().orElse(""))
                .POST(BodyPublishers.ofString(json)));
    }

    public Answer postText(String path, String text) {
        return send(request(path)
                .header("Content-Type", "text/plain")
                .header("X-XSRF-TOKEN", token().orElse(""))
                .POST(BodyPublishers.ofString(text)));
    }

    public Answer remove(String path) {
        return send(request(path).header("X-XSRF-TOKEN", token().orElse("")).DELETE());
    }

    public Answer postWithoutToken(String path, String json) {
        return send(request(path).header("Content-Type", "application/json").POST(BodyPublishers.ofString(json)));
    }

    public Optional<HttpCookie> cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(name))
                .findFirst();
    }

    public void forget(String name) {
        cookie(name).ifPresent(cookie -> cookies.getCookieStore().remove(URI.create(address), cookie));
    }

    /// Sets a cookie that is there to something else.
    public void replace(String name, String value) {
        cookie(name).ifPresent(cookie -> cookie.setValue(value));
    }

    private Optional<String> token() {
        return cookie("bittern-token").map(HttpCookie::getValue);
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(address + path)).header("Accept", "application/json, text/plain");
        return bearer.isEmpty() ? request : request.header("Authorization", bearer);
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = http.send(request.build(), BodyHandlers.ofString());
            return new Answer(response.statusCode(), response.body(), response.headers());
        } catch (IOException failed) {
            throw new java.io.UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }
}
