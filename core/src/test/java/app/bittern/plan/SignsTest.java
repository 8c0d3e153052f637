package app.bittern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Seeds;
import java.util.Random;
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

    /// Of signs that matter here: letters, controls, such as turn the direction, and halves of pairs.
    private static String random(Random random) {
        String signs = "ab \u00e9\n\t\u0000\u001b\u007f\u202e\u2067\ud83d\ud83d\udea2\udea2\\";
        StringBuilder text = new StringBuilder();
        int length = random.nextInt(12);
        for (int at = 0; at < length; at++) {
            text.append(signs.charAt(random.nextInt(signs.length())));
        }
        return text.toString();
    }

    @Test
    void whateverASentenceRepeatsCanBeReadInIt() {
        Random random = Seeds.random(71);
        int changed = 0;
        int shortened = 0;
        for (int texts = 0; texts < 20_000; texts++) {
            String text = random(random);
            int most = 1 + random.nextInt(12);
            String shown = Problem.shown(text, most);
            assertThat(Signs.unfit(shown)).as(text).isEqualTo(-1);
            assertThat(shown.chars()).as(text).noneMatch(Character::isISOControl);
            if (text.length() <= most && Signs.unfit(text) == -1 && !text.contains("\n") && !text.contains("\t")) {
                assertThat(shown).isEqualTo(text);
            } else {
                changed++;
            }
            if (text.length() > most) {
                assertThat(shown).endsWith("...");
                shortened++;
            }
        }
        assertThat(changed).isGreaterThan(Seeds.met(1000));
        assertThat(shortened).isGreaterThan(Seeds.met(1000));
    }
}
