package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// With no site at all, the screen says what to do first and offers it.
class FirstPlanTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.empty();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @Test
    void aPlanFileIsTakenInAndARefusedOneIsKeptInItsField() {
        Page page = CHROMIUM.get().newPage(CHROMIUM.window());
        page.navigate(APPLICATION.address());
        page.getByLabel("Name").fill(RunningApplication.NAME);
        page.getByLabel("Password").fill("not the password");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Name and password do not belong together");
        page.getByLabel("Password").fill(RunningApplication.PASSWORD);
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sites")))
                .isVisible();

        String head =
                "bittern: 2\nsite: { key: quay, name: Quay, timeZone: Europe/Oslo, country: NO, languages: [nb-NO] }\n";
        page.getByLabel("Plan file as text").fill(head + "ringGroups: { desk: { ringFor: 20 } }\n");
        page.getByText("Take in the plan", new Page.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.getByRole(AriaRole.ALERT))
                .containsText(
                        "line 3, column 32: ringGroups/desk/ringFor: found the number 20; allowed is a duration with its unit");
        assertThat(page.getByLabel("Plan file as text")).hasValue(head + "ringGroups: { desk: { ringFor: 20 } }\n");
        page.getByLabel("Plan file as text").fill(head + "ringGroups: { desk: { ringFor: 20s } }\n");
        page.getByText("Take in the plan", new Page.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Quay")))
                .isVisible();
        assertThat(page.getByRole(AriaRole.ARTICLE)
                        .filter(new Locator.FilterOptions()
                                .setHasText("leads nowhere: nothing is given for /noAnswer")))
                .containsText("No call to a number of this plan comes to it");
        page.close();
    }
}
