package app.bittern.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// A technician's requests, one after the other, against the real application and database.
class DraftTest {
    private static final String SITE = "/api/sites/saltreach/draft";
    private static final String MAIN = "%2B441632960100";

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    private final Client client = APPLICATION.client();

    @BeforeEach
    void asTheDemoPlanIs() {
        client.signIn(RunningApplication.NAME, RunningApplication.PASSWORD);
        APPLICATION.asTheDemoPlanIs();
    }

    static String set(String object, String field, String value) {
        return "{\"wishes\":[{\"set\":{\"object\":\"" + object + "\",\"field\":\"" + field + "\",\"value\":" + value
                + "}}]}";
    }

    private JsonNode site() {
        return client.get(SITE).json();
    }

    private JsonNode trace(String more) {
        return client.get(SITE + "/trace?to=" + MAIN + "&" + more).json();
    }

    private List<String> rows() {
        List<String> rows = new ArrayList<>();
        client.get(SITE + "/outline?to=" + MAIN).json().at("/rows").forEach(row -> {
            StringBuilder text = new StringBuilder();
            row.at("/parts")
                    .forEach(part -> text.append(part.at("/text").asString()).append(' '));
            rows.add(text.toString().strip());
        });
        return rows;
    }

    /// The findings that are holes.
    private List<JsonNode> holes() {
        return findings("hole");
    }

    private List<JsonNode> findings(String code) {
        List<JsonNode> all = new ArrayList<>();
        client.get(SITE + "/findings?wait=20000").json().at("/findings").forEach(finding -> {
            if (finding.at("/code").asString().equals(code)) {
                all.add(finding);
            }
        });
        return all;
    }

    @Test
    void theDemoSiteIsThereWithItsNumbersInWords() {
        assertThat(client.get("/api/sites").text().replaceAll("version\":[0-9]+", "version\":0"))
                .isEqualTo("[{\"key\":\"saltreach\",\"name\":\"Saltreach Ferries\",\"version\":0,\"live\":1}]");
        JsonNode numbers = client.get(SITE + "/numbers?at=2026-11-28T20:00&from=%2B447700900123")
                .json();
        assertThat(numbers.at("/0/number/shown").asString()).isEqualTo("+44 1632 960100");
        assertThat(numbers.at("/0/inWords").asString())
                .isEqualTo("Terminal open?, then Closed: message in Bookings after 0:07");
        assertThat(numbers).hasSize(6);
    }

    @Test
    void aChangedRingTimeChangesTheTraceIsKeptAndCanBeTakenBackAndMadeAgain() {
        String call = "at=2026-11-24T10:15&keys=-,-,-";
        int before = trace(call).at("/trace/ending/second").asInt();
        JsonNode edited = client.post(SITE + "/edits", set("ring-group/reception", "/ringFor", "\"32s\""))
                .json();
        assertThat(edited.at("/says").asString()).isEqualTo("Reception, rings for: 32 s (11 rings)");
        assertThat(trace(call).at("/trace/ending/second").asInt()).isEqualTo(before + 11);
        assertThat(site().at("/changes").asInt()).isEqualTo(1);
        assertThat(client.post(SITE + "/undo", "").status()).isEqualTo(200);
        assertThat(trace(call).at("/trace/ending/second").asInt()).isEqualTo(before);
        assertThat(site().at("/redo").asString()).contains("32 s");
        assertThat(client.post(SITE + "/redo", "").status()).isEqualTo(200);
        assertThat(trace(call).at("/trace/ending/second").asInt()).isEqualTo(before + 11);
        assertThat(client.post(SITE + "/redo", "").status()).isEqualTo(409);
    }

    @Test
    void aMailboxRemovedLeavesAHoleThatIsToldAtOnceAndUndoBringsItBackInItsPlace() {
        List<String> before = rows();
        String remove = "{\"wishes\":[{\"remove\":{\"object\":\"mailbox/reception\"}}]}";
        assertThat(client.post(SITE + "/edits", remove).status()).isEqualTo(200);
        List<JsonNode> findings = holes();
        assertThat(findings).hasSize(3);
        assertThat(findings("promise-broken"))
                .singleElement()
                .satisfies(broken -> assertThat(broken.at("/says").asString())
                        .contains("calls to Port control end lost in Reception"));
        JsonNode group = findings.get(0);
        assertThat(group.at("/severity").asString()).isEqualTo("blocking");
        assertThat(group.at("/object").asString()).isEqualTo("ring-group/reception");
        assertThat(group.at("/calls/0").asString())
                .contains("Main line +44 1632 960100")
                .contains("always");
        JsonNode witness = group.at("/witness");
        assertThat(trace("at=" + witness.at("/at").asString() + "&keys="
                                + witness.at("/keys").asString())
                        .at("/trace/ending/kind")
                        .asString())
                .isEqualTo("lost");
        assertThat(rows()).anyMatch(row -> row.contains("lost: nothing is there"));
        String fix =
                "{\"wishes\":[{\"fix\":{\"code\":\"hole\",\"object\":\"ring-group/reception\",\"field\":\"/noAnswer\",\"title\":\"Create mailbox reception\"}}]}";
        assertThat(client.post(SITE + "/edits", fix).status()).isEqualTo(200);
        assertThat(holes()).isEmpty();
        client.post(SITE + "/undo", "");
        client.post(SITE + "/undo", "");
        assertThat(rows()).isEqualTo(before);
    }

