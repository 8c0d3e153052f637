package app.bittern.formats;

import app.bittern.plan.Prompt;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/// Prompts: the script by language.
final class PromptFormat implements KindFormat<Prompt> {
    @Override
    public Optional<Prompt> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        Map<String, String> scripts = new LinkedHashMap<>();
        for (String language : fields.fields().nodes().keySet()) {
            if (SiteFormat.language(language).isPresent() && !language.equals("name") && !language.equals("note")) {
                fields.text(language).ifPresent(script -> scripts.put(language, script));
            }
        }
        return Optional.of(new Prompt(key, name, note, scripts));
    }

    @Override
    public Writing write(Prompt prompt) {
        Writing written = new Writing().text("name", prompt.name()).text("note", prompt.note());
        prompt.scripts().forEach(written::text);
        return written;
    }
}
