package app.bittern.cli;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// What a command line says.
///
/// @param status how it ended
record Said(int status, String out, String err) {
    /// A Tuesday: what a command without a day looks at is the same on every day on which the test is run.
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-11-24T10:15:00Z"), ZoneOffset.UTC);

    static Said say(String... arguments) {
        return given("", arguments);
    }

    /// With something on standard input.
    static Said given(String input, String... arguments) {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        ByteArrayOutputStream complained = new ByteArrayOutputStream();
        int status = Bittern.run(
                CLOCK,
                new ByteArrayInputStream(input.getBytes(StandardCharsets.UTF_8)),
                new PrintStream(said, true, StandardCharsets.UTF_8),
                new PrintStream(complained, true, StandardCharsets.UTF_8),
                arguments);
        return new Said(status, said.toString(StandardCharsets.UTF_8), complained.toString(StandardCharsets.UTF_8));
    }

    JsonNode json() {
        return JsonMapper.builder().build().readTree(out);
    }
}
