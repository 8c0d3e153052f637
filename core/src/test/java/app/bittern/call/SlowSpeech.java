package app.bittern.call;

import app.bittern.plan.Plan;
import app.bittern.plan.Prompt;
import app.bittern.plan.Ref;
import app.bittern.plan.Spoken;
import java.math.RoundingMode;
import java.util.Optional;

/// How long prompts take to say in a call's language, in seconds.
record SlowSpeech(Plan plan, String language) {
    int length(Ref ref) {
        return length(ref, language);
    }

    int said(Spoken one) {
        return length(one.prompt(), one.language().orElse(language));
    }

    int said(Optional<Spoken> prompt) {
        return prompt.map(this::said).orElse(0);
    }

    private int length(Ref ref, String language) {
        Optional<Prompt> found = plan.find(ref, Prompt.class);
        if (found.isEmpty()) {
            return 0;
        }
        Prompt prompt = found.get();
        boolean has = prompt.scripts().containsKey(language) || prompt.sounds().containsKey(language);
        String spoken = has ? language : plan.site().languages().getFirst();
        if (prompt.sounds().containsKey(spoken)) {
            return prompt.sounds()
                    .get(spoken)
                    .seconds()
                    .setScale(0, RoundingMode.UP)
                    .intValueExact();
        }
        String script = prompt.scripts().getOrDefault(spoken, "").strip();
        int words = script.isEmpty() ? 0 : script.split("\\s+").length;
        return Math.max(1, (int) Math.ceil(words / 2.5));
    }
}
