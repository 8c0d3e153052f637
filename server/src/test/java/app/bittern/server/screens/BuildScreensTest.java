package app.bittern.server.screens;

import static app.bittern.server.testing.DemoDraft.set;
import static app.bittern.server.testing.DemoDraft.texts;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.bittern.server.testing.DemoDraft;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// What the screens of groups, queues, voicemail and the overview are told.
class BuildScreensTest {
    private static final String AT = "at=2026-11-24T10:15";

    @RegisterExtension
    static final DemoDraft DRAFT = new DemoDraft();

    private static JsonNode named(JsonNode list, String title) {
        return list.get(texts(list, "/title").indexOf(title));
    }

    @Test
    void groupsAreDrawnAsTheyRing() {
        JsonNode groups = DRAFT.get("/groups").at("/groups");
        JsonNode reception = named(groups, "Reception");
        assertThat(texts(reception.at("/members"), "/title"))
                .containsExactly("Ingrid Fell 2001", "Tom Arrowby 2002", "Priya Nair 2010");
        assertThat(reception.at("/members/2/stretches")).hasToString("[{\"from\":10,\"to\":21}]");
        assertThat(texts(reception.at("/ends"), "/leads")).containsOnly("mailbox Reception");
        assertThat(reception.at("/ends/1/given").asBoolean()).isFalse();
        assertThat(reception.at("/advice/queue").asBoolean()).isFalse();
        JsonNode port = named(groups, "Port control");
        assertThat(port.at("/seconds").asInt()).isEqualTo(72);
        assertThat(port.at("/members/1/stretches")).hasToString("[{\"from\":12,\"to\":24},{\"from\":48,\"to\":60}]");
    }

    /// Who is on do not disturb is neither waited for nor drawn ringing; where that is everybody the call leaves at
    /// once.
    @Test
    void whoDoesNotRingIsNotWaitedFor() {
        DRAFT.edit(set("extension/2101", "/doNotDisturb", "true"));
        JsonNode port = named(DRAFT.get("/groups").at("/groups"), "Port control");
        assertThat(port.at("/seconds").asInt()).isEqualTo(48);
        assertThat(port.at("/members/0/stretches")).isEmpty();
        assertThat(port.at("/members/0/able").asBoolean()).isFalse();
        assertThat(port.at("/leaves").asString()).isEqualTo("/noAnswer");
        DRAFT.edit(
                set("extension/2102", "/doNotDisturb", "true"), set("hunt-group/port-control", "/members/2", "null"));
        JsonNode nobody = named(DRAFT.get("/groups").at("/groups"), "Port control");
        assertThat(nobody.at("/seconds").asInt()).isZero();
        assertThat(nobody.at("/leaves").asString()).isEqualTo("/busy");
    }

    @Test
    void whatIsOddOfAMemberIsSaid() {
        DRAFT.edit(
                set("ring-group/reception", "/members/3", "{\"extension\":\"2001\",\"after\":\"25s\"}"),
                set("extension/2002", "/forward/always", "\"chain/freight-on-call\""),
                set("extension/2010", "/doNotDisturb", "true"));
        JsonNode members = named(DRAFT.get("/groups?find=reception").at("/groups"), "Reception")
                .at("/members");
        assertThat(texts(members.at("/0/notes"), "")).containsExactly("in the group twice");
        assertThat(texts(members.at("/1/notes"), ""))
                .containsExactly(
                        "forwards all calls to chain Freight's duty phone, then Bea, which is not followed here");
        assertThat(texts(members.at("/2/notes"), "")).containsExactly("does not ring: do not disturb");
        assertThat(texts(members.at("/3/notes"), "")).contains("never rings: it would begin after the end");
    }

    @Test
    void theScoreOfAWaitIsWhatTheEngineDoes() {
        JsonNode score = DRAFT.get("/queues/bookings/score?" + AT);
        int joining = score.at("/joining").asInt();
        assertThat(score.at("/seconds").asInt()).isEqualTo(joining + 360);
        assertThat(texts(score.at("/items"), "/says"))
                .containsExactly("sailings-with-room", "todays-sailings", "the place in the line", "call-back");
        assertThat(texts(score.at("/keys"), "/key")).containsExactly("5", "2");
        assertThat(score.at("/keys/0/from").asInt()).isEqualTo(joining + 80);
        assertThat(texts(score.at("/agents"), "/title"))
                .containsExactly("Priya Nair 2010", "Lars Holm 2011", "Mona Quill 2012", "Bea Torrance 2013");
        // Everybody is taken to be in, and rings in turn.
        score.at("/agents").forEach(agent -> assertThat(agent.at("/rings")).isNotEmpty());
        assertThat(score.at("/agents/0/also/0/title").asString()).isEqualTo("Freight");
        assertThat(score.at("/agents/0/also/0/first").asBoolean()).isTrue();
        assertThat(texts(score.at("/codes"), "/number")).containsExactly("*342", "*343");
        List<Integer> seconds = new ArrayList<>();
        score.at("/together").forEach(two -> seconds.add(two.at("/second").asInt() - joining));
        assertThat(seconds).contains(240);
        // Outside of the hours in which it is offered, there is no key 2.
        assertThat(texts(DRAFT.get("/queues/bookings/score?at=2026-11-24T21:00").at("/keys"), "/key"))
                .containsExactly("5");
        assertThat(DRAFT.ask("/queues/none/score?" + AT).status()).isEqualTo(404);
        assertThat(DRAFT.ask("/queues/bookings/score?at=noon").status()).isEqualTo(422);
    }

