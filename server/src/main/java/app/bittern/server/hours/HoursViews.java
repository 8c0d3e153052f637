package app.bittern.server.hours;

import app.bittern.hours.Calendar;
import app.bittern.hours.Horizon;
import app.bittern.hours.HoursEdges;
import app.bittern.hours.HoursState;
import app.bittern.hours.RuleTimes;
import app.bittern.plan.Hours;
import app.bittern.plan.Site;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/// Hours of a site, day by day.
///
/// @param calendar as it is asked by the site's clock
record HoursViews(Hours hours, Site site, Calendar calendar, RuleTimes times) {
    private static final int AHEAD = 15;
    private static final int DAY = 24 * 60;

    static HoursViews of(Hours hours, Site site, Horizon horizon) {
        Calendar calendar = hours.at(site);
        return new HoursViews(hours, site, calendar, RuleTimes.of(calendar, horizon));
    }

    private List<HoursState> rules() {
        return calendar.states();
    }

    String said(int rule) {
        return rules().get(rule).said(site.country());
    }

    HoursApi.HoursRow row(LocalDate monday, LocalDateTime at) {
        int rule = calendar.indexAt(at);
        return new HoursApi.HoursRow(
                hours.ref().toString(),
                hours.title(),
                hours.timeZone().filter(own -> !own.equals(site.timeZone())).map(ZoneId::toString),
                states(),
                rules().get(rule).state(),
                said(rule),
                next(at, rules().get(rule).state()),
                IntStream.range(0, 7).mapToObj(day -> day(monday.plusDays(day))).toList());
    }

    /// What holds else comes last, whichever other rules it has.
    private List<HoursApi.StateView> states() {
        String rest = rules().getLast().state();
        return calendar.names().stream()
                .sorted(Comparator.comparing(rest::equals))
                .map(name -> new HoursApi.StateView(
                        name,
                        rules().stream()
                                .filter(rule -> rule.state().equals(name))
                                .noneMatch(rule -> rule.on().isEmpty())))
                .toList();
    }

    HoursApi.DayView day(LocalDate date) {
        List<RuleTimes.Stretch> day = times.day(date);
        return new HoursApi.DayView(
                date.toString(), day.stream().map(this::stretch).toList(), HoursEdges.of(calendar, day, date));
    }

    private HoursApi.StretchView stretch(RuleTimes.Stretch one) {
        return new HoursApi.StretchView(
                one.from(), one.to(), rules().get(one.rule()).state(), one.rule());
    }

    /// When another state begins.
    private Optional<HoursApi.Next> next(LocalDateTime at, String state) {
        int minute = at.getHour() * 60 + at.getMinute();
        return IntStream.range(0, AHEAD)
                .boxed()
                .flatMap(ahead -> times.day(at.toLocalDate().plusDays(ahead)).stream()
                        .filter(one -> ahead > 0 || one.from() > minute)
                        .map(one -> new HoursApi.Next(
                                at.toLocalDate()
                                        .plusDays(ahead)
                                        .atStartOfDay()
                                        .plusMinutes(one.from() % DAY)
                                        .toString(),
                                rules().get(one.rule()).state())))
                .filter(next -> !next.state().equals(state))
                .findFirst();
    }

    List<HoursApi.RuleView> ruleViews() {
        List<Long> seconds = times.yearly();
        return IntStream.range(0, rules().size())
                .mapToObj(rule ->
                        new HoursApi.RuleView(said(rule), rules().get(rule).state(), seconds.get(rule)))
                .toList();
    }
}
