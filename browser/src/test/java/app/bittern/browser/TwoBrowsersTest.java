package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// Two people on one plan, each in a browser of their own, who do not yet see what the other does.
class TwoBrowsersTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    private final Technician kari = new Technician(CHROMIUM, APPLICATION);
    private final Technician jonas = new Technician(CHROMIUM, APPLICATION);

    @BeforeEach
    void begin() {
        var client = APPLICATION.signedIn();
        while (client.post("/api/sites/saltreach/undo", "").status() == 200) {}
        for (Technician one : new Technician[] {kari, jonas}) {
            one.signIn().openOutline("-,-,-");
            assertThat(one.strip()).containsText("message in Reception after 1:17");
        }
    }

    @AfterEach
    void end() {
        kari.page().close();
        jonas.page().close();
    }

    /// Types a ring time into the row of the ring group, with the token that shows the one so far.
    private static Locator ringFor(Technician who, String shown, String typed) {
        who.row("rings " + shown)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(shown + ": change"))
                .first()
                .click();
        Locator field = who.page().getByLabel("How long it rings");
        field.fill(typed);
        field.press("Enter");
        return field;
    }

    @Test
    void theSameFieldSaysBothValuesAndKeepsWhatWasTyped() {
        ringFor(kari, "20 s", "32s");
        assertThat(kari.strip()).containsText("after 1:29");
        Locator field = ringFor(jonas, "20 s", "45s");
        assertThat(jonas.page().getByRole(AriaRole.ALERT)).containsText("has made it \"32s\" meanwhile");
        assertThat(field).hasValue("45s");
        jonas.page().reload();
        assertThat(jonas.strip()).containsText("after 1:29");
        ringFor(jonas, "32 s", "45s");
        assertThat(jonas.strip()).containsText("after 1:42");
    }
}
