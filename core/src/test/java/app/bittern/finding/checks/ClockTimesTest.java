package app.bittern.finding.checks;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Times of day as people say them.
class ClockTimesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "We open at 17:30 | 17:30 | 1050",
                "until 5:30 pm | 5:30 pm | 1050",
                "until 5.30 p.m | 5.30 p.m | 1050",
                "at 12 am | 12 am | 0",
                "at 12 pm | 12 pm | 720",
                "at half past eight | half past eight | 510 1230",
                "at quarter to nine | quarter to nine | 525 1245",
                "from five o'clock | five o'clock | 300 1020",
                "until six in the evening | six in the evening | 1080",
                "åpent til klokken 17 | klokken 17 | 1020",
                "fra kl. 08.30 | kl. 08.30 | 510",
                "bis 17 Uhr | 17 Uhr | 1020",
                "ab 8.15 Uhr | 8.15 Uhr | 495",
                "at 08:00 | 08:00 | 480"
            })
    void areFoundWithTheMinutesThatTheyMayBe(String script, String words, String minutes) {
        List<ClockTimes.Said> said = ClockTimes.in(script);
        assertThat(said).hasSize(1);
        assertThat(said.getFirst().words()).isEqualTo(words);
        assertThat(said.getFirst().minutes())
                .isEqualTo(List.of(minutes.split(" ")).stream()
                        .map(Integer::valueOf)
                        .toList());
    }

    @Test
    void numbersThatAreNoTimesAreNone() {
        assertThat(ClockTimes.in("Press 2 for tickets, or dial 2014. Version 1.25, 30 cars, 100 am Platz."))
                .isEmpty();
    }
}
