package app.bittern.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/// Somebody who works with the mouse alone, or with the keyboard alone; what is typed are names, numbers and
/// rules. Presses are counted: of the mouse's button, and of keys that are not part of what is typed.
sealed interface Hand permits Hand.Mouse, Hand.Keyboard {
    /// Presses until now.
    int presses();

    /// Presses a button, a link or a choice.
    void press(Locator what);

    /// Types into a field, in place of what is in it.
    void type(Locator field, String text);

    /// Goes to a screen.
    void go(String screen);

    /// Opens the sheet of an object, by its title and its kind.
    void open(String title, String kind);

    /// Chooses in the finder that is open.
    void find(String text, String offered);

    /// Only buttons and links; a field is clicked before it is typed into.
    final class Mouse implements Hand {
        private final Page page;
        private int presses;

        Mouse(Page page) {
            this.page = page;
        }

        @Override
        public int presses() {
            return presses;
        }

        @Override
        public void press(Locator what) {
            what.click();
            presses++;
        }

        @Override
        public void type(Locator field, String text) {
            press(field);
            field.fill(text);
        }

        @Override
        public void go(String screen) {
            press(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Screens"))
                    .getByRole(
                            AriaRole.LINK,
                            new Locator.GetByRoleOptions()
                                    .setName(Pattern.compile("^" + screen + "(\\s*[0-9]+.*)?$"))));
        }

        @Override
        public void open(String title, String kind) {
            go("Overview");
            press(page.getByRole(
                    AriaRole.LINK,
                    new Page.GetByRoleOptions().setName(kind + "s").setExact(true)));
            press(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(title))
                    .first());
        }

        @Override
        public void find(String text, String offered) {
            page.getByPlaceholder("Number or name").fill(text);
            press(page.getByRole(AriaRole.OPTION)
                    .filter(new Locator.FilterOptions().setHasText(offered))
                    .first());
        }
    }

    /// Tab, Enter, arrows and shortcuts.
    final class Keyboard implements Hand {
        private static final int MOST_TABS = 120;
        private final Page page;
        private int presses;

        Keyboard(Page page) {
            this.page = page;
        }

        @Override
        public int presses() {
            return presses;
        }

        private void key(String key) {
            page.keyboard().press(key);
            presses++;
        }

        private void tabTo(Locator wanted) {
            assertThat(wanted).isVisible();
            for (int tabs = 0; tabs < MOST_TABS; tabs++) {
                if ((Boolean) wanted.evaluate("one => one === document.activeElement")) {
                    return;
                }
                key("Tab");
            }
            throw new AssertionError("Tab does not come to " + wanted);
        }

        @Override
        public void press(Locator what) {
            tabTo(what);
            key("Enter");
        }

        @Override
        public void type(Locator field, String text) {
            tabTo(field);
            key("Control+a");
            page.keyboard().insertText(text);
        }

        @Override
        public void go(String screen) {
            key("Control+k");
            assertThat(page.getByPlaceholder("A number, a name, a finding, a command"))
                    .isFocused();
            page.keyboard().insertText(screen);
            assertThat(page.locator("[role=option][aria-selected=true]")).containsText(screen);
            key("Enter");
        }

        @Override
        public void open(String title, String kind) {
            key("Control+k");
            assertThat(page.getByPlaceholder("A number, a name, a finding, a command"))
                    .isFocused();
            page.keyboard().insertText(title);
            Locator chosen = page.locator("[role=option][aria-selected=true]");
            assertThat(page.getByRole(AriaRole.OPTION)
                            .filter(new Locator.FilterOptions().setHasText(kind))
                            .first())
                    .isVisible();
            for (int steps = 0; steps < 20 && !chosen.innerText().contains(kind); steps++) {
                key("ArrowDown");
            }
            assertThat(chosen).containsText(kind);
            key("Enter");
        }

        @Override
        public void find(String text, String offered) {
            assertThat(page.getByPlaceholder("Number or name")).isFocused();
            page.keyboard().insertText(text);
            assertThat(page.locator("[role=option][aria-selected=true]")).containsText(offered);
            key("Enter");
        }
    }
}
