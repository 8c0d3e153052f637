package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Pointer;
import app.bittern.plan.Prompt;
import java.util.Optional;
import java.util.stream.Stream;

/// A sound that was made from other words than the script that stands beside it.
final class PromptSound extends PerObject<Prompt> {
    private static final About ABOUT = new About(
            "prompt-sound",
            "Sound of other words",
            Severity.WARNING,
            "A sound that was made from other words than the script that stands beside it.",
            "Callers hear what the script no longer says. Make the sound anew, or write what it says.");

    PromptSound() {
        super(ABOUT, Prompt.class);
    }

    @Override
    Stream<Finding> look(Prompt prompt, Examination examination) {
        return prompt.sounds().entrySet().stream()
                .filter(sound -> other(
                        sound.getValue().from(),
                        Optional.ofNullable(prompt.scripts().get(sound.getKey()))))
                .map(sound -> ABOUT.at(
                                prompt.ref(),
                                Pointer.of(sound.getKey(), "sound"),
                                Says.the(prompt) + " has a sound in " + sound.getKey()
                                        + " that was made from other words than its script.")
                        .of(sound.getKey()));
    }

    private static boolean other(Optional<String> from, Optional<String> script) {
        return from.isPresent()
                && script.isPresent()
                && !from.get()
                        .strip()
                        .replaceAll("\\s+", " ")
                        .equals(script.get().strip().replaceAll("\\s+", " "));
    }
}
