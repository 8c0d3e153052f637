package app.bittern.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TotpTest {
    private static final byte[] SECRET = "12345678901234567890".getBytes(StandardCharsets.US_ASCII);

    /// The test values of RFC 6238, appendix B, of which six digits are shown.
    @ParameterizedTest
    @CsvSource({
        "59, 287082",
        "1111111109, 081804",
        "1111111111, 050471",
        "1234567890, 005924",
        "2000000000, 279037",
        "20000000000, 353130"
    })
    void codesAreThoseOfTheStandard(long second, String code) {
        assertThat(Totp.code(SECRET, Totp.step(Instant.ofEpochSecond(second)))).isEqualTo(code);
    }

    @Test
    void aCodeOfTheStepBeforeOrAfterIsTakenAndNoOther() {
        Instant now = Instant.ofEpochSecond(1_111_111_111);
        long step = Totp.step(now);
        for (long off = -3; off <= 3; off++) {
            assertThat(Totp.stepOf(SECRET, Totp.code(SECRET, step + off), now).isPresent())
                    .as("%s steps off", off)
                    .isEqualTo(Math.abs(off) <= 1);
        }
        assertThat(Totp.stepOf(SECRET, "", now)).isEmpty();
    }

    /// The test values of RFC 4648, 10.
    @ParameterizedTest
    @CsvSource({"f, MY", "fo, MZXQ", "foo, MZXW6", "foob, MZXW6YQ", "fooba, MZXW6YTB", "foobar, MZXW6YTBOI"})
    void aSecretIsWrittenInBase32(String text, String written) {
        assertThat(Totp.written(text.getBytes(StandardCharsets.US_ASCII))).isEqualTo(written);
    }
}
