package app.bittern.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// Several sites, what is live at each, and what was.
class SitesTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    private Client client = APPLICATION.client();

    @BeforeEach
    void signIn() {
        client = APPLICATION.signedIn();
    }

    private static String plan(String site, String which) {
        return "/api/sites/" + site + "/" + which;
    }

    private String sites() {
        StringBuilder keys = new StringBuilder();
        client.get("/api/sites")
                .json()
                .forEach(site -> keys.append(site.at("/key").asString()).append(' '));
        return keys.toString().strip();
    }

    private long version(String site) {
        return client.get(plan(site, "draft")).json().at("/version").asLong();
    }

    private Client.Answer set(String site, String object, String field, String value) {
        return client.post(
                plan(site, "draft") + "/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"" + object + "\",\"field\":\"" + field + "\",\"value\":" + value
                        + "}}]}");
    }

    private Client.Answer cutOver(String site, long version) {
        return client.post(plan(site, "draft") + "/cut-over", "{\"version\":" + version + "}");
    }

    private String ringFor(String site, String which) {
        return client.get(plan(site, which) + "/objects/ring-group/reception")
                .json()
                .at("/body/ringFor")
                .asString();
    }

    @Test
    void theDemoStartsWithReleaseOneLive() {
        JsonNode site = client.get(plan("saltreach", "live")).json();
        assertThat(site.at("/release").asInt()).isEqualTo(1);
        assertThat(site.at("/live/digest").asString()).matches("[0-9a-f]{64}");
        assertThat(client.get(plan("saltreach", "1") + "/file").text()).startsWith("bittern: 2");
        assertThat(client.get(plan("saltreach", "7")).status()).isEqualTo(404);
        assertThat(client.get(plan("saltreach", "yesterday"))
                        .json()
                        .at("/detail")
                        .asString())
                .contains("draft, live or the number of a release");
    }

    @Test
    void sitesAreMadeFromASampleAFileAndNothingAndStandInThatOrder() {
        assertThat(client.post("/api/sites", "{\"sample\":\"saltreach\",\"key\":\"quay\",\"name\":\"Quay Ferries\"}")
                        .status())
                .isEqualTo(200);
        assertThat(client.post(
                                "/api/sites",
                                "{\"key\":\"clinic\",\"name\":\"Clinic\",\"timeZone\":\"Europe/Oslo\",\"country\":\"NO\",\"language\":\"nb-NO\"}")
                        .status())
                .isEqualTo(200);
        assertThat(client.postText(
                                "/api/sites",
                                "bittern: 2\nsite: { key: works, timeZone: Europe/Oslo, country: NO, languages: [nb-NO] }\n")
                        .status())
                .isEqualTo(200);
        assertThat(sites()).isEqualTo("saltreach quay clinic works");
        assertThat(client.get(plan("quay", "draft")).json().at("/name").asString())
                .isEqualTo("Quay Ferries");
        assertThat(client.get(plan("quay", "live")).json().at("/detail").asString())
                .isEqualTo("Nothing is live at this site yet: no draft has been cut over.");
        assertThat(set("quay", "site/quay", "/name", "\"Quay and Sons\"").status())
                .isEqualTo(200);
        assertThat(client.get("/api/sites").text()).contains("Quay and Sons");

        assertThat(client.remove("/api/sites/quay").status()).isEqualTo(200);
        assertThat(sites()).isEqualTo("saltreach clinic works");
        assertThat(client.get(plan("quay", "draft")).status()).isEqualTo(404);
        JsonNode last = client.get("/api/site-events").json().at("/0");
        assertThat(last.at("/kind").asString()).isEqualTo("remove");
        assertThat(last.at("/says").asString()).contains("Quay and Sons");
    }

    @Test
    void badSitesAreRefusedWithASentence() {
        for (String body : new String[] {
            "{}",
            "{\"key\":\"X Y\"}",
            "{\"key\":\"x\"}",
            "{\"key\":\"x\",\"timeZone\":\"Mars/Base\",\"country\":\"NO\",\"language\":\"nb\"}",
            "{\"sample\":\"none\"}",
            "{\"sample\":\"saltreach\"}",
            "{\"sample\":\"saltreach\",\"key\":\"A B\"}",
            "{\"colour\":\"red\"}",
            "null"
        }) {
            Client.Answer answer = client.post("/api/sites", body);
            assertThat(answer.status()).as("%s: %s", body, answer.text()).isBetween(400, 499);
            assertThat(answer.json().at("/detail").asString()).isNotBlank();
        }
    }

    @Test
    void aDraftIsCutOverWhereNothingBlocksAndReleasesStayAsTheyAre() {
        client.post("/api/sites", "{\"sample\":\"saltreach\",\"key\":\"harbour\"}");
        assertThat(cutOver("harbour", version("harbour")).json().at("/number").asInt())
                .isEqualTo(1);
        assertThat(set("harbour", "ring-group/reception", "/ringFor", "\"31s\"").status())
                .isEqualTo(200);
        assertThat(ringFor("harbour", "live")).isEqualTo("21s");
        long seen = version("harbour");
        assertThat(client.get(plan("harbour", "draft")).json().at("/changes").asInt())
                .isEqualTo(1);
        set("harbour", "ring-group/reception", "/ringFor", "\"33s\"");
        assertThat(cutOver("harbour", seen).status()).isEqualTo(409);
        assertThat(cutOver("harbour", version("harbour")).json().at("/number").asInt())
                .isEqualTo(2);
        assertThat(ringFor("harbour", "live")).isEqualTo("33s");
        assertThat(ringFor("harbour", "1")).isEqualTo("21s");
        assertThat(client.get(plan("harbour", "draft") + "/releases").json()).hasSize(2);
        assertThat(client.get(plan("harbour", "draft")).json().at("/changes").asInt())
                .isZero();

        client.post(
                plan("harbour", "draft") + "/edits", "{\"wishes\":[{\"remove\":{\"object\":\"mailbox/reception\"}}]}");
        Client.Answer blocked = cutOver("harbour", version("harbour"));
        assertThat(blocked.status()).isEqualTo(409);
        assertThat(blocked.json().at("/says/0").asString()).contains("mailbox 'reception', which does not exist");
        client.remove("/api/sites/harbour");
    }

    @Test
    void aFileIsTakenInAsOneEditWithWhatCallersNoticeOfIt() {
        client.post("/api/sites", "{\"sample\":\"saltreach\",\"key\":\"wharf\"}");
        String file = client.get(plan("wharf", "draft") + "/file").text();
        String changed = file.replace("ringFor: 24s", "ringFor: 36s");
        assertThat(changed).isNotEqualTo(file);
        Client.Answer dry = client.postText(plan("wharf", "draft") + "/import?dry=true", changed);
        assertThat(dry.json().at("/changed").asInt()).isEqualTo(1);
        assertThat(dry.json().at("/noticed/says").asString()).contains("longer");
        assertThat(version("wharf")).isZero();
        Client.Answer done = client.postText(plan("wharf", "draft") + "/import", changed);
        assertThat(done.json().at("/version").asLong()).isEqualTo(1);
        assertThat(client.get(plan("wharf", "draft") + "/file").text()).isEqualTo(changed);
        assertThat(client.get("/api/site-events").json().at("/0/kind").asString())
                .isEqualTo("import");
        assertThat(client.post(plan("wharf", "draft") + "/undo", "").status()).isEqualTo(200);
        assertThat(client.get(plan("wharf", "draft") + "/file").text()).isEqualTo(file);
        Client.Answer refused = client.postText(plan("wharf", "draft") + "/import", "bittern: 2\nsite: {}\n");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().at("/says/0").asString()).startsWith("line 2");
        client.remove("/api/sites/wharf");
    }

    @Test
    void whatWasRemovedAndMadeAnewBeginsAnew() {
        client.post("/api/sites", "{\"sample\":\"saltreach\",\"key\":\"pier\"}");
        set("pier", "ring-group/reception", "/ringFor", "\"31s\"");
        cutOver("pier", version("pier"));
        client.remove("/api/sites/pier");
        client.post("/api/sites", "{\"sample\":\"saltreach\",\"key\":\"pier\"}");
        assertThat(ringFor("pier", "draft")).isEqualTo("21s");
        assertThat(version("pier")).isZero();
        assertThat(client.get(plan("pier", "1")).status()).isEqualTo(404);
        assertThat(client.get(plan("pier", "draft") + "/journal").json()).isEmpty();
        // What was done at the one before is no matter of this one.
        assertThat(client.get("/api/sites/pier/access/done?kind=cut-over").json())
                .isEmpty();
        cutOver("pier", version("pier"));
        assertThat(client.get("/api/sites/pier/access/done?kind=cut-over").json())
                .hasSize(1);
        client.remove("/api/sites/pier");
    }
}
