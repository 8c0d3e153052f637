package app.bittern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SignsTest {
    /// Signs by their codes, so that they can be read here.
    @ParameterizedTest
    @CsvSource({
        "0000, true", // nothing
        "001B, true", // escape
        "007F, true", // delete
        "202E, true", // from right to left from here on
        "2066, true", // a stretch from left to right
        "D83D, true", // half of a pair
        "DE00, true", // the other half
        "0009, false", // a tab
        "000A, false", // a line's end
        "05D0, false", // a letter that is written from right to left
        "200F, false", // a mark that belongs to such writing
        "00E9, false",
    })
    void someCannotBeShownOrTurnWhatIsRead(String code, boolean unfit) {
        String text = "ab" + (char) Integer.parseInt(code, 16) + "c";
        assertThat(Signs.unfit(text)).isEqualTo(unfit ? 2 : -1);
    }

    @Test
    void aWholePairIsASign() {
        assertThat(Signs.unfit("boat \uD83D\uDEA2 at sea")).isEqualTo(-1);
        assertThat(Signs.unfit("\uDEA2\uD83D")).isEqualTo(0);
    }

    @Test
    void aSentenceRepeatsThemByTheirCodes() {
        assertThat(Problem.shown("desk\u202Eksed\n")).isEqualTo("desk\\u202eksed\\u000a");
        assertThat(Problem.shown("half \uD83D, whole \uD83D\uDEA2")).isEqualTo("half \\ud83d, whole \uD83D\uDEA2");
        assertThat(Problem.shown("abcdef", 3)).isEqualTo("abc...");
    }
}
