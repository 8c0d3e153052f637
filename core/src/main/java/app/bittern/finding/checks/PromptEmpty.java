package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.Prompt;
import java.util.List;
import java.util.stream.Stream;

/// A prompt that has neither script nor sound.
final class PromptEmpty implements Check {
    private static final About ABOUT = new About(
            "prompt-empty",
            "Prompt without words or sound",
            Severity.WARNING,
            "A prompt that has neither script nor sound.",
            "Callers hear nothing. Give it words or a recording.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Prompt.class)
                .flatMap(prompt -> prompt.sounds().isEmpty()
                                && prompt.scripts().values().stream().allMatch(String::isBlank)
                        ? Stream.of(ABOUT.at(prompt.ref(), Says.the(prompt) + " has neither words nor a sound."))
                        : Stream.empty())
                .toList();
    }
}
