package app.bittern.server.hours;

import static app.bittern.server.testing.DemoDraft.good;
import static app.bittern.server.testing.DemoDraft.set;
import static app.bittern.server.testing.DemoDraft.texts;
import static app.bittern.server.testing.DemoDraft.wishes;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.DemoDraft;
import app.bittern.server.testing.RunningApplication;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// The week, the year, and what hours would be.
class HoursTest {
    @RegisterExtension
    static final DemoDraft DRAFT = new DemoDraft();

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    @Test
    void aWeekShowsEveryCalendarAndSwitchAtAnInstant() {
        JsonNode week = DRAFT.get("/week-of-hours?at=2026-11-24T10:15");
        assertThat(week.at("/from").asString()).isEqualTo("2026-11-23");
        JsonNode terminal = week.at("/hours/0");
        assertThat(terminal.at("/state").asString()).isEqualTo("open");
        assertThat(terminal.at("/why").asString()).isEqualTo("open Mon–Sat 07:30–19:00, Sun 10:00–16:30");
        assertThat(terminal.at("/next/at").asString()).isEqualTo("2026-11-24T19:00");
        assertThat(texts(terminal.at("/states"), "/state")).containsExactly("holiday", "open", "closed");
        assertThat(terminal.at("/states/0/dated").asBoolean()).isTrue();
        assertThat(terminal.at("/days")).hasSize(7);
        assertThat(terminal.at("/days/1/edges")).hasToString("[450,1140]");
        assertThat(texts(terminal.at("/days/6/stretches"), "/state")).containsExactly("closed", "open", "closed");
        assertThat(week.at("/switches/0/now").asString()).isEqualTo("printed");
        assertThat(DRAFT.ask("/week-of-hours?at=today").json().at("/detail").asString())
                .isEqualTo("at: found 'today'; allowed is a time of the site's clock such as 2026-11-24T10:15.");
    }

    @Test
    void rulesAreSaidWithTheHoursAYearThatTheyDecide() {
        JsonNode rules = DRAFT.get("/rules-of-hours/terminal");
        assertThat(texts(rules.at("/rules"), "/said"))
                .containsExactly(
                        "holiday on 25 Dec, 26 Dec, 1 Jan",
                        "open in season 1 May to 30 Sept, Mon–Sun 06:00–22:00",
                        "open Mon–Sat 07:30–19:00, Sun 10:00–16:30",
                        "closed else");
        long seconds = 0;
        for (JsonNode rule : rules.at("/rules")) {
            seconds += rule.at("/seconds").asLong();
        }
        assertThat(seconds % (24 * 3600)).isZero();
        assertThat(seconds / (24 * 3600)).isBetween(365L, 366L);
        assertThat(rules.at("/year")).hasSize(371);
        assertThat(texts(rules.at("/decides"), "/title")).contains("Terminal open?", "Bookings");
        assertThat(texts(rules.at("/numbers"), "/title")).contains("Main line");
        assertThat(DRAFT.ask("/rules-of-hours/none").status()).isEqualTo(404);
    }

    @Test
    void aTypedRuleIsReadBackPreviewedAndKept() {
        String typed = "/rules-of-hours/terminal/typed?words=" + encoded("closed last Fri in Jun from 3pm");
        JsonNode would = DRAFT.get(typed);
        assertThat(would.at("/says").asString()).isEqualTo("closed on last Fri in Jun from 15:00");
        assertThat(would.at("/place").asInt()).isZero();
        String wish = set("hours/terminal", "/states", would.at("/states").toString());
        JsonNode preview = good(DRAFT.post("/preview", wishes(wish)));
        assertThat(preview.at("/says").asString())
                .isEqualTo("Terminal hours: with closed on last Fri in Jun from 15:00");
        assertThat(preview.at("/noticed/count").asInt()).isPositive();
        assertThat(DRAFT.get("/rules-of-hours/terminal").at("/rules")).hasSize(4);
        DRAFT.edit(wish);
        assertThat(DRAFT.get("/rules-of-hours/terminal").at("/rules/0/said").asString())
                .isEqualTo("closed on last Fri in Jun from 15:00");
        JsonNode wrong = DRAFT.get("/rules-of-hours/terminal/typed?words=" + encoded("closed on a whim"));
        assertThat(wrong.at("/wrong").asBoolean()).isTrue();
        assertThat(wrong.at("/says").asString()).startsWith("'a' is not understood here.");
        assertThat(DRAFT.get("/rules-of-hours/terminal/typed?instead=4&words=" + encoded("closed Sun"))
                        .at("/says")
                        .asString())
                .isEqualTo("The last rule is what holds else: it has no days and no hours.");
    }

