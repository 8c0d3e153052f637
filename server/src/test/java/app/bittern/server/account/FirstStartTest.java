package app.bittern.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.ServerProcess;
import app.bittern.server.testing.TestDatabase;
import java.nio.file.Files;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class FirstStartTest {
    private static final Pattern PRINTED = Pattern.compile("sign in as 'technician' with the password '([a-z0-9]+)'");

    @Test
    void theFirstAccountIsMadeWithAPasswordThatIsPrintedOnceAndKeptAsAHashOnly() throws Exception {
        int port = TestDatabase.freePort();
        TestDatabase.Fresh database = TestDatabase.fresh();
        Map<String, Object> settings = new LinkedHashMap<>(RunningApplication.properties(database, false, port));
        settings.put("BITTERN_DEMO_PASSWORD", "");
        ServerProcess server = ServerProcess.start(settings, port);
        try {
            Matcher printed = PRINTED.matcher(Files.readString(server.log()));
            assertThat(printed.find()).isTrue();
            String password = printed.group(1);
            assertThat(printed.find()).isFalse();
            assertThat(kept(database)).startsWith("$2a$11$").doesNotContain(password);
            Client client = Client.at("http://127.0.0.1:" + port);
            assertThat(client.signIn("technician", password).status()).isEqualTo(200);
            assertThat(client.get("/api/sites").text()).contains("Choose a password of your own first");
            assertThat(client.post(
                                    "/api/account/password",
                                    Map.of("current", password, "password", "lantern quay otter 7"))
                            .status())
                    .isEqualTo(204);
            assertThat(client.get("/api/sites").text()).isEqualTo("[]");
        } finally {
            server.process().destroyForcibly();
        }
    }

    private static String kept(TestDatabase.Fresh database) throws SQLException {
        try (var connection = DriverManager.getConnection(
                        "jdbc:postgresql://127.0.0.1:" + database.port() + "/" + database.name(),
                        "bittern",
                        database.password());
                var rows = connection.createStatement().executeQuery("select password from account")) {
            assertThat(rows.next()).isTrue();
            return rows.getString(1);
        }
    }
}
