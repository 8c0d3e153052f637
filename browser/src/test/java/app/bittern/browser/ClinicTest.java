package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.bittern.server.testing.RunningApplication;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.RegisterExtension;

/// From an empty site to the ways of a clinic's calls: a trunk and a number, eight people, hours with holidays,
/// a switch for the night with its branch, a menu in two languages, a mailbox, a ring group, and a queue with
/// three things said while waiting and a key out; with the mouse alone and with the keyboard alone.
class ClinicTest {
    private static final String PEOPLE =
            "2001\tAda Holm\n2002\tBo Lind\n2003\tCai Moss\n2004\tDua Noor\n2005\tEli Orr\n2006\tFay Pike\n2007\tGus Reed\n2008\tHal Stone";

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.empty();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @RegisterExtension
    final Technician technician = new Technician(CHROMIUM, APPLICATION);

    private final Page page = technician.page();

    private Locator button(String name) {
        return technician.button(name);
    }

    private Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private void made() {
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    private int clinic(String name, Function<Page, Hand> with) {
        page.navigate(APPLICATION.address());
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(RunningApplication.NAME);
        page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true)).fill(RunningApplication.PASSWORD);
        technician.press("Enter");
        Hand hand = with.apply(page);
        hand.type(page.locator("#site-name"), name);
        hand.type(page.locator("#site-country"), "GB");
        hand.type(page.locator("#site-zone"), "Europe/London");
        hand.type(page.locator("#site-language"), "en-GB, nb-NO");
        hand.press(button("Make an empty site"));

        // What is to be done next stands on the overview, and is done there.
        hand.press(button("Make a trunk"));
        hand.type(page.locator("#new-name"), "Clinic line");
        hand.type(page.locator("#new-channels"), "8");
        hand.press(button("Delivers: choose"));
        hand.find("whole", "the whole number");
        hand.press(button("Make it"));
        made();

        hand.go("Numbers");
        hand.press(button("Paste them as you have them"));
        hand.type(
                page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Numbers")),
                "01632 960700 Clinic");
        hand.press(button("Make 1 inbound number"));
        made();

        hand.go("People");
        hand.press(button("Paste them from a spreadsheet"));
        hand.type(field("Lines of a spreadsheet"), PEOPLE);
        hand.press(button("Make 8 extensions"));
        made();

        hand.go("Voicemail");
        hand.press(button("Make the first mailbox"));
        hand.type(page.locator("#new-name"), "Messages");
        hand.press(button("Make it"));
        made();

