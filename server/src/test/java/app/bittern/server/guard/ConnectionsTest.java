package app.bittern.server.guard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.bittern.server.testing.Certificate;
import app.bittern.server.testing.RunningApplication;
import java.io.IOException;
import java.io.OutputStream;
import java.net.CookieManager;
import java.net.InetAddress;
import java.net.Socket;
import java.net.SocketException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

class ConnectionsTest {
    @TempDir
    static Path folder;

    private static Optional<Certificate> certificate = Optional.empty();

    @RegisterExtension
    static final RunningApplication BEHIND =
            RunningApplication.withDemo().with("bittern.proxies", "127.0.0.1, 192.0.2.1");

    @RegisterExtension
    static final RunningApplication ALONE = RunningApplication.beside(BEHIND);

    private static HttpResponse<String> signedIn(HttpClient http, String address, String... headers)
            throws IOException, InterruptedException {
        HttpRequest.Builder first = HttpRequest.newBuilder(URI.create(address + "/api/session"));
        String[] all = headers.length == 0 ? new String[] {"Accept", "application/json"} : headers;
        HttpResponse<String> before = http.send(first.headers(all).build(), BodyHandlers.ofString());
        String set = before.headers().firstValue("Set-Cookie").orElseThrow();
        String pair = set.substring(0, set.indexOf(';'));
        return http.send(
                HttpRequest.newBuilder(URI.create(address + "/api/session"))
                        .headers(all)
                        .header("Content-Type", "application/json")
                        .header("Cookie", pair)
                        .header("X-XSRF-TOKEN", pair.substring(pair.indexOf('=') + 1))
                        .POST(HttpRequest.BodyPublishers.ofString("{\"name\":\"" + RunningApplication.NAME
                                + "\",\"password\":\"" + RunningApplication.PASSWORD + "\"}"))
                        .build(),
                BodyHandlers.ofString());
    }

    private static List<String> cookies(HttpResponse<String> answer) {
        return answer.headers().allValues("Set-Cookie");
    }

    private static final String[] FORWARDED = {"X-Forwarded-For", "198.51.100.7", "X-Forwarded-Proto", "https"};

    @Test
    void aProxyThatIsNamedIsBelievedWhatItForwards() throws Exception {
        HttpResponse<String> answer = signedIn(HttpClient.newHttpClient(), BEHIND.address(), FORWARDED);
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(cookies(answer))
                .hasSize(3)
                .allSatisfy(cookie -> assertThat(cookie)
                        .startsWith("__Host-bittern-")
                        .contains("Secure")
                        .contains("SameSite=Strict")
                        .contains("Path=/")
                        .doesNotContain("Domain"));
        assertThat(answer.headers().firstValue("Strict-Transport-Security")).isPresent();
        assertThat(BEHIND.signedIn()
                        .get("/api/sites/saltreach/access/done?kind=sign-in")
                        .text())
                .contains("\"address\":\"198.51.100.7\"");
    }

    @Test
    void whoeverElseForwardsIsNot() throws Exception {
        HttpResponse<String> answer = signedIn(HttpClient.newHttpClient(), ALONE.address(), FORWARDED);
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(cookies(answer))
                .allSatisfy(cookie -> assertThat(cookie).startsWith("bittern-").doesNotContain("Secure"));
        assertThat(answer.headers().firstValue("Strict-Transport-Security")).isEmpty();
    }

    @BeforeAll
    static void certificate() throws Exception {
        certificate = Optional.of(Certificate.in(folder));
    }

    private static RunningApplication secure() {
        Certificate its = certificate.orElseThrow();
        return RunningApplication.beside(BEHIND)
                .with("bittern.tls.certificate", its.certificate().toString())
                .with("bittern.tls.key", its.key().toString());
    }

    @Test
    void tlsOfOurOwnIsSpokenWithTheFilesThatAreNamed() throws Exception {
        RunningApplication secure = secure();
        secure.start();
        try {
            TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
            trust.init(certificate.orElseThrow().store());
            SSLContext context = SSLContext.getInstance("TLS");
            context.init(null, trust.getTrustManagers(), null);
            HttpClient http = HttpClient.newBuilder()
                    .sslContext(context)
                    .cookieHandler(new CookieManager())
                    .connectTimeout(Duration.ofSeconds(20))
                    .build();
            HttpResponse<String> answer = signedIn(http, "https://127.0.0.1:" + secure.port());
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(cookies(answer))
                    .allSatisfy(cookie ->
                            assertThat(cookie).startsWith("__Host-bittern-").contains("Secure"));
            assertThat(answer.headers().firstValue("Strict-Transport-Security")).isPresent();
            assertThatThrownBy(() -> HttpClient.newHttpClient()
                            .send(
                                    HttpRequest.newBuilder(
                                                    URI.create("http://127.0.0.1:" + secure.port() + "/api/session"))
                                            .build(),
                                    BodyHandlers.ofString())
                            .headers()
                            .firstValue("Set-Cookie")
                            .orElseThrow())
                    .isInstanceOf(Exception.class);
        } finally {
            secure.stop();
        }
    }

    /// A greeting of TLS that does not end: its first bytes say that 512 are to come, and one comes now and then.
    @Test
    void aHandshakeThatDoesNotEndEndsTheConnection() throws IOException {
        RunningApplication secure = secure().with("bittern.patience.headers", "2s");
        secure.start();
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), secure.port())) {
            socket.setSoTimeout(20_000);
            OutputStream out = socket.getOutputStream();
            out.write(new byte[] {22, 3, 1, 2, 0});
            long begun = System.nanoTime();
            assertThatThrownBy(() -> {
                        while (System.nanoTime() - begun < TimeUnit.SECONDS.toNanos(20)) {
                            out.write(1);
                            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(200));
                        }
                    })
                    .isInstanceOf(SocketException.class);
        } finally {
            secure.stop();
        }
    }

    @Test
    void oneAddressKeepsNobodyElseOut() throws Exception {
        RunningApplication few = RunningApplication.beside(BEHIND).with("bittern.connections-of-address", "20");
        few.start();
        List<Socket> held = new ArrayList<>();
        try {
            while (held.size() < 20) {
                held.add(connected(few, "127.0.0.3"));
            }
            assertThat(answers(connected(few, "127.0.0.3"))).isFalse();
            assertThat(answers(connected(few, "127.0.0.4"))).isTrue();
            assertThat(answers(held.getFirst())).isTrue();
        } finally {
            few.stop();
            for (Socket one : held) {
                one.close();
            }
        }
    }

    /// A connection from an address of this machine.
    private static Socket connected(RunningApplication to, String from) throws IOException {
        Socket socket = new Socket(InetAddress.getLoopbackAddress(), to.port(), InetAddress.getByName(from), 0);
        socket.setSoTimeout(20_000);
        return socket;
    }

    private static boolean answers(Socket socket) throws IOException {
        try (socket) {
            socket.getOutputStream()
                    .write("GET /actuator/health HTTP/1.1\r\nHost: bittern\r\n\r\n"
                            .getBytes(StandardCharsets.US_ASCII));
            return socket.getInputStream().read() == 'H';
        } catch (SocketException closed) {
            return false;
        }
    }

    @Test
    void aKeyWithoutItsCertificateIsSaid() {
        RunningApplication half = RunningApplication.beside(BEHIND)
                .with("bittern.tls.key", folder.resolve("key.pem").toString());
        assertThatThrownBy(half::start).hasStackTraceContaining("TLS needs both");
    }
}
