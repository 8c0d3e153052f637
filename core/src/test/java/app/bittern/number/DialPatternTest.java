package app.bittern.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.bittern.Seeds;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DialPatternTest {
    @ParameterizedTest
    @CsvSource({
        "999, 999, true",
        "999, 9990, false",
        "0[1-3]x, 024, true",
        "0[1-3]x, 044, false",
        "0[1-3]x, 02, false",
        "00x., 00, true",
        "00x., 004420, true",
        "00x., 04420, false",
        "x., 5, true",
        "x., '', true",
        "*55, *55, true",
        "*55, 55, false",
        "+x., +44, true"
    })
    void meansDigits(String pattern, String digits, boolean means) {
        assertThat(new DialPattern(pattern).matches(digits)).isEqualTo(means);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "a", "0[3-1]", "0[1-3", "0[13]", "x.5", "5*", "5+", "X", "0٣", "[1-3-5]"})
    void whatIsNoDigitMapIsRefused(String pattern) {
        assertThat(DialPattern.parse(pattern)).isEmpty();
        assertThatThrownBy(() -> new DialPattern(pattern))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(DialPattern.ALLOWED);
    }

    /// A digit map is the regular expression in which `x` is any digit and the last `x.` any rest.
    @Test
    void meansWhatItsRegularExpressionMeans() {
        Random random = Seeds.random(81);
        String[] places = {"0", "1", "9", "x", "[0-4]", "[2-2]", "[5-9]"};
        for (int times = 0; times < 2_000; times++) {
            StringBuilder pattern = new StringBuilder();
            StringBuilder expression = new StringBuilder();
            for (int place = 1 + random.nextInt(4); place > 0; place--) {
                String one = places[random.nextInt(places.length)];
                pattern.append(one);
                expression.append(one.equals("x") ? "[0-9]" : one);
            }
            if (random.nextInt(3) == 0) {
                pattern.append("x.");
                expression.append("[0-9]*");
            }
            String digits = Integer.toString(random.nextInt(random.nextBoolean() ? 100 : 100_000));
            assertThat(new DialPattern(pattern.toString()).matches(digits))
                    .as("%s of %s", digits, pattern)
                    .isEqualTo(Pattern.matches(expression.toString(), digits));
        }
    }

    @Test
    void aPatternOfTheMostPlacesIsReadAndALongerOneIsNot() {
        assertThat(DialPattern.parse("x".repeat(DialPattern.LONGEST))).isPresent();
        assertThat(DialPattern.parse("x".repeat(DialPattern.LONGEST + 1))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"e164", "national", "last 2", "last 12"})
    void theFormATrunkDeliversIsReadBackAsItIsWritten(String text) {
        assertThat(Delivers.parse(text)).get().hasToString(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "last", "last 1", "last 13", "last 123", "E164", "international"})
    void aFormThatNoTrunkDeliversIsRefused(String text) {
        assertThat(Delivers.parse(text)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"999, 3", "0[1-3]xxx, 1", "00x., 2", "x., 0", "*70, 3", "[4-7]11, 0"})
    void literalDigitsAreCountedFromTheLeft(String pattern, int literals) {
        assertThat(new DialPattern(pattern).literals()).isEqualTo(literals);
    }

    @ParameterizedTest
    @CsvSource({
        "0x., 0[1-3]xx, 0[1-3]xx",
        "[1-5]x, [4-7]3, [4-5]3",
        "0[1-3]x., 02x., 02x.",
        "x., x., x.",
        "00x., 00, 00"
    })
    void whatTwoPatternsBothMeanIsAPattern(String one, String other, String both) {
        assertThat(new DialPattern(one).and(new DialPattern(other))).contains(new DialPattern(both));
        assertThat(new DialPattern(other).and(new DialPattern(one))).contains(new DialPattern(both));
    }

    /// Digits are meant by both patterns just where they are meant by what is common to them; examples are meant.
    @Test
    void theCommonPartOfRandomPatternsIsWhatBothMean() {
        Random random = Seeds.random(33);
        int met = 0;
        for (int times = 0; times < 3000; times++) {
            DialPattern one = random(random);
            DialPattern other = random(random);
            Optional<DialPattern> both = one.and(other);
            for (String digits : one.examples()) {
                assertThat(one.matches(digits)).as("%s %s", one, digits).isTrue();
                assertThat(both.filter(common -> common.matches(digits)).isPresent())
                        .as("%s and %s: %s", one, other, digits)
                        .isEqualTo(other.matches(digits));
                met += other.matches(digits) ? 1 : 0;
            }
            both.ifPresent(common ->
                    assertThat(common.examples()).allMatch(digits -> one.matches(digits) && other.matches(digits)));
        }
        assertThat(met).isGreaterThan(Seeds.met(500));
    }

    private static DialPattern random(Random random) {
        String[] places = {"0", "1", "2", "x", "[0-2]", "[1-3]"};
        StringBuilder text = new StringBuilder();
        for (int count = 1 + random.nextInt(4); count > 0; count--) {
            text.append(places[random.nextInt(places.length)]);
        }
        return new DialPattern(text + (random.nextBoolean() ? "x." : ""));
    }
}
