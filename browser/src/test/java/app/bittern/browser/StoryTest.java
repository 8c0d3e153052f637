package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// The technician's story: look, trace, change, break and mend, once by keyboard and once by mouse.
class StoryTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    @BeforeEach
    void begin() {
        APPLICATION.asTheDemoPlanIs();
        technician.signIn();
    }

    @Test
    void byKeyboardAlone() {
        technician.openOutline("-,-,-");
        assertThat(technician.strip()).containsText("message in Reception after 1:18");
        technician.outline().focus();

        // To the row of the ring group, and its ring time: the second token of the row.
        technician.press("Home", "/");
        technician.type("Reception rings 21 s");
        technician.press("Enter");
        assertThat(technician.outline()).isFocused();
        technician.press("Enter");
        assertThat(technician.page().getByPlaceholder("Number or name")).isFocused();
        technician.press("Escape");
        assertThat(technician
                        .token("ring group Reception")
                        .and(technician.page().locator(":focus")))
                .hasCount(1);
        technician.press("Tab", "Enter");
        assertThat(technician.page().getByLabel("How long the members ring")).isFocused();
        technician.press("Control+a");
        technician.type("20");
        technician.press("Enter");
        assertThat(technician.page().getByRole(AriaRole.ALERT))
                .containsText("found '20'; allowed is a duration with its unit");
        assertThat(technician.page().getByLabel("How long the members ring")).hasValue("20");
        // Where the answer came late it has opened again, and takes the keys a moment after it is seen.
        assertThat(technician.page().getByLabel("How long the members ring")).isFocused();
        technician.type("s");
        technician.press("Control+a");
        technician.type("32s");
        technician.press("Enter");
        assertThat(technician.strip()).containsText("message in Reception after 1:29");
        // The screen may hear of the edit before its own answer is here; until then the token is open.
        assertThat(technician.page().locator("[data-popover-content]")).hasCount(0);

        // Undo, redo, and a page that is loaded again still has it.
        technician.outline().focus();
        technician.press("Control+z");
        assertThat(technician.strip()).containsText("after 1:18");
        technician.press("Control+Shift+Z");
        assertThat(technician.strip()).containsText("after 1:29");
        technician.page().reload();
        assertThat(technician.strip()).containsText("after 1:29");
        assertThat(technician.page().getByRole(AriaRole.BANNER)).containsText("1 change");

        // The bench: a quarter of an hour at a time, and a day.
        Locator instant = technician.page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Instant"));
        instant.focus();
        technician.press("ArrowRight", "Shift+ArrowLeft");
        assertThat(instant).containsText("Mon 23 Nov 2026 10:30");
        Assertions.assertThat(technician.page().url()).contains("at=2026-11-23T10%3A30");
    }

    @Test
    void aKeyIsAddedAndLedToANewMailboxByKeyboard() {
        technician.openOutline("5");
        technician.outline().focus();
        technician.press("Home", "/");
        technician.type("says");
        technician.press("Enter", "a");
        technician
                .page()
                .getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Key"))
                .focus();
        technician.type("5");
        technician.page().getByPlaceholder("Number or name").focus();
        technician.type("Claims");
        assertThat(technician.page().locator("[role=option][aria-selected=true]"))
                .containsText("New mailbox “Claims” here");
        technician.press("Enter");
        assertThat(technician.row("mailbox Claims")).isVisible();
        assertThat(technician.strip()).containsText("message in Claims after 0:12");
        assertThat(technician.page().getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(technician.outline()).isFocused();
        technician.press("/");
        technician.type("Claims");
        technician.press("Enter");
        assertThat(technician.row("mailbox Claims")).hasAttribute("aria-selected", "true");
        technician.press("Backspace");
        assertThat(technician.row("mailbox Claims")).hasCount(0);
    }

    @Test
    void byMouseAlone() {
        technician
                .page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Numbers")))
                .click();
        technician
                .page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("+44 1632 960100"))
                .click();
        technician.openOutline("3");
        assertThat(technician.strip()).containsText("message in Lost property after 0:51");

        // The routes that did not hold are told with their reason.
        technician.row("by route Main line").first().click();
        assertThat(technician.reasons()).containsText("it is for callers that begin with +4416329609");

        // Key 3 to Reception.
        technician.token("extension Lost property 2014").first().click();
        technician.page().getByPlaceholder("Number or name").fill("2500");
        technician
                .page()
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("2500 Reception"))
                .click();
        assertThat(technician.strip()).containsText("message in Reception after 0:33");

        // A closing time; a range that ends before it starts stays in its field.
        technician.token("Mon–Sat 07:30–19:00").click();
        Locator hours = technician.page().getByLabel("Days and hours");
        hours.fill("Mon-Sat 19:00-07:30");
        technician.button("Keep").click();
        assertThat(technician.page().getByRole(AriaRole.ALERT)).containsText("found 'Mon-Sat 19:00-07:30'");
        assertThat(hours).hasValue("Mon-Sat 19:00-07:30");
        hours.fill("Mon-Sat 07:30-10:00");
        technician.button("Keep").click();
        assertThat(technician.strip()).containsText("message in Bookings after 0:07");
        technician.undo().click();
        assertThat(technician.strip()).containsText("message in Reception after 0:33");

        // Who answers.
        technician
                .page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Phones"))
                .click();
        technician.page().getByLabel("Tom Arrowby 2002 is").selectOption("answers 6s");
        assertThat(technician.strip()).containsText("answered by Tom Arrowby 2002 after 0:18");
    }

    @Test
    void aHoleIsToldAtOnceWithTheCallsThatFallInAndMendedByItsFix() {
        technician.openOutline("-,-,-");
        technician
                .row("unanswered, busy or unreachable: mailbox Reception")
                .first()
                .click();
        technician.button("Remove it").click();
        assertThat(technician.page().getByRole(AriaRole.DIALOG)).containsText("used in 3 places");
        technician.button("Remove and leave holes").click();
        assertThat(technician.page().getByRole(AriaRole.BANNER)).containsText("4 blocking");
        assertThat(technician.strip()).containsText("lost in Reception (hole) after 1:18");
        assertThat(technician.row("lost: nothing is there").first()).containsText("blocking");
        assertThat(technician.row("lost: nothing is there").first()).isVisible();

        technician
                .page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("4 blocking"))
                .click();
        Locator finding = technician.page().getByRole(AriaRole.ARTICLE).first();
        assertThat(finding).containsText("Ring group Reception leads to mailbox 'reception', which does not exist");
        assertThat(finding).containsText("Main line +44 1632 960100, always");
        finding.getByText("Show such a call").click();
        assertThat(technician.strip()).containsText("lost in Reception (hole)");
        technician.page().goBack();
        technician.button("Create mailbox reception").first().click();
        assertThat(technician.page().getByText("which does not exist")).hasCount(0);
        assertThat(technician.page().getByRole(AriaRole.BANNER)).containsText("nothing blocking");
    }

    @Test
    void aWrongBenchSaysWhatIsAllowedAndKeepsWhatWasTyped() {
        technician.open("/s/saltreach/draft/outline/%2B441632960100?at=2026-11-24T10:15&keys=3,x");
        assertThat(technician.page().getByRole(AriaRole.ALERT))
                .containsText("found 'x'; allowed is keys separated by commas");
        assertThat(technician.page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keys pressed")))
                .hasText("3,x");
    }

    @Test
    void everythingIsOneKeyAway() {
        technician.press("Control+k");
        technician.type("Freephone");
        assertThat(technician.page().getByRole(AriaRole.OPTION).first()).containsText("Freephone");
        technician.press("Enter");
        assertThat(technician.page().locator("#row-1")).containsText("+44 808 157 0123");
    }
}
