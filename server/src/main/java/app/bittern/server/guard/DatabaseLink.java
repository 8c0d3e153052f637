package app.bittern.server.guard;

import java.net.InetAddress;
import java.net.URLEncoder;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.springframework.boot.EnvironmentPostProcessor;
import org.springframework.boot.SpringApplication;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.MapPropertySource;

/// What goes to a database on another machine goes by TLS, to the one whose certificate is named and to no other; on
/// this machine it need not. Made by its name before anything is connected; see META-INF/spring.factories.
public final class DatabaseLink implements EnvironmentPostProcessor {
    private static final String TLS = "bittern.database.tls";

    @Override
    public void postProcessEnvironment(ConfigurableEnvironment environment, SpringApplication application) {
        String host = environment.getProperty("bittern.database.host", "");
        String certificate = environment.getProperty("bittern.database.certificate", "");
        if (certificate.isEmpty()) {
            if (!isHere(host)) {
                throw new IllegalStateException("BITTERN_DB_HOST: " + host
                        + " is another machine, to which everything would go in clear. Name the certificate of its"
                        + " database, or of who signed it, in BITTERN_DB_CERTIFICATE, as a file in PEM.");
            }
            return;
        }
        if (!Files.isReadable(Path.of(certificate))) {
            throw new IllegalStateException(
                    "BITTERN_DB_CERTIFICATE: found '" + certificate + "', which is not there or cannot be read.");
        }
        String settings = "sslmode=verify-full&sslrootcert=" + URLEncoder.encode(certificate, StandardCharsets.UTF_8);
        environment.getPropertySources().addFirst(new MapPropertySource(TLS, Map.of(TLS, settings)));
    }

    /// A name that nobody knows is no name of this machine.
    private static boolean isHere(String host) {
        try {
            return InetAddress.getByName(host).isLoopbackAddress();
        } catch (UnknownHostException unknown) {
            return false;
        }
    }
}
