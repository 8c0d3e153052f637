package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Menu;
import app.bittern.plan.Pointer;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/// A menu says a key that it does not have.
final class MenuKeySaid extends PerObject<Menu> {
    private static final About ABOUT = new About(
            "menu-key-said",
            "Key said and not set",
            Severity.WARNING,
            "A menu says a key that it does not have, or says of a key what the label of another says.",
            "Callers press it and are told that it is not in use. Set the key, or change the words.");

    private static final int SHORTEST = 4;
    private static final int STEM = 5;

    MenuKeySaid() {
        super(ABOUT, Menu.class);
    }

    @Override
    Stream<Finding> look(Menu menu, Examination examination) {
        return Stream.concat(unset(menu, examination), swapped(menu, examination));
    }

    /// Keys of which the words say what the label of another says, and nothing of their own.
    private static Stream<Finding> swapped(Menu menu, Examination examination) {
        return KeysSaid.of(examination.plan(), menu).stream()
                .flatMap(said -> menu.keys().keySet().stream()
                        .flatMap(key -> Optional.ofNullable(said.about().get(key))
                                .filter(words -> !says(words, menu, key))
                                .flatMap(words -> menu.keys().keySet().stream()
                                        .filter(other -> !other.equals(key) && says(words, menu, other))
                                        .findFirst()
                                        .map(other -> ABOUT.at(
                                                        menu.ref(),
                                                        Pointer.of("keys", key),
                                                        Says.the(menu) + " says key " + key + " in " + said.language()
                                                                + " for what key " + other + " is ("
                                                                + label(menu, other) + "); key " + key + " is "
                                                                + label(menu, key) + ".")
                                                .of(key, other, said.language())))
                                .stream()));
    }

    private static String label(Menu menu, String key) {
        return Optional.ofNullable(menu.keys().get(key))
                .flatMap(Menu.OnKey::label)
                .orElse("");
    }

    /// Whether words have one of a key's label, by how it begins; true where it has no label with a word of four
    /// letters.
    private static boolean says(String words, Menu menu, String key) {
        List<String> labels = Stream.of(
                        label(menu, key).toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                .filter(word -> word.length() >= SHORTEST)
                .map(word -> word.substring(0, Math.min(word.length(), STEM)))
                .toList();
        return labels.isEmpty()
                || Stream.of(words.split(" ", -1))
                        .anyMatch(word -> labels.stream().anyMatch(word::startsWith));
    }

    private static Stream<Finding> unset(Menu menu, Examination examination) {
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
