package app.bittern.server.hours;

import app.bittern.formats.calendar.CalendarEvent;
import app.bittern.formats.calendar.CalendarFile;
import app.bittern.formats.calendar.CalendarWriter;
import app.bittern.formats.calendar.PublicHolidays;
import app.bittern.hours.DateRule;
import app.bittern.hours.HoursState;
import app.bittern.plan.Hours;
import app.bittern.plan.Kind;
import app.bittern.plan.Problem;
import app.bittern.server.Refusal;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.plan.Asked;
import app.bittern.server.work.Readings;
import app.bittern.server.work.Work;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// Days that come from elsewhere, and hours that go there: calendar files and public holidays.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/{plan}")
class CalendarController {
    private final Work work;
    private final Clock clock;
    private final Readings readings;

    CalendarController(Work work, Clock clock, Readings readings) {
        this.readings = readings;
        this.work = work;
        this.clock = clock;
    }

    /// The hours as a calendar file (iCalendar).
    @GetMapping(path = "/rules-of-hours/{key}/calendar", produces = MediaType.TEXT_PLAIN_VALUE)
    String calendarOfHours(Asked asked, @PathVariable String key) {
        return CalendarWriter.write(
                asked.object(Kind.HOURS, key, Hours.class), asked.plan().site(), clock.instant());
    }

    /// What a calendar file (iCalendar) would bring: its days as rules take them, and what cannot be one.
    @PostMapping(path = "/read-calendar", consumes = MediaType.TEXT_PLAIN_VALUE)
    HoursApi.CalendarView readCalendar(Asked asked, @RequestBody String file) {
        CalendarFile read = readings.pasted(
                file, () -> CalendarFile.read(file, asked.plan().site().timeZone()));
        String country = asked.plan().site().country();
        return new HoursApi.CalendarView(
                read.events().stream()
                        .map(event -> new HoursApi.EventView(event.line(), event.title(), words(event, country)))
                        .toList(),
                read.unread().stream()
                        .map(one -> new HoursApi.UnreadView(one.line(), one.what(), one.why()))
                        .toList());
    }

    private static String words(CalendarEvent event, String country) {
        HoursState rule =
                new HoursState("x", Optional.empty(), event.hours().stream().toList(), List.of(event.days()));
        return rule.said(country).substring("x on ".length());
    }

    /// The public holidays of a country and region, from today on.
    ///
    /// @param country the site's where empty
    @GetMapping("/holidays")
    HoursApi.HolidaysView holidays(
            Asked asked,
            @RequestParam(defaultValue = "") String country,
            @RequestParam(defaultValue = "") String region) {
        String its = asked.plan().site().country();
        String wanted = country.isEmpty() ? its : country;
        List<PublicHolidays.Region> regions = PublicHolidays.regions(wanted);
        if (!region.isEmpty() && regions.stream().noneMatch(one -> one.key().equals(region))) {
            throw Refusal.unusable("region: found '" + Problem.shown(region) + "'; allowed is one of the country's: "
                    + regions.stream().map(PublicHolidays.Region::key).collect(Collectors.joining(", ")) + ".");
        }
        return new HoursApi.HolidaysView(
                wanted,
                PublicHolidays.countries(),
                regions.stream()
                        .map(one -> new HoursApi.RegionView(one.key(), one.name()))
                        .toList(),
                PublicHolidays.of(wanted, region, work.horizon(asked).from()).stream()
                        .map(day -> new HoursApi.HolidayView(
                                day.name(),
                                day.first().toString(),
                                day.days().stream()
                                        .map((DateRule one) -> one.said(its))
                                        .collect(Collectors.joining(", "))))
                        .toList());
    }
}
