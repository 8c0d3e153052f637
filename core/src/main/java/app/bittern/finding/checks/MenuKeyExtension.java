package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Extension;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import java.util.List;
import java.util.stream.Stream;

/// A menu key with which extensions begin that can be dialled in the menu.
final class MenuKeyExtension extends PerObject<Menu> {
    private static final About ABOUT = new About(
            "menu-key-extension",
            "Key begins an extension",
            Severity.WARNING,
            "A menu key with which extensions begin that can be dialled in the menu.",
            "The key is taken at once, so these extensions cannot be dialled in full on a telephone. Choose another key, or do not let callers dial extensions.");

    MenuKeyExtension() {
        super(ABOUT, Menu.class);
    }

    @Override
    Stream<Finding> look(Menu menu, Examination examination) {
        Plan plan = examination.plan();
        return keys(plan, menu);
    }

    private static Stream<Finding> keys(Plan plan, Menu menu) {
        if (!menu.dialExtensions().possible()) {
            return Stream.empty();
        }
        return menu.keys().keySet().stream().flatMap(key -> {
            List<String> begun = plan.all(Extension.class)
                    .map(Extension::dialled)
                    .filter(menu.dialExtensions()::takes)
                    .filter(number -> number.length() > 1 && number.startsWith(key))
                    .toList();
            return begun.isEmpty()
                    ? Stream.empty()
                    : Stream.of(ABOUT.at(
                                    menu.ref(),
                                    Pointer.of("keys", key),
                                    "Key " + key + " of " + Says.the(menu) + " is where "
                                            + (begun.size() == 1
                                                    ? "extension " + begun.getFirst() + " begins"
                                                    : "extensions " + Says.some(begun) + " begin")
                                            + ", which callers may dial here.")
                            .of(key));
        });
    }
}
