package app.bittern.server.guard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.bittern.server.testing.Certificate;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.TestDatabase;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DatabaseLinkTest {
    private static final String SETTING = "bittern.database.certificate";

    private static RunningApplication over(TestDatabase cluster, Path certificate) {
        return RunningApplication.over(cluster.own()).with(SETTING, certificate.toString());
    }

    /// The database's own files have to be of whom it runs as.
    private static void give(Path file, Path to) throws Exception {
        Files.copy(file, to);
        Files.setPosixFilePermissions(to, PosixFilePermissions.fromString("rw-------"));
        Files.setOwner(to, Files.getOwner(to.getParent()));
    }

    private static void speakTls(TestDatabase cluster, Certificate certificate) throws Exception {
        Path data = cluster.folder().resolve("data");
        give(certificate.certificate(), data.resolve("server.crt"));
        give(certificate.key(), data.resolve("server.key"));
        try (Connection connection = cluster.administrator("postgres");
                Statement statement = connection.createStatement()) {
            statement.execute("alter system set ssl = on");
        }
        cluster.stop();
        cluster.start();
    }

    private static List<Boolean> links(TestDatabase cluster) throws SQLException {
        List<Boolean> all = new java.util.ArrayList<>();
        try (Connection connection = cluster.administrator("postgres");
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(
                        "select ssl from pg_stat_ssl join pg_stat_activity using (pid) where usename = 'bittern'")) {
            while (rows.next()) {
                all.add(rows.getBoolean(1));
            }
        }
        return all;
    }

    @Test
    void everythingGoesByTlsToTheDatabaseWhoseCertificateIsNamedAndToNoOther(@TempDir Path own, @TempDir Path another)
            throws Exception {
        TestDatabase cluster = TestDatabase.alone(Path.of("/tmp"));
        Certificate certificate = Certificate.in(own);
        speakTls(cluster, certificate);
        RunningApplication application = over(cluster, certificate.certificate());
        application.start();
        try {
            assertThat(application.signedIn().get("/api/sites/saltreach/draft").status())
                    .isEqualTo(200);
            assertThat(links(cluster)).hasSizeGreaterThan(1).containsOnly(true);
        } finally {
            application.stop();
        }
        assertThatThrownBy(over(cluster, Certificate.in(another).certificate())::start)
                .hasStackTraceContaining("PKIX path");
        cluster.stop();
    }

    @Test
    void aDatabaseThatSpeaksNoTlsIsNotSpokenTo(@TempDir Path folder) throws Exception {
        RunningApplication application = RunningApplication.withDemo()
                .with(SETTING, Certificate.in(folder).certificate().toString());
        assertThatThrownBy(application::start).hasStackTraceContaining("does not support SSL");
    }

    @Test
    void aDatabaseOnAnotherMachineNeedsIt() {
        assertThatThrownBy(RunningApplication.withDemo().with("bittern.database.host", "192.0.2.7")::start)
                .hasMessage("BITTERN_DB_HOST: 192.0.2.7 is another machine, to which everything would go in clear. Name"
                        + " the certificate of its database, or of who signed it, in BITTERN_DB_CERTIFICATE, as a file"
                        + " in PEM.");
        assertThatThrownBy(RunningApplication.withDemo().with(SETTING, "/nowhere.pem")::start)
                .hasMessage("BITTERN_DB_CERTIFICATE: found '/nowhere.pem', which is not there or cannot be read.");
    }
}
