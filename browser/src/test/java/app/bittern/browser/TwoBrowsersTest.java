package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// Two people on one plan, each in a browser of their own: each sees what the other does, and neither loses
/// anything.
class TwoBrowsersTest {
    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician kari = new Technician(CHROMIUM, APPLICATION);

    @RegisterExtension
    final Technician jonas = new Technician(CHROMIUM, APPLICATION);

    @BeforeEach
    void begin() {
        APPLICATION.asTheDemoPlanIs();
        for (Technician one : new Technician[] {kari, jonas}) {
            one.signIn().openOutline("-,-,-");
            assertThat(one.strip()).containsText("message in Reception after 1:18");
        }
    }

    /// Types a ring time into the row of the ring group, with the token that shows the one so far.
    private static Locator ringFor(Technician who, String shown, String typed) {
        who.row("Reception.* rings " + shown)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(shown + ": change"))
                .first()
                .click();
        Locator field = who.page().getByLabel("How long the members ring");
        field.fill(typed);
        field.press("Enter");
        return field;
    }

    @Test
    void eachSeesTheOthersChangesAsTheyAreMadeAndTakesBackOnlyItsOwn() {
        ringFor(kari, "21 s", "32s");
        assertThat(kari.strip()).containsText("after 1:29");
        assertThat(jonas.strip()).containsText("after 1:29");
        assertThat(jonas.page().getByRole(AriaRole.STATUS).last()).containsText("Reception, rings for");
        assertThat(jonas.undo()).isDisabled();
        kari.undo().click();
        assertThat(jonas.strip()).containsText("after 1:18");
        jonas.open("/s/saltreach/draft/groups");
        assertThat(jonas.page().getByText("Freight office").first()).isVisible();
        ringFor(kari, "21 s", "32s");
        assertThat(jonas.page()
                        .getByRole(
                                AriaRole.REGION,
                                new Page.GetByRoleOptions().setName("Reception").setExact(true)))
                .containsText(RunningApplication.NAME);
    }

    /// Hours that one changes are those that the other sees, and what one has half typed stays.
    @Test
    void hoursAndPeopleAreTheSameForBoth() {
        String hours = "/s/saltreach/draft/hours?at=2026-11-24T10:15";
        kari.open(hours);
        jonas.open(hours);
        Locator half = jonas.page().getByLabel("New rule");
        half.fill("closed on 24 Dec fr");
        Locator rule = kari.page().getByLabel("New rule");
        rule.fill("closed on 24 Dec from 13:00");
        rule.press("Enter");
        for (Technician one : new Technician[] {kari, jonas}) {
            assertThat(one.button("Remove rule 4")).isVisible();
            assertThat(one.page().getByRole(AriaRole.TABLE)).containsText("on 24 Dec from 13:00");
        }
        assertThat(half).hasValue("closed on 24 Dec fr");

        String people = "/s/saltreach/draft/people?at=2026-11-24T10:15&find=ingrid";
        kari.open(people);
        jonas.open(people);
        Locator reception = kari.page().getByRole(AriaRole.GRIDCELL).nth(3);
        Locator seen = jonas.page().getByRole(AriaRole.GRIDCELL).nth(3);
        assertThat(seen).not().hasText("");
        kari.page().getByRole(AriaRole.GRID).focus();
        kari.press("ArrowRight", "ArrowRight", "ArrowRight", "Space");
        assertThat(reception).hasText("");
        assertThat(seen).hasText("");
    }

    /// What the other does while one is typing is a clash, which both values are said of.
    @Test
    void theSameFieldSaysBothValuesAndKeepsWhatWasTyped() {
        jonas.row("Reception.* rings 21 s")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("21 s: change"))
                .first()
                .click();
        Locator field = jonas.page().getByLabel("How long the members ring");
        field.fill("45s");
        // Jonas hears nothing of it: as if the notice were still on its way.
        jonas.page().route("**/api/sites/saltreach/draft", route -> route.abort());
        ringFor(kari, "21 s", "32s");
        assertThat(kari.strip()).containsText("after 1:29");
        jonas.button("Keep").click();
        assertThat(jonas.page().getByRole(AriaRole.ALERT).first())
                .containsText("has made it 32 s (11 rings) meanwhile");
        assertThat(field).hasValue("45s");
        jonas.page().unroute("**/api/sites/saltreach/draft");
        jonas.page().getByText("Keep yours: 45 s").click();
        assertThat(jonas.strip()).containsText("after 1:42");
        assertThat(kari.strip()).containsText("after 1:42");
    }

    /// What is being typed in a dialog stays when the object that it is about comes anew.
    @Test
    void aNewKeyThatIsBeingTypedStaysWhenTheOtherChangesTheObject() {
        jonas.open("/s/saltreach/draft/groups/ring-group/reception");
        jonas.button("Rename").last().click();
        Locator key = jonas.page().getByLabel("Key", new Page.GetByLabelOptions().setExact(true));
        key.fill("front");
        ringFor(kari, "21 s", "32s");
        assertThat(jonas.page().getByText("32 s (11 rings)").first()).isVisible();
        assertThat(key).hasValue("front");
    }
}
