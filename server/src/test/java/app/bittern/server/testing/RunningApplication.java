package app.bittern.server.testing;

import app.bittern.server.BitternServer;
import java.time.Clock;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import tools.jackson.databind.JsonNode;

/// Runs the real application for the tests of a class, on a port of its own, over a database of its own, with
/// the demo site.
public final class RunningApplication implements BeforeAllCallback, AfterAllCallback {
    public static final String NAME = "technician";
    public static final String PASSWORD = "made-for-the-test";

    /// Of whoever was invited.
    public static final String INVITED = "quay lantern otter 41";

    private static final String NEVER = Duration.ofDays(1).toString();

    private final boolean demo;
    private final TestDatabase.Fresh database;
    private final Map<String, String> settings = new LinkedHashMap<>();
    private int port;
    private ConfigurableApplicationContext context = new GenericApplicationContext();

    private RunningApplication(boolean demo, TestDatabase.Fresh database) {
        this.demo = demo;
        this.database = database;
        // Sixteen rounds of hashing for each password, and no comparison that nobody asks for, after each edit of each
        // test.
        with("bittern.password-strength", "4").with("bittern.differences-moment", NEVER);
    }

    /// A second server on the database of another.
    public static RunningApplication beside(RunningApplication other) {
        return new RunningApplication(other.demo, other.database);
    }

    /// With the demo site, over a database that is there.
    public static RunningApplication over(TestDatabase.Fresh database) {
        return new RunningApplication(true, database);
    }

    public static RunningApplication withDemo() {
        return new RunningApplication(true, TestDatabase.fresh());
    }

    /// With no site at all.
    public static RunningApplication empty() {
        return new RunningApplication(false, TestDatabase.fresh());
    }

    private Clock clock = new MovedClock();

    /// By a clock of the test's.
    public RunningApplication by(Clock clock) {
        this.clock = clock;
        return this;
    }

    /// With a setting other than usual.
    public RunningApplication with(String setting, String value) {
        settings.put(setting, value);
        return this;
    }

    /// Finds what callers notice of each edit, as usual.
    public RunningApplication findingDifferences() {
        settings.remove("bittern.differences-moment");
        return this;
    }

    /// Computes nothing that nobody asks for, as a test does that makes hundreds of edits and looks at none of it.
    public RunningApplication computingNothingForLater() {
        return with("bittern.background-moment", NEVER);
    }

    @Override
    public void beforeAll(ExtensionContext test) {
        start();
    }

    public void start() {
        SpringApplication application = new SpringApplication(BitternServer.class);
        application.setDefaultProperties(new LinkedHashMap<>(properties(database, demo, 0)));
        application.addInitializers(
                starting -> ((GenericApplicationContext) starting).registerBean("clock", Clock.class, () -> clock));
        context = application.run(settings.entrySet().stream()
                .map(setting -> "--" + setting.getKey() + "=" + setting.getValue())
                .toArray(String[]::new));
        port = Objects.requireNonNull(((WebServerApplicationContext) context).getWebServer())
                .getPort();
    }

    /// The settings of the application over a database.
    public static Map<String, Object> properties(TestDatabase.Fresh database, boolean demo, int port) {
        return Map.of(
                "BITTERN_DB_PORT", String.valueOf(database.port()),
                "BITTERN_DB_NAME", database.name(),
                "BITTERN_DB_PASSWORD", database.password(),
                "BITTERN_PORT", String.valueOf(port),
                "BITTERN_DEMO", String.valueOf(demo),
                "BITTERN_DEMO_PASSWORD", PASSWORD);
    }

    @Override
    public void afterAll(ExtensionContext test) {
        stop();
    }

    public void stop() {
        context.close();
    }

    public int port() {
        return port;
    }

    public String address() {
        return "http://127.0.0.1:" + port;
    }

    /// A client that has signed in.
    public Client signedIn() {
        Client client = new Client(address());
        client.signIn(NAME, PASSWORD);
        return client;
    }

    /// Takes back whatever has been done to the demo site, so that its draft is the demo plan.
    public void asTheDemoPlanIs() {
        Client client = signedIn();
        JsonNode standing =
                client.get("/api/sites/saltreach/draft/journal?most=200").json();
        for (JsonNode entry : standing) {
            if (!entry.at("/kind").asString().equals("undo")
                    && !entry.at("/undone").asBoolean()) {
                Client.Answer undone = client.post(
                        "/api/sites/saltreach/draft/undo?version="
                                + entry.at("/version").asLong(),
                        "");
                if (undone.status() != 200) {
                    throw new IllegalStateException(undone.text());
                }
            }
        }
    }

    /// Invites somebody to a site, and signs in as the account that comes of it.
    public Client invited(String name, String site, String... rights) {
        Client manager = signedIn();
        String secret = manager.post("/api/sites/" + site + "/access/invitations", Map.of("rights", List.of(rights)))
                .json()
                .at("/secret")
                .asString();
        Client client = client();
        client.get("/api/session");
        Client.Answer accepted =
                client.post("/api/invitations/accepted", Map.of("secret", secret, "name", name, "password", INVITED));
        if (accepted.status() != 200) {
            throw new IllegalStateException(accepted.text());
        }
        return client;
    }

    public Client client() {
        return new Client(address());
    }

    /// A part of the application, to look at what cannot be seen from outside.
    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    /// One of several parts of a type.
    public <T> T bean(String name, Class<T> type) {
        return context.getBean(name, type);
    }

    public TestDatabase.Fresh database() {
        return database;
    }
}
