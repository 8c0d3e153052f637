package app.bittern.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/// Two people change one draft: what both do goes together, and where it cannot, both are told and nothing is
/// lost.
class MergingTest {
    private static final String SITE = "/api/sites/saltreach/draft";
    private static final String GROUP = "ring-group/reception";

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    private final Client kari = APPLICATION.client();
    private final Client jonas = APPLICATION.client();

    @BeforeEach
    void asTheDemoPlanIs() {
        kari.signIn(RunningApplication.NAME, RunningApplication.PASSWORD);
        jonas.signIn(RunningApplication.NAME, RunningApplication.PASSWORD);
        APPLICATION.asTheDemoPlanIs();
    }

    private long version() {
        return kari.get(SITE).json().at("/version").asLong();
    }

    private static Client.Answer set(Client who, long version, String object, String field, String value) {
        return edit(
                who,
                version,
                "{\"set\":{\"object\":\"" + object + "\",\"field\":\"" + field + "\",\"value\":" + value + "}}");
    }

    private static Client.Answer edit(Client who, long version, String... wishes) {
        return who.post(SITE + "/edits", "{\"version\":" + version + ",\"wishes\":[" + String.join(",", wishes) + "]}");
    }

    /// What the journal says was done last, and where an unanswered call to the main line ends after silence.
    private int seconds() {
        return kari.get(SITE + "/trace?to=%2B441632960100&at=2026-11-24T10:15&keys=-,-,-")
                .json()
                .at("/trace/ending/second")
                .asInt();
    }

    private boolean isNamed(String name) {
        return kari.get(SITE + "/find?find=" + name).json().toString().contains(GROUP);
    }

    @Test
    void editsOfDifferentFieldsOfOneObjectGoTogether() {
        int before = seconds();
        long version = version();
        assertThat(set(kari, version, GROUP, "/ringFor", "\"32s\"").status()).isEqualTo(200);
        assertThat(set(jonas, version, GROUP, "/name", "\"Ticket hall\"").status())
                .isEqualTo(200);
        assertThat(seconds()).isEqualTo(before + 11);
        assertThat(isNamed("Ticket")).isTrue();
    }

    @Test
    void editsOfTheSameFieldAreAClashThatSaysBothAndLosesNeither() {
        int before = seconds();
        long version = version();
        assertThat(set(kari, version, GROUP, "/ringFor", "\"32s\"").status()).isEqualTo(200);
        Client.Answer clash = set(jonas, version, GROUP, "/ringFor", "\"45s\"");
        assertThat(clash.status()).isEqualTo(409);
        JsonNode one = clash.json().at("/clashes/0");
        assertThat(one.at("/object").asString()).isEqualTo(GROUP);
        assertThat(one.at("/field").asString()).isEqualTo("/ringFor");
        assertThat(one.at("/was").asString()).isEqualTo("21 s (7 rings)");
        assertThat(one.at("/yours").asString()).isEqualTo("45 s (15 rings)");
        assertThat(one.at("/theirs").asString()).isEqualTo("32 s (11 rings)");
        assertThat(one.at("/account").asString()).isEqualTo(RunningApplication.NAME);
        assertThat(clash.json().at("/says/0").asString())
                .contains("Reception")
                .contains("rings for")
                .contains("32 s")
                .contains("45 s");
        assertThat(seconds()).isEqualTo(before + 11);
        assertThat(set(jonas, version(), GROUP, "/ringFor", "\"45s\"").status()).isEqualTo(200);
        assertThat(seconds()).isEqualTo(before + 24);
    }

    @Test
    void anUndoTakesBackItsOwnFieldsAlone() {
        int before = seconds();
        assertThat(set(kari, version(), GROUP, "/ringFor", "\"32s\"").status()).isEqualTo(200);
        long hers = version();
        assertThat(set(jonas, version(), GROUP, "/name", "\"Ticket hall\"").status())
                .isEqualTo(200);
        assertThat(kari.post(SITE + "/undo?version=" + hers, "").status()).isEqualTo(200);
        assertThat(seconds()).isEqualTo(before);
        assertThat(isNamed("Ticket")).isTrue();
        assertThat(kari.post(SITE + "/undo?version=" + hers, "").status()).isEqualTo(409);
    }

