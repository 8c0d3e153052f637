package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.ServerProcess;
import app.bittern.server.testing.TestDatabase;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
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

    /// Leaves a rule of hours and pasted numbers half done in windows of the same browser.
    private static void begin(Page rule, Page numbers, String address) {
        rule.navigate(address + "/s/saltreach/draft/hours?at=2026-11-24T10:15");
        rule.getByLabel("New rule").fill("closed on 24 Dec from 13:00");
        assertThat(rule.getByText("read as")).isVisible();
        numbers.navigate(address + "/s/saltreach/draft/numbers?at=2026-11-24T10:15");
        numbers.getByText("Paste numbers…").click();
        numbers.getByLabel("Numbers", new Page.GetByLabelOptions().setExact(true))
                .fill("01632 960150 Night line");
        assertThat(numbers.getByText("Make 1 inbound number")).isVisible();
    }

    /// Both are there when their windows are opened anew, and are kept.
    private static void goOn(Page rule, Page numbers) {
        rule.reload();
        assertThat(rule.getByLabel("New rule")).hasValue("closed on 24 Dec from 13:00");
        rule.getByLabel("New rule").press("Enter");
        assertThat(rule.getByLabel("Remove rule 4")).isVisible();
        assertThat(rule.getByLabel("New rule")).hasValue("");
        numbers.reload();
        numbers.getByText("Paste numbers…").click();
        assertThat(numbers.getByLabel("Numbers", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("01632 960150 Night line");
        numbers.getByText("Make 1 inbound number").click();
        assertThat(numbers.getByText("Night line").first()).isVisible();
    }

    @Test
    void whatWasTypedOutlivesTheServer() throws Exception {
        TestDatabase.Fresh database = TestDatabase.fresh();
        int port = TestDatabase.freePort();
        Map<String, Object> settings = RunningApplication.properties(database, true, port);
        Process first = ServerProcess.start(settings, port).process();
        String address = "http://127.0.0.1:" + port;
        try (BrowserContext browser =
                        CHROMIUM.get().newContext(new Browser.NewContextOptions().setViewportSize(1280, 800));
                Page page = browser.newPage();
                Page rule = browser.newPage();
                Page numbers = browser.newPage()) {
            page.navigate(address + SHEET);
            signIn(page);
            assertThat(ringTime(page)).isVisible();
            begin(rule, numbers, address);
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
                // Who was signed in still is: sessions outlive the server too.
                page.keyboard().press("Enter");
                assertThat(ringTime(page)).containsText("44 s");
                assertThat(page.getByLabel("Password")).hasCount(0);
                goOn(rule, numbers);
            } finally {
                second.destroyForcibly();
            }
        } finally {
            first.destroyForcibly();
        }
    }
}
