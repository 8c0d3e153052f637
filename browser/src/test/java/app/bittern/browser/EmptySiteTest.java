package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// From no site at all to a call that is answered for: by keyboard alone, and by mouse alone but for names and
/// numbers, which are typed.
class EmptySiteTest {
    private static final String NUMBER = "+441632960777";

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.empty();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    private final Page page = technician.page();

    /// Goes on with Tab until something is focused, as somebody without a mouse does.
    private void tabTo(Locator wanted) {
        assertThat(wanted).isVisible();
        for (int tabs = 0; tabs < 80; tabs++) {
            if ((Boolean) wanted.evaluate("one => one === document.activeElement")) {
                return;
            }
            technician.press("Tab");
        }
        throw new AssertionError("Tab does not come to " + wanted);
    }

    private Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private void over(String text) {
        technician.press("Control+a");
        technician.type(text);
    }

    private void signIn() {
        page.navigate(APPLICATION.address());
        assertThat(field("Name")).isVisible();
    }

    private void begin(String title) {
        technician.press("Control+k");
        Locator go = page.getByPlaceholder("A number, a name, a finding, a command");
        assertThat(go).isFocused();
        technician.type("New " + title);
        assertThat(page.locator("[role=option][aria-selected=true]")).containsText("New " + title);
        technician.press("Enter");
        // That of "Go to" may still be going.
        assertThat(page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("New " + title)))
                .isVisible();
        assertThat(page.locator("#new-name")).isFocused();
    }

    /// Chooses by the keyboard what something leads to.
    private void choose(String token, String find, String offered) {
        tabTo(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(token + ": choose")));
        technician.press("Enter");
        assertThat(page.getByPlaceholder("Number or name")).isFocused();
        technician.type(find);
        assertThat(page.locator("[role=option][aria-selected=true]")).containsText(offered);
        technician.press("Enter");
        assertThat(page.locator("[data-popover-content]")).hasCount(0);
    }

    private void made(String title) {
        technician.press("Enter");
        sheetOf(title);
    }

    private void sheetOf(String title) {
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(title)))
                .isVisible();
    }

    @Test
    void byKeyboardAlone() {
        signIn();
        tabTo(field("Name"));
        technician.type(RunningApplication.NAME);
        technician.press("Tab");
        technician.type(RunningApplication.PASSWORD);
        technician.press("Enter");
        tabTo(page.locator("#site-name"));
        technician.type("Quay by keys");
        technician.press("Tab", "Tab");
        technician.type("GB");
        technician.press("Tab");
        over("Europe/London");
        technician.press("Tab");
        over("en-GB");
        technician.press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Quay by keys")))
                .isVisible();

        begin("extension");
        technician.type("Kari");
        tabTo(page.locator("#new-key"));
        over("2001");
        made("Kari 2001");
        begin("mailbox");
        technician.type("Desk");
        made("Desk");
        begin("ring group");
        technician.type("Desk");
        choose("Extension", "2001", "2001");
        choose("No answer", "Desk", "Desk");
        tabTo(page.locator("#new-name"));
        made("Desk");
        begin("inbound number");
        technician.type("Quay line");
        tabTo(page.locator("#new-key"));
        technician.type(NUMBER);
        made("Quay line");
        begin("route");
        technician.type("Main line");
        tabTo(page.locator("#new-called"));
        technician.type(NUMBER);
        choose("Leads to", "Desk", "ring group");
        tabTo(page.locator("#new-name"));
        made("Main line");

        technician.press("Control+k");
        technician.type("Quay line");
        assertThat(page.locator("[role=option][aria-selected=true]")).containsText("outline");
        technician.press("Enter");
        assertThat(technician.strip()).containsText("message in Desk after 0:20");
        stands("quay-by-keys");
    }

    @Test
    void byMouse() {
        signIn();
        field("Name").fill(RunningApplication.NAME);
        field("Password").fill(RunningApplication.PASSWORD);
        click("Sign in");
        page.locator("#site-name").fill("Quay by mouse");
        page.locator("#site-country").fill("GB");
        page.locator("#site-zone").fill("Europe/London");
        page.locator("#site-language").fill("en-GB");
        click("Make an empty site");

        click("Make the first inbound number");
        page.locator("#new-name").fill("Quay line");
        page.locator("#new-key").fill(NUMBER);
        click("Make it");
        sheetOf("Quay line");
        go("People");
        click("Make the first extension");
        page.locator("#new-name").fill("Kari");
        page.locator("#new-key").fill("2001");
        click("Make it");
        sheetOf("Kari 2001");
        go("Groups");
        click("Make the first ring group");
        page.locator("#new-name").fill("Desk");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Extension: choose"))
                .click();
        page.getByPlaceholder("Number or name").fill("2001");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Kari"))
                .click();
        // The mailbox that it leads to is made there and then.
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("No answer: choose"))
                .click();
        page.getByPlaceholder("Number or name").fill("Desk");
        page.getByText("New mailbox “Desk” here").click();
        page.locator("#nested-name").fill("Desk");
        page.getByText("Make it", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        assertThat(page.locator("#nested-name")).hasCount(0);
        click("Make it");
        sheetOf("Desk");
        go("Overview");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("routes").setExact(true))
                .click();
        click("Make the first route");
        page.locator("#new-name").fill("Main line");
        page.locator("#new-called").fill(NUMBER);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Leads to: choose"))
                .click();
        page.getByPlaceholder("Number or name").fill("Desk");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Desk ring group"))
                .click();
        click("Make it");
        sheetOf("Main line");
        go("Outline");
        assertThat(technician.strip()).containsText("message in Desk after 0:20");
        stands("quay-by-mouse");
    }

    private void click(String button) {
        technician.button(button).click();
    }

    private void go(String screen) {
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^" + screen + "(\\s*[0-9]+.*)?$")))
                .click();
    }

    /// Both ways make the same plan.
    private static void stands(String site) {
        Assertions.assertThat(APPLICATION
                        .signedIn()
                        .get("/api/sites/" + site + "/draft/file")
                        .text())
                .contains("routes:", "called: \"" + NUMBER + "\"", "noAnswer: mailbox/desk", "extension: \"2001\"");
    }
}
