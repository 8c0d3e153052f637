package app.bittern.server.event;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.DemoDraft;
import app.bittern.server.testing.Listening;
import app.bittern.server.testing.RunningApplication;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// What open screens are told, by the server that was asked and by others on the same database.
class EventsTest {
    private static final String PLAN = "/api/sites/saltreach/draft";
    private static final String EVENTS = "/api/events?site=saltreach";

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo().findingDifferences();

    @RegisterExtension
    static final RunningApplication OTHER =
            RunningApplication.beside(APPLICATION).findingDifferences();

    private Client kari = APPLICATION.client();

    @BeforeEach
    void asTheDemoPlanIs() {
        APPLICATION.asTheDemoPlanIs();
        kari = APPLICATION.signedIn();
    }

    private static Client.Answer ringFor(Client who, String time) {
        return who.post(
                PLAN + "/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"ring-group/reception\",\"field\":\"/ringFor\",\"value\":\"" + time
                        + "\"}}]}");
    }

    @Test
    void anEditIsToldWithWhoMadeItAndWhat() {
        Client jonas = APPLICATION.signedIn();
        try (Listening listening = kari.listen(EVENTS)) {
            JsonNode hello = listening.next("hello");
            long version = ringFor(jonas, "31s").json().at("/version").asLong();
            JsonNode edited = listening.next("edited");
            assertThat(edited.at("/version").asLong()).isEqualTo(version);
            assertThat(edited.at("/account").asString()).isEqualTo(RunningApplication.NAME);
            assertThat(edited.at("/says").asString()).contains("31 s");
            assertThat(edited.at("/objects/0").asString()).isEqualTo("ring-group/reception");
            // Somebody else's browser, as the session of each is named.
            assertThat(edited.at("/session")).isNotEqualTo(hello.at("/session"));
            ringFor(kari, "33s");
            assertThat(listening.next("edited").at("/session")).isEqualTo(hello.at("/session"));
        }
    }

    @Test
    void whatCallersNoticeOfAnEditIsToldWhenItHasBeenFound() {
        try (Listening listening = kari.listen(EVENTS)) {
            long version = ringFor(kari, "41s").json().at("/version").asLong();
            JsonNode told = listening.next("told");
            while (told.at("/version").asLong() < version) {
                told = listening.next("told");
            }
            JsonNode entry = kari.get(PLAN + "/journal?most=1").json().at("/0");
            assertThat(entry.at("/noticed/says").asString()).contains("longer");
            assertThat(entry.at("/noticed/first/0/before").asString()).contains(":");
        }
    }

    /// What was seen of a change that was thought about is what is told of it once it is kept.
    @Test
    void whatWasThoughtAboutIsToldOfTheEdit() {
        String wish = DemoDraft.wishes(DemoDraft.set("ring-group/reception", "/ringFor", "\"47s\""));
        try (Listening listening = kari.listen(EVENTS)) {
            JsonNode thought = DemoDraft.good(kari.post(PLAN + "/preview", wish));
            long version = DemoDraft.good(kari.post(PLAN + "/edits", wish))
                    .at("/version")
                    .asLong();
            JsonNode told = listening.next("told");
            while (told.at("/version").asLong() < version) {
                told = listening.next("told");
            }
            assertThat(kari.get(PLAN + "/journal?most=1").json().at("/0/noticed"))
                    .isEqualTo(thought.at("/noticed"));
        }
    }

    @Test
    void howFarTheSearchForFindingsIsIsTold() {
        try (Listening listening = kari.listen(EVENTS)) {
            long version = ringFor(kari, "43s").json().at("/version").asLong();
            kari.get(PLAN + "/findings");
            JsonNode examining = listening.next("examining");
            // Those of versions before may be told of until then.
            while (examining.at("/version").asLong() < version
                    || examining.at("/done").asInt() < examining.at("/of").asInt()) {
                examining = listening.next("examining");
            }
            assertThat(kari.get(PLAN + "/findings").json().at("/current").asBoolean())
                    .isTrue();
        }
    }

    @Test
    void anotherServerOnTheDatabaseTellsItsScreensAndAnswersAlike() {
        Client far = OTHER.signedIn();
        try (Listening listening = far.listen(EVENTS)) {
            listening.next("hello");
            long version = ringFor(kari, "37s").json().at("/version").asLong();
            assertThat(listening.next("edited").at("/version").asLong()).isEqualTo(version);
            assertThat(far.get(PLAN + "/objects/ring-group/reception")
                            .json()
                            .at("/body/ringFor")
                            .asString())
                    .isEqualTo("37s");
            assertThat(ringFor(far, "39s").status()).isEqualTo(200);
            assertThat(kari.get(PLAN + "/objects/ring-group/reception")
                            .json()
                            .at("/body/ringFor")
                            .asString())
                    .isEqualTo("39s");
        }
    }

