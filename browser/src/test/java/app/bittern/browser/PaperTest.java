package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// What is printed has every row and nothing to press, and is no wider than the paper.
class PaperTest {
    /// A sheet of A4 across, without its margins of 12 mm, at 96 dots an inch.
    private static final int WIDTH = 1032;

    private static final int HEIGHT = 703;

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    private final Page page = technician.page();

    private void print(String path, Locator known) {
        page.setViewportSize(WIDTH, HEIGHT);
        technician.signIn().open("/s/saltreach/draft/" + path);
        assertThat(known).isVisible();
        onPaper();
    }

    private void onPaper() {
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        page.evaluate("dispatchEvent(new Event('beforeprint'))");
        assertThat(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Screens")))
                .isHidden();
        assertThat(page.locator("main button.primary:visible")).hasCount(0);
        Assertions.assertThat(number("document.documentElement.scrollWidth")).isLessThanOrEqualTo(WIDTH);
    }

    private int number(String script) {
        return ((Number) page.evaluate(script)).intValue();
    }

    /// Nothing is cut off: no element that hides what does not fit is shorter than what is in it.
    private void nothingIsCut() {
        Assertions.assertThat(number("[...document.querySelectorAll('main, main *')].filter((one) =>"
                        + " one.clientHeight > 0 && /auto|scroll/.test(getComputedStyle(one).overflowY)"
                        + " && one.scrollHeight > one.clientHeight + 1).length"))
                .isZero();
    }

    @Test
    void numbers() {
        print("numbers?at=2026-11-24T10:15", page.getByText("Lost property").first());
        assertThat(page.locator("main tbody tr")).hasCount(6);
        nothingIsCut();
    }

    @Test
    void routesInOrder() {
        print(
                "numbers?at=2026-11-24T10:15&view=order",
                page.getByText("never: Nuisance callers, Account hauliers, Main line take them first")
                        .first());
        nothingIsCut();
    }

    @Test
    void hoursWithTheirRulesAndTheYear() {
        print("hours?at=2026-11-24T10:15", page.getByLabel("Fri 25 Dec: holiday"));
        assertThat(page.getByText("Mon–Sat 07:30–19:00, Sun 10:00–16:30").first())
                .isVisible();
        assertThat(page.getByLabel("New rule")).isHidden();
        nothingIsCut();
    }

    /// The screen draws the rows in sight and knows a hundred; the paper has them all.
    @Test
    void peopleOfALargeSite() {
        Client client = APPLICATION.signedIn();
        client.post("/api/sites", "{\"sample\":\"marram-hotel\"}");
        int all = client.get("/api/sites/marram-hotel/draft/people")
                .json()
                .at("/total")
                .asInt();
        Assertions.assertThat(all).isGreaterThan(400);
        page.setViewportSize(WIDTH, HEIGHT);
        technician.signIn().open("/s/marram-hotel/draft/people?at=2026-11-24T10:15");
        Locator rows = page.getByRole(AriaRole.GRID)
                .getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHas(page.getByRole(AriaRole.GRIDCELL)));
        assertThat(rows.first()).containsText("Front desk one");
        // The browser's own dialog would wait for somebody.
        page.evaluate("window.print = () => (window.printed = true)");
        technician.press("Control+p");
        page.waitForFunction("window.printed");
        onPaper();
        assertThat(rows).hasCount(all);
        assertThat(page.getByRole(AriaRole.COMPLEMENTARY)).isHidden();
        nothingIsCut();
    }
}