    @Test
    void anEdgeThatIsMovedSaysWhatTheHoursWouldBe() {
        String moved = "/rules-of-hours/terminal/moved?date=2026-11-24&from=450";
        JsonNode would = DRAFT.get(moved + "&to=465");
        assertThat(would.at("/says").asString()).isEqualTo("open Mon–Sat 07:45–19:00, Sun 10:00–16:30");
        assertThat(would.at("/states/2/weekly/0").asString()).isEqualTo("Mon-Sat 07:45-19:00");
        assertThat(DRAFT.get(moved + "&to=465&alone=true").at("/says").asString())
                .isEqualTo("open Mon, Wed–Sat 07:30–19:00, Tue 07:45–19:00, Sun 10:00–16:30");
        assertThat(DRAFT.get(moved + "&to=1200").at("/wrong").asBoolean()).isTrue();
        assertThat(DRAFT.get(moved + "&to=1500").at("/says").asString()).contains("00:00 to 24:00");
    }

    @Test
    void daysOfACalendarFileAndPublicHolidaysAreAddedToAState() {
        JsonNode read = good(DRAFT.postText("/read-calendar", """
                BEGIN:VCALENDAR
                BEGIN:VEVENT
                SUMMARY:Regatta
                DTSTART;VALUE=DATE:20270612
                END:VEVENT
                BEGIN:VEVENT
                SUMMARY:Drill
                DTSTART:20270305T140000
                DTEND:20270305T160000
                END:VEVENT
                BEGIN:VTODO
                END:VTODO
                END:VCALENDAR
                """));
        assertThat(texts(read.at("/events"), "/words")).containsExactly("12 Jun 2027", "5 Mar 2027 14:00–16:00");
        assertThat(read.at("/unread/0/line").asInt()).isEqualTo(11);
        JsonNode would = DRAFT.get("/rules-of-hours/freight/with-days?state=holiday&days=" + encoded("12 Jun 2027")
                + "&days=" + encoded("5 Mar 2027 14:00–16:00"));
        assertThat(would.at("/states/1/on"))
                .hasToString("[\"12-25\",\"12-26\",\"01-01\",\"2036-04-11\",\"2036-04-14\",\"2027-06-12\"]");
        assertThat(would.at("/states/0/on")).hasToString("[\"2027-03-05\"]");
        JsonNode norway = DRAFT.get("/holidays?country=NO");
        assertThat(texts(norway.at("/days"), "/words")).contains("17 May");
        assertThat(DRAFT.ask("/holidays?country=NO&region=none").status()).isEqualTo(422);
        assertThat(DRAFT.ask("/rules-of-hours/freight/calendar").text())
                .startsWith("BEGIN:VCALENDAR")
                .contains("SUMMARY:loading");
    }

    @Test
    void aSwitchSaysWhereItSendsCallsAndWhoTurnedItWhen() {
        JsonNode positions = DRAFT.get("/positions-of-switch/timetable");
        assertThat(texts(positions.at("/positions"), "/leads/0/to"))
                .containsExactly("queue Bookings", "announcement Reduced timetable");
        assertThat(texts(positions.at("/numbers"), "/title")).contains("Main line");
        DRAFT.edit(set("switch/timetable", "/now", "\"reduced\""));
        DRAFT.edit(set("switch/timetable", "/name", "\"Sailings\""));
        JsonNode turned = DRAFT.get("/week-of-hours?at=2026-11-24T10:15").at("/switches/0");
        assertThat(turned.at("/now").asString()).isEqualTo("reduced");
        assertThat(turned.at("/since/account").asString()).isEqualTo(RunningApplication.NAME);
    }
}
