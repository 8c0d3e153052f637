package app.bittern.server.guard;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Listening;
import app.bittern.server.testing.RunningApplication;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class SlowRequestsTest {
    @RegisterExtension
    static final RunningApplication APPLICATION =
            RunningApplication.withDemo().with("bittern.patience.headers", "2s").with("bittern.patience.body", "2s");

    private static Socket connected() throws IOException {
        Socket socket = new Socket(InetAddress.getLoopbackAddress(), APPLICATION.port());
        socket.setSoTimeout(30_000);
        return socket;
    }

    private static void send(Socket socket, String text) throws IOException {
        OutputStream out = socket.getOutputStream();
        out.write(text.getBytes(StandardCharsets.US_ASCII));
        out.flush();
    }

    /// Sends a byte now and then, as often as the container's own time for the next one asks for, until there is an
    /// answer or the connection is closed.
    private static String trickled(Socket socket, String what, Duration most) throws IOException {
        InputStream in = socket.getInputStream();
        long end = System.nanoTime() + most.toNanos();
        try {
            while (in.available() == 0 && System.nanoTime() < end) {
                LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(200));
                send(socket, what);
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (SocketException closed) {
            return "";
        }
    }

    /// What is answered for long is no half-sent request: a screen hears the next beat.
    @Test
    void whoListensIsNotTakenForOneThatDoesNotEnd() {
        try (Listening listening = APPLICATION.signedIn().listen("/api/events?site=saltreach")) {
            listening.next("hello");
            LockSupport.parkNanos(TimeUnit.SECONDS.toNanos(5));
            APPLICATION
                    .signedIn()
                    .post(
                            "/api/sites/saltreach/draft/edits",
                            "{\"wishes\":[{\"set\":{\"object\":\"mailbox/bookings\",\"field\":\"/name\",\"value\":\"Boats\"}}]}");
            assertThat(listening.next("edited").at("/version").asInt()).isEqualTo(1);
        }
    }

    @Test
    void headersThatDoNotEndEndTheConnection() throws IOException {
        try (Socket socket = connected()) {
            send(socket, "GET /api/session HTTP/1.1\r\nHost: here\r\nX-Long: ");
            long begun = System.nanoTime();
            assertThat(trickled(socket, "a", Duration.ofSeconds(20))).doesNotContain("HTTP/1.1 200");
            assertThat(Duration.ofNanos(System.nanoTime() - begun)).isLessThan(Duration.ofSeconds(15));
        }
    }

    @Test
    void aBodyThatTricklesIsRefused() throws IOException {
        try (Socket socket = connected()) {
            send(
                    socket,
                    "POST /api/session HTTP/1.1\r\nHost: here\r\nContent-Type: application/json\r\n"
                            + "Cookie: bittern-token=t\r\nX-XSRF-TOKEN: t\r\nContent-Length: 4000\r\n\r\n{\"name\":\"");
            assertThat(trickled(socket, "a", Duration.ofSeconds(20)))
                    .startsWith("HTTP/1.1 408")
                    .contains("came too slowly");
        }
    }

    @Test
    void aBodyThatDoesNotComeIsRefused() throws IOException {
        try (Socket socket = connected()) {
            send(
                    socket,
                    "POST /api/session HTTP/1.1\r\nHost: here\r\nContent-Type: application/json\r\n"
                            + "Cookie: bittern-token=t\r\nX-XSRF-TOKEN: t\r\nContent-Length: 40\r\n\r\n{\"name\":\"");
            assertThat(new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                    .startsWith("HTTP/1.1 408");
        }
    }

    /// Whoever asks for much and reads none of it: what is answered stays in buffers, then whoever answers waits.
    @Test
    void manyThatReadNothingKeepNobodyOutAndAreLetGo() throws IOException {
        Matcher script = Pattern.compile("src=\"(/assets/[^\"]+[.]js)\"")
                .matcher(APPLICATION.client().get("/").text());
        assertThat(script.find()).isTrue();
        String asked = ("GET " + script.group(1) + " HTTP/1.1\r\nHost: here\r\n\r\n").repeat(100);
        List<Socket> deaf = new ArrayList<>();
        try {
            for (int one = 0; one < 40; one++) {
                Socket socket = new Socket();
                deaf.add(socket);
                socket.setReceiveBufferSize(4096);
                socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), APPLICATION.port()));
                send(socket, asked);
            }
            assertThat(APPLICATION.signedIn().get("/api/sites/saltreach/draft").status())
                    .isEqualTo(200);
            for (Socket socket : deaf) {
                assertThat(closed(socket, Duration.ofSeconds(15))).isTrue();
            }
        } finally {
            for (Socket socket : deaf) {
                socket.close();
            }
        }
    }

    /// Whether the other end closes a connection of which nothing is read: what is sent there is refused then.
    private static boolean closed(Socket socket, Duration most) {
        long end = System.nanoTime() + most.toNanos();
        try {
            while (System.nanoTime() < end) {
                send(socket, "G");
                LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(100));
            }
            return false;
        } catch (IOException refused) {
            return true;
        }
    }

    @Test
    void manyThatAreHalfSentKeepNobodyOut() throws IOException {
        List<Socket> half = new ArrayList<>();
        try {
            for (int one = 0; one < 400; one++) {
                Socket socket = connected();
                half.add(socket);
                send(socket, "GET / HTTP/1.1\r\nHost: here\r\nX-Half: ");
            }
            assertThat(APPLICATION.client().get("/api/session").status()).isEqualTo(200);
            for (Socket socket : half) {
                // Closed by the server, with an answer or without one.
                try {
                    socket.getInputStream().readAllBytes();
                } catch (SocketException closed) {
                    assertThat(closed).isNotNull();
                }
            }
        } finally {
            for (Socket socket : half) {
                socket.close();
            }
        }
        assertThat(APPLICATION.client().get("/api/session").status()).isEqualTo(200);
    }
}
