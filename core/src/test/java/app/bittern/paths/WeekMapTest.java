package app.bittern.paths;

import static app.bittern.Plans.MAIN;
import static app.bittern.Plans.branch;
import static app.bittern.Plans.hours;
import static app.bittern.Plans.mailbox;
import static app.bittern.Plans.prompt;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.Tracer;
import app.bittern.number.Caller;
import app.bittern.plan.Plan;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WeekMapTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private static final Plan TERMINAL = to(
            "branch/open",
            hours("terminal", "holiday: on 2026-11-26", "open: Mon-Fri 08:30-17:00; Fri 22:00-02:00", "closed"),
            branch("open", "terminal", "open", "hang-up", "closed", "mailbox/m", "holiday", "busy"),
            mailbox("m"),
            prompt("greeting", 4));

    private static Ending at(WeekMap map, int day, String clock) {
        int quarter = Integer.parseInt(clock.substring(0, 2)) * 4 + Integer.parseInt(clock.substring(3)) / 15;
        return map.days().get(day).endings().get(quarter);
    }

    /// Days from Monday; Thursday is the holiday, and Friday is open past midnight.
    @ParameterizedTest
    @CsvSource({
        "0, 08:15, MESSAGE",
        "0, 08:30, HUNG_UP",
        "0, 16:45, HUNG_UP",
        "0, 17:00, MESSAGE",
        "3, 08:30, BUSY",
        "3, 23:45, BUSY",
        "4, 21:45, MESSAGE",
        "4, 22:00, HUNG_UP",
        "5, 01:45, HUNG_UP",
        "5, 02:00, MESSAGE",
        "6, 12:00, MESSAGE"
    })
    void aQuarterOfAnHourEndsAsItsStateSays(int day, String clock, Ending.Kind kind) {
        assertThat(at(WeekMap.of(TERMINAL, MAIN, MONDAY), day, clock).kind()).isEqualTo(kind);
    }

    @Test
    void sharesAreOfAllQuarters() {
        WeekMap map = WeekMap.of(TERMINAL, MAIN, MONDAY);
        assertThat(map.days()).extracting(WeekMap.Day::date).startsWith(MONDAY).endsWith(MONDAY.plusDays(6));
        assertThat(map.shares().values()).containsExactlyInAnyOrder(96, 4 * 34 + 16, 7 * 96 - 96 - (4 * 34 + 16));
    }

    /// On 28 March 2027 clocks in London go from 01:00 to 02:00: the quarters between are taken at what
    /// follows.
    @Test
    void anHourThatTheClockLeavesOutIsTakenAfterIt() {
        Plan plan = to(
                "branch/night",
                hours("night", "shut: Sun 00:00-01:00", "open"),
                branch("night", "night", "shut", "busy", "open", "hang-up"));
        WeekMap map = WeekMap.of(plan, MAIN, LocalDate.of(2027, 3, 22));
        assertThat(map.days()).allSatisfy(day -> assertThat(day.endings()).hasSize(96));
        assertThat(at(map, 6, "00:45").kind()).isEqualTo(Ending.Kind.BUSY);
        assertThat(at(map, 6, "01:15").kind()).isEqualTo(Ending.Kind.HUNG_UP);
    }

    @Test
    void everyCellOfRandomPlansIsWhatACallThenDoes() {
        Random random = Seeds.random(62);
        ZoneId zone = ZoneId.of("Europe/London");
        for (int plans = 0; plans < RandomPlans.many(15); plans++) {
            Plan plan = RandomPlans.plan(random);
            LocalDate monday = MONDAY.plusWeeks(random.nextInt(52));
            WeekMap map = WeekMap.of(plan, MAIN, monday);
            for (int cell = 0; cell < 40; cell++) {
                LocalDateTime local = monday.atStartOfDay().plusMinutes(15L * random.nextInt(7 * 96));
                Bench bench =
                        Bench.of(MAIN, new Caller.Withheld(), local.atZone(zone).toInstant());
                int day = (int) (local.toLocalDate().toEpochDay() - monday.toEpochDay());
                assertThat(map.days().get(day).endings().get(local.getHour() * 4 + local.getMinute() / 15))
                        .as("%s", local)
                        .isEqualTo(Tracer.trace(plan, bench).ending());
            }
        }
    }
}
