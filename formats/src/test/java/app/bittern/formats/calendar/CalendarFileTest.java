package app.bittern.formats.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.formats.PlanFile;
import app.bittern.hours.Calendar;
import app.bittern.hours.DateRule;
import app.bittern.hours.HoursState;
import app.bittern.hours.TypedRule;
import app.bittern.hours.WeekRange;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Site;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CalendarFileTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    private static CalendarFile file(String events) {
        return CalendarFile.read(
                "BEGIN:VCALENDAR\nVERSION:2.0\nPRODID:x\n" + events.strip() + "\nEND:VCALENDAR\n", LONDON);
    }

    private static String event(String title, String lines) {
        return "BEGIN:VEVENT\nUID:" + title + "\nSUMMARY:" + title + "\n" + lines.strip() + "\nEND:VEVENT\n";
    }

    private static List<String> days(CalendarFile file) {
        return file.events().stream()
                .map(one -> one.title() + ": " + one.days()
                        + one.hours().map(hours -> " " + hours).orElse(""))
                .toList();
    }

    @Test
    void eventsAreDaysOfARule() {
        CalendarFile read = file(event("Christmas", "DTSTART;VALUE=DATE:20261225\nRRULE:FREQ=YEARLY")
                + event("Works", "DTSTART;VALUE=DATE:20270208\nDTEND;VALUE=DATE:20270213")
                + event("Stocktaking", "DTSTART;VALUE=DATE:20270331")
                + event("Training", "DTSTART;VALUE=DATE:20261102\nRRULE:INTERVAL=2;FREQ=WEEKLY;BYDAY=MO")
                + event("Meeting", "DTSTART;TZID=Europe/Oslo:20261210T150000\nDTEND;TZID=Europe/Oslo:20261210T173000")
                + event("Drill", "DTSTART:20261126T090000Z\nDURATION:PT45M"));
        assertThat(read.unread()).isEmpty();
        assertThat(days(read))
                .containsExactly(
                        "Christmas: 12-25",
                        "Works: 2027-02-08..2027-02-12",
                        "Stocktaking: 2027-03-31",
                        "Training: FREQ=WEEKLY;INTERVAL=2;BYDAY=MO from 2026-11-02",
                        "Meeting: 2026-12-10 Mon-Sun 14:00-16:30",
                        "Drill: 2026-11-26 Mon-Sun 09:00-09:45");
    }

    @Test
    void whatCannotBeDaysIsSaidWithItsLineAndTheReason() {
        CalendarFile read = file("BEGIN:VTIMEZONE\nTZID:x\nEND:VTIMEZONE\n"
                + event("Crossing", "DTSTART:20261210T150000\nDTEND:20261211T090000")
                + "BEGIN:VTODO\nSUMMARY:Paint\nEND:VTODO\n"
                + event("Odd", "DTSTART;VALUE=DATE:2026122")
                + event("Moved", "DTSTART;VALUE=DATE:20261210\nEXDATE;VALUE=DATE:20261217\nRRULE:FREQ=WEEKLY")
                + event("Fair", "DTSTART;VALUE=DATE:20270601\nDTEND;VALUE=DATE:20270604\nRRULE:FREQ=YEARLY")
                + event("Off", "DTSTART;VALUE=DATE:20261211\nSTATUS:CANCELLED")
                + event("Good", "DTSTART;VALUE=DATE:20261212"));
        assertThat(days(read)).containsExactly("Good: 2026-12-12");
        assertThat(read.unread()).extracting(CalendarFile.Unread::line).containsExactly(7, 13, 16, 21, 28, 35);
        assertThat(read.unread().get(0).why()).contains("from a time of one day to a time of another");
        assertThat(read.unread().get(1).why()).contains("only events");
        assertThat(read.unread().get(3).why()).contains("single days of a series (EXDATE)");
        assertThat(read.unread().get(4).why()).contains("lasts several days");
        assertThat(read.unread().get(5).why()).contains("cancelled");
    }

    @Test
    void anotherFileIsSaidToBeNone() {
        assertThat(CalendarFile.read("name;number\nx;1\n", LONDON).unread())
                .singleElement()
                .satisfies(one -> assertThat(one.why()).contains("no calendar file"));
    }

    @Test
    void wholeDaysThatAreWrittenAreReadBack() {
        Site site = plan().site();
        List<DateRule> days =
                rule("holiday on 25 Dec, 29 Feb, 26 Mar 2027, 20 Dec 2026 to 3 Jan 2027, first Mon in May,"
                                + " Mon every 2 weeks from 2 Nov 2026")
                        .on();
        Hours hours = new Hours(
                "desk",
                Optional.of("Desk"),
                Optional.empty(),
                Optional.empty(),
                new Calendar(List.of(
                        rule("holiday on 25 Dec").withOn(days), rule("open Mon-Fri 9-5"), rule("closed else"))));
        String text = CalendarWriter.write(hours, site, Instant.parse("2026-11-24T10:15:00Z"));
        CalendarFile read = CalendarFile.read(text, LONDON);
        assertThat(read.unread()).isEmpty();
        LocalDate from = LocalDate.of(2026, 11, 23);
        List<DateRule> back = read.events().stream()
                .filter(one -> one.title().equals("holiday"))
                .map(CalendarEvent::days)
                .toList();
        assertThat(from.datesUntil(from.plusYears(3))
                        .filter(day -> back.stream().anyMatch(one -> one.holds(day))))
                .containsExactlyElementsOf(from.datesUntil(from.plusYears(3))
                        .filter(day -> days.stream().anyMatch(one -> one.holds(day)))
                        .toList());
        // Christmas Day is on a Friday in 2026, and is none of the days on which it is open.
        assertThat(days(read))
                .contains("open: 2026-12-07 Mon-Sun 09:00-17:00", "open: 2027-06-30 Mon-Sun 09:00-17:00")
                .noneMatch(one -> one.startsWith("open: 2026-12-25"));
    }

    private static HoursState rule(String typed) {
        return ((TypedRule.Result.Read) TypedRule.read(typed, List.of(), "GB")).rule();
    }

    private static Plan plan() {
        return ((PlanFile.Result.Read) PlanFile.read("""
                bittern: 2
                site: { key: x, name: X, timeZone: Europe/London, country: GB, languages: [en-GB] }
                """)).plan();
    }

    @Test
    void publicHolidaysAreThoseOfTheCountryAndItsRegion() {
        LocalDate from = LocalDate.of(2026, 11, 24);
        List<PublicHolidays.Day> norway = PublicHolidays.of("NO", "", from);
        assertThat(norway)
                .filteredOn(day -> day.name().equals("Constitution Day"))
                .singleElement()
                .satisfies(day -> assertThat(day.days()).hasToString("[05-17]"));
        assertThat(norway)
                .filteredOn(day -> day.first().equals(LocalDate.of(2027, 3, 26)))
                .singleElement()
                .satisfies(day -> assertThat(day.days()).hasToString("[2027-03-26, 2028-04-14]"));
        assertThat(PublicHolidays.regions("GB")).isNotEmpty();
        String region = PublicHolidays.regions("GB").getFirst().key();
        assertThat(PublicHolidays.of("GB", region, from)).isNotEqualTo(PublicHolidays.of("GB", "", from));
        assertThat(PublicHolidays.of("ZZ", "", from)).isEmpty();
        assertThat(PublicHolidays.countries()).contains("GB", "NO", "US");
    }

    @Test
    void aTimeOfDayIsOfTheSite() {
        assertThat(file(event("Summer", "DTSTART:20270701T080000Z\nDTEND:20270701T090000Z"))
                        .events()
                        .getFirst()
                        .hours())
                .contains(WeekRange.parse("Mon-Sun 09:00-10:00").orElseThrow());
    }
}
