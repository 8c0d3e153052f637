package app.bittern.formats.calendar;

import app.bittern.hours.Calendar;
import app.bittern.hours.DateRule;
import app.bittern.hours.Horizon;
import app.bittern.hours.HoursState;
import app.bittern.hours.RuleTimes;
import app.bittern.plan.Hours;
import app.bittern.plan.Site;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.Temporal;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.ComponentList;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.PropertyList;
import net.fortuna.ical4j.model.component.CalendarComponent;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/// Writes hours as a calendar file (iCalendar, RFC 5545): whole days of a rule as events that come again as the rule
/// does, which [CalendarFile] reads back; all others as what they decide in the coming 53 weeks, stretch by
/// stretch. What holds else is not written.
public final class CalendarWriter {
    private final Hours hours;
    private final Site site;
    private final Instant now;
    private final List<CalendarComponent> events = new ArrayList<>();

    private CalendarWriter(Hours hours, Site site, Instant now) {
        this.hours = hours;
        this.site = site;
        this.now = now;
    }

    /// @param now the time that the file is of; the weeks are those from its Monday
    public static String write(Hours hours, Site site, Instant now) {
        return new CalendarWriter(hours, site, now).text();
    }

    private String text() {
        Horizon horizon = Horizon.around(LocalDate.ofInstant(now, site.timeZone()), site.timeZone());
        Calendar calendar = hours.at(site);
        RuleTimes times = RuleTimes.of(calendar, horizon);
        List<HoursState> rules = calendar.states();
        for (int rule = 0; rule < rules.size() - 1; rule++) {
            HoursState state = rules.get(rule);
            if (!state.on().isEmpty()
                    && state.season().isEmpty()
                    && state.weekly().isEmpty()) {
                state.on().forEach(days -> days(state.state(), days, horizon));
            } else {
                stretches(times, rule, state.state(), horizon);
            }
        }
        net.fortuna.ical4j.model.Calendar file = new net.fortuna.ical4j.model.Calendar(
                new PropertyList(List.<Property>of(
                        new ProdId("-//Bittern//" + hours.title() + "//EN"), ImmutableVersion.VERSION_2_0)),
                new ComponentList<>(events));
        StringWriter text = new StringWriter();
        try {
            new CalendarOutputter(false).output(file, text);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return text.toString();
    }

    private void days(String state, DateRule days, Horizon horizon) {
        switch (days) {
            case DateRule.Once(LocalDate date) -> whole(state, date, date, Optional.empty());
            case DateRule.Between(LocalDate first, LocalDate last) -> whole(state, first, last, Optional.empty());
            case DateRule.Yearly yearly -> {
                LocalDate first = first(days, horizon);
                whole(state, first, first, Optional.of("FREQ=YEARLY"));
            }
            case DateRule.Recurring(String rule, Optional<LocalDate> from) -> {
                // The day that an event begins on is one of its days, whichever its rule says (RFC 5545, 3.8.5.3).
                LocalDate first = from.filter(days::holds).orElseGet(() -> first(days, horizon));
                whole(state, first, first, Optional.of(rule));
            }
        }
    }

    /// The first day from the first of the year on, so that the same hours are the same file all year.
    private static LocalDate first(DateRule days, Horizon horizon) {
        LocalDate from = horizon.from().with(TemporalAdjusters.firstDayOfYear());
        // In 8 years there is a 29 February in any case.
        return from.datesUntil(from.plusYears(8))
                .filter(days::holds)
                .findFirst()
                .orElse(from);
    }

    private void whole(String state, LocalDate first, LocalDate last, Optional<String> rule) {
        event(state, first, last.plusDays(1), rule);
    }

    private void stretches(RuleTimes times, int rule, String state, Horizon horizon) {
        for (int index = 0; index < Horizon.DAYS; index++) {
            LocalDate day = horizon.day(index);
            for (RuleTimes.Stretch stretch : times.day(day)) {
                if (stretch.rule() == rule) {
                    event(state, instant(day, stretch.from()), instant(day, stretch.to()), Optional.empty());
                }
            }
        }
    }

    private Instant instant(LocalDate day, int minute) {
        return day.atStartOfDay().plusMinutes(minute).atZone(site.timeZone()).toInstant();
    }

    private <T extends Temporal> void event(String state, T from, T to, Optional<String> rule) {
        List<Property> properties = new ArrayList<>(List.of(
                new Uid(site.key() + "-" + hours.key() + "-" + events.size() + "@bittern"),
                new DtStamp(now),
                new DtStart<>(from),
                new DtEnd<>(to),
                new Summary(state)));
        rule.map(one -> new RRule<LocalDate>(one)).ifPresent(properties::add);
        events.add(new VEvent(new PropertyList(properties)));
    }
}
