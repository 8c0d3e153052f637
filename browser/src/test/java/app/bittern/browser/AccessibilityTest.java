package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// No view has a violation of WCAG 2.2 AA that axe can find, in either theme.
class AccessibilityTest {
    private static final List<String> WCAG = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    private static void holds(Technician technician, String where) {
        List<String> found = new AxeBuilder(technician.page())
                .withTags(WCAG).analyze().getViolations().stream()
                        .map(AccessibilityTest::words)
                        .toList();
        Assertions.assertThat(found).as(where).isEmpty();
    }

    private static String words(Rule rule) {
        return rule.getImpact() + " " + rule.getId() + ": "
                + rule.getNodes().getFirst().getHtml() + " "
                + rule.getNodes().getFirst().getFailureSummary();
    }

    @ParameterizedTest
    @ValueSource(strings = {"light", "dark"})
    void everyViewInBothThemes(String theme) {
        Technician technician = new Technician(CHROMIUM, APPLICATION);
        technician.page().navigate(APPLICATION.address());
        technician.page().evaluate("theme => localStorage.setItem('bittern-theme', theme)", theme);
        technician.page().reload();
        assertThat(technician.page().getByLabel("Password")).isVisible();
        holds(technician, "sign-in");
        technician.signIn();
        holds(technician, "overview");
        technician.open("/numbers?at=2026-11-28T20:00");
        assertThat(technician.page().getByText("message in Bookings").first()).isVisible();
        holds(technician, "numbers");
        technician.openOutline("3");
        holds(technician, "outline");
        technician.token("15 s").first().click();
        holds(technician, "a token being changed");
        technician.press("Escape");
        technician.token("mailbox Lost property").first().click();
        assertThat(technician.page().getByPlaceholder("Number or name")).isVisible();
        holds(technician, "the finder");
        technician.press("Escape");
        technician.press("Control+k");
        holds(technician, "go to");
        technician.page().close();
    }
}
