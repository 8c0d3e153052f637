package app.bittern.finding.checks;

import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Prompt;
import app.bittern.plan.Spoken;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/// The keys that a menu says in a language.
///
/// @param keys  ascending
/// @param about the words about each
record KeysSaid(String language, Set<String> keys, Map<String, String> about) {
    /// For each language of the site in which the words of all prompts of a menu are known.
    static List<KeysSaid> of(Plan plan, Menu menu) {
        return plan.site().languages().stream()
                .filter(SpokenKeys::known)
                .flatMap(language -> in(plan, menu, language).stream())
                .toList();
    }

    private static Optional<KeysSaid> in(Plan plan, Menu menu, String language) {
        Map<String, String> about = new LinkedHashMap<>();
        for (Spoken one : menu.prompts()) {
            String spoken = one.in(language);
            Optional<String> script = plan.find(one.prompt(), Prompt.class)
                    .map(prompt -> prompt.scripts().getOrDefault(spoken, ""))
                    .filter(words -> !words.isBlank() && SpokenKeys.known(spoken));
            if (script.isEmpty()) {
                return Optional.empty();
            }
            SpokenKeys.said(script.get(), spoken).forEach(about::putIfAbsent);
        }
        return menu.prompts().isEmpty()
                ? Optional.empty()
                : Optional.of(new KeysSaid(language, new TreeSet<>(about.keySet()), about));
    }
}
