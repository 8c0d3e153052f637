package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/// Makes the current picture of each main view; with `-Dbittern.screenshots=docs/screenshots` they are kept.
class ScreenshotsTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @Test
    void ofEachMainView(@TempDir Path none) {
        Path folder = Optional.ofNullable(System.getProperty("bittern.screenshots"))
                .map(given -> Path.of("..").resolve(given))
                .orElse(none);
        Technician technician = new Technician(CHROMIUM, APPLICATION).signIn();
        shot(technician, folder, "overview");
        technician.open("/s/saltreach/draft/numbers?at=2026-11-28T20:00");
        assertThat(technician.page().getByText("message in Bookings").first()).isVisible();
        shot(technician, folder, "numbers");
        technician.openOutline("3");
        // On the row number: elsewhere a click would open the token under it.
        technician.row("Lost property:.*extension").locator("span").first().click();
        shot(technician, folder, "outline");
        technician.open("/s/saltreach/draft/groups/ring-group/freight?at=2026-11-24T08:00&keys=2");
        assertThat(technician.page().getByText("Such a call on the bench")).isVisible();
        shot(technician, folder, "sheet");
        technician.open("/s/saltreach/draft/people");
        assertThat(technician.page().getByText("Ingrid Fell 2001").first()).isVisible();
        shot(technician, folder, "people");
        technician.open("/");
        assertThat(technician.page().getByText("Take in the plan")).isVisible();
        shot(technician, folder, "sites");
        APPLICATION
                .signedIn()
                .post(
                        "/api/sites/saltreach/draft/edits",
                        "{\"wishes\":[{\"remove\":{\"object\":\"mailbox/reception\"}}]}");
        technician.openOutline("-,-,-");
        technician.row("lost: nothing is there").first().locator("span").first().click();
        shot(technician, folder, "hole");
        technician.page().evaluate("document.documentElement.dataset.theme = 'dark'");
        shot(technician, folder, "dark");
    }

    private static void shot(Technician technician, Path folder, String name) {
        Path file = folder.resolve(name + ".png");
        technician.page().screenshot(new Page.ScreenshotOptions().setPath(file));
        Assertions.assertThat(Files.exists(file)).isTrue();
    }
}
