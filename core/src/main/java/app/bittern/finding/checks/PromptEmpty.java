package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Prompt;
import java.util.stream.Stream;

/// A prompt that has neither script nor sound.
final class PromptEmpty extends PerObject<Prompt> {
    private static final About ABOUT = new About(
            "prompt-empty",
            "Prompt without words or sound",
            Severity.WARNING,
            "A prompt that has neither script nor sound.",
            "Callers hear nothing. Give it words or a recording.");

    PromptEmpty() {
        super(ABOUT, Prompt.class);
    }

    @Override
    Stream<Finding> look(Prompt prompt, Examination examination) {
        return prompt.sounds().isEmpty() && prompt.scripts().values().stream().allMatch(String::isBlank)
                ? Stream.of(ABOUT.at(prompt.ref(), Says.the(prompt) + " has neither words nor a sound."))
                : Stream.empty();
    }
}
