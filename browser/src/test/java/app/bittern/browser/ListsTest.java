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

/// Objects in lists and on their sheets: found, opened, made, copied, renamed, removed; by keyboard once, by
/// mouse once.
class ListsTest {
    private static final String SHEET = "/s/saltreach/draft/groups/ring-group/freight?at=2026-11-24T08:00&keys=2";

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo().findingDifferences();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    @BeforeEach
    void begin() {
        APPLICATION.asTheDemoPlanIs();
        technician.signIn();
    }

    private Locator grid() {
        return technician.page().getByRole(AriaRole.GRID);
    }

    private Locator heading(String title) {
        return technician
                .page()
                .getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName(title).setLevel(1));
    }

    private Locator tokenOf(String field) {
        return technician
                .page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + field + ": ")))
                .first();
    }

    @Test
    void byKeyboardAlone() {
        technician.open("/s/saltreach/draft/people?kind=extension");
        assertThat(technician.page().getByText("Ingrid Fell 2001").first()).isVisible();
        grid().focus();
        technician.press("ArrowDown", "ArrowDown", "Enter");
        assertThat(heading("Priya Nair 2010")).isVisible();
        technician.page().goBack();
        assertThat(heading("People")).isVisible();

        // Letters filter.
        grid().focus();
        technician.type("desk a");
        assertThat(grid().getByRole(AriaRole.ROW)).hasCount(2);
        Assertions.assertThat(technician.page().url()).contains("find=desk");

        // Anywhere: a new queue, which asks for nothing but a name.
        technician.press("Control+k");
        technician.type("New mailbox");
        assertThat(technician.page().getByRole(AriaRole.OPTION).first()).containsText("New mailbox");
        technician.press("Enter");
        assertThat(technician.page().getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .isFocused();
        technician.type("Left luggage");
        assertThat(technician.page().getByLabel("Key", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("left-luggage");
        technician.press("Enter");
        assertThat(heading("Left luggage")).isVisible();
        Assertions.assertThat(technician.page().url()).contains("/voicemail/mailbox/left-luggage");
        technician.press("Control+z");
        assertThat(technician.page().getByText("This plan has no mailbox 'left-luggage'"))
                .isVisible();
    }

    @Test
    void severalAreMarkedAndAFieldOfAllIsChangedAtOnce() {
        technician.open("/s/saltreach/draft/people?kind=extension");
        assertThat(technician.page().getByText("Ingrid Fell 2001").first()).isVisible();
        grid().focus();
        technician.press("Shift+ArrowDown", "Shift+ArrowDown");
        technician.button("Change a field of 3").click();
        technician.page().locator("[role=dialog] select").selectOption("ringFor");
        technician.page().locator("#value").fill("26s");
        technician.press("Enter");
        assertThat(grid().getByText("26 s (9 rings)")).hasCount(3);
        technician.undo().click();
        assertThat(grid().getByText("26 s (9 rings)")).hasCount(0);
    }

    @Test
    void byMouseAlone() {
        technician.open(SHEET);
        assertThat(heading("Freight office")).isVisible();
        assertThat(technician.page().getByText("Main line").first()).isVisible();

        // A value, wrong first: what was typed stays, and what is allowed is said.
        tokenOf("Rings for").click();
        Locator field = technician.page().locator("#value");
        field.fill("24");
        technician.button("Keep").click();
        assertThat(technician.page().getByRole(AriaRole.ALERT)).containsText("allowed is a duration with its unit");
        assertThat(field).hasValue("24");
        field.fill("30s");
        technician.button("Keep").click();
        assertThat(tokenOf("Rings for")).hasText("30 s (10 rings)");

        // What it does to the call on the bench, and what was done to it.
        assertThat(technician
                        .page()
                        .getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The call on the bench")))
                .containsText("rang for 30 s");
        Locator side = technician.page().getByRole(AriaRole.COMPLEMENTARY);
        assertThat(side).containsText("rings for: 30 s");
        assertThat(side).containsText("longer");
        side.getByText("Undo").first().click();
        assertThat(tokenOf("Rings for")).hasText("24 s (8 rings)");

        // Where nobody answers, made there and then.
        tokenOf("No answer").click();
        technician.page().getByPlaceholder("Number or name").fill("Freight later");
        technician.page().getByText("New mailbox “Freight later” here").click();
        assertThat(tokenOf("No answer")).hasText("mailbox Freight later");

        // A copy has a name and a number of its own.
        technician.button("Copy").click();
        assertThat(technician.page().getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Freight office copy");
        technician
                .page()
                .getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Copy"))
                .click();
        assertThat(heading("Freight office copy")).isVisible();

        technician.button("Rename").last().click();
        technician
                .page()
                .getByLabel("Key", new Page.GetByLabelOptions().setExact(true))
                .fill("freight-night");
        technician
                .page()
                .getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Rename"))
                .click();
        assertThat(technician.page().getByText("ring-group/freight-night")).isVisible();
        Assertions.assertThat(technician.page().url()).contains("/groups/ring-group/freight-night");

        technician.button("Remove").click();
        assertThat(technician.page().getByRole(AriaRole.DIALOG)).containsText("Nothing leads to it");
        technician
                .page()
                .getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Remove"))
                .click();
        assertThat(heading("Groups")).isVisible();
    }

    @Test
    void aReleaseIsShownAndNothingOnItCanBeChanged() {
        technician.open(SHEET.replace("draft", "live"));
        assertThat(heading("Freight office")).isVisible();
        assertThat(technician.page().getByRole(AriaRole.BANNER)).containsText("release 1");
        assertThat(technician.button("Remove")).hasCount(0);
        assertThat(tokenOf("Rings for")).hasCount(0);
    }

    @Test
    void whatWasTypedOutlivesAReloadAndASessionThatHasEnded() {
        technician.open(SHEET);
        tokenOf("Rings for").click();
        technician.page().locator("#value").fill("44s");
        technician.page().context().clearCookies();
        technician.button("Keep").click();
        Locator again =
                technician.page().getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Sign in again"));
        assertThat(again).isVisible();
        technician.page().reload();
        technician.page().getByLabel("Name").fill(RunningApplication.NAME);
        technician.page().getByLabel("Password").fill(RunningApplication.PASSWORD);
        technician.press("Enter");
        assertThat(heading("Freight office")).isVisible();
        tokenOf("Rings for").click();
        assertThat(technician.page().locator("#value")).hasValue("44s");
        technician.button("Keep").click();
        assertThat(tokenOf("Rings for")).hasText("44 s (15 rings)");
    }
}
