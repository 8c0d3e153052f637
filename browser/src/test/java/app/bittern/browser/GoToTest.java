package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// Ctrl+K takes a call in words, reads it back, and Enter puts it on the bench.
class GoToTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    @BeforeEach
    void signIn() {
        technician.signIn();
    }

    private void types(String words, String read) {
        technician.press("Control+k");
        technician.type(words);
        assertThat(technician.page().getByRole(AriaRole.OPTION).first()).containsText(read);
        technician.press("Enter");
    }

    @Test
    void aCallInWordsStandsOnTheBench() {
        types(
                "call 960100 from harl haulage tomorrow 20:00 press 3",
                "Call Main line +44 1632 960100 from Harl Haulage on Wed 25 Nov 2026 20:00, press 3");
        assertThat(technician.page()).hasURL(Pattern.compile("/outline/%2B441632960100\\?.*at=2026-11-25T20"));
        assertThat(technician.strip()).containsText("Freight");
        types("2014 dials 00447700900123", "Lost property 2014 dials 00447700900123");
        assertThat(technician.page().getByText("00447700900123").first()).isVisible();
    }
}
