package app.bittern.number;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class E164Test {
    @ParameterizedTest
    @CsvSource({
        "01632 960100, +441632960100",
        "+44 1632 960100, +441632960100",
        "(01632) 960-100, +441632960100",
        "07700 900123, +447700900123"
    })
    void isReadAsPeopleTypeIt(String typed, String number) {
        assertThat(E164.typed(typed, "GB")).contains(new E164(number));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "abc", "+0123456789", "12", "+4416329601001234567", "01632 96010x"})
    void whatIsNoNumberIsRefused(String typed) {
        assertThat(E164.typed(typed, "GB")).isEmpty();
    }

    @Test
    void isShownForTheCountry() {
        E164 number = new E164("+441632960100");
        assertThat(number.international()).isEqualTo("+44 1632 960100");
        assertThat(number.shownIn("GB")).isEqualTo("01632 960100");
        assertThat(number.shownIn("NO")).isEqualTo("+44 1632 960100");
    }
}