    @Test
    void theScoreOfSomethingMovedIsThatOfTheQueueThatItWouldMake() {
        String score = "/queues/bookings/score?" + AT;
        ObjectNode moved = (ObjectNode) DRAFT.get(score + "&place=1&first=95s");
        assertThat(moved.at("/items/1/first").asInt()).isEqualTo(95);
        assertThat(moved.at("/hears")).isNotEqualTo(DRAFT.get(score).at("/hears"));
        DRAFT.edit(set("queue/bookings", "/meanwhile/1/at", "\"95s\""));
        ObjectNode kept = (ObjectNode) DRAFT.get(score);
        assertThat(moved.without("version")).isEqualTo(kept.without("version"));
        assertThat(DRAFT.ask(score + "&place=4&first=5s").json().at("/detail").asString())
                .isEqualTo("Nothing is said meanwhile in place 4 of this queue.");
        assertThat(DRAFT.ask(score + "&place=1&first=soon").json().at("/detail").asString())
                .startsWith("first: found 'soon'; allowed is a duration with its unit");
    }

    @Test
    void theNumberOfAgentsIsReckonedForTheHour() {
        JsonNode staff = DRAFT.get("/queues/bookings/staff?" + AT);
        assertThat(staff.at("/agents").asInt()).isEqualTo(4);
        assertThat(staff.at("/target").asDouble()).isEqualTo(0.8, within(1e-9));
        double before = 0;
        for (JsonNode point : staff.at("/curve")) {
            assertThat(point.at("/level").asDouble()).isGreaterThanOrEqualTo(before);
            before = point.at("/level").asDouble();
        }
        int needed = staff.at("/needed").asInt();
        assertThat(staff.at("/curve/" + (needed - 1) + "/level").asDouble()).isGreaterThanOrEqualTo(0.8);
        assertThat(staff.at("/curve/" + (needed - 2) + "/level").asDouble()).isLessThan(0.8);
        // At night the branch leads nobody there.
        assertThat(DRAFT.get("/queues/bookings/staff?at=2026-11-24T23:00")
                        .at("/calls")
                        .isMissingNode())
                .isTrue();
    }

    @Test
    void mailboxesSayWhoEndsThere() {
        JsonNode voicemail = DRAFT.get("/voicemail");
        JsonNode lost = named(voicemail.at("/mailboxes"), "Lost property");
        assertThat(texts(lost.at("/owners"), "")).containsExactly("Lost property 2014");
        assertThat(lost.at("/full").asInt()).isEqualTo(50);
        assertThat(texts(lost.at("/numbers"), "/title")).contains("Main line");
        JsonNode bookings = named(voicemail.at("/mailboxes"), "Bookings");
        assertThat(texts(bookings.at("/greetings"), "/reason")).containsExactly("always", "closed");
        assertThat(bookings.at("/sent").asString())
                .isEqualTo("mailed to bookings@saltreach.example with the sound, and kept");
        assertThat(bookings.at("/operator").asString()).isEqualTo("ring group Reception");
        DRAFT.edit("{\"create\":{\"object\":\"mailbox/attic\",\"body\":{\"name\":\"Attic\"}}}");
        JsonNode attic = DRAFT.get("/voicemail?only=unreached");
        assertThat(attic.at("/unreached").asInt()).isEqualTo(1);
        assertThat(attic.at("/nobodys").asInt()).isEqualTo(1);
        assertThat(texts(attic.at("/mailboxes"), "/title")).containsExactly("Attic");
    }

    @Test
    void theGlanceFollowsEachNumberInTheHoursThatDifferMost() {
        JsonNode glance = DRAFT.get("/glance");
        assertThat(glance.at("/hours").asString()).isEqualTo("Terminal hours");
        assertThat(texts(glance.at("/columns"), "/state")).containsExactly("open", "closed", "holiday");
        assertThat(texts(glance.at("/columns"), "/at")).allMatch(at -> at.endsWith("T10:00") || at.endsWith("T20:00"));
        JsonNode main = glance.at("/rows/0");
        assertThat(texts(main.at("/numbers"), "/title")).containsExactly("Main line", "Freephone");
        assertThat(texts(main.at("/cells"), "/says"))
                .containsExactly(
                        "menu Front desk, then Reception, 3 phones, 21 s, else message in Reception",
                        "announcement Closed, then message in Bookings",
                        "announcement Holiday, then message in Bookings");
        DRAFT.get("/findings?wait=20000");
        JsonNode next = DRAFT.get("/glance");
        assertThat(next.at("/current").asBoolean()).isTrue();
        assertThat(next.at("/next")).isNotEmpty();
    }

    /// Numbers that nothing names come by the route for anything to Reception, as lost property does by its own.
    @Test
    void theGlanceFoldsNumbersThatGoAlike() {
        int before = DRAFT.get("/glance").at("/rows").size();
        for (int spare = 1; spare <= 5; spare++) {
            DRAFT.edit("{\"create\":{\"object\":\"number/+4416329605%02d\",\"body\":{}}}".formatted(spare));
        }
        JsonNode rows = DRAFT.get("/glance").at("/rows");
        assertThat(rows).hasSize(before);
        JsonNode reception = rows.get(before - 1);
        assertThat(texts(reception.at("/numbers"), "/number"))
                .containsExactly("+441632960188", "+441632960501", "+441632960502");
        assertThat(reception.at("/more").asInt()).isEqualTo(3);
        assertThat(DRAFT.get("/glance?rows=1").at("/rows")).hasSize(1);
    }
}