    @Test
    void whoIsHereIsTold() {
        try (Listening listening = kari.listen(EVENTS)) {
            assertThat(listening.next("people").at("/accounts/0").asString()).isEqualTo(RunningApplication.NAME);
        }
        assertThat(APPLICATION.client().get(EVENTS).status()).isEqualTo(401);
        assertThat(kari.listened("/api/events?site=none")).isEqualTo(404);
    }

    @Test
    void oneStreamTellsOfAllSitesThatABrowserHasOpen() {
        assertThat(kari.post("/api/sites", "{\"key\":\"second\",\"sample\":\"hollin-cycles\"}")
                        .status())
                .isEqualTo(200);
        try (Listening listening = kari.listen(EVENTS + "&site=second&site=none")) {
            assertThat(List.of(
                            listening.next("hello").at("/site").asString(),
                            listening.next("hello").at("/site").asString()))
                    .containsExactlyInAnyOrder("saltreach", "second");
            ringFor(kari, "29s");
            assertThat(listening.next("edited").at("/site").asString()).isEqualTo("saltreach");
        } finally {
            kari.remove("/api/sites/second");
        }
    }

    private void give(String account, String... rights) {
        assertThat(kari.post(
                                "/api/sites/saltreach/access/rights",
                                Map.of("account", account, "rights", List.of(rights)))
                        .status())
                .isEqualTo(204);
    }

    /// On this server and on another, within the second, and not with the next beat.
    @Test
    void whoMayNotLookAnyMoreHearsNothingMore() {
        APPLICATION.invited("ines", "saltreach", "look");
        Client ines = OTHER.client();
        ines.signIn("ines", RunningApplication.INVITED);
        try (Listening listening = ines.listen(EVENTS)) {
            listening.next("hello");
            give("ines");
            assertThat(listening.ends()).isTrue();
        }
    }

    @Test
    void whoIsGivenRightsHearsOfIt() {
        APPLICATION.invited("signe", "saltreach", "look");
        Client signe = OTHER.client();
        signe.signIn("signe", RunningApplication.INVITED);
        try (Listening listening = signe.listen(EVENTS)) {
            listening.next("hello");
            give("signe", "look", "change");
            assertThat(listening.next("sites").at("/site").asString()).isEqualTo("saltreach");
            assertThat(signe.get(PLAN).json().at("/rights")).hasToString("[\"look\",\"change\"]");
        }
    }

    @Test
    void aStreamEndsWithItsSession() {
        Client jonas = APPLICATION.signedIn();
        try (Listening listening = jonas.listen(EVENTS)) {
            listening.next("hello");
            jonas.remove("/api/session");
            assertThat(listening.ends()).isTrue();
        }
        assertThat(jonas.listened(EVENTS)).isEqualTo(401);
    }

    @Test
    void whoIsOnAnotherServerIsTold() {
        APPLICATION.invited("noor", "saltreach", "look");
        Client noor = OTHER.client();
        noor.signIn("noor", RunningApplication.INVITED);
        try (Listening here = kari.listen(EVENTS);
                Listening there = noor.listen(EVENTS)) {
            until(here, "noor", RunningApplication.NAME);
            until(there, "noor", RunningApplication.NAME);
        }
    }

    /// Waits until a screen has been told that just these are here.
    private static void until(Listening screen, String... accounts) {
        List<String> told = List.of();
        while (!told.equals(List.of(accounts))) {
            told = screen.next("people")
                    .at("/accounts")
                    .valueStream()
                    .map(JsonNode::asString)
                    .toList();
        }
    }

    @Test
    void eachBrowserTakesBackItsOwn() {
        Client jonas = APPLICATION.signedIn();
        ringFor(kari, "31s");
        jonas.post(
                PLAN + "/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"mailbox/bookings\",\"field\":\"/name\",\"value\":\"Seats\"}}]}");
        assertThat(kari.get(PLAN).json().at("/undo").asString()).contains("31 s");
        assertThat(jonas.get(PLAN).json().at("/undo").asString()).contains("Seats");
        assertThat(kari.post(PLAN + "/undo", "").json().at("/says").asString()).contains("31 s");
        assertThat(kari.post(PLAN + "/undo", "").status()).isEqualTo(409);
        assertThat(kari.get(PLAN + "/objects/mailbox/bookings")
                        .json()
                        .at("/title")
                        .asString())
                .isEqualTo("Seats");
    }
}
