package app.bittern.hours;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.Seeds;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TimeWordsTest {
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));

    private static TimeSet when(String state, String... states) {
        return TimeClasses.of(List.of(Plans.calendar(states)), HORIZON).stream()
                .filter(time -> time.states().equals(List.of(state)))
                .map(TimeClasses.TimeClass::times)
                .findFirst()
                .orElseGet(() -> TimeSet.never(HORIZON));
    }

    @Test
    void theHoursOfATerminalAreSaidAsAPersonWould() {
        String[] terminal = {
            "holiday: on 12-25; on 12-26; on 01-01",
            "open: season 05-01..09-30; Mon-Sun 06:00-22:00",
            "open: Mon-Sat 07:30-19:00",
            "closed"
        };
        assertThat(when("open", terminal))
                .hasToString("Mon–Sat 07:30–19:00, from 1 May to 30 Sep 06:00–22:00, except 25 and 26 Dec and 1 Jan");
        assertThat(when("holiday", terminal)).hasToString("on 25 and 26 Dec and 1 Jan all day");
        assertThat(when("closed", "open: Mon-Fri 08:30-17:00", "closed"))
                .hasToString("Mon–Fri 00:00–08:30 and 17:00–24:00, Sat and Sun all day");
        assertThat(when("open", "open: Fri 22:00-02:00", "closed")).hasToString("Fri 22:00–24:00, Sat 00:00–02:00");
        assertThat(when("open", "open")).hasToString("always");
        assertThat(when("open", "closed")).hasToString("never");
    }

    @Test
    void aDateThatComesTwiceWithinTheWeeksIsSaidWithItsYear() {
        assertThat(when("off", "off: on 2026-11-24", "on")).hasToString("on 24 Nov 2026 all day");
        assertThat(when("off", "off: on 11-24", "on")).hasToString("on 24 Nov all day");
        assertThat(when("on", "off: on FREQ=YEARLY;BYMONTH=5;BYDAY=1MO", "on")).hasToString("all day, except 3 May");
    }

    @Test
    void weeksThatTakeTurnsAreSaidByTheirRule() {
        String work = "; Mon-Fri 08:00-17:00";
        String anna = "anna: on FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,TU,WE,TH,FR from 2026-11-23" + work;
        String bert = "bert: on FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,TU,WE,TH,FR from 2026-11-30" + work;
        assertThat(when("anna", anna, bert, "closed"))
                .hasToString("in every 2nd week from 23 Nov 2026 Mon–Fri 08:00–17:00");
        assertThat(when("bert", anna, bert, "closed")).hasToString("in every 2nd week from 30 Nov Mon–Fri 08:00–17:00");
        assertThat(when("bert", "holiday: on 12-28", anna, bert, "closed"))
                .hasToString("in every 2nd week from 30 Nov Mon–Fri 08:00–17:00, except 28 Dec");
        assertThat(when("closed", anna, bert, "closed"))
                .hasToString("Mon–Fri 00:00–08:00 and 17:00–24:00, Sat and Sun all day");
        assertThat(when("late", "late: on FREQ=WEEKLY;INTERVAL=3;BYDAY=SA from 2026-12-12; Sat 10:00-12:00", "closed"))
                .hasToString("in every 3rd week from 7 Dec Sat 10:00–12:00");
        assertThat(when("open", "open: Mon-Fri 08:00-12:00", bert.replace("bert", "open"), "closed"))
                .hasToString("in every 2nd week from 23 Nov 2026 Mon–Fri 08:00–12:00, in every 2nd week from 30 Nov "
                        + "Mon–Fri 08:00–17:00");
        assertThat(when("on", "on: on FREQ=WEEKLY;INTERVAL=6;BYDAY=SU from 2026-12-06; Sun 09:00-18:00", "off"))
                .hasToString("in every 6th week from 30 Nov Sun 09:00–18:00");
    }

    @Test
    void theWordsReadBackToTheSameSet() {
        Random random = Seeds.random(21);
        for (int times = 0; times < 400; times++) {
            TimeSet set = random(random);
            assertThat(TimeWordsReader.read(set.words(), HORIZON))
                    .as(set.words())
                    .isEqualTo(set);
        }
    }

    private static TimeSet random(Random random) {
        List<String> states = new ArrayList<>();
        String[] rules = {
            "a: on 12-25; on 12-26",
            "b: season 05-01..09-30; Mon-Sun 06:00-22:00",
            "a: Mon-Fri 08:00-12:00; Mon-Thu 13:00-17:00",
            "b: Sat,Sun 10:00-14:00",
            "a: season 11-01..02-28; Fri 22:00-03:00",
            "c: on 2027-03-26; on 11-24; on 2026-11-25",
            "a: season 07-10..07-19; Mon-Sun 00:00-24:00",
            "c: on FREQ=MONTHLY;BYDAY=2TU",
            "b: Mon-Sun 11:11-11:12",
            "a: on FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,TU,WE from 2026-11-30; Mon-Fri 08:30-16:00",
            "b: on FREQ=WEEKLY;INTERVAL=5;BYDAY=SA,SU from 2026-12-05",
            "c: on FREQ=WEEKLY;INTERVAL=3;BYDAY=FR from 2026-11-27; Fri 20:00-04:00",
            "a: on FREQ=DAILY;INTERVAL=4 from 2026-11-23; Mon-Sun 06:00-07:00"
        };
        for (int count = 1 + random.nextInt(4); count > 0; count--) {
            states.add(rules[random.nextInt(rules.length)]);
        }
        states.add("d");
        String wanted = random.nextBoolean() ? "a" : random.nextBoolean() ? "b" : "d";
        TimeSet set = when(wanted, states.toArray(String[]::new));
        return random.nextInt(3) == 0 ? set.complement() : set;
    }

    @Test
    void theAlgebraOfSetsHolds() {
        Random random = Seeds.random(22);
        TimeSet always = TimeSet.always(HORIZON);
        for (int times = 0; times < 200; times++) {
            TimeSet one = random(random);
            TimeSet other = random(random);
            assertThat(one.union(other)).isEqualTo(other.union(one));
            assertThat(one.minus(other)).isEqualTo(one.intersection(other.complement()));
            assertThat(one.union(one.complement())).isEqualTo(always);
            assertThat(one.intersection(one.complement()).isEmpty()).isTrue();
            assertThat(one.seconds() + one.complement().seconds()).isEqualTo(always.seconds());
            assertThat(one.complement().complement()).isEqualTo(one);
        }
    }

    @Test
    void secondsAreExactOnTheDaysTheClocksChange() {
        TimeSet autumn = when("day", "day: on 2027-10-31", "else");
        assertThat(autumn.seconds()).isEqualTo(25 * 3600L);
        TimeSet spring = when("day", "day: on 2027-03-28", "else");
        assertThat(spring.seconds()).isEqualTo(23 * 3600L);
        assertThat(spring.first()).contains(java.time.Instant.parse("2027-03-28T00:00:00Z"));
        TimeSet gap = when("day", "day: on 2027-03-28; Sun 01:15-01:45", "else");
        assertThat(gap.isEmpty()).isTrue();
    }
}