    @Test
    void anUndoOfWhatHasBeenChangedSinceIsRefusedAndSaysByWhomAndAnotherCanBeUndone() {
        assertThat(set(kari, version(), "ring-group/reception", "/name", "\"Front\"")
                        .status())
                .isEqualTo(200);
        long first = version();
        assertThat(set(kari, version(), GROUP, "/ringFor", "\"32s\"").status()).isEqualTo(200);
        long second = version();
        assertThat(set(jonas, version(), GROUP, "/ringFor", "\"45s\"").status()).isEqualTo(200);
        Client.Answer refused = kari.post(SITE + "/undo?version=" + second, "");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().at("/says/0").asString())
                .contains("is 45 s (15 rings) by now; it would become 21 s (7 rings)")
                .contains(RunningApplication.NAME);
        assertThat(kari.post(SITE + "/undo?version=" + first, "").status()).isEqualTo(200);
        assertThat(isNamed("Reception")).isTrue();
    }

    @Test
    void anObjectThatOthersPointAtByNowDoesNotGoAgain() {
        String create = "{\"create\":{\"object\":\"mailbox/lost\",\"body\":{\"name\":\"Lost\"}}}";
        assertThat(edit(kari, version(), create).status()).isEqualTo(200);
        long made = version();
        assertThat(set(jonas, version(), GROUP, "/noAnswer", "\"mailbox/lost\"").status())
                .isEqualTo(200);
        Client.Answer refused = kari.post(SITE + "/undo?version=" + made, "");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().at("/says/0").asString()).contains("Reception refers to Lost by now");
    }

    @Test
    void anObjectThatSomebodyHasChangedIsLookedAtBeforeItGoes() {
        long version = version();
        assertThat(set(jonas, version, "mailbox/reception", "/name", "\"Ticket hall\"")
                        .status())
                .isEqualTo(200);
        String remove = "{\"remove\":{\"object\":\"mailbox/reception\"}}";
        assertThat(edit(kari, version, remove).status()).isEqualTo(409);
        assertThat(edit(kari, version(), remove).status()).isEqualTo(200);
    }

    @Test
    void fixesAndOtherWishesOfOneEditAreAllMade() {
        edit(kari, version(), "{\"remove\":{\"object\":\"mailbox/reception\"}}");
        String fix =
                "{\"fix\":{\"code\":\"hole\",\"object\":\"ring-group/reception\",\"field\":\"/noAnswer\",\"title\":\"Create mailbox reception\"}}";
        String name = "{\"set\":{\"object\":\"ring-group/reception\",\"field\":\"/name\",\"value\":\"Ticket hall\"}}";
        assertThat(edit(kari, version(), name, fix).status()).isEqualTo(200);
        assertThat(isNamed("Ticket")).isTrue();
        assertThat(kari.get(SITE + "/find?find=&kind=mailbox").json().toString())
                .contains("mailbox/reception");
        edit(kari, version(), "{\"remove\":{\"object\":\"mailbox/reception\"}}");
        assertThat(edit(kari, version(), fix, name.replace("Ticket hall", "Hall"))
                        .status())
                .isEqualTo(200);
        assertThat(isNamed("Hall")).isTrue();
        assertThat(kari.get(SITE + "/find?find=&kind=mailbox").json().toString())
                .contains("mailbox/reception");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "null",
                "{}",
                "[]",
                "17",
                "{\"wishes\":null}",
                "{\"wishes\":[null]}",
                "{\"wishes\":[{}]}",
                "{\"wishes\":[{\"set\":{}}]}",
                "{\"wishes\":[{\"set\":{\"object\":\"ring-group/reception\"}}]}",
                "{\"wishes\":[{\"set\":{\"object\":17,\"field\":[],\"value\":{}}}]}",
                "{\"wishes\":[{\"set\":{\"object\":\"ring-group/none\",\"field\":\"/name\",\"value\":\"x\"}}]}",
                "{\"wishes\":[{\"set\":{\"object\":\"ring-group/reception\",\"field\":\"/colour\",\"value\":\"x\"}}]}",
                "{\"wishes\":[{\"set\":{\"object\":\"ring-group/reception\",\"field\":\"/name\",\"value\":\"a\\u0000b\"}}]}",
                "{\"wishes\":[{\"create\":{\"object\":\"mailbox/x\",\"body\":null}}]}",
                "{\"wishes\":[{\"create\":{\"object\":\"mailbox/x\",\"body\":[]}}]}",
                "{\"wishes\":[{\"create\":{\"object\":\"mailbox/X Y\",\"body\":{}}}]}",
                "{\"wishes\":[{\"remove\":{\"object\":\"mailbox/reception\",\"instead\":\"hours/terminal\"}}]}",
                "{\"wishes\":[{\"remove\":{\"object\":\"site/saltreach\"}}]}",
                "{\"wishes\":[{\"fix\":{\"code\":\"hole\"}}]}",
                "{\"wishes\":[{\"fix\":{\"code\":\"hole\",\"object\":\"x\",\"field\":\"\",\"title\":\"y\"}}]}",
                "{\"wishes\":[{\"remove\":{\"object\":\"mailbox/reception\"},\"create\":{\"object\":\"mailbox/x\",\"body\":{}}}]}",
                "{\"wishes\":[{\"remove\":{\"object\":\"mailbox/reception\",\"instead\":\"mailbox/nowhere\"}}]}",
                "{\"wishes\":[{\"set\":{\"object\":\"ring-group/reception\",\"field\":\"/noAnswer\",\"value\":\"mailbox/nowhere\"}}]}",
                "{\"wishes\":[],\"colour\":\"red\"}",
                "{\"wishes\":[{\"paint\":{}}]}",
                "{\"wishes\":{},\"version\":\"x\"}",
            })
    void badInputIsASentenceAndChangesNothing(String body) {
        long version = version();
        Client.Answer answer = kari.post(SITE + "/edits", body);
        assertThat(answer.status()).as("%s", answer.text()).isBetween(400, 499);
        assertThat(answer.json().at("/detail").asString()).isNotBlank();
        assertThat(version()).isEqualTo(version);
    }

    @Test
    void aHoleIsMadeWhereItIsAskedFor() {
        String wish =
                "{\"set\":{\"object\":\"ring-group/reception\",\"field\":\"/noAnswer\",\"value\":\"mailbox/nowhere\"}}";
        assertThat(kari.post(SITE + "/edits", "{\"holes\":true,\"wishes\":[" + wish + "]}")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aFieldPathOfAHundredThousandStepsIsASentenceToo() {
        Client.Answer answer = set(kari, version(), GROUP, "/a".repeat(100_000), "1");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.text().length()).isLessThan(2000);
    }
}
