package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// A phone of the site calls: whoever sits at it is put on the bench, and what it dials.
class DialledTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    private Locator rows() {
        return technician.page().getByRole(AriaRole.TREEGRID).getByRole(AriaRole.ROW);
    }

    private void choose(String token, String found) {
        technician
                .page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(token).setExact(true))
                .click();
        technician.page().getByPlaceholder("Number or name").fill(found);
        assertThat(technician.page().getByRole(AriaRole.OPTION).first()).containsText(found);
        technician.press("Enter");
    }

    @Test
    void aPhoneDialsOutsideAndIsBarredFromWhatItMayNot() {
        technician.signIn();
        technician.open("/s/saltreach/draft/outline/%2B441632960100?at=2026-11-24T10:15");
        choose("Caller", "2014");
        choose("Number called", "01632555010");
        assertThat(rows().first()).containsText("Lost property 2014 dials");
        assertThat(rows().first()).containsText("National and mobile");
        assertThat(technician.page().getByText("showing +44 1632 960100").first())
                .isVisible();

        choose("Number called", "0015550100");
        assertThat(technician.page().getByText("does not allow international").first())
                .isVisible();

        choose("Number called", "2001");
        assertThat(rows().first()).containsText("Ingrid Fell 2001");
    }

    /// What a call for help sets off stands beside the reasons of its step, with where its phone is.
    @Test
    void aCallForHelpSetsOffItsAlarm() {
        technician.signIn();
        technician.open("/s/saltreach/draft/outline/%2B441632960100?at=2026-11-24T10:15");
        choose("Caller", "2103");
        choose("Number called", "999");
        Locator effects = technician.page().getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Sets off"));
        technician.page().getByLabel("Step after").click();
        assertThat(effects).containsText("alarm Help called for (critical)");
        assertThat(effects).containsText("Quay, ground, Hut");
    }
}
