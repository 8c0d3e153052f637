package app.bittern.hours;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.Seeds;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class TimeClassesTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private static final Calendar TERMINAL = Plans.calendar(
            "holiday: on 12-25; on 12-26; on 01-01",
            "open: season 05-01..09-30; Mon-Sun 06:00-22:00",
            "open: Mon-Sat 07:30-19:00; Sun 09:00-17:00",
            "closed");

    @Test
    void theFirstStateThatHoldsWins() {
        assertThat(TERMINAL.stateAt(LocalDateTime.parse("2026-12-25T10:00"))).isEqualTo("holiday");
        assertThat(TERMINAL.stateAt(LocalDateTime.parse("2026-11-28T20:00"))).isEqualTo("closed");
        assertThat(TERMINAL.stateAt(LocalDateTime.parse("2027-05-01T20:00"))).isEqualTo("open");
        assertThat(TERMINAL.stateAt(LocalDateTime.parse("2027-10-01T20:00"))).isEqualTo("closed");
    }

    @Test
    void theClassesAreAllOf53WeeksAndSayHowLongEachStateHolds() {
        List<TimeClasses.TimeClass> classes = TimeClasses.of(List.of(TERMINAL), new Horizon(MONDAY, LONDON));
        assertThat(classes)
                .extracting(TimeClasses.TimeClass::states)
                .containsExactly(List.of("closed"), List.of("open"), List.of("holiday"));
        assertThat(classes.stream().mapToLong(one -> one.times().seconds()).sum())
                .isEqualTo(53L * 7 * 24 * 3600);
        assertThat(classes.get(2).times().seconds()).isEqualTo(3L * 24 * 3600);
    }

    @Test
    void anHourThatComesTwiceIsCountedTwiceAndOneThatNeverComesNotAtAll() {
        // In London clocks go back on 25 October 2026 at 02:00 and forward on 28 March 2027 at 01:00.
        Calendar night = Plans.calendar("night: Sun 01:00-02:00", "day");
        long seconds = TimeClasses.of(List.of(night), new Horizon(LocalDate.of(2026, 10, 19), LONDON)).stream()
                .filter(one -> one.states().equals(List.of("night")))
                .mapToLong(one -> one.times().seconds())
                .sum();
        assertThat(seconds).isEqualTo((53L + 1 - 1) * 3600);
        Calendar once = Plans.calendar("night: on 2026-10-25; Sun 01:00-02:00", "day");
        assertThat(TimeClasses.of(List.of(once), new Horizon(LocalDate.of(2026, 10, 19), LONDON)))
                .filteredOn(one -> one.states().equals(List.of("night")))
                .extracting(one -> one.times().seconds())
                .containsExactly(2 * 3600L);
        Calendar never = Plans.calendar("night: on 2027-03-28; Sun 01:00-02:00", "day");
        assertThat(TimeClasses.of(List.of(never), new Horizon(LocalDate.of(2026, 10, 19), LONDON)))
                .extracting(TimeClasses.TimeClass::states)
                .containsExactly(List.of("day"));
    }

    @Test
    void everyInstantIsInTheClassOfItsStates() {
        Calendar office = Plans.calendar("open: Fri 22:00-02:00", "closed");
        List<TimeClasses.TimeClass> classes = TimeClasses.of(List.of(TERMINAL, office), new Horizon(MONDAY, LONDON));
        Random random = Seeds.random(7);
        Instant from = MONDAY.atStartOfDay(LONDON).toInstant();
        for (int times = 0; times < 2000; times++) {
            LocalDateTime local = LocalDateTime.ofInstant(from.plusSeconds(random.nextInt(53 * 7 * 24 * 3600)), LONDON);
            assertThat(classes)
                    .extracting(TimeClasses.TimeClass::states)
                    .contains(List.of(TERMINAL.stateAt(local), office.stateAt(local)));
        }
    }

    /// Hours of another zone hold for as long as minute by minute by the clock there; the hour that comes twice here is
    /// as it was the first time.
    @Test
    void hoursOfAnotherZoneHoldAsByTheClockThere() {
        Horizon horizon = new Horizon(MONDAY, LONDON);
        for (String zone : List.of("America/St_Johns", "Asia/Tokyo", "Pacific/Kiritimati", "America/New_York")) {
            ZoneId own = ZoneId.of(zone);
            Map<String, Long> there = new TreeMap<>();
            Instant at = MONDAY.atStartOfDay(LONDON).toInstant();
            Instant end = MONDAY.plusWeeks(53).atStartOfDay(LONDON).toInstant();
            for (; at.isBefore(end); at = at.plusSeconds(60)) {
                LocalDateTime here = LocalDateTime.ofInstant(at, LONDON);
                LocalDateTime first = here.atZone(LONDON)
                        .withEarlierOffsetAtOverlap()
                        .withZoneSameInstant(own)
                        .toLocalDateTime();
                there.merge(TERMINAL.stateAt(first), 60L, Long::sum);
            }
            Map<String, Long> classes = new TreeMap<>();
            TimeClasses.of(List.of(TERMINAL.askedIn(LONDON, own)), horizon)
                    .forEach(one ->
                            classes.merge(one.states().getFirst(), one.times().seconds(), Long::sum));
            assertThat(classes).as(zone).isEqualTo(there);
        }
    }

    @Test
    void hoursOfAnotherZoneThatBeginOrEndInAnHourThatComesTwiceThereDoSo() {
        Random random = Seeds.random(91);
        List<ZoneId> zones = List.of(
                LONDON, ZoneId.of("America/New_York"), ZoneId.of("Pacific/Auckland"), ZoneId.of("Asia/Kolkata"));
        Horizon horizon = Horizon.around(LocalDate.of(2026, 10, 19), LONDON);
        for (int hours = 0; hours < 40; hours++) {
            int from = random.nextInt(12) * 15;
            int to = from + 15 + random.nextInt(12) * 15;
            Calendar calendar = Plans.calendar(
                            String.format(
                                    Locale.ROOT,
                                    "open: Sat,Sun %02d:%02d-%02d:%02d",
                                    from / 60,
                                    from % 60,
                                    to / 60,
                                    to % 60),
                            "closed")
                    .askedIn(LONDON, zones.get(random.nextInt(zones.size())));
            List<TimeClasses.TimeClass> classes = TimeClasses.of(List.of(calendar), horizon);
            for (int day = 0; day < Horizon.DAYS; day++) {
                for (int minute = 0; minute < Horizon.DAY; minute += 15) {
                    LocalDateTime at = horizon.day(day).atStartOfDay().plusMinutes(minute);
                    assertThat(classes.stream()
                                    .filter(one -> one.times().contains(at))
                                    .map(one -> one.states().getFirst()))
                            .as("%s at %s", calendar, at)
                            .containsExactly(calendar.stateAt(at));
                }
            }
        }
    }

    @Test
    void hoursOfTheSameZoneAreThemselves() {
        assertThat(TERMINAL.askedIn(LONDON, LONDON)).isSameAs(TERMINAL);
    }

    @Test
    void aLeapDayComesInLeapYearsOnly() {
        DateRule leap = DateRule.parse("02-29").orElseThrow();
        assertThat(leap.holds(LocalDate.of(2028, 2, 29))).isTrue();
        assertThat(leap.holds(LocalDate.of(2027, 2, 28))).isFalse();
        assertThat(leap.holds(LocalDate.of(2027, 3, 1))).isFalse();
    }

    @Test
    void aSeasonMayPassTheTurnOfTheYear() {
        Season winter = Season.parse("10-01..04-30").orElseThrow();
        assertThat(winter.holds(LocalDate.of(2026, 12, 31))).isTrue();
        assertThat(winter.holds(LocalDate.of(2027, 4, 30))).isTrue();
        assertThat(winter.holds(LocalDate.of(2027, 5, 1))).isFalse();
        assertThat(winter).hasToString("10-01..04-30");
        assertThat(Season.parse("13-01..04-30")).isEmpty();
    }
}
