package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
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

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    @Test
    void ofEachMainView(@TempDir Path none) {
        Path folder = Optional.ofNullable(System.getProperty("bittern.screenshots"))
                .map(given -> Path.of("..").resolve(given))
                .orElse(none);
        technician.signIn();
        assertThat(technician.page().getByText("more in").first()).isVisible();
        shot(folder, "overview");
        technician.open("/s/saltreach/draft/numbers?at=2026-11-28T20:00");
        assertThat(technician.page().getByText("message in Bookings").first()).isVisible();
        shot(folder, "numbers");
        technician.openOutline("3");
        // On the row number: elsewhere a click would open the token under it.
        technician.row("Lost property:.*extension").locator("span").first().click();
        shot(folder, "outline");
        technician.open("/s/saltreach/draft/groups/ring-group/freight?at=2026-11-24T08:00&keys=2");
        assertThat(technician.page().getByText("Such a call on the bench")).isVisible();
        shot(folder, "sheet");
        technician.open("/s/saltreach/draft/people?at=2026-11-24T10:15");
        technician.page().getByText("Lost property").first().click();
        assertThat(technician.page().getByText("When 2014 is called")).isVisible();
        assertThat(technician.page().getByText("barred").first()).isVisible();
        shot(folder, "people");
        technician.open("/s/saltreach/draft/numbers?at=2026-11-24T10:15&view=order");
        assertThat(technician.page().getByText("never: Nuisance callers, Account hauliers, Main line take them first"))
                .isVisible();
        shot(folder, "routes");
        technician.open("/s/saltreach/draft/hours?at=2026-11-24T10:15");
        assertThat(technician.page().getByLabel("New rule")).isVisible();
        shot(folder, "hours");
        technician.open("/s/saltreach/draft/groups?at=2026-11-24T10:15");
        assertThat(technician.page().getByText("Would a queue pay?")).isVisible();
        shot(folder, "groups");
        technician.open("/s/saltreach/draft/queues?at=2026-11-24T10:15&keys=1");
        assertThat(technician.page().getByText("reach the target")).isVisible();
        shot(folder, "queue");
        technician.open("/s/saltreach/draft/voicemail?at=2026-11-24T10:15&keys=1");
        assertThat(technician.page().getByText("the call on the bench ends here"))
                .isVisible();
        shot(folder, "voicemail");
        technician.open("/");
        assertThat(technician.page().getByText("Take in the plan")).isVisible();
        shot(folder, "sites");
        people();
        shot(folder, "rights");
        APPLICATION
                .signedIn()
                .post(
                        "/api/sites/saltreach/draft/edits",
                        "{\"wishes\":[{\"remove\":{\"object\":\"mailbox/reception\"}}]}");
        technician.openOutline("-,-,-");
        technician.row("lost: nothing is there").first().locator("span").first().click();
        shot(folder, "hole");
        technician.page().evaluate("document.documentElement.dataset.theme = 'dark'");
        shot(folder, "dark");
    }

    /// Somebody who is in, somebody who is invited, a machine.
    private void people() {
        Client manager = APPLICATION.signedIn();
        String access = "/api/sites/saltreach/access";
        APPLICATION.invited("Ines", "saltreach", "change");
        APPLICATION.invited("Jonas", "saltreach", "look");
        manager.post(access + "/invitations", Map.of("says", "Petra, night desk", "rights", List.of("look")));
        manager.post(access + "/machines", Map.of("name", "exporter", "rights", List.of("look"), "days", 90));
        technician.open("/s/saltreach/draft/accounts");
        assertThat(technician.page().getByText("Petra, night desk")).isVisible();
        assertThat(technician.page().getByText("took an invitation").first()).isVisible();
    }

    private void shot(Path folder, String name) {
        Path file = folder.resolve(name + ".png");
        technician.page().screenshot(new Page.ScreenshotOptions().setPath(file));
        Assertions.assertThat(Files.exists(file)).isTrue();
    }
}
