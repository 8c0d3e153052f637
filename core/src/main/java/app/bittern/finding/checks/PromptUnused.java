package app.bittern.finding.checks;

import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.plan.Prompt;
import java.util.List;

/// A prompt that nothing says.
final class PromptUnused implements Check {
    private static final About ABOUT = new About(
            "prompt-unused",
            "Prompt not used",
            Severity.HINT,
            "A prompt that nothing says.",
            "It is kept up for nothing. Take it away, or use it.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        return examination
                .plan()
                .all(Prompt.class)
                .filter(prompt -> examination.uses(prompt.ref()).isEmpty())
                .map(prompt -> ABOUT.at(prompt.ref(), Says.the(prompt) + " is said nowhere.")
                        .together("are said nowhere", "Take away")
                        .mendedBy(List.of(
                                new Fix("Take away prompt " + prompt.key(), new PlanEdit.Remove(prompt.ref())))))
                .toList();
    }
}
