package app.bittern.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WeekRangeTest {
    @ParameterizedTest
    @CsvSource({
        "Mon-Fri 08:30-17:00, 2026-11-23T08:30, true", // a Monday
        "Mon-Fri 08:30-17:00, 2026-11-23T08:29:59, false",
        "Mon-Fri 08:30-17:00, 2026-11-27T16:59:59, true",
        "Mon-Fri 08:30-17:00, 2026-11-27T17:00, false",
        "Mon-Fri 08:30-17:00, 2026-11-28T12:00, false",
        "Fri 22:00-02:00, 2026-11-27T23:00, true",
        "Fri 22:00-02:00, 2026-11-28T01:59:59, true",
        "Fri 22:00-02:00, 2026-11-28T02:00, false",
        "Fri 22:00-02:00, 2026-11-27T01:00, false",
        "Sun 20:00-08:00, 2026-11-23T07:00, true",
        "Sat-Mon 00:00-24:00, 2026-11-23T23:59:59, true",
        "Sat-Mon 00:00-24:00, 2026-11-24T00:00, false",
    })
    void holdsFromItsStartUpToItsEnd(String range, LocalDateTime at, boolean holds) {
        assertThat(WeekRange.parse(range).orElseThrow().holds(at)).isEqualTo(holds);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Mon-Fri 08:30-17:00", "Sat 22:00-02:00", "Mon,Wed-Thu 00:00-24:00", "Mon-Sun 06:00-22:00"})
    void readsBackWhatItWrites(String text) {
        assertThat(WeekRange.parse(text).orElseThrow()).hasToString(text);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Mon-Fri 17:00-08:30", // ends before it starts: a night of more than 12 hours is not meant
                "Mon-Fri 08:30-08:30",
                "Mon-Fri 8:30-17:00",
                "Mon-Fri 08:60-17:00",
                "Mon-Fri 08:30-24:01",
                "Mo-Fr 08:30-17:00",
                "08:30-17:00",
                "Mon-Fri",
                "",
            })
    void refusesWhatIsNotOne(String text) {
        assertThat(WeekRange.parse(text)).isEmpty();
    }

    @Test
    void aConstructorCallThatBreaksTheRuleSaysTheRule() {
        assertThatThrownBy(() -> new WeekRange(Set.of(DayOfWeek.MONDAY), 17 * 60, 17 * 60))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("the end after the start");
    }
}
