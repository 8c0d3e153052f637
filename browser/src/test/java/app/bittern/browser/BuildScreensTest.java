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

/// Groups and queues are changed where they are drawn; mailboxes and the overview lead to what they are about.
class BuildScreensTest {
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

    @Test
    void aPhoneOfAGroupIsDelayedAndTheGroupRingsLongerByTheKeyboard() {
        technician.open("/s/saltreach/draft/groups?at=2026-11-24T10:15");
        technician.handle("Tom Arrowby 2002 in Reception, rings after").focus();
        technician.press("ArrowRight", "ArrowRight", "ArrowRight");
        assertThat(page.getByText("If you keep it there")).isVisible();
        technician.press("Enter");
        assertThat(technician.region("Reception")).containsText("after 3 s");
        technician.handle("Reception, rings for").focus();
        technician.type("32");
        technician.press("Enter");
        assertThat(technician.region("Reception")).containsText("after 32 s (11 rings)");
        technician.button("follow it").click();
        assertThat(page.getByText("do not follow it")).isVisible();
    }

    @Test
    void aHuntGroupRingsLongerByTheMouse() {
        technician.open("/s/saltreach/draft/groups?at=2026-11-24T10:15&find=port");
        assertThat(technician.region("Port control")).containsText("after 1 min 12 s");
        BoundingBox box = technician.handle("Port control, each rings for").boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x - 20, box.y + 5);
        page.mouse().move(box.x - 60, box.y + 5);
        page.mouse().up();
        assertThat(technician.region("Port control")).not().containsText("after 1 min 12 s");
    }

    @Test
    void theScoreOfAQueueIsMovedAndSaysWhatFallsTogether() {
        technician.open("/s/saltreach/draft/queues?at=2026-11-24T10:15");
        Locator score = technician.region("The wait, drawn to scale");
        assertThat(score).containsText("two at once");
        assertThat(score).containsText("be called back, within 2 h");
        // What would be said at once is shown before it is kept.
        String met = "sailings-with-room and todays-sailings";
        technician.handle("sailings-with-room, first said after").focus();
        technician.type("80");
        assertThat(score).containsText(met);
        technician.press("Escape");
        assertThat(score).not().containsText(met);
        technician.type("30");
        assertThat(page.getByText("If you keep it there")).isVisible();
        technician.press("Enter");
        assertThat(technician.handle("sailings-with-room, first said after")).hasAttribute("aria-valuetext", "30 s");
        assertThat(page.getByText("If you keep it there")).isHidden();
        assertThat(technician.region("How many agents")).containsText("reach the target");
        assertThat(technician.region("Agents")).containsText("its callers come first");
        technician.button("Say it to everyone").click();
        assertThat(page.getByText("Stop saying it")).isVisible();
        technician.button("Codes as a card").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("*342");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("log out");
    }

    @Test
    void mailboxesSayWhoEndsInThemAndWhichNobodyReaches() {
        technician.open("/s/saltreach/draft/voicemail?at=2026-11-24T10:15");
        Locator bookings = page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Bookings 2701"));
        assertThat(bookings).containsText("Main line");
        assertThat(bookings).containsText("closed:");
        assertThat(page.getByText("the call on the bench ends here")).isVisible();
        page.getByLabel("Which").selectOption("unreached");
        assertThat(page.getByText("Some call comes to each mailbox.")).isVisible();
    }

    @Test
    void theOverviewShowsWhereCallsComeToRestAndLeadsOn() {
        technician.open("/s/saltreach/draft");
        Locator rest = technician.region("What calls do");
        assertThat(rest).containsText("holiday");
        assertThat(rest.getByRole(AriaRole.ROW).nth(1)).containsText("message in Bookings");
        assertThat(page.getByText("What calls still lack")).isVisible();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Next")))
                .containsText("1");
        // A cell puts its call on the bench.
        rest.getByRole(AriaRole.ROW)
                .nth(1)
                .getByText("message in Bookings")
                .first()
                .click();
        assertThat(technician.strip()).containsText("message in Bookings");
    }
}
