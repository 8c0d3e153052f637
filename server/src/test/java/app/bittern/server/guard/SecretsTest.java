package app.bittern.server.guard;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SecretsTest {
    private static final String PLAN = "/api/sites/saltreach/draft";
    private static final String DIGITS = "80918273";

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @ParameterizedTest
    @ValueSource(strings = {"mailbox/bookings", "switch/timetable", "queue/bookings"})
    void thePinThatIsSetIsNowhereSaidAndStandsInThePlanAsItsHash(String object) {
        Client client = APPLICATION.signedIn();
        String wish = "{\"wishes\":[{\"set\":{\"object\":\"" + object + "\",\"field\":\"/pin\",\"value\":\"" + DIGITS
                + "\"}}]}";
        assertThat(client.post(PLAN + "/preview", wish).text())
                .contains("kept, not shown")
                .doesNotContain(DIGITS);
        Client.Answer set = client.post(PLAN + "/edits", wish);
        assertThat(set.status()).as(set.text()).isEqualTo(200);
        assertThat(set.text()).contains("kept, not shown").doesNotContain(DIGITS);
        assertThat(client.get(PLAN).text()).contains("kept, not shown").doesNotContain(DIGITS);
        assertThat(client.get(PLAN + "/journal").text()).doesNotContain(DIGITS);
        assertThat(client.get(PLAN + "/objects/" + object).text())
                .contains("pbkdf2:")
                .doesNotContain(DIGITS);
        assertThat(client.get(PLAN + "/file").text()).contains("pbkdf2:").doesNotContain(DIGITS);
    }

    @Test
    void aPinOfAWrongLengthIsRefusedWithoutSayingIt() {
        Client client = APPLICATION.signedIn();
        Client.Answer refused = client.post(
                PLAN + "/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"mailbox/bookings\",\"field\":\"/pin\",\"value\":\"" + DIGITS
                        + DIGITS + "\"}}]}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("4 to 12 digits").doesNotContain(DIGITS);
    }
}
