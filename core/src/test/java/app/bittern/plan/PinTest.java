package app.bittern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PinTest {
    private static final Ref BOOKINGS = new Ref(Kind.MAILBOX, "bookings");

    private static Pin pin(String text, Ref of) {
        return Pin.parse(text, of).orElseThrow();
    }

    @Test
    void isWrittenAsAHashThatIsReadBackAsTheSame() {
        Pin digits = pin("4821", BOOKINGS);
        assertThat(digits)
                .asString()
                .matches("pbkdf2:mailbox/bookings:[0-9a-f]{32}")
                .doesNotContain("4821");
        Pin read = pin(digits.toString(), BOOKINGS);
        assertThat(read).isEqualTo(digits).hasSameHashCodeAs(digits).hasToString(digits.toString());
    }

    @Test
    void knowsItsDigitsAndNoOthers() {
        for (Pin pin : List.of(pin("4821", BOOKINGS), pin(pin("4821", BOOKINGS).hash(), BOOKINGS))) {
            assertThat(pin.is("4821")).isTrue();
            assertThat(pin.is("4822")).isFalse();
        }
    }

    @Test
    void isEqualByItsDigitsAndWhatItBelongsTo() {
        Set<Pin> pins = new HashSet<>(
                List.of(pin("4821", BOOKINGS), pin("4822", BOOKINGS), pin("4821", new Ref(Kind.MAILBOX, "lost"))));
        assertThat(pins)
                .hasSize(3)
                .contains(pin("4821", BOOKINGS), pin(pin("4822", BOOKINGS).hash(), BOOKINGS));
        assertThat(pin("4821", BOOKINGS)).isNotEqualTo("4821");
    }

    @ParameterizedTest
    @ValueSource(strings = {"123", "1234567890123", "12a4", "", "pbkdf2:x:0f", "pbkdf2:mailbox/x:zz"})
    void refusesWhatIsNeitherDigitsNorAHash(String text) {
        assertThat(Pin.parse(text, BOOKINGS)).isEmpty();
    }
}
