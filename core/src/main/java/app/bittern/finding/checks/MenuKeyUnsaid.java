package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Menu;
import app.bittern.plan.Pointer;
import java.util.List;
import java.util.stream.Stream;

/// A menu has a key that it does not say.
final class MenuKeyUnsaid extends PerObject<Menu> {
    private static final About ABOUT = new About(
            "menu-key-unsaid",
            "Key set and not said",
            Severity.HINT,
            "A menu has a key that its words do not say.",
            "Callers do not know of it. Say it, or take the key away; accept it where it is meant to be a secret.");

    MenuKeyUnsaid() {
        super(ABOUT, Menu.class);
    }

    @Override
    Stream<Finding> look(Menu menu, Examination examination) {
        return KeysSaid.of(examination.plan(), menu).stream().flatMap(said -> {
            List<String> unsaid = menu.keys().keySet().stream()
                    .filter(key -> !said.keys().contains(key))
                    .toList();
            return unsaid.isEmpty()
                    ? Stream.empty()
                    : Stream.of(ABOUT.at(
                                    menu.ref(),
                                    Pointer.of("keys", unsaid.getFirst()),
                                    Says.the(menu) + " has " + (unsaid.size() == 1 ? "key " : "keys ")
                                            + Says.some(unsaid) + ", which its words in " + said.language()
                                            + " do not say.")
                            .of(Stream.concat(Stream.of(said.language()), unsaid.stream())
                                    .toArray()));
        });
    }
}
