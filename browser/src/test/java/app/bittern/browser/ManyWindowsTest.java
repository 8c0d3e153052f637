package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.DemoDraft;
import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// A technician has more windows open than a browser has connections to a server.
class ManyWindowsTest {
    private static final int WINDOWS = 12;
    private static final int RELOADS = 30;

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    private final BrowserContext browser = CHROMIUM.get().newContext();
    private final Page first = browser.newPage();

    @BeforeEach
    void signedIn() {
        new Technician(first, APPLICATION).signIn();
    }

    @AfterEach
    void close() {
        browser.close();
    }

    private Page groups(Page page) {
        page.navigate(APPLICATION.address() + "/s/saltreach/draft/groups?at=2026-11-24T10:15");
        shows(page, "Reception");
        return page;
    }

    private static void shows(Page page, String text) {
        assertThat(page.locator("main").getByText(text).first()).isVisible();
    }

    @Test
    void twelveWindowsShowTheirRowsAndHearOfAnEdit() {
        List<Page> windows = IntStream.range(0, WINDOWS)
                .mapToObj(index -> groups(index == 0 ? first : browser.newPage()))
                .toList();
        DemoDraft.good(APPLICATION
                .signedIn()
                .post(
                        "/api/sites/saltreach/draft/edits",
                        DemoDraft.wishes(DemoDraft.set("ring-group/reception", "/name", "\"Front of house\""))));
        windows.forEach(window -> shows(window, "Front of house"));
    }

    @Test
    void aWindowThatIsLoadedAnewThirtyTimesShowsItsRowsAndHears() {
        groups(first);
        for (int reload = 0; reload < RELOADS; reload++) {
            first.reload();
            shows(first, "Coach desk");
        }
        DemoDraft.good(APPLICATION
                .signedIn()
                .post(
                        "/api/sites/saltreach/draft/edits",
                        DemoDraft.wishes(DemoDraft.set("ring-group/coaches", "/name", "\"Coaches by the pier\""))));
        shows(first, "Coaches by the pier");
        first.navigate("about:blank");
        first.goBack();
        shows(first, "Coaches by the pier");
    }

    @Test
    void whereAScreenHasOpenedArrowsAndLettersActInItsListAtOnce() {
        first.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Screens"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^People")))
                .click();
        assertThat(first.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Ingrid Fell")))
                .isVisible();
        first.keyboard().press("ArrowDown");
        assertThat(first.getByRole(AriaRole.GRID)).isFocused();
        first.navigate(APPLICATION.address() + Technician.OUTLINE);
        Locator outline = first.getByRole(AriaRole.TREEGRID);
        assertThat(outline.locator("[aria-selected=true]")).isVisible();
        first.keyboard().press("ArrowDown");
        assertThat(outline).isFocused();
    }
}