        hours(hand);
        groupAndQueue(hand);
        prompts(hand);
        whileWaiting(hand);
        menu(hand);
        night(hand);
        return hand.presses();
    }

    private Locator token(String label) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + label)))
                .first();
    }

    private void settled() {
        assertThat(page.locator("[data-popover-content]")).hasCount(0);
    }

    private Locator inPopover(String button) {
        return page.locator("[data-popover-content]")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(button).setExact(true));
    }

    /// Makes the first of a kind, from what the plan has on the overview.
    ///
    /// @param asks what else is asked for, and `chosen` for it
    private void first(Hand hand, String several, String kind, String name, String asks, String chosen) {
        hand.go("Overview");
        hand.press(page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(several).setExact(true)));
        hand.press(button("Make the first " + kind));
        hand.type(page.locator("#new-name"), name);
        hand.press(button(asks + ": choose"));
        hand.find(chosen, chosen);
        hand.press(button("Make it"));
        made();
    }

    /// What is said, in the languages in which it is.
    private void prompt(Hand hand, String make, String name, Map<String, String> words) {
        hand.go("Prompts");
        hand.press(button(make));
        hand.type(page.locator("#new-name"), name);
        hand.press(button("Make it"));
        made();
        words.forEach((language, said) -> {
            hand.press(token("Language " + language));
            hand.type(page.locator("#value"), said);
            hand.press(inPopover("Keep"));
            settled();
            assertThat(token("Language " + language)).containsText(said);
        });
    }

    private void prompts(Hand hand) {
        prompt(
                hand,
                "Make the first prompt",
                "Welcome",
                Map.of("en-GB", "Press 1 for appointments", "nb-NO", "Trykk 1 for timer"));
        for (String name : List.of("Please hold", "Nearly there", "Leave word")) {
            prompt(hand, "New prompt", name, Map.of("en-GB", name + ", please"));
        }
    }

    /// Three things said while waiting, the last of them with a key out.
    private void whileWaiting(Hand hand) {
        hand.open("Appointments", "queue");
        List<String> said = List.of("Please hold", "Nearly there", "Leave word");
        for (int place = 0; place < said.size(); place++) {
            hand.press(token("Meanwhile: add"));
            hand.type(page.locator("[id='field--meanwhile-" + place + "-at']"), 20 * (place + 1) + "s");
            hand.press(inPopover("Says: choose"));
            hand.find(said.get(place), said.get(place));
            hand.press(inPopover("Keep"));
            settled();
            assertThat(token("Meanwhile " + (place + 1) + " at")).isVisible();
        }
        hand.press(token("Meanwhile 3: more fields"));
        hand.press(token("Meanwhile 3 keys: add"));
        hand.type(field("Name of the entry"), "1");
        hand.press(inPopover("Go on"));
        hand.press(inPopover("Leads to: choose"));
        hand.find("Messages", "Messages");
        hand.press(inPopover("Keep").last());
        assertThat(page.getByText("mailbox Messages").first()).isVisible();
    }

    /// A menu that speaks two languages.
    private void menu(Hand hand) {
        first(hand, "menus", "menu", "Front menu", "Giving up", "Messages");
        hand.press(token("Says: add"));
        hand.find("Welcome", "Welcome");
        settled();
        Map<String, String> keys = new LinkedHashMap<>();
        keys.put("1", "Appointments");
        keys.put("2", "Front desk");
        keys.put("8", "Front menu");
        keys.forEach((key, to) -> {
            hand.press(token("Keys: add"));
            hand.press(inPopover(key));
            hand.press(inPopover("Leads to: choose"));
            hand.find(to, to);
            if (key.equals("8")) {
                hand.press(inPopover("Language: choose"));
                hand.find("Norwegian", "Norwegian");
            }
            hand.press(inPopover("Keep"));
            settled();
        });
    }

    /// At night, by the switch, calls go to the mailbox.
    private void night(Hand hand) {
        first(hand, "branches", "branch", "Night?", "By", "Night service");
        for (List<String> one : List.of(List.of("day", "Front menu"), List.of("night", "Messages"))) {
            hand.press(token("Cases: add"));
            hand.press(inPopover(one.getFirst()));
            hand.find(one.getLast(), one.getLast());
            settled();
        }
        hand.open("Clinic", "route");
        hand.press(token("Leads to: "));
        hand.find("Night?", "Night?");
        settled();
    }

    private void hours(Hand hand) {
        hand.go("Hours");
        hand.press(button("Make the first hours"));
        hand.type(page.locator("#new-name"), "Surgery hours");
        hand.press(button("Make it"));
        made();
        hand.type(page.getByLabel("New rule"), "open Mon-Fri 8.30-12 and 1-5.30");
        assertThat(page.getByText("as rule 1")).isVisible();
        technician.press("Enter");
        assertThat(page.getByRole(AriaRole.TABLE).getByText("Mon–Fri 08:30–12:00, Mon–Fri 13:00–17:30"))
                .isVisible();
        hand.press(button("Remove rule 2"));
        hand.press(button("Public holidays…"));
        Locator add = page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("entries"));
        hand.press(add);
        made();
        assertThat(page.getByRole(AriaRole.TABLE).getByText("25 Dec").first()).isVisible();
        hand.press(button("New switch"));
        hand.type(page.locator("#new-name"), "Night service");
        hand.press(button("Make it"));
        made();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Night service")))
                .isVisible();
    }

    private void groupAndQueue(Hand hand) {
        hand.go("Groups");
        hand.press(button("Make the first ring group"));
        hand.type(page.locator("#new-name"), "Front desk");
        hand.press(button("Extension: choose"));
        hand.find("2001", "2001");
        hand.press(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("No answer: choose")));
        hand.find("Messages", "Messages");
        hand.press(button("Make it"));
        made();

        hand.go("Queues");
        hand.press(button("Make the first queue"));
        hand.type(page.locator("#new-name"), "Appointments");
        hand.press(button("Extension: choose"));
        hand.find("2003", "2003");
        hand.press(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Overflow: choose")));
        hand.find("Messages", "Messages");
        hand.press(button("Make it"));
        made();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The wait, drawn to scale")))
                .containsText("Cai Moss 2003");

        hand.go("Numbers");
        hand.press(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Routes in order")));
        hand.press(button("Make a route"));
        hand.type(page.locator("#new-name"), "Clinic");
        hand.type(page.locator("#new-called"), "+441632960700");
        hand.press(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Leads to: choose")));
        hand.find("Front desk", "ring group");
        hand.press(button("Make it"));
        made();
    }

    /// Both ways make the same plan, and its call is answered for.
    private void stands(String site) {
        String plan =
                APPLICATION.signedIn().get("/api/sites/" + site + "/draft/file").text();
        Assertions.assertThat(plan)
                .contains(
                        "languages: [en-GB, nb-NO]",
                        "2008",
                        "Mon-Fri 13:00-17:30",
                        "night: mailbox/messages",
                        "nb-NO: Trykk 1 for timer",
                        "overflow: mailbox/messages");
        String outline = "/s/" + site + "/draft/outline/%2B441632960700?at=2026-11-24T10:15";
        technician.open(outline + "&keys=2");
        assertThat(technician.strip()).containsText("message in Messages after");
        technician.open(outline + "&keys=8");
        assertThat(technician.strip()).containsText("nb-NO");
        technician.open(outline + "&turned=night-service%3Dnight");
        assertThat(technician.strip()).containsText("message in Messages at once");
    }

    @Test
    void byMouse() {
        int presses = clinic("Alder by mouse", Hand.Mouse::new);
        stands("alder-by-mouse");
        Assertions.assertThat(presses).isLessThanOrEqualTo(160);
    }

    /// In `./bittern verify --long`: it is a minute of keys, and a site from nothing by keys alone is gone through
    /// daily.
    @Test
    @EnabledIfSystemProperty(named = "bittern.all-plans", matches = "true")
    void byKeyboard() {
        int presses = clinic("Alder by keys", Hand.Keyboard::new);
        stands("alder-by-keys");
        Assertions.assertThat(presses).isLessThanOrEqualTo(900);
    }
}
