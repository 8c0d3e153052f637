package app.bittern.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/// Debian's Chromium, without a window (the one that can have none takes an eighth less of the machine): started by the
/// first class of tests that needs it, for all that run in this
/// process. Each page has cookies and storage of its own.
final class Chromium implements BeforeAllCallback {
    private static final List<Path> PROGRAMS =
            List.of(Path.of("/usr/bin/chromium-headless-shell"), Path.of("/usr/bin/chromium"));

    /// A loaded machine is slow; what never comes fails all the same.
    private static final double PATIENCE_MILLIS = 20_000;

    private static final class Launched {
        static final Browser BROWSER = launched();
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        Assertions.assertThat(get().isConnected()).isTrue();
    }

    private static Browser launched() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLIS);
        Path program = PROGRAMS.stream()
                .filter(Files::isExecutable)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(
                        "none of " + PROGRAMS + " is there: install Debian's chromium-headless-shell"));
        // It ends with this process: its driver does when nobody speaks to it any more.
        Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(program)
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    /// A window of the size the screens are made for.
    Browser.NewPageOptions window() {
        return new Browser.NewPageOptions().setViewportSize(1280, 800);
    }

    Browser get() {
        return Launched.BROWSER;
    }
}
