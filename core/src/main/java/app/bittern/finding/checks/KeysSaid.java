package app.bittern.finding.checks;

import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Prompt;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/// The keys that a menu says in a language.
///
/// @param keys ascending
record KeysSaid(String language, Set<String> keys) {
    /// For each language of the site in which the words of all prompts of a menu are known.
    static List<KeysSaid> of(Plan plan, Menu menu) {
        return plan.site().languages().stream()
                .filter(SpokenKeys::known)
                .flatMap(language -> in(plan, menu, language).stream())
                .toList();
    }

    private static Optional<KeysSaid> in(Plan plan, Menu menu, String language) {
        List<Optional<String>> scripts = menu.prompts().stream()
                .map(ref -> plan.find(ref, Prompt.class)
                        .map(prompt -> prompt.scripts().getOrDefault(language, ""))
                        .filter(script -> !script.isBlank()))
                .toList();
        if (scripts.isEmpty() || scripts.stream().anyMatch(Optional::isEmpty)) {
            return Optional.empty();
        }
        Set<String> keys = new TreeSet<>();
        scripts.forEach(script -> keys.addAll(SpokenKeys.in(script.orElseThrow(), language)));
        return Optional.of(new KeysSaid(language, keys));
    }
}
