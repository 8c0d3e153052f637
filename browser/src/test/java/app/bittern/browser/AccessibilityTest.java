package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// No view has a violation of WCAG 2.2 AA that axe can find, in either theme.
class AccessibilityTest {
    private static final List<String> WCAG = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    /// What the colours of the other theme can change.
    private static final List<String> COLOURS = List.of("color-contrast", "link-in-text-block");

    /// What the narrower window can change.
    private static final List<String> SIZES = List.of("target-size", "scrollable-region-focusable");

    private static final int WIDE = 1280;
    private static final int NARROW = 1024;
    private static final int HEIGHT = 800;

    /// In the page itself: it has no frames, and a page of its own for each answer takes longer than the rules.
    private AxeBuilder axe() {
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        return new AxeBuilder(technician.page()).setLegacyMode(true).options(options);
    }

    /// All rules on a view as it is; in the other theme those that it can change, and in `./bittern verify
    /// --long` at the other width too.
    private void holds(String where) {
        holds(axe().withTags(WCAG), where);
        theme("dark");
        holds(axe().withRules(COLOURS), where + ", dark");
        theme("light");
        if (Boolean.getBoolean("bittern.all-plans")) {
            technician.page().setViewportSize(NARROW, HEIGHT);
            holds(axe().withRules(SIZES), where + ", narrow");
            technician.page().setViewportSize(WIDE, HEIGHT);
        }
    }

    private void theme(String theme) {
        technician.page().evaluate("theme => (document.documentElement.dataset.theme = theme)", theme);
    }

    /// What has opened over a view that holds: as wide on any screen, in the colours of the rest.
    private void opened(String where) {
        holds(axe().include(List.of("[role=dialog], [data-popover-content]")).withTags(WCAG), where);
    }

    private static void holds(AxeBuilder axe, String where) {
        List<String> found = axe.analyze().getViolations().stream()
                .filter(rule -> !isAxis(rule))
                .map(AccessibilityTest::words)
                .toList();
        Assertions.assertThat(found).as(where).isEmpty();
    }

    /// Edges on an axis stand where their times are, and may be near each other: what they do a rule typed as
    /// words or a field of the sheet does as well (WCAG 2.5.8, equivalent).
    private static boolean isAxis(Rule rule) {
        return rule.getId().equals("target-size")
                && rule.getNodes().stream().allMatch(node -> node.getHtml().contains("role=\"slider\""));
    }

    private static String words(Rule rule) {
        return rule.getImpact() + " " + rule.getId() + ": "
                + rule.getNodes().getFirst().getHtml() + " "
                + rule.getNodes().getFirst().getFailureSummary();
    }

    @Test
    void everyViewInBothThemesAndAtBothWidths() {
        technician.page().navigate(APPLICATION.address());
        assertThat(technician.page().getByLabel("Password")).isVisible();
        holds("sign-in");
        technician.signIn();
        holds("overview");
        technician.open("/s/saltreach/draft/numbers?at=2026-11-28T20:00");
        assertThat(technician.page().getByText("message in Bookings").first()).isVisible();
        holds("numbers");
        for (String view : List.of("order", "plan", "arrived")) {
            technician.open("/s/saltreach/draft/numbers?at=2026-11-28T20:00&view=" + view);
            assertThat(technician.page().getByText("Opening.")).hasCount(0);
            holds("numbers, " + view);
        }
        technician.open("/s/saltreach/draft/hours?at=2026-11-24T10:15");
        assertThat(technician.page().getByLabel("New rule")).isVisible();
        holds("hours");
        technician.open("/s/saltreach/draft/hours?at=2026-11-24T10:15&of=switch/timetable");
        assertThat(technician.page().getByText("turn it here")).isVisible();
        holds("a switch");
        technician.open("/s/saltreach/draft/groups?at=2026-11-24T10:15");
        assertThat(technician.page().getByText("Would a queue pay?")).isVisible();
        holds("groups");
        technician.open("/s/saltreach/draft/queues?at=2026-11-24T10:15");
        assertThat(technician.page().getByText("reach the target")).isVisible();
        holds("a queue");
        technician.open("/s/saltreach/draft/voicemail?at=2026-11-24T10:15");
        assertThat(technician
                        .page()
                        .getByText("Bookings 2701")
                        .or(technician.page().getByText("of nobody in particular"))
                        .first())
                .isVisible();
        holds("voicemail");
        technician.openOutline("3");
        holds("outline");
        technician.open("/s/saltreach/draft/people");
        assertThat(technician.page().getByText("Ingrid Fell").first()).isVisible();
        holds("people");
        technician.open("/s/saltreach/draft/accounts");
        assertThat(technician.page().getByText("None: no program may ask by itself."))
                .isVisible();
        holds("accounts");
        technician.button("Invite somebody").click();
        opened("an invitation");
        technician.press("Escape");
        technician.open("/account");
        assertThat(technician.page().getByText("this browser")).isVisible();
        holds("one's own account");
        technician.open("/s/saltreach/draft/queues/queue/bookings?at=2026-11-24T10:15&keys=1");
        assertThat(technician.page().getByText("Such a call on the bench")).isVisible();
        holds("a sheet");
        whatOpens();
    }

    /// Dialogs and what else opens.
    private void whatOpens() {
        technician.button("Remove").click();
        assertThat(technician.page().getByRole(AriaRole.DIALOG)).isVisible();
        opened("removing");
        technician.openOutline("3");
        technician.token("15 s").first().click();
        opened("a token being changed");
        technician.press("Escape");
        technician.token("own mailbox: mailbox Lost property").first().click();
        assertThat(technician.page().getByPlaceholder("Number or name")).isVisible();
        opened("the finder");
        technician.press("Escape");
        technician.press("Control+k");
        opened("go to");
        technician.press("Escape");
        technician.open("/s/saltreach/draft/people?kind=extension");
        assertThat(technician.page().getByText("Ingrid Fell 2001").first()).isVisible();
        holds("a list");
        technician.button("New extension").click();
        assertThat(technician.page().getByRole(AriaRole.DIALOG)).isVisible();
        opened("a new object");
        technician.press("Escape");
        technician.open("/");
        assertThat(technician.page().getByText("Take in the plan")).isVisible();
        holds("sites");
        technician.open("/parts");
        assertThat(technician.page().getByText("Barge 0")).isVisible();
        holds("parts");
    }
}
