package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Destination;
import app.bittern.plan.Menu;
import app.bittern.plan.Pointer;
import java.util.Optional;
import java.util.stream.Stream;

/// A menu that begins again when a caller presses no valid key.
final class MenuGiveUp extends PerObject<Menu> {
    private static final About ABOUT = new About(
            "menu-give-up",
            "Menu without giving up",
            Severity.WARNING,
            "A menu that begins again when a caller presses no valid key.",
            "A caller who cannot press keys never gets out. Let it give up to a person or a mailbox.");

    MenuGiveUp() {
        super(ABOUT, Menu.class);
    }

    @Override
    Stream<Finding> look(Menu menu, Examination examination) {
        return again(menu);
    }

    private static Stream<Finding> again(Menu menu) {
        boolean again = menu.giveUp()
                .filter(to -> to instanceof Destination.Repeat || to.target().equals(Optional.of(menu.ref())))
                .isPresent();
        return again
                ? Stream.of(ABOUT.at(
                        menu.ref(), Pointer.of("giveUp"), Says.the(menu) + " begins again where it should give up."))
                : Stream.empty();
    }
}
