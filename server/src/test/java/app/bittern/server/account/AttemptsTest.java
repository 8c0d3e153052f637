package app.bittern.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/// A stranger tries passwords; whoever has signed in before still gets in.
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class AttemptsTest {
    @RegisterExtension
    @Order(1)
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    /// On the same database, started later.
    @RegisterExtension
    @Order(2)
    static final RunningApplication ANOTHER = RunningApplication.beside(APPLICATION);

    private static Client.Answer tries(Client client, String password) {
        return client.signIn(RunningApplication.NAME, password);
    }

    @Test
    void aStrangerIsHeldOnEveryServerAndABrowserThatIsKnownGetsIn() {
        Client known = APPLICATION.signedIn();
        known.remove("/api/session");
        Client stranger = APPLICATION.client();
        while (tries(stranger, "wrong").status() != 429) {
            assertThat(stranger.cookie("bittern-browser")).isEmpty();
        }
        assertThat(tries(ANOTHER.client(), RunningApplication.PASSWORD).status())
                .isEqualTo(429);
        assertThat(tries(APPLICATION.client(), RunningApplication.PASSWORD).status())
                .isEqualTo(429);
        assertThat(tries(known, RunningApplication.PASSWORD).status()).isEqualTo(200);
        assertThat(known.cookie("bittern-browser"))
                .hasValueSatisfying(cookie -> assertThat(cookie.isHttpOnly()).isTrue());
        // What it shows counts for the one who signed in with it, and for nobody else; and it has its own limit.
        assertThat(known.signIn("another", "wrong").status()).isIn(401, 429);
        int wrong = 0;
        while (tries(known, "wrong").status() == 401) {
            wrong++;
        }
        assertThat(wrong).isBetween(9, 12);
    }
}
