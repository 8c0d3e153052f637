package app.bittern.hours;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class HoursEdgesTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");
    private static final LocalDate TUESDAY = LocalDate.of(2026, 11, 24);
    private static final Horizon HORIZON = Horizon.around(TUESDAY, LONDON);

    private static HoursState rule(String typed) {
        return ((TypedRule.Result.Read) TypedRule.read(typed, List.of(), "GB")).rule();
    }

    private static Calendar calendar(String... rules) {
        return new Calendar(List.of(rules).stream().map(HoursEdgesTest::rule).toList());
    }

    private static List<String> said(List<HoursState> rules) {
        return rules.stream().map(one -> one.said("GB")).toList();
    }

    private static List<Integer> edges(Calendar calendar, LocalDate date) {
        return HoursEdges.of(calendar, RuleTimes.of(calendar, HORIZON).day(date), date);
    }

    private static Optional<List<String>> moved(Calendar calendar, LocalDate date, int from, int to, boolean alone) {
        return HoursEdges.moved(calendar, RuleTimes.of(calendar, HORIZON).day(date), date, from, to, alone)
                .map(HoursEdgesTest::said);
    }

    @Test
    void aDaysEdgesAreWhereWeeklyHoursBeginAndEnd() {
        Calendar calendar = calendar("holiday on 25 Dec", "open Mon-Sat 07:30-19:00", "closed else");
        assertThat(edges(calendar, TUESDAY)).containsExactly(450, 1140);
        assertThat(edges(calendar, LocalDate.of(2026, 12, 25))).isEmpty();
    }

    @Test
    void anEdgeMovesOnAllDaysOfItsHoursOrOnOneAlone() {
        Calendar calendar = calendar("open Mon-Sat 07:30-19:00", "closed else");
        assertThat(moved(calendar, TUESDAY, 450, 465, false))
                .contains(List.of("open Mon–Sat 07:45–19:00", "closed else"));
        assertThat(moved(calendar, TUESDAY, 450, 465, true))
                .contains(List.of("open Mon, Wed–Sat 07:30–19:00, Tue 07:45–19:00", "closed else"));
    }

    @Test
    void whereOneRuleEndsAndAnotherBeginsBothMove() {
        Calendar calendar = calendar("loading Mon-Fri 06:30-10:30", "office Mon-Fri 10:30-16:45", "closed else");
        assertThat(moved(calendar, TUESDAY, 630, 600, false))
                .contains(List.of("loading Mon–Fri 06:30–10:00", "office Mon–Fri 10:00–16:45", "closed else"));
    }

    @Test
    void whatWouldEndBeforeItBeginsIsNotMoved() {
        Calendar calendar = calendar("open Mon-Sat 07:30-19:00", "night Fri 22:00-02:00", "closed else");
        assertThat(moved(calendar, TUESDAY, 450, 1140, false)).isEmpty();
        LocalDate saturday = LocalDate.of(2026, 11, 28);
        assertThat(edges(calendar, saturday)).containsExactly(120, 450, 1140);
        assertThat(moved(calendar, saturday, 120, 180, false).orElseThrow()).contains("night Fri 22:00–03:00");
        assertThat(moved(calendar, saturday, 120, 700, false)).isEmpty();
    }

    @Test
    void hoursOfAnotherZoneHaveNoEdgesHere() {
        Calendar calendar =
                calendar("open Mon-Sat 07:30-19:00", "closed else").askedIn(LONDON, ZoneId.of("Europe/Oslo"));
        assertThat(edges(calendar, TUESDAY)).isEmpty();
    }

    @Test
    void theYearIsDividedAmongTheRules() {
        Calendar calendar = calendar("holiday on 25 Dec, 26 Dec, 1 Jan", "open Mon-Fri 09:00-17:00", "closed else");
        List<Long> seconds = RuleTimes.of(calendar, HORIZON).yearly();
        assertThat(seconds.stream().mapToLong(one -> one).sum()).isEqualTo(365L * 24 * 3600);
        assertThat(seconds.getFirst()).isEqualTo(3L * 24 * 3600);
        // 261 weekdays in the year from Monday 23 November 2026, of which Christmas Day and New Year's Day are
        // holidays.
        assertThat(seconds.get(1)).isEqualTo(259L * 8 * 3600);
    }

    @Test
    void aNewRuleStandsBeforeThoseOfMoreTimes() {
        List<HoursState> rules = calendar(
                        "holiday on 25 Dec", "open May-Sep daily 6-22", "open Mon-Sat 8-18", "closed else")
                .states();
        assertThat(RuleOrder.place(rules, rule("closed on last Fri in Jun from 15:00")))
                .isEqualTo(0);
        assertThat(RuleOrder.place(rules, rule("open Jul daily 6-23"))).isEqualTo(1);
        assertThat(RuleOrder.place(rules, rule("duty Sun 9-12"))).isEqualTo(2);
        assertThat(said(RuleOrder.with(rules, rule("night else"))))
                .endsWith("night else")
                .doesNotContain("closed else");
        List<DateRule> days = rule("holiday on 26 Dec, 25 Dec").on();
        assertThat(said(RuleOrder.withDays(rules, "holiday", days))).startsWith("holiday on 25 Dec, 26 Dec");
        assertThat(said(RuleOrder.withDays(rules, "closed", days))).startsWith("closed on 26 Dec, 25 Dec");
    }
}
