package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Prompt;
import java.util.List;
import java.util.stream.Stream;

/// A menu that speaks for more than 30 s.
final class MenuSpeech implements Check {
    private static final About ABOUT = new About(
            "menu-long",
            "Menu that speaks long",
            Severity.WARNING,
            "A menu that speaks for more than 30 s.",
            "Callers forget the first key before the last is said. Shorten the prompt, or split the menu.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final int LONGEST = 30;

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Menu.class).flatMap(menu -> speech(plan, menu)).toList();
    }

    private static Stream<Finding> speech(Plan plan, Menu menu) {
        return plan.site().languages().stream()
                .flatMap(language -> menu.prompt().stream()
                        .flatMap(ref -> plan.find(ref, Prompt.class).stream())
                        .map(prompt -> prompt.length(language, plan.site().defaultLanguage()))
                        .filter(seconds -> seconds > LONGEST)
                        .map(seconds -> ABOUT.at(
                                menu.ref(),
                                "prompt",
                                Says.the(menu) + " speaks for " + seconds + " s in " + language + "; " + LONGEST
                                        + " s are enough.")))
                .limit(1);
    }
}
