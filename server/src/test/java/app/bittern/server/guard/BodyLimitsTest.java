package app.bittern.server.guard;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BodyLimitsTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    /// What is answered to the head of a request, with nothing of its body sent.
    private static String answered(String head, String body) throws IOException {
        URI address = URI.create(APPLICATION.address());
        try (Socket socket = new Socket(address.getHost(), address.getPort())) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream()
                    .write((head + "Host: " + address.getAuthority() + "\r\n\r\n" + body)
                            .getBytes(StandardCharsets.US_ASCII));
            return untilItsEnd(socket.getInputStream());
        }
    }

    /// The server may wait for what it has been promised, so it is not read to where the connection ends.
    private static String untilItsEnd(InputStream answer) throws IOException {
        StringBuilder text = new StringBuilder();
        int letter = answer.read();
        while (letter >= 0) {
            text.append((char) letter);
            letter = text.indexOf("taken here.\"]") < 0 ? answer.read() : -1;
        }
        return text.toString();
    }

    @ParameterizedTest
    @CsvSource({
        "/api/session, application/json, 4097, 4 kB",
        "/api/session, text/plain, 4097, 4 kB",
        "/api/%73ession, application/json, 4097, 4 kB",
        "/api/sites/saltreach/draft/edits, application/json, 1048577, 1 MB",
        "/api/sites/saltreach/draft/edits, what is this, 1048577, 1 MB",
        "/api/sites, text/plain, 41943041, 40 MB",
        "/api/none, application/json, 99999999999, 1 MB",
    })
    void whatNamesItselfTooLongIsNotReadAtAll(String path, String type, String length, String most) throws IOException {
        String answer = answered(
                "POST " + path + " HTTP/1.1\r\nContent-Type: " + type + "\r\nContent-Length: " + length + "\r\n", "");
        assertThat(answer)
                .startsWith("HTTP/1.1 413")
                .contains("application/problem+json")
                .contains("The request brings more than " + most + ", which is the most that is taken here.");
    }

    @Test
    void whatDoesNotSayHowLongItIsIsReadNoFurtherThanItMayBe() throws IOException {
        List<String> head = List.of(
                "POST /api/session HTTP/1.1",
                "Content-Type: application/json",
                "Transfer-Encoding: chunked",
                "Cookie: bittern-token=t",
                "X-XSRF-TOKEN: t");
        String body = "{\"name\":\"" + "a".repeat(4097);
        String answer = answered(
                String.join("\r\n", head) + "\r\n", Integer.toHexString(body.length()) + "\r\n" + body + "\r\n");
        assertThat(answer).startsWith("HTTP/1.1 413").contains("4 kB");
    }

    @Test
    void whatIsWithinItsLimitIsTakenAsBefore() {
        Client client = APPLICATION.client();
        assertThat(client.signIn("a".repeat(3900), "wrong").status()).isEqualTo(401);
        Client signedIn = APPLICATION.signedIn();
        assertThat(signedIn.postText("/api/sites", "# " + "a".repeat(2 << 20)).status())
                .isEqualTo(422);
        assertThat(signedIn.post("/api/sites/saltreach/draft/edits", " ".repeat(900_000) + "{\"wishes\":[]}")
                        .json()
                        .at("/detail")
                        .asString())
                .startsWith("No change was asked for");
    }
}
