package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Menu;
import app.bittern.plan.Pointer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
        Map<List<String>, List<String>> languages = new LinkedHashMap<>();
        for (KeysSaid said : KeysSaid.of(examination.plan(), menu)) {
            List<String> unsaid = menu.keys().keySet().stream()
                    .filter(key -> !said.keys().contains(key))
                    .toList();
            if (!unsaid.isEmpty()) {
                languages.computeIfAbsent(unsaid, keys -> new ArrayList<>()).add(said.language());
            }
        }
        return languages.entrySet().stream()
                .map(one -> ABOUT.at(
                                menu.ref(),
                                Pointer.of("keys", one.getKey().getFirst()),
                                Says.the(menu) + " has " + (one.getKey().size() == 1 ? "key " : "keys ")
                                        + Says.some(one.getKey()) + ", which its words in "
                                        + Says.some(one.getValue()) + " do not say.")
                        .of(Stream.concat(one.getValue().stream(), one.getKey().stream())
                                .toArray())
                        .together("have keys that their words do not say"));
    }
}
