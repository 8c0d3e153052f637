package app.bittern.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/// Debian's Chromium, without a window, for the tests of a class.
final class Chromium implements BeforeAllCallback, AfterAllCallback {
    private static final Path PROGRAM = Path.of("/usr/bin/chromium");

    private final ArrayDeque<AutoCloseable> open = new ArrayDeque<>();
    private Optional<Browser> browser = Optional.empty();

    /// A loaded machine is slow; what never comes fails all the same.
    private static final double PATIENCE_MILLIS = 20_000;

    @Override
    public void beforeAll(ExtensionContext context) {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLIS);
        if (!Files.isExecutable(PROGRAM)) {
            throw new IllegalStateException(PROGRAM + " is missing: install Debian's chromium");
        }
        Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        open.push(playwright);
        Browser launched = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(PROGRAM)
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
        open.push(launched);
        browser = Optional.of(launched);
    }

    @Override
    public void afterAll(ExtensionContext context) throws Exception {
        while (!open.isEmpty()) {
            open.pop().close();
        }
    }

    /// A window of the size the screens are made for.
    Browser.NewPageOptions window() {
        return new Browser.NewPageOptions().setViewportSize(1280, 800);
    }

    Browser get() {
        return browser.orElseThrow();
    }
}
