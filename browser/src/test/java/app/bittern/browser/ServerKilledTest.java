package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.ServerProcess;
import app.bittern.server.testing.TestDatabase;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// The server is killed while somebody has typed a value: the screen says so, and the value is there when the
/// server is back and has asked who it is.
class ServerKilledTest {
    private static final String SHEET = "/s/saltreach/draft/groups/ring-group/reception";

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    private static void signIn(Page page) {
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(RunningApplication.NAME);
        page.getByLabel("Password").fill(RunningApplication.PASSWORD);
        page.keyboard().press("Enter");
    }

    private static Locator ringTime(Page page) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Rings for: ")));
    }

    @Test
    void whatWasTypedOutlivesTheServer() throws Exception {
        TestDatabase.Fresh database = TestDatabase.fresh();
        int port = TestDatabase.freePort();
        Map<String, Object> settings = RunningApplication.properties(database, true, port);
        Process first = ServerProcess.start(settings, port).process();
        try (Page page = CHROMIUM.get().newPage(CHROMIUM.window())) {
            page.navigate("http://127.0.0.1:" + port + SHEET);
            signIn(page);
            ringTime(page).click();
            Locator value = page.locator("[data-popover-content] #value");
            value.fill("44s");

            first.destroyForcibly();
            first.waitFor(30, TimeUnit.SECONDS);
            page.keyboard().press("Enter");
            assertThat(page.locator("[data-popover-content]").getByRole(AriaRole.ALERT))
                    .containsText("The server cannot be reached");
            assertThat(value).hasValue("44s");

            Process second = ServerProcess.start(settings, port).process();
            try {
                page.keyboard().press("Enter");
                assertThat(page.getByLabel("Password")).isVisible();
                signIn(page);
                assertThat(page.getByLabel("Password")).hasCount(0);
                assertThat(value).hasValue("44s");
                value.press("Enter");
                assertThat(ringTime(page)).containsText("44 s");
            } finally {
                second.destroyForcibly();
            }
        } finally {
            first.destroyForcibly();
        }
    }
}
