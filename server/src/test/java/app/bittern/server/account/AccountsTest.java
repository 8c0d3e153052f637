package app.bittern.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.MovedClock;
import app.bittern.server.testing.RunningApplication;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

class AccountsTest {
    private static final String SITE = "/api/sites/saltreach";
    private static final String ACCESS = SITE + "/access";
    private static final String PASSWORD = RunningApplication.INVITED;
    private static final MovedClock CLOCK = new MovedClock();

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo().by(CLOCK);

    private static Client again(String name) {
        Client client = APPLICATION.client();
        assertThat(client.signIn(name, PASSWORD).status()).isEqualTo(200);
        return client;
    }

    @Test
    void anInvitationIsGoodOnceAndForAWeek() {
        Client manager = APPLICATION.signedIn();
        String secret = manager.post(ACCESS + "/invitations", Map.of("rights", List.of("change"), "says", "Ines"))
                .json()
                .at("/secret")
                .asString();
        Client guest = APPLICATION.client();
        guest.get("/api/session");
        assertThat(guest.post("/api/invitations/looked-at", Map.of("secret", secret))
                        .text())
                .isEqualTo(
                        "{\"site\":\"Saltreach Ferries\",\"rights\":[\"look\",\"change\"],\"madeBy\":\"technician\"}");
        Map<String, String> taken = Map.of("secret", secret, "name", "Ines", "password", PASSWORD);
        assertThat(guest.post("/api/invitations/accepted", taken).status()).isEqualTo(200);
        assertThat(guest.get(SITE + "/draft").json().at("/rights")).hasToString("[\"look\",\"change\"]");
        assertThat(APPLICATION.client().post("/api/invitations/accepted", taken).status())
                .isEqualTo(403);
        Client late = APPLICATION.client();
        late.get("/api/session");
        assertThat(late.post("/api/invitations/accepted", taken).text()).contains("was used already");
        String other = manager.post(ACCESS + "/invitations", Map.of("rights", List.of("look")))
                .json()
                .at("/secret")
                .asString();
        CLOCK.move(Duration.ofDays(7));
        assertThat(late.post("/api/invitations/looked-at", Map.of("secret", other))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void namesThatNobodyCouldTellApartAreRefusedWithASentence() {
        Client manager = APPLICATION.signedIn();
        String secret = manager.post(ACCESS + "/invitations", Map.of("rights", List.of("look")))
                .json()
                .at("/secret")
                .asString();
        Client guest = APPLICATION.client();
        guest.get("/api/session");
        for (String name : List.of("", "technician\u202e", "a\nb", "machine desk", "x".repeat(61))) {
            Client.Answer refused = guest.post(
                    "/api/invitations/accepted", Map.of("secret", secret, "name", name, "password", PASSWORD));
            assertThat(refused.status()).as(refused.text()).isIn(400, 422);
        }
        // Half of a pair cannot be sent but as its escape.
        Client.Answer half = guest.post(
                "/api/invitations/accepted",
                "{\"secret\":\"" + secret + "\",\"name\":\"half \\ud800\",\"password\":\"" + PASSWORD + "\"}");
        assertThat(half.status()).as(half.text()).isIn(400, 422);
        assertThat(guest.post(
                                "/api/invitations/accepted",
                                Map.of("secret", secret, "name", "technician", "password", PASSWORD))
                        .text())
                .contains("There is an account 'technician' already");
    }

    @Test
    void namesThatLookLikeOthersAreRefused() {
        for (String name : List.of(
                "tech\u200Bnician", // a blank that takes no room
                "te\u0441hnician", // a Cyrillic letter among Latin ones
                "\u0441\u043E\u0440\u0435", // Cyrillic letters that are all like Latin ones
                "\u0585\u057D\u0578", // Armenian ones
                "\u13A1\u13AA\u13C1", // letters of Cherokee, each of which has a Latin double
                "\uFF49\uFF4E\uFF45\uFF53", // wide forms of Latin letters
                "Ines\u3164",
                "Ines\uFE0F")) {
            assertThatThrownBy(() -> Named.given(name)).as(name).hasMessageContaining("another could look like");
        }
        for (String name : List.of("Zoë Ångström-Þór 2", "Мария", "Σοφία", "Անի", "山田さくら", "O'Neill, desk")) {
            assertThat(Named.given(name)).isEqualTo(name);
        }
    }

    @Test
    void whoTriesNamesWithAnInvitationLearnsFew() {
        String secret = APPLICATION
                .signedIn()
                .post(ACCESS + "/invitations", Map.of("rights", List.of("look")))
                .json()
                .at("/secret")
                .asString();
        Client guest = APPLICATION.client();
        guest.get("/api/session");
        Map<String, String> taken = Map.of("secret", secret, "name", "technician", "password", PASSWORD);
        List<Integer> answers = IntStream.range(0, 6)
                .mapToObj(attempt ->
                        guest.post("/api/invitations/accepted", taken).status())
                .toList();
        assertThat(answers).containsExactly(409, 409, 409, 409, 409, 429);
        CLOCK.move(Duration.ofMinutes(10));
        assertThat(guest.post(
                                "/api/invitations/accepted",
                                Map.of("secret", secret, "name", "Sanna", "password", PASSWORD))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aBrowserThatTookAnInvitationIsKnown() {
        Client here = APPLICATION.invited("Ludo", "saltreach", "look");
        assertThat(here.remove("/api/session").status()).isLessThan(300);
        Client stranger = APPLICATION.client();
        for (int attempt = 0; attempt < 12; attempt++) {
            stranger.signIn("Ludo", "not the password " + attempt);
        }
        assertThat(stranger.signIn("Ludo", PASSWORD).status()).isEqualTo(429);
        assertThat(here.signIn("Ludo", PASSWORD).status()).isEqualTo(200);
    }

    @Test
    void aChangedPasswordEndsTheOtherSessions() {
        Client here = APPLICATION.invited("Petra", "saltreach", "look");
        Client there = again("Petra");
        assertThat(here.post("/api/account/password", Map.of("current", "wrong", "password", "seven grey seals 12"))
                        .status())
                .isEqualTo(422);
        assertThat(here.post("/api/account/password", Map.of("current", PASSWORD, "password", "password1234"))
                        .text())
                .contains("too common")
                .doesNotContain("password1234");
        assertThat(here.post("/api/account/password", Map.of("current", PASSWORD, "password", "seven grey seals 12"))
                        .status())
                .isEqualTo(204);
        assertThat(here.get(SITE + "/draft").status()).isEqualTo(200);
        assertThat(there.get(SITE + "/draft").status()).isEqualTo(401);
        assertThat(APPLICATION.client().signIn("Petra", PASSWORD).status()).isEqualTo(401);
        assertThat(APPLICATION.client().signIn("Petra", "seven grey seals 12").status())
                .isEqualTo(200);
    }

    @Test
    void aSessionEndsByItselfAndFromAnotherBrowser() {
        Client here = APPLICATION.invited("Noor", "saltreach", "look");
        Client there = again("Noor");
        JsonNode sessions = here.get("/api/account").json().at("/sessions");
        assertThat(sessions).hasSize(2);
        String other = sessions.valueStream()
                .filter(one -> !one.at("/mine").asBoolean())
                .findFirst()
                .orElseThrow()
                .at("/session")
                .asString();
        assertThat(here.remove("/api/account/sessions/" + other).status()).isEqualTo(204);
        assertThat(there.get(SITE + "/draft").status()).isEqualTo(401);
        assertThat(here.get(SITE + "/draft").status()).isEqualTo(200);
        for (int turn = 0; turn < 16; turn++) {
            CLOCK.move(Duration.ofHours(10).plusMinutes(30));
            int status = here.get(SITE + "/draft").status();
            assertThat(status).as("after %s times 10.5 h", turn + 1).isEqualTo(turn < 15 ? 200 : 401);
        }
        Client idle = again("Noor");
        CLOCK.move(Duration.ofHours(12).plusSeconds(1));
        assertThat(idle.get(SITE + "/draft").status()).isEqualTo(401);
    }

    @Test
    void aSecondFactorIsAskedForAndEachCodeIsGoodOnce() {
        Client client = APPLICATION.invited("Ravi", "saltreach", "look");
        String password = PASSWORD;
        JsonNode wanted =
                client.post("/api/account/factor", Map.of("password", password)).json();
        byte[] secret = base32(wanted.at("/secret").asString());
        assertThat(wanted.at("/uri").asString()).startsWith("otpauth://totp/Bittern%3ARavi?secret=");
        assertThat(client.post("/api/account/factor/on", Map.of("code", "000000"))
                        .status())
                .isEqualTo(422);
        assertThat(APPLICATION.client().signIn("Ravi", password).status()).isEqualTo(200);
        String used = code(secret);
        JsonNode codes = client.post("/api/account/factor/on", Map.of("code", used))
                .json()
                .at("/codes");
        assertThat(codes).hasSize(10);
        Client.Answer asked = APPLICATION.client().signIn("Ravi", password);
        assertThat(asked.status()).isEqualTo(401);
        assertThat(asked.json().at("/needs").asString()).isEqualTo("code");
        // That of switching it on was used.
        assertThat(APPLICATION.client().signIn("Ravi", password, used).status()).isEqualTo(401);
        CLOCK.move(Duration.ofSeconds(30));
        String fresh = code(secret);
        assertThat(APPLICATION.client().signIn("Ravi", password, fresh).status())
                .isEqualTo(200);
        assertThat(APPLICATION.client().signIn("Ravi", password, fresh).status())
                .isEqualTo(401);
        String paper = codes.get(0).asString();
        assertThat(APPLICATION.client().signIn("Ravi", password, paper).status())
                .isEqualTo(200);
        assertThat(APPLICATION.client().signIn("Ravi", password, paper).status())
                .isEqualTo(401);
        CLOCK.move(Duration.ofSeconds(30));
        assertThat(client.post("/api/account/factor/off", Map.of("password", password, "code", "000000"))
                        .status())
                .isEqualTo(422);
        assertThat(APPLICATION
                        .signedIn()
                        .get("/api/sites/saltreach/access/done?kind=failure")
                        .text())
                .contains("wrong code, to switch it off");
        assertThat(client.post("/api/account/factor/off", Map.of("password", password, "code", code(secret)))
                        .status())
                .isEqualTo(204);
        assertThat(APPLICATION.client().signIn("Ravi", password).status()).isEqualTo(200);
    }

    private static String code(byte[] secret) {
        return Totp.code(secret, Totp.step(CLOCK.instant()));
    }

    private static byte[] base32(String written) {
        StringBuilder bits = new StringBuilder();
        written.chars()
                .map("ABCDEFGHIJKLMNOPQRSTUVWXYZ234567"::indexOf)
                .forEach(value -> bits.append(
                        String.format("%5s", Integer.toBinaryString(value)).replace(' ', '0')));
        byte[] bytes = new byte[bits.length() / Byte.SIZE];
        for (int at = 0; at < bytes.length; at++) {
            bytes[at] = (byte) Integer.parseInt(bits.substring(at * Byte.SIZE, (at + 1) * Byte.SIZE), 2);
        }
        return bytes;
    }

    @Test
    void aSiteThatAsksForASecondFactorIsClosedToThoseWithout() {
        Client admin = APPLICATION.signedIn();
        admin.post(
                "/api/sites",
                Map.of(
                        "key",
                        "strict",
                        "name",
                        "Strict",
                        "language",
                        "en-GB",
                        "country",
                        "GB",
                        "timeZone",
                        "Europe/London"));
        assertThat(admin.post("/api/sites/strict/access/factor", Map.of("asks", true))
                        .text())
                .contains("Switch on a second factor for your own account first");
        Client manager = APPLICATION.invited("Maud", "strict", "manage");
        JsonNode wanted = manager.post("/api/account/factor", Map.of("password", PASSWORD))
                .json();
        manager.post(
                "/api/account/factor/on",
                Map.of("code", code(base32(wanted.at("/secret").asString()))));
        assertThat(manager.post("/api/sites/strict/access/factor", Map.of("asks", true))
                        .status())
                .isEqualTo(204);
        assertThat(manager.get("/api/sites/strict/draft").status()).isEqualTo(200);
        Client.Answer closed = admin.get("/api/sites/strict/draft");
        assertThat(closed.status()).isEqualTo(403);
        assertThat(closed.text()).contains("asks for a second factor");
        assertThat(admin.get(SITE + "/draft").status()).isEqualTo(200);
    }

    @Test
    void rightsAreTakenAtOnceAndSomebodyIsAlwaysLeftToManageThem() {
        Client manager = APPLICATION.signedIn();
        Client client = APPLICATION.invited("Olga", "saltreach", "look");
        String edit =
                "{\"wishes\":[{\"set\":{\"object\":\"mailbox/bookings\",\"field\":\"/name\",\"value\":\"Boats\"}}]}";
        assertThat(client.post(SITE + "/draft/edits", edit).status()).isEqualTo(403);
        Map<String, Object> change = Map.of("account", "Olga", "rights", List.of("change"));
        assertThat(manager.post(ACCESS + "/rights", change).status()).isEqualTo(204);
        assertThat(client.post(SITE + "/draft/edits", edit).status()).isEqualTo(200);
        assertThat(manager.post(ACCESS + "/rights", Map.of("account", "Olga", "rights", List.of()))
                        .status())
                .isEqualTo(204);
        assertThat(client.get(SITE + "/draft").status()).isEqualTo(404);
        assertThat(client.get("/api/sites").text()).isEqualTo("[]");
        assertThat(manager.post(
                                ACCESS + "/rights",
                                Map.of("account", "technician", "rights", List.of("look"), "every", true))
                        .text())
                .contains("Nobody would be left who manages the accounts");
        assertThat(manager.post(ACCESS + "/rights", Map.of("account", "Olga", "rights", List.of("fly")))
                        .text())
                .contains("found 'fly'; allowed is look, change, cut-over or manage");
    }

    @Test
    void aMachineHasItsTokenItsRightsAndAnEnd() {
        Client manager = APPLICATION.signedIn();
        String token = manager.post(
                        ACCESS + "/machines", Map.of("name", "exporter", "rights", List.of("look"), "days", 30))
                .json()
                .at("/token")
                .asString();
        assertThat(token).startsWith("bittern_");
        Client machine = Client.machine(APPLICATION.address(), token);
        assertThat(machine.get(SITE + "/draft/file").status()).isEqualTo(200);
        assertThat(machine.post(SITE + "/draft/undo", "").status()).isEqualTo(403);
        assertThat(machine.get("/api/account").status()).isEqualTo(403);
        assertThat(Client.machine(APPLICATION.address(), token + "x")
                        .get(SITE + "/draft/file")
                        .status())
                .isEqualTo(401);
        JsonNode shown = manager.get(ACCESS).json().at("/machines/0");
        assertThat(shown.at("/used").isMissingNode()).isFalse();
        assertThat(manager.get(ACCESS).text()).doesNotContain(token);
        CLOCK.move(Duration.ofDays(30));
        assertThat(machine.get(SITE + "/draft/file").status()).isEqualTo(401);
        String changing = APPLICATION
                .signedIn()
                .post(ACCESS + "/machines", Map.of("name", "filler", "rights", List.of("change"), "days", 1))
                .json()
                .at("/token")
                .asString();
        Client filler = Client.machine(APPLICATION.address(), changing);
        Client.Answer edited = filler.post(
                SITE + "/draft/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"mailbox/freight\",\"field\":\"/name\",\"value\":\"Cargo\"}}]}");
        assertThat(edited.status()).as(edited.text()).isEqualTo(200);
        Client fresh = APPLICATION.signedIn();
        assertThat(fresh.get(SITE + "/draft/journal?most=1").text()).contains("machine filler");
        assertThat(fresh.remove(ACCESS + "/machines/filler").status()).isEqualTo(204);
        assertThat(filler.get(SITE + "/draft").status()).isEqualTo(401);
    }

    @Test
    void whatWasDoneIsListedAndTakenOutWithoutSecretsOrFormulas() {
        Client manager = APPLICATION.signedIn();
        Client client = APPLICATION.invited("=cmd", "saltreach", "change");
        client.post(
                SITE + "/draft/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"mailbox/bookings\",\"field\":\"/name\",\"value\":\"Tickets\"}}]}");
        APPLICATION.client().signIn("=cmd", "not the password");
        String theirs = manager.get(ACCESS + "/done?account=%3Dcmd").text();
        assertThat(theirs)
                .contains("took an invitation to look, change")
                .contains("\"kind\":\"edit\"")
                .contains("\"kind\":\"failure\"")
                .doesNotContain("not the password")
                .doesNotContain(PASSWORD);
        assertThat(manager.get(ACCESS + "/done?account=%3Dcmd&kind=failure").json())
                .hasSize(1);
        assertThat(manager.get(ACCESS + "/done.csv?account=%3Dcmd").text())
                .startsWith("at,kind,account,address,says\r\n")
                .contains(",\"'=cmd\",");
        assertThat(Instant.parse(
                        manager.get(ACCESS + "/done?most=1").json().at("/0/at").asString()))
                .isBeforeOrEqualTo(CLOCK.instant());
    }
}
