package app.bittern.hours;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Days and recurrence rules, beside what they say, reckoned by hand.
class DateRuleTest {
    private static void holdsAs(String text, Predicate<LocalDate> expected) {
        DateRule rule = DateRule.parse(text).orElseThrow();
        for (LocalDate day = LocalDate.of(2026, 10, 1); day.isBefore(LocalDate.of(2028, 4, 1)); day = day.plusDays(1)) {
            assertThat(rule.holds(day)).as("%s on %s", text, day).isEqualTo(expected.test(day));
        }
        assertThat(rule).hasToString(text);
    }

    @Test
    void everySecondWeekIsCountedFromItsDay() {
        LocalDate from = LocalDate.of(2026, 11, 2);
        holdsAs(
                "FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,TU from " + from,
                day -> !day.isBefore(from)
                        && (day.getDayOfWeek() == DayOfWeek.MONDAY || day.getDayOfWeek() == DayOfWeek.TUESDAY)
                        && ChronoUnit.WEEKS.between(from, day) % 2 == 0);
    }

    @Test
    void aRuleWithoutDaysTakesThoseOfItsDay() {
        LocalDate from = LocalDate.of(2026, 11, 4);
        holdsAs("FREQ=WEEKLY from " + from, day -> !day.isBefore(from) && day.getDayOfWeek() == DayOfWeek.WEDNESDAY);
        holdsAs("FREQ=MONTHLY from " + from, day -> !day.isBefore(from) && day.getDayOfMonth() == 4);
    }

    @Test
    void theLastDayMayBeGivenWithATimeAsCalendarsDo() {
        LocalDate from = LocalDate.of(2026, 11, 30);
        holdsAs(
                "FREQ=DAILY;UNTIL=20261202T000000Z from " + from,
                day -> !day.isBefore(from) && !day.isAfter(LocalDate.of(2026, 12, 2)));
    }

    @Test
    void aRuleWithoutAnyDayIsNone() {
        assertThat(DateRule.parse("FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30")).isEmpty();
        holdsAs("FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=29", day -> day.getMonthValue() == 2 && day.getDayOfMonth() == 29);
    }

    @Test
    void aCountEndsIt() {
        LocalDate from = LocalDate.of(2026, 11, 30);
        holdsAs("FREQ=DAILY;COUNT=3 from " + from, day -> !day.isBefore(from) && day.isBefore(from.plusDays(3)));
    }

    @Test
    void aRuleOfDaysNeedsNoBeginning() {
        holdsAs(
                "FREQ=YEARLY;BYMONTH=5;BYDAY=1MO",
                day -> day.getMonthValue() == 5 && day.getDayOfWeek() == DayOfWeek.MONDAY && day.getDayOfMonth() <= 7);
        holdsAs("FREQ=MONTHLY;BYMONTHDAY=-1", day -> day.plusDays(1).getDayOfMonth() == 1);
        holdsAs("12-25", day -> day.getMonthValue() == 12 && day.getDayOfMonth() == 25);
        holdsAs("2027-03-26", LocalDate.of(2027, 3, 26)::equals);
        holdsAs(
                "2026-12-20..2027-01-03",
                day -> day.isAfter(LocalDate.of(2026, 12, 19)) && day.isBefore(LocalDate.of(2027, 1, 4)));
        holdsAs("2027-02-01..2027-02-01", LocalDate.of(2027, 2, 1)::equals);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "FREQ=WEEKLY;INTERVAL=2;BYDAY=MO",
                "FREQ=DAILY;COUNT=3",
                "FREQ=WEEKLY",
                "FREQ=MONTHLY",
                "FREQ=YEARLY;BYMONTH=5",
                "FREQ=HOURLY",
                "FREQ=WEEKLY;BYDAY=XX",
                "FREQ=WEEKLY;BYDAY=MO from 2026-13-01",
                "2026-02-30",
                "2027-01-03..2026-12-20",
                "2026-12-20..",
                "2026-12-20..2027-01-03..2027-01-04",
                "12-20..01-03",
                "02-30",
                "Monday",
            })
    void whatCountsFromADayIsRefusedWithoutOneAndNonsenseAlways(String text) {
        assertThat(DateRule.parse(text)).isEmpty();
    }
}
