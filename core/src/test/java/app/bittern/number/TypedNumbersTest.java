package app.bittern.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypedNumbersTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            +441632960100               | +441632960100 | ''
            01632 960100 Main line      | +441632960100 | Main line
            Freight: (01632) 960-170    | +441632960170 | Freight
            Coach parties; 01632 960144 | +441632960144 | Coach parties
            0044 1632 960188            | +441632960188 | ''
            0808 157 0123 — Freephone   | +448081570123 | Freephone
            """)
    void aNumberIsReadInAnySpelling(String line, String number, String name) {
        TypedNumbers.Line read = TypedNumbers.read(line, "GB").getFirst();
        assertThat(read.wrong()).isEmpty();
        assertThat(read.numbers()).containsExactly(new E164(number));
        assertThat(read.name()).isEqualTo(name);
    }

    @ParameterizedTest
    @CsvSource({
        "01632 960200-209,10",
        "01632 960200 to 01632 960204 Clinics,5",
        "+441632960200..+441632960201,2",
        "01632 960298–302,5"
    })
    void aBlockIsAllItsNumbers(String line, int numbers) {
        TypedNumbers.Line read = TypedNumbers.read(line, "GB").getFirst();
        assertThat(read.numbers()).hasSize(numbers);
        assertThat(read.numbers().getFirst().text()).startsWith("+4416329602");
    }

    @Test
    void whatIsNoNumberIsSaidWithItsLine() {
        List<TypedNumbers.Line> read =
                TypedNumbers.read("Main line\n\n99999 99999 99999 99\n01632 960000-969999", "GB");
        assertThat(read).extracting(TypedNumbers.Line::line).containsExactly(1, 3, 4);
        assertThat(read.get(0).wrong()).contains("there is no number in it");
        assertThat(read.get(1).wrong().orElseThrow()).contains("is no number that is dialled in GB");
        assertThat(read.get(2).wrong().orElseThrow()).contains("a block of 10000 numbers: 1000 at once");
    }
}
