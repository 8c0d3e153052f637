package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Menu;
import app.bittern.plan.Pointer;
import java.util.stream.Stream;

/// A menu says a key that it does not have.
final class MenuKeySaid extends PerObject<Menu> {
    private static final About ABOUT = new About(
            "menu-key-said",
            "Key said and not set",
            Severity.WARNING,
            "A menu says a key that it does not have.",
            "Callers press it and are told that it is not in use. Set the key, or change the words.");

    MenuKeySaid() {
        super(ABOUT, Menu.class);
    }

    @Override
    Stream<Finding> look(Menu menu, Examination examination) {
        return KeysSaid.of(examination.plan(), menu).stream()
                .flatMap(said -> said.keys().stream()
                        .filter(key -> !menu.keys().containsKey(key) && !begins(examination, menu, key))
                        .map(key -> ABOUT.at(
                                        menu.ref(),
                                        Pointer.of("keys", key),
                                        Says.the(menu) + " says key " + key + " in " + said.language()
                                                + ", which it does not have.")
                                .of(key, said.language())));
    }

    /// Whether an extension that can be dialled in the menu is meant.
    private static boolean begins(Examination examination, Menu menu, String key) {
        return menu.dialExtensions().takes(key)
                && examination.plan().dialledNumbers().sorted().contains(key);
    }
}
