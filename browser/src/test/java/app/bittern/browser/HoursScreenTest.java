package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// Hours are changed where they are seen: an edge of the week moved, a rule typed, holidays ticked, a switch turned.
class HoursScreenTest {
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
        technician.signIn();
        technician.open("/s/saltreach/draft/hours?at=2026-11-24T10:15");
        assertThat(rule("Mon–Sat 07:30–19:00, Sun 10:00–16:30")).isVisible();
    }

    private Locator rule(String words) {
        return page.getByRole(AriaRole.TABLE).getByText(words);
    }

    private Locator edge(String time) {
        return technician.handle("Terminal hours, Tue 24 Nov, " + time);
    }

    @Test
    void anEdgeIsMovedByTheKeyboardOnAllDaysAndOnOneAlone() {
        // Tab comes to one edge of the row, and the arrows go on from there.
        technician.handle("Terminal hours, Mon 23 Nov, 07:30").focus();
        technician.press("ArrowDown", "ArrowDown");
        assertThat(edge("07:30")).isFocused();
        technician.press("ArrowRight");
        assertThat(page.getByText("open Mon–Sat 07:45–19:00, Sun 10:00–16:30").last())
                .isVisible();
        // Who notices is said before it is kept.
        assertThat(page.getByText("Main line", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
        technician.press("Enter");
        assertThat(rule("Mon–Sat 07:45–19:00, Sun 10:00–16:30")).isVisible();
        assertThat(edge("07:45")).isFocused();
        technician.press("ArrowDown");
        assertThat(edge("19:00")).isFocused();
        technician.type("2030");
        technician.press("Enter");
        assertThat(rule("Mon–Sat 07:45–20:30, Sun 10:00–16:30")).isVisible();
        edge("20:30").focus();
        technician.press("Shift+ArrowLeft", "Enter");
        assertThat(rule("Mon, Wed–Sat 07:45–20:30, Tue 07:45–20:15, Sun 10:00–16:30"))
                .isVisible();
        technician.undo().click();
        assertThat(rule("Mon–Sat 07:45–20:30, Sun 10:00–16:30")).isVisible();
    }

    @Test
    void anEdgeIsMovedByTheMouse() {
        BoundingBox box = edge("07:30").boundingBox();
        double quarter = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Terminal hours"))
                        .boundingBox()
                        .width
                / (7 * 24 * 4);
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x - 3 * quarter, y);
        page.mouse().move(x - 6 * quarter, y);
        page.mouse().up();
        assertThat(rule("Mon–Sat 06:00–19:00, Sun 10:00–16:30")).isVisible();
    }

    @Test
    void aRuleIsTypedReadBackAndKeptAndAnotherChanged() {
        Locator fresh = page.getByLabel("New rule");
        fresh.fill("closed on a whim");
        assertThat(page.getByText("'a' is not understood here.")).isVisible();
        fresh.fill("closed on last Fri in Jun from 3pm");
        assertThat(page.getByText("as rule 1")).isVisible();
        technician.press("Enter");
        assertThat(rule("on last Fri in Jun from 15:00")).isVisible();
        assertThat(page.getByText("with closed on last Fri in Jun from 15:00").first())
                .isVisible();
        // The words stand in the line where they were typed too: the rule is there once a fifth is.
        assertThat(technician.button("Remove rule 4")).isVisible();
        rule("Mon–Sat 07:30–19:00, Sun 10:00–16:30").click();
        page.getByLabel("Rule 4", new Page.GetByLabelOptions().setExact(true)).fill("open Mon-Fri 8.30-5");
        technician.press("Enter");
        assertThat(rule("Mon–Fri 08:30–17:00")).isVisible();
        technician.button("Remove rule 1").click();
        assertThat(rule("on last Fri in Jun from 15:00")).hasCount(0);
    }

    @Test
    void holidaysAreTickedAndACalendarFileIsLookedIntoBeforeItIsKept() {
        technician.button("Public holidays…").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("Country", new Locator.GetByLabelOptions().setExact(true))
                .selectOption("NO");
        dialog.getByText("Constitution Day").waitFor();
        technician.button("none").click();
        dialog.getByText("Constitution Day").click();
        technician.button("Add 1 entry").click();
        assertThat(rule("on 25 Dec, 26 Dec, 1 Jan, 17 May")).isVisible();

        technician.button("From a calendar file…").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Calendar file"))
                .fill("""
                        BEGIN:VCALENDAR
                        BEGIN:VEVENT
                        SUMMARY:Regatta
                        DTSTART;VALUE=DATE:20270612
                        END:VEVENT
                        BEGIN:VTODO
                        END:VTODO
                        END:VCALENDAR
                        """);
        technician.button("Look into it").click();
        assertThat(page.getByText("only events (VEVENT) say days")).isVisible();
        technician.button("Add 1 entry").click();
        assertThat(rule("on 25 Dec, 26 Dec, 1 Jan, 17 May, 12 Jun 2027")).isVisible();
    }

    @Test
    void aSwitchSaysWhatEachPositionDoesAndIsTurned() {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Timetable switch"))
                .click();
        assertThat(page.getByText("announcement Reduced timetable")).isVisible();
        technician.button("turn it here").click();
        assertThat(page.getByText("put there by " + RunningApplication.NAME)).isVisible();
        technician.open("/s/saltreach/draft/hours?at=2026-11-24T10:15&of=switch/timetable");
        assertThat(page.getByText("put there by " + RunningApplication.NAME)).isVisible();
    }

    @Test
    void aDayOfTheYearIsPutOnTheBench() {
        page.getByLabel("Fri 25 Dec: holiday").click();
        assertThat(page.getByText("On Fri 25 Dec 2026 10:15").first()).isVisible();
        assertThat(page.getByText("by “holiday on 25 Dec, 26 Dec, 1 Jan”")).isVisible();
    }
}
