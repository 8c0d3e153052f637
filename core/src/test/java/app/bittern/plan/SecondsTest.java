package app.bittern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SecondsTest {
    @ParameterizedTest
    @CsvSource({"20s, 20, 20s", "90s, 90, 1m30s", "1m30s, 90, 1m30s", "2h, 7200, 2h", "1h5s, 3605, 1h5s", "0s, 0, 0s"})
    void isReadWithItsUnit(String text, int value, String written) {
        Seconds read = Seconds.parse(text).orElseThrow();
        assertThat(read.value()).isEqualTo(value);
        assertThat(read).hasToString(written);
        assertThat(Seconds.parse(written)).contains(read);
    }

    @ParameterizedTest
    @ValueSource(strings = {"20", "", "s", "20 s", "-5s", "1.5s", "25h", "20sec", "30s1m", "99999999s"})
    void aBareNumberAndAnythingElseIsRefused(String text) {
        assertThat(Seconds.parse(text)).isEmpty();
    }
}
