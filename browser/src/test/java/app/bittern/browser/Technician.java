package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/// Somebody at the screen, who signs in and finds rows by their words.
///
/// Registered as an extension, it fails a test in which a script failed or another server was asked, and closes its
/// page after each.
final class Technician implements AfterEachCallback {
    static final String OUTLINE = "/s/saltreach/draft/outline/%2B441632960100?at=2026-11-24T10:15&from=%2B447700900123";

    private final Page page;
    private final RunningApplication application;

    /// Requests that went to any other server.
    private final List<String> elsewhere = new ArrayList<>();

    /// Script errors and violations of the Content-Security-Policy.
    private final List<String> errors = new ArrayList<>();

    Technician(Chromium chromium, RunningApplication application) {
        this(chromium.get().newPage(chromium.window()), application);
    }

    Technician(Page page, RunningApplication application) {
        this.page = page;
        this.application = application;
        page.onRequest(request -> {
            if (!request.url().startsWith(application.address())
                    && !request.url().startsWith("data:")) {
                elsewhere.add(request.url());
            }
        });
        page.onPageError(errors::add);
        page.onConsoleMessage(message -> {
            if (message.text().contains("Content Security Policy")) {
                errors.add(message.text());
            }
        });
    }

    @Override
    public void afterEach(ExtensionContext test) {
        Assertions.assertThat(elsewhere).isEmpty();
        Assertions.assertThat(errors).isEmpty();
        page.close();
    }

    Page page() {
        return page;
    }

    Technician signIn() {
        page.navigate(application.address() + "/s/saltreach/draft");
        page.getByLabel("Name").fill(RunningApplication.NAME);
        page.getByLabel("Password").fill(RunningApplication.PASSWORD);
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Saltreach Ferries")))
                .isVisible();
        return this;
    }

    Technician open(String path) {
        page.navigate(application.address() + path);
        assertThat(page.locator("main")).isVisible();
        return this;
    }

    Technician openOutline(String keys) {
        open(OUTLINE + "&keys=" + keys);
        assertThat(strip()).containsText("after");
        assertThat(outline().locator("[aria-selected=true]")).isVisible();
        return this;
    }

    Locator strip() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The call in seconds"));
    }

    Locator reasons() {
        return page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Reasons"));
    }

    Locator outline() {
        return page.getByRole(AriaRole.TREEGRID, new Page.GetByRoleOptions().setName("Outline"));
    }

    /// The row that says a text.
    Locator row(String says) {
        return outline().getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(Pattern.compile(says)));
    }

    Locator token(String text) {
        return page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(text + ": change").setExact(true));
    }

    Locator region(String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /// What is moved along an axis.
    Locator handle(String name) {
        return page.getByRole(
                AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /// The header's own: lists of last changes have one at each change of one's own.
    Locator undo() {
        return page.getByRole(AriaRole.BANNER)
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Undo").setExact(true));
    }

    void press(String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
        }
    }

    void type(String text) {
        page.keyboard().type(text);
    }
}
