package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.time.Clock;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// Somebody is let in, may do what was given, and is seen to have done it.
class RightsScreenTest {
    private static final String PASSWORD = "lantern quay otter 7";
    private static final String RIGHTS = "/s/saltreach/draft/accounts";

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician manager = new Technician(CHROMIUM, APPLICATION);

    @RegisterExtension
    final Technician guest = new Technician(CHROMIUM, APPLICATION);

    private static Locator dialog(Technician who) {
        return who.page().getByRole(AriaRole.DIALOG);
    }

    /// The link of an invitation to look at the demo site.
    private String invited(String says) {
        manager.open(RIGHTS);
        manager.button("Invite somebody").click();
        dialog(manager).getByLabel("For whom").fill(says);
        dialog(manager).getByText("Make the link").click();
        String link = dialog(manager).getByLabel("The link").inputValue();
        dialog(manager).getByText("Done").click();
        return link;
    }

    private void join(String link, String name) {
        guest.page().navigate(link);
        assertThat(guest.page().getByText("technician invites you to look at Saltreach Ferries."))
                .isVisible();
        guest.page().getByLabel("Name").fill(name);
        guest.page().getByLabel("New password").fill(PASSWORD);
        guest.page().getByLabel("The same again").fill(PASSWORD);
        guest.button("Make the account").click();
        guest.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Saltreach Ferries"))
                .click();
        assertThat(guest.page().getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .isVisible();
    }

    @Test
    void whoIsLetInToLookCannotChangeUntilThatIsGivenToo() {
        manager.signIn();
        String link = invited("Ines, night desk");
        assertThat(manager.page().getByText("Ines, night desk")).isVisible();
        join(link, "Ines");
        assertThat(guest.page().getByText("You may look at this site and not change it."))
                .isVisible();
        assertThat(guest.undo()).hasCount(0);
        assertThat(guest.page().getByText("Accounts")).hasCount(0);
        guest.page().navigate(link);
        assertThat(guest.page().getByText("This invitation was used already")).isVisible();

        guest.open("/s/saltreach/draft/voicemail/mailbox/bookings");
        Locator mayLook = guest.page().getByText("You may look at this site and not change it.");
        assertThat(mayLook).isVisible();
        manager.open(RIGHTS);
        assertThat(manager.page().getByText("Ines, night desk")).hasCount(0);
        Locator change = manager.page().getByLabel("Ines: change");
        assertThat(change).hasText("no");
        change.focus();
        manager.press("Enter");
        assertThat(change).hasText("yes");
        assertThat(mayLook).hasCount(0);
        guest.button("Name: Bookings").click();
        guest.page().locator("#value").fill("Boats");
        guest.press("Enter");
        assertThat(guest.button("Name: Boats")).isVisible();

        manager.open(RIGHTS);
        Locator done = manager.page().getByLabel("What was done", new Page.GetByLabelOptions().setExact(true));
        assertThat(done.getByText("Ines may look, change")).isVisible();
        manager.page().getByLabel("By whom").selectOption("Ines");
        manager.page().getByLabel("Of which kind").selectOption("edit");
        assertThat(done.getByRole(AriaRole.LISTITEM)).hasCount(1);
        assertThat(done.getByRole(AriaRole.LISTITEM)).containsText("Boats");
        manager.page().getByLabel("Ines: look").click();
        assertThat(manager.page().getByLabel("Ines: look")).hasCount(0);
        guest.page().reload();
        assertThat(guest.page()
                        .getByText("There is no site 'saltreach' that you may look at.")
                        .first())
                .isVisible();
    }

    @Test
    void whatWasDoneIsTakenOut() throws IOException {
        manager.signIn().open(RIGHTS);
        Download download = manager.page()
                .waitForDownload(
                        () -> manager.page().getByText("Take it out as CSV").click());
        Assertions.assertThat(Files.readString(download.path()))
                .startsWith("at,kind,account,address,says\r\n")
                .contains("\"sign-in\",\"technician\"");
    }

    @Test
    void aMachineIsGivenATokenOnceAndItsEnd() {
        manager.signIn().open(RIGHTS);
        manager.button("A token for a machine").click();
        dialog(manager).getByLabel("Name, as the journal will say it").fill("exporter");
        dialog(manager).getByText("Make the token").click();
        Assertions.assertThat(dialog(manager).getByLabel("The token").inputValue())
                .startsWith("bittern_");
        dialog(manager).getByText("Done").click();
        assertThat(manager.page().getByText("exporter: look")).isVisible();
        manager.button("End the token of exporter").click();
        assertThat(manager.page().getByText("None: no program may ask by itself."))
                .isVisible();
    }

    @Test
    void theOnlyOneWhoManagesCannotBeTakenAwayAndASecondFactorComesFirst() {
        manager.signIn().open(RIGHTS);
        manager.button("Ask for a second factor").click();
        assertThat(manager.page().getByText("Switch on a second factor for your own account first"))
                .isVisible();
        manager.open("/account");
        manager.page().getByLabel("Your password").fill(RunningApplication.PASSWORD);
        manager.button("Begin to switch it on").click();
        manager.page().getByLabel("The code that it shows").fill("000000");
        manager.button("Switch it on").click();
        assertThat(manager.page().getByText("The code is not right")).isVisible();
        manager.page().getByLabel("Password until now").fill("not it");
        manager.page().getByLabel("New password").fill(PASSWORD);
        manager.page().getByLabel("The same again").fill(PASSWORD + "x");
        manager.button("Change the password").click();
        assertThat(manager.page().getByText("The two new passwords are not the same."))
                .isVisible();
        manager.page().getByLabel("The same again").fill(PASSWORD);
        manager.button("Change the password").click();
        assertThat(manager.page().getByText("That is not your password.")).isVisible();
    }

    @Test
    void aSecondFactorIsSwitchedOnAndAskedForAtTheNextSignIn() {
        manager.signIn();
        join(invited("Odd, day desk"), "Odd");
        guest.open("/account");
        guest.page().getByLabel("Your password").fill(PASSWORD);
        guest.button("Begin to switch it on").click();
        Phone phone = Phone.told(guest.page().locator("#secret").innerText());
        String used = phone.code(APPLICATION.bean(Clock.class).instant());
        guest.page().getByLabel("The code that it shows").fill(used);
        guest.button("Switch it on").click();
        Locator paper = guest.page().getByLabel("Codes on paper").getByRole(AriaRole.LISTITEM);
        assertThat(paper).hasCount(10);
        String first = paper.first().innerText();
        guest.button("I have them").click();
        assertThat(guest.page().getByText("10 codes on paper left.")).isVisible();

        guest.open("/s/saltreach/draft");
        Locator own = guest.page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Odd"));
        own.click();
        guest.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out"))
                .click();
        guest.page().getByLabel("Name").fill("Odd");
        guest.page().getByLabel("Password").fill(PASSWORD);
        guest.press("Enter");
        // Each is good once.
        guest.page().getByLabel("Code").fill(used);
        guest.press("Enter");
        assertThat(guest.page().getByRole(AriaRole.ALERT)).containsText("code");
        guest.page().getByLabel("Code").fill(first);
        guest.press("Enter");
        assertThat(own).isVisible();
        guest.open("/account");
        assertThat(guest.page().getByText("9 codes on paper left.")).isVisible();

        // Whoever else signs in on this page begins anew.
        guest.open("/s/saltreach/draft");
        own.click();
        guest.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out"))
                .click();
        guest.page().getByLabel("Name").fill(RunningApplication.NAME);
        guest.page().getByLabel("Password").fill(RunningApplication.PASSWORD);
        guest.press("Enter");
        assertThat(guest.page()).hasURL(APPLICATION.address() + "/");
        guest.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Saltreach Ferries"))
                .click();
        assertThat(guest.undo()).isVisible();
    }
}