    @Test
    void aSwitchTurnedOnTheBenchIsFollowed() {
        assertThat(trace("at=2026-11-24T10:15&keys=1&turned=timetable=reduced")
                        .at("/trace/steps/4/object")
                        .asString())
                .isEqualTo("announcement/reduced");
    }

    @Test
    void aNewMailboxAndTheKeyThatLeadsToItAreOneEdit() {
        String wishes = "{\"wishes\":[{\"create\":{\"object\":\"mailbox/lost\",\"body\":{\"name\":\"Lost\"}}},"
                + "{\"set\":{\"object\":\"menu/front-desk\",\"field\":\"/keys/3/to\",\"value\":\"mailbox/lost\"}}]}";
        assertThat(client.post(SITE + "/edits", wishes).status()).isEqualTo(200);
        assertThat(trace("at=2026-11-24T10:15&keys=3").at("/trace/ending/in").asString())
                .isEqualTo("mailbox/lost");
        assertThat(site().at("/changes").asInt()).isEqualTo(1);
    }

    @Test
    void aFieldWithoutValueIsTakenAway() {
        assertThat(client.post(SITE + "/edits", set("menu/front-desk", "/keys/3", "null"))
                        .status())
                .isEqualTo(200);
        assertThat(rows()).noneMatch(row -> row.startsWith("3 "));
        assertThat(trace("at=2026-11-24T10:15&keys=3")
                        .at("/trace/steps/2/why/0/because")
                        .asString())
                .contains("3 is neither a key of this menu");
    }

    @Test
    void badInputIsRefusedWithWhatIsAllowedAndChangesNothing() {
        long version = site().at("/version").asLong();
        JsonNode refused = client.post(SITE + "/edits", set("ring-group/reception", "/ringFor", "\"20\""))
                .json();
        assertThat(refused.at("/status").asInt()).isEqualTo(422);
        assertThat(refused.at("/says/0").asString()).contains("found '20'").contains("20s, 1m30s or 2h");
        assertThat(client.post(SITE + "/edits", set("hours/terminal", "states/2/weekly/0", "\"Mon-Sat 19:00-07:00 x\""))
                        .status())
                .isEqualTo(422);
        assertThat(client.post(SITE + "/edits", set("menu/front-desk", "/number", "\"2001\""))
                        .json()
                        .at("/detail")
                        .asString())
                .isEqualTo("Number 2001 is taken by extension Ingrid Fell 2001. Each number of a site is given once.");
        assertThat(client.post(SITE + "/edits", "{\"wishes\":[]}").status()).isEqualTo(422);
        assertThat(client.post(SITE + "/edits", "{nonsense").status()).isEqualTo(400);
        assertThat(client.get(SITE + "/trace?to=x&at=y").json().at("/says")).hasSize(2);
        assertThat(client.get("/api/sites/none/draft").status()).isEqualTo(404);
        assertThat(site().at("/version").asLong()).isEqualTo(version);
    }

    @Test
    void aReplacementIsPutWhereverTheRemovedObjectWasUsed() {
        String remove =
                "{\"wishes\":[{\"remove\":{\"object\":\"mailbox/bookings\",\"instead\":\"mailbox/reception\"}}]}";
        assertThat(client.post(SITE + "/edits", remove).status()).isEqualTo(200);
        assertThat(holes()).isEmpty();
        assertThat(trace("at=2026-11-28T20:00").at("/trace/ending/in").asString())
                .isEqualTo("mailbox/reception");
        assertThat(client.get(SITE + "/objects/mailbox/bookings").status()).isEqualTo(404);
    }

    @Test
    void targetsAreFoundByNumberAndName() {
        assertThat(client.get(SITE + "/find?find=2014").json().at("/0/value").asString())
                .isEqualTo("extension/2014");
        assertThat(client.get(SITE + "/find?find=bookings")
                        .json()
                        .at("/0/value")
                        .asString())
                .isEqualTo("queue/bookings");
        assertThat(client.get(SITE + "/find?find=&kind=extension").json()).hasSize(12);
    }

    @Test
    void aPlanFileIsTakenInOrRefusedWithLineAndColumn() {
        Client.Answer refused = client.postText(
                "/api/sites",
                "bittern: 2\nsite: { key: b, timeZone: Europe/Oslo, country: NO, languages: [nb-NO] }\nmenus: { m: { tries: x } }\n");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().at("/says/0").asString()).startsWith("line 3, column 22: menus/m/tries");
        assertThat(client.postText(
                                "/api/sites",
                                "bittern: 2\nsite: { key: saltreach, timeZone: Europe/Oslo, country: NO, languages: [nb-NO] }\n")
                        .status())
                .isEqualTo(409);
    }
}
