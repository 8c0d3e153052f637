package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// The parts that screens are built of, by keyboard, on the page where all of them stand.
class PartsTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    @BeforeEach
    void begin() {
        technician.signIn();
        technician.open("/parts");
    }

    private Locator value() {
        return technician.page().getByTestId("value");
    }

    @Test
    void aMenuIsOpenedAndChosenFrom() {
        technician.button("A menu ▾").focus();
        technician.press("Enter", "ArrowDown", "Enter");
        assertThat(value()).hasText("second thing done");
        assertThat(technician.button("A menu ▾")).isFocused();
    }

    @Test
    void aFinderOffersWhatIsTypedAndWhatCanBeMade() {
        technician.button("Token: change").focus();
        technician.press("Enter");
        technician.type("cutt");
        assertThat(technician.page().getByRole(AriaRole.OPTION).first()).containsText("Cutter");
        technician.press("Enter");
        assertThat(value()).hasText("Cutter");
        assertThat(technician.button("Token: change")).isFocused();
        technician.press("Enter");
        technician.type("Punt");
        assertThat(technician.page().getByRole(AriaRole.OPTION)).hasCount(1);
        technician.press("Enter");
        assertThat(value()).hasText("new boat Punt");
    }

    @Test
    void aDialogTakesTheFocusAndGivesItBack() {
        technician.button("Ask something").focus();
        technician.press("Enter");
        assertThat(technician.page().getByRole(AriaRole.DIALOG)).isVisible();
        assertThat(technician.button("Answer")).isFocused();
        technician.press("Escape");
        assertThat(technician.page().getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(technician.button("Ask something")).isFocused();
    }

    @Test
    void whatIsWrongStaysUntilItIsClosed() {
        technician.button("Say what is wrong").click();
        Locator note = technician
                .page()
                .getByRole(AriaRole.ALERT)
                .filter(new Locator.FilterOptions().setHasText("went wrong"));
        assertThat(note).isVisible();
        note.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Close"))
                .click();
        assertThat(note).hasCount(0);
    }

    @Test
    void aGridOfTenThousandRowsIsGoneThroughMarkedAndPastedInto() {
        Locator grid = technician.page().getByRole(AriaRole.GRID, new Page.GetByRoleOptions().setName("boats"));
        grid.focus();
        technician.press("End");
        assertThat(grid.getByText("Yawl 9999")).isVisible();
        assertThat(grid.getByRole(AriaRole.ROW)).not().hasCount(0);
        technician.press("Home", "ArrowDown", "Enter");
        assertThat(technician.page().getByTestId("opened")).hasText("Coble 1");
        technician.press("Shift+ArrowDown");
        assertThat(grid.locator("[role=row][aria-selected=true]")).hasCount(2);
        technician.press("Escape");
        assertThat(grid.locator("[role=row][aria-selected=true]")).hasCount(0);
        technician.press("Home", "ArrowRight", "x");
        assertThat(value()).hasText("typed x");
        grid.evaluate(
                "grid => { const data = new DataTransfer(); data.setData('text/plain', 'a\\tb\\nc\\td');"
                        + " grid.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true })); }");
        assertThat(value()).hasText("pasted 2 into 0 at 1");
    }
}
