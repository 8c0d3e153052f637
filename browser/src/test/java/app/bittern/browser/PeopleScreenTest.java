package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// People are put into groups, queues and pages cell by cell, by keyboard, by mouse and from a spreadsheet.
class PeopleScreenTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    private final Page page = technician.page();

    @BeforeEach
    void open() {
        APPLICATION.asTheDemoPlanIs();
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        technician.signIn();
        technician.open("/s/saltreach/draft/people?at=2026-11-24T10:15");
        assertThat(row("Ingrid Fell")).isVisible();
    }

    private Locator row(String name) {
        return page.getByRole(AriaRole.GRID)
                .getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText(name));
    }

    /// Columns from 0: number, name, what becomes of a call, Reception, Coach desk, Freight office, Port control,
    /// Bookings, Freight, Quay and terminal.
    private Locator cell(String name, int column) {
        return row(name).getByRole(AriaRole.GRIDCELL).nth(column);
    }

    private static final int RECEPTION = 3;
    private static final int PORT = 6;
    private static final int BOOKINGS = 7;

    @Test
    void aCellIsSetByTheKeyboard() {
        assertThat(cell("Priya Nair", RECEPTION)).hasText("10 s");
        assertThat(cell("Priya Nair", 8)).hasText("2 · 40 s");
        page.getByRole(AriaRole.GRID).focus();
        technician.press("ArrowDown", "ArrowRight", "ArrowRight", "ArrowRight");
        technician.press("Space");
        assertThat(cell("Tom Arrowby", RECEPTION)).hasText("");
        technician.press("d");
        technician.type("15s key");
        technician.press("Enter");
        assertThat(cell("Tom Arrowby", RECEPTION)).hasText("15 s key");
        page.getByRole(AriaRole.GRID).focus();
        technician.press("ArrowRight", "ArrowRight", "ArrowRight", "ArrowRight", "2");
        assertThat(cell("Tom Arrowby", BOOKINGS)).hasText("2");
        technician.press("p");
        assertThat(cell("Tom Arrowby", BOOKINGS)).hasText("2 phone");
        technician.press("Delete");
        assertThat(cell("Tom Arrowby", BOOKINGS)).hasText("");
        // A hunt group has places, and no delays: what cannot be is said, and nothing is changed.
        technician.press("ArrowLeft", "d");
        technician.type("10s");
        technician.press("Enter");
        assertThat(page.getByText("in a hunt group allowed is a place such as 2, and key"))
                .isVisible();
        assertThat(cell("Tom Arrowby", PORT)).hasText("");
    }

    @Test
    void aBlockIsCopiedAndPastedAsOneEdit() {
        cell("Priya Nair", BOOKINGS).click();
        technician.press("Shift+ArrowRight", "Shift+ArrowDown");
        technician.press("Control+c");
        cell("Port control desk A", BOOKINGS).click();
        technician.press("Control+v");
        assertThat(cell("Port control desk A", BOOKINGS)).hasText("in");
        assertThat(cell("Port control desk A", BOOKINGS + 1)).hasText("2 · 40 s");
        assertThat(cell("Port control desk B", BOOKINGS)).hasText("in");
        technician.undo().click();
        assertThat(cell("Port control desk B", BOOKINGS)).hasText("");
        assertThat(cell("Port control desk A", BOOKINGS + 1)).hasText("");
    }

    @Test
    void aCellIsSetByTheMouse() {
        cell("Quay hut", RECEPTION).dblclick();
        page.getByLabel("Quay hut in Reception").fill("12 s");
        technician.press("Enter");
        assertThat(cell("Quay hut", RECEPTION)).hasText("12 s");
        cell("Quay hut", 9).dblclick();
        assertThat(cell("Quay hut", 9)).hasText("");
    }

    @Test
    void whoIsChosenIsShownWithACallDrawnToScaleAndWhatMayBeDialled() {
        cell("Lost property", 1).click();
        Locator about =
                page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("About Lost property"));
        assertThat(about).containsText("When 2014 is called");
        assertThat(about).containsText("21 s (7 rings)");
        assertThat(about).containsText("drawn as 2001 dials it");
        assertThat(about.getByRole(AriaRole.IMG).first()).isVisible();
        assertThat(about).containsText("barred");
        about.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("rings for: 21 s (7 rings)"))
                .click();
        page.locator("#value").fill("30s");
        technician.press("Enter");
        assertThat(row("Lost property")).containsText("30 s, then chain Carriers' office");
        // Nobody dials themselves.
        cell("Ingrid Fell", 1).click();
        assertThat(page.getByText("drawn as 2002 dials it")).isVisible();
    }

    @Test
    void manyAreMadeFromASpreadsheetOrNoneIs() {
        technician.button("From a spreadsheet…").click();
        Locator lines = page.getByLabel("Lines of a spreadsheet");
        lines.fill(
                "Number\tName\tRings for\n2030\tKari Nes\t15s\n20x4\tWrong\t15s\n\n2030\tTwice\t15s\n2031\tJohn Firth\tsoon");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("3 wrong");
        assertThat(dialog.getByRole(AriaRole.ROW).nth(1))
                .containsText("320x4Wrong15snumber: found '20x4'; allowed is the number of an extension");
        assertThat(dialog.getByRole(AriaRole.ROW).nth(2)).containsText("5");
        assertThat(dialog.getByRole(AriaRole.ROW).nth(2)).containsText("2030");
        assertThat(dialog.getByRole(AriaRole.ROW).nth(3)).containsText("found 'soon'; allowed is a duration");
        assertThat(technician.button("Make 4 extensions")).isDisabled();
        lines.fill("Number\tName\tRings for\n2030\tKari Nes\t15s\n2031\tJohn Firth\t25s");
        technician.button("Make 2 extensions").click();
        assertThat(row("Kari Nes")).containsText("15 s, then hang up");
        assertThat(row("John Firth")).containsText("25 s, then hang up");
    }
}
