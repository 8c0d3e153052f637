package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// Numbers pasted as people have them, the order of their routes, their numbering plan, and what matched nothing.
class NumbersScreenTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    private final Page page = technician.page();

    @BeforeEach
    void signIn() {
        APPLICATION.asTheDemoPlanIs();
        technician.signIn();
    }

    private Locator row(String text) {
        return page.getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText(text))
                .first();
    }

    @Test
    void numbersArePastedInAnySpellingWithOneDestinationForAll() {
        technician.open("/s/saltreach/draft/numbers?at=2026-11-24T10:15");
        assertThat(row("Main line")).isVisible();
        technician.button("Paste numbers…").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Numbers"))
                .fill("Weighbridge: 01632 960171\n+44 (0)nothing\n01632 960180-181 Cabins");
        Locator dialog = page.getByRole(AriaRole.DIALOG).first();
        assertThat(dialog).containsText("arrives as +441632960171");
        assertThat(dialog).containsText("line 2: there is no number in it");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("All go to"))
                .click();
        page.getByPlaceholder("Number or name").fill("Reception");
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("ring group"))
                .first()
                .click();
        technician.button("Make 3 inbound numbers and routes").click();
        assertThat(row("Weighbridge")).containsText("message in Reception after 0:21");
        assertThat(row("Cabins 181")).containsText("message in Reception after 0:21");
    }

    @Test
    void theOrderSaysWhyARouteNeverTakesACallAndSwitchesItOffInPlace() {
        technician.open("/s/saltreach/draft/numbers?at=2026-11-24T10:15&view=order");
        assertThat(row("Nuisance callers")).containsText("before all");
        assertThat(row("Anything else")).containsText("never: Nuisance callers, Account hauliers, Main line");
        assertThat(row("Account hauliers")).containsText("2 of the directory");
        assertThat(row("takes the call on the bench")).containsText("Main line");
        page.getByLabel("Main line: switch off").click();
        assertThat(row("Main line")).containsText("off: it takes nothing");
        assertThat(row("takes the call on the bench")).containsText("Anything else");
        page.getByLabel("Main line: switch on").click();
        assertThat(row("takes the call on the bench")).containsText("Main line");
        page.getByLabel("For calls to").selectOption("all");
        assertThat(row("Port control")).isVisible();
    }

    @Test
    void theNumberingPlanShowsWhatIsUsedAndLeadsThere() {
        technician.open("/s/saltreach/draft/numbers?view=plan");
        assertThat(page.getByText("9 of 100 used, 9%")).isVisible();
        page.getByLabel("2014 Lost property").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Lost property 2014")))
                .isVisible();
    }

    @Test
    void whatArrivedAndMatchedNothingIsAStepFromARoute() {
        APPLICATION
                .signedIn()
                .post(
                        "/api/sites/saltreach/draft/edits",
                        "{\"wishes\":[{\"set\":{\"object\":\"route/any\",\"field\":\"/enabled\",\"value\":false}}]}");
        technician.open("/s/saltreach/draft/numbers?view=arrived");
        page.getByLabel("Numbers that arrived").fill("+441632960110 3\n+441632960100\n+441632960111");
        technician.button("Look for routes").click();
        assertThat(page.getByText("2 matched nothing, 1 is taken by a route.")).isVisible();
        row("+441632960111").getByText("it is one of ours").click();
        assertThat(page.getByText("Ours, and nothing to do")).isVisible();
        row("+441632960110").getByText("Give it a route").click();
        page.locator("#new-name").fill("Harbour office");
        assertThat(page.locator("#new-called")).hasValue("+441632960110");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Leads to: choose"))
                .click();
        page.getByPlaceholder("Number or name").fill("Reception");
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("ring group"))
                .first()
                .click();
        technician.button("Make it").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Harbour office")))
                .isVisible();
        technician.open("/s/saltreach/draft/numbers?view=arrived");
        assertThat(page.getByText("look at it again")).isVisible();
        assertThat(row("+441632960110")).hasCount(0);
    }
}
