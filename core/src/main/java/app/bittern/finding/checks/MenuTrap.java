package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Destination;
import app.bittern.plan.Menu;
import java.util.Optional;
import java.util.stream.Stream;

/// A menu that no key leaves.
final class MenuTrap extends PerObject<Menu> {
    private static final About ABOUT = new About(
            "menu-trap",
            "Menu that no key leaves",
            Severity.WARNING,
            "A menu that no key leaves.",
            "Callers can only wait until it gives up. Give a key that leads on.");

    MenuTrap() {
        super(ABOUT, Menu.class);
    }

    @Override
    Stream<Finding> look(Menu menu, Examination examination) {
        return trap(menu);
    }

    private static Stream<Finding> trap(Menu menu) {
        boolean leaves = menu.dialExtensions()
                || menu.keys().values().stream()
                        .flatMap(key -> key.to().stream())
                        .anyMatch(to -> !(to instanceof Destination.Repeat)
                                && !to.target().equals(Optional.of(menu.ref())));
        return leaves
                ? Stream.empty()
                : Stream.of(ABOUT.at(menu.ref(), Says.the(menu) + " has no key that leads out of it."));
    }
}
