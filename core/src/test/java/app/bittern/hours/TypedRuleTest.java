package app.bittern.hours;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypedRuleTest {
    private static final List<String> STATES = List.of("holiday", "open", "closed");

    private static String read(String words, String country) {
        return switch (TypedRule.read(words, STATES, country)) {
            case TypedRule.Result.Read(HoursState rule) -> rule.said(country);
            case TypedRule.Result.Refused(String says) -> says;
        };
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            closed on last Fri in Jun from 15:00          | closed on last Fri in Jun from 15:00
            Mon-Fri 8.30-5                                | open Mon–Fri 08:30–17:00
            mon to fri 9-12 and 1-5                       | open Mon–Fri 09:00–12:00, Mon–Fri 13:00–17:00
            open weekdays 9am-5.30pm, Sat 10-4            | open Mon–Fri 09:00–17:30, Sat 10:00–16:00
            open Saturdays 22:00-02:00                    | open Sat 22:00–02:00
            closed Sun                                    | closed Sun 00:00–24:00
            closed on 24 Dec from noon                    | closed on 24 Dec from 12:00
            holiday on 25 Dec, 26th December and Jan 1    | holiday on 25 Dec, 26 Dec, 1 Jan
            holiday 25/12, 3/4/2027                       | holiday on 25 Dec, 3 Apr 2027
            open May-Sep daily 6-22                       | open in season 1 May to 30 Sept, Mon–Sun 06:00–22:00
            open from May to September, Sat 10-16         | open in season 1 May to 30 Sept, Sat 10:00–16:00
            open 15 Mar to 31 Oct, weekends 10am-4pm      | open in season 15 Mar to 31 Oct, Sat–Sun 10:00–16:00
            closed 20 Dec to 3 Jan 2027                   | closed on 20 Dec 2026 to 3 Jan 2027
            closed first Mon in May                       | closed on first Mon in May
            closed 2nd Tue in every month until 10:30     | closed on second Tue in every month until 10:30
            duty: every Mon, Wed 18-20                    | duty on every Mon, Wed 18:00–20:00
            duty every Mon every 2 weeks from 2 Nov 2026  | duty on Mon every 2 weeks from 2 Nov 2026
            night-duty Fri 20-24, Sat 0-24                | night-duty Fri 20:00–24:00, Sat 00:00–24:00
            closed else                                   | closed else
            """)
    void whatIsTypedIsReadBack(String typed, String said) {
        assertThat(read(typed, "GB")).isEqualTo(said.strip());
    }

    @Test
    void datesAreReadAsTheCountryWritesThem() {
        assertThat(read("holiday 12/25", "US")).isEqualTo("holiday on Dec 25");
        assertThat(read("holiday on Nov 26, 2026", "US")).isEqualTo("holiday on Nov 26, 2026");
        assertThat(read("holiday 12/25", "GB")).startsWith("'12/25' is no day of a month.");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            closed at whim             | 'at' is not understood here.
            Mon-Fri 17:00-08:30        | From 17:00 to 08:30 cannot be
            Mon 25:00-26:00            | '25:00' is no time of day.
            Mon 9                      | '09:00' has no end
            holiday on 31 Feb          | '31' is no day of a month.
            closed last in Jun         | After 'last' a weekday such as Fri is missing.
            closed first Mon in        | After 'in' a month such as Jun is missing.
            closed May-Jun, Aug-Sep    | Two parts of the year are more than a rule takes
            closed every Mon every 2 weeks | 'FREQ=WEEKLY;INTERVAL=2;BYDAY=MO' is no rule of days, or needs the day
            ''                         | Nothing was typed.
            """)
    void whatCannotBeReadIsSaidWithWhatIsAllowed(String typed, String says) {
        assertThat(read(typed, "GB")).startsWith(says).contains("Allowed is a state, then days and hours");
    }

    /// Whatever is typed is a rule or a refusal, and never a fault.
    @Test
    void anyWordsAreReadOrRefused() {
        List<String> words = List.of(
                "/",
                "/a~2",
                "1/",
                "//",
                "-",
                "to",
                "from",
                "on",
                "Mon",
                "12",
                "9999",
                "25",
                "Dec",
                "last",
                "every",
                "FREQ=",
                "FREQ=DAILY",
                "2026-13-45",
                "31/31",
                "until",
                "am",
                "9am",
                "24:00",
                ":",
                ",",
                "else",
                "x",
                "of",
                "2nd",
                "..");
        for (int seed = 0; seed < RandomPlans.many(20000); seed++) {
            Random random = Seeds.random(seed);
            StringBuilder text = new StringBuilder();
            for (int count = 1 + random.nextInt(6); count > 0; count--) {
                text.append(words.get(random.nextInt(words.size()))).append(random.nextInt(5) == 0 ? "" : " ");
            }
            assertThat(TypedRule.read(text.toString(), STATES, random.nextBoolean() ? "US" : "GB"))
                    .as("%s", text)
                    .isNotNull();
        }
    }

    @Test
    void whatIsSaidIsReadAsTheSameRule() {
        Horizon horizon = Horizon.around(LocalDate.of(2026, 11, 24), java.time.ZoneId.of("Europe/London"));
        for (int seed = 0; seed < RandomPlans.many(2000); seed++) {
            HoursState rule = random(Seeds.random(seed));
            String country = List.of("GB", "US", "NO").get(seed % 3);
            String said = rule.said(country);
            TypedRule.Result result = TypedRule.read(said, STATES, country);
            assertThat(result).as("seed %d: %s", seed, said).isInstanceOf(TypedRule.Result.Read.class);
            HoursState read = ((TypedRule.Result.Read) result).rule();
            assertThat(read.said(country)).as("seed %d: %s", seed, rule).isEqualTo(said);
            assertThat(times(read, horizon)).as("seed %d: %s", seed, said).isEqualTo(times(rule, horizon));
        }
    }

    private static TimeSet times(HoursState rule, Horizon horizon) {
        return RuleTimes.of(
                        new Calendar(List.of(rule, new HoursState("closed", Optional.empty(), List.of(), List.of()))),
                        horizon)
                .times(0);
    }

    private static HoursState random(Random random) {
        String state = List.of("holiday", "open", "closed", "night-duty").get(random.nextInt(4));
        Optional<Season> season =
                random.nextInt(3) == 0 ? Optional.of(new Season(day(random), day(random))) : Optional.empty();
        List<DateRule> on = new ArrayList<>();
        for (int count = random.nextInt(3); count > 0; count--) {
            on.add(date(random));
        }
        List<WeekRange> weekly = new ArrayList<>();
        for (int count = random.nextInt(3); count > 0; count--) {
            int start = random.nextInt(96) * 15;
            int end = Math.min(24 * 60, start + 15 * (1 + random.nextInt(40)));
            weekly.add(new WeekRange(days(random), start, end));
        }
        return new HoursState(state, season, weekly, on);
    }

    private static MonthDay day(Random random) {
        Month month = Month.of(1 + random.nextInt(12));
        return MonthDay.of(month, 1 + random.nextInt(month.minLength()));
    }

    private static Set<DayOfWeek> days(Random random) {
        Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
        while (days.isEmpty()) {
            for (DayOfWeek day : DayOfWeek.values()) {
                if (random.nextInt(3) == 0) {
                    days.add(day);
                }
            }
        }
        return random.nextInt(4) == 0 ? EnumSet.allOf(DayOfWeek.class) : days;
    }

    private static DateRule date(Random random) {
        return switch (random.nextInt(6)) {
            case 0 -> new DateRule.Yearly(day(random));
            case 1 -> new DateRule.Once(LocalDate.of(2026, 12, 1).plusDays(random.nextInt(300)));
            case 2 -> {
                LocalDate first = LocalDate.of(2026, 12, 1).plusDays(random.nextInt(300));
                yield new DateRule.Between(first, first.plusDays(1 + random.nextInt(20)));
            }
            case 3 ->
                DateRule.parse("FREQ=YEARLY;BYMONTH=" + (1 + random.nextInt(12)) + ";BYDAY=-1FR")
                        .orElseThrow();
            case 4 ->
                DateRule.parse("FREQ=MONTHLY;BYDAY=" + (1 + random.nextInt(4)) + "TU")
                        .orElseThrow();
            default ->
                DateRule.parse("FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,WE from 2026-11-02")
                        .orElseThrow();
        };
    }
}
