package app.bittern.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// How people in a country dial a number.
class DialledFormsTest {
    /// The first form is the usual one; numbers are from ranges kept for fiction.
    @ParameterizedTest
    @CsvSource({
        "GB, +441632960100, 01632960100, 00441632960100",
        "GB, +442079460123, 02079460123, 00442079460123",
        "US, +12025550123, 2025550123, 01112025550123",
        "IE, +441632960100, 00441632960100, 00441632960100",
        "US, +441632960100, 011441632960100, 011441632960100"
    })
    void aNumberIsDialledAsInTheCountryAndWithItsCountryCode(
            String country, String number, String usual, String international) {
        List<String> forms = DialledForms.of(new E164(number), country);
        assertThat(forms.getFirst()).isEqualTo(usual);
        assertThat(forms).contains(international).doesNotHaveDuplicates();
    }

    @Test
    void whereTheNationalPrefixMayBeLeftOutBothAreForms() {
        assertThat(DialledForms.of(new E164("+12025550123"), "US")).contains("2025550123", "12025550123");
    }

    @Test
    void whereThereIsNoNationalPrefixTheNumberIsDialledAsItIs() {
        assertThat(DialledForms.of(new E164("+4721984000"), "NO")).containsExactly("21984000", "004721984000");
    }

    /// What is dialled means the same number to the reader of numbers that people type.
    @Test
    void everyFormIsReadBackAsTheNumber() {
        Stream.of("+441632960100", "+447700900123", "+12025550123", "+4721984000", "+35312345678")
                .map(E164::new)
                .forEach(number -> Stream.of("GB", "US", "NO", "IE").forEach(country -> {
                    for (String form : DialledForms.of(number, country)) {
                        assertThat(E164.typed(form, country))
                                .as("%s dialled in %s", form, country)
                                .contains(number);
                    }
                }));
    }
}
