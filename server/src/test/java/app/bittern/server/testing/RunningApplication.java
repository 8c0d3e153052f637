package app.bittern.server.testing;

import app.bittern.server.BitternServer;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/// Runs the real application for the tests of a class, on a port of its own, over a database of its own, with
/// the demo site.
public final class RunningApplication implements BeforeAllCallback, AfterAllCallback {
    public static final String NAME = "technician";
    public static final String PASSWORD = "made-for-the-test";

    private final boolean demo;
    private final TestDatabase.Fresh database;
    private int port;
    private ConfigurableApplicationContext context =
            new org.springframework.context.support.GenericApplicationContext();

    private RunningApplication(boolean demo, TestDatabase.Fresh database) {
        this.demo = demo;
        this.database = database;
    }

    /// A second server on the database of another.
    public static RunningApplication beside(RunningApplication other) {
        return new RunningApplication(other.demo, other.database);
    }

    public static RunningApplication withDemo() {
        return new RunningApplication(true, TestDatabase.fresh());
    }

    /// With no site at all.
    public static RunningApplication empty() {
        return new RunningApplication(false, TestDatabase.fresh());
    }

    @Override
    public void beforeAll(ExtensionContext test) {
        SpringApplication application = new SpringApplication(BitternServer.class);
        application.setDefaultProperties(new LinkedHashMap<>(properties(database, demo, 0)));
        context = application.run();
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
        context.close();
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
