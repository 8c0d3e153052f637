package app.bittern.hours;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DayWordsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            12-25                                      | GB | 25 Dec
            12-25                                      | US | Dec 25
            02-29                                      | GB | 29 Feb
            2027-03-26                                 | GB | 26 Mar 2027
            2026-12-20..2027-01-03                     | GB | 20 Dec 2026 to 3 Jan 2027
            FREQ=YEARLY;BYMONTH=5;BYDAY=1MO            | GB | first Mon in May
            FREQ=YEARLY;BYMONTH=6;BYDAY=-1FR           | GB | last Fri in Jun
            FREQ=YEARLY;BYMONTH=6,8;BYDAY=-2FR         | GB | second to last Fri in Jun, Aug
            FREQ=YEARLY;BYMONTH=12;BYMONTHDAY=24,31    | GB | day 24, 31 in Dec
            FREQ=MONTHLY;BYDAY=1MO                     | GB | first Mon in every month
            FREQ=MONTHLY;INTERVAL=3;BYMONTHDAY=1 from 2026-11-01 | GB | day 1 in every 3 months from 1 Nov 2026
            FREQ=WEEKLY;BYDAY=MO,WE                    | GB | every Mon, Wed
            FREQ=WEEKLY;INTERVAL=2;BYDAY=MO from 2026-11-02 | GB | Mon every 2 weeks from 2 Nov 2026
            """)
    void aDayIsSaidAsPeopleWriteIt(String rule, String country, String said) {
        assertThat(DateRule.parse(rule).orElseThrow().said(country)).isEqualTo(said);
    }

    /// What words would only say in part stays as it is written.
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            FREQ=YEARLY;BYMONTH=5;BYDAY=MO;BYSETPOS=2
            FREQ=YEARLY;BYDAY=20MO
            FREQ=MONTHLY;BYMONTHDAY=-1
            FREQ=MONTHLY;INTERVAL=2;BYMONTH=5,6;BYDAY=1MO from 2026-11-02
            FREQ=YEARLY;BYYEARDAY=100
            """)
    void aRuleThatSaysMoreStaysAsItIs(String rule) {
        assertThat(DateRule.parse(rule).orElseThrow().said("GB")).isEqualTo(rule.replace("2026-11-02", "2 Nov 2026"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Mon-Fri 08:30-17:00  | Mon–Fri 08:30–17:00
            Mon-Wed,Fri 09:00-12:00 | Mon–Wed, Fri 09:00–12:00
            Sat 22:00-02:00      | Sat 22:00–02:00
            """)
    void hoursOfAWeekAreSaidWithDashes(String range, String said) {
        assertThat(WeekRange.parse(range).orElseThrow().said()).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"05-01..10-31,GB,1 May to 31 Oct", "11-15..02-28,US,Nov 15 to Feb 28"})
    void aSeasonIsSaidByItsEnds(String season, String country, String said) {
        assertThat(Season.parse(season).orElseThrow().said(country)).isEqualTo(said);
    }
}
