package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Pointer;
import app.bittern.plan.Prompt;
import java.util.stream.Stream;

/// A prompt that has neither script nor sound.
final class PromptEmpty extends PerObject<Prompt> {
    private static final About ABOUT = new About(
            "prompt-empty",
            "Prompt without words or sound",
            Severity.WARNING,
            "A prompt that has neither script nor sound, or none in a language in which it is given.",
            "Callers hear nothing. Give it words or a recording.");

    PromptEmpty() {
        super(ABOUT, Prompt.class);
    }

    @Override
    Stream<Finding> look(Prompt prompt, Examination examination) {
        if (prompt.sounds().isEmpty() && prompt.scripts().values().stream().allMatch(String::isBlank)) {
            return Stream.of(ABOUT.at(prompt.ref(), Says.the(prompt) + " has neither words nor a sound.")
                    .together("have neither words nor a sound"));
        }
        return prompt.scripts().entrySet().stream()
                .filter(script ->
                        script.getValue().isBlank() && !prompt.sounds().containsKey(script.getKey()))
                .map(script -> ABOUT.at(
                                prompt.ref(),
                                Pointer.of(script.getKey()),
                                Says.the(prompt) + " has neither words nor a sound in " + script.getKey() + ".")
                        .of(script.getKey()));
    }
}
