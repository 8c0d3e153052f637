package app.bittern.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Something that is said, in each language.
///
/// @param scripts the words by BCP 47 tag, in order
public record Prompt(String key, Optional<String> name, Optional<String> note, Map<String, String> scripts)
        implements PlanObject {
    public Prompt {
        scripts = Collections.unmodifiableMap(new LinkedHashMap<>(scripts));
    }

    /// The script said in a language: its own, else the default language's.
    public Optional<String> script(String language, String defaultLanguage) {
        return Optional.ofNullable(scripts.get(language)).or(() -> Optional.ofNullable(scripts.get(defaultLanguage)));
    }

    /// How long it takes to say in a language, in seconds: words divided by 2.5, rounded up, at least 1.
    public int length(String language, String defaultLanguage) {
        String said = script(language, defaultLanguage).orElse("").strip();
        int words = said.isEmpty() ? 0 : said.split("\\s+").length;
        return Math.max(1, (words * 2 + 4) / 5);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.PROMPT, key);
    }

    @Override
    public List<Link> links() {
        return List.of();
    }
}
