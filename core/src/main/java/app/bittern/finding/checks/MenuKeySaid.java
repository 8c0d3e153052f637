package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Prompt;
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
        Plan plan = examination.plan();
        return said(plan, menu);
    }

    private static Stream<Finding> said(Plan plan, Menu menu) {
        return menu.prompts().stream()
                .flatMap(ref -> plan.find(ref, Prompt.class).stream())
                .flatMap(prompt -> prompt.scripts().entrySet().stream()
                        .flatMap(script -> SpokenKeys.in(script.getValue(), script.getKey()).stream()
                                .filter(key -> !menu.keys().containsKey(key))
                                .map(key -> ABOUT.at(
                                        menu.ref(),
                                        Pointer.of("keys", key),
                                        Says.the(menu) + " says key " + key + " in " + script.getKey()
                                                + ", which it does not have."))));
    }
}
