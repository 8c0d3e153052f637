package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Prompt;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// A prompt that callers can hear in a language in which it is missing.
final class PromptLanguage implements Check {
    private static final About ABOUT = new About(
            "prompt-language",
            "Prompt missing in a language",
            Severity.WARNING,
            "A prompt that callers can hear in a language in which it is missing.",
            "They hear it in the default language. Give it a script or a sound in that language.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        Map<Ref, Map<String, PlanObject>> missing = new LinkedHashMap<>();
        for (Ref ref : examination.reached().objects()) {
            PlanObject object = plan.find(ref).orElseThrow();
            List<Prompt> prompts = Prompts.of(plan, object);
            if (prompts.isEmpty()) {
                continue;
            }
            examination.reached().states(ref).stream()
                    .map(state -> state.context().language())
                    .distinct()
                    .forEach(language -> prompts.stream()
                            .filter(prompt -> !prompt.music() && !prompt.in(language))
                            .filter(prompt -> Prompts.saidIn(object, prompt.ref(), language))
                            .forEach(prompt -> missing.computeIfAbsent(prompt.ref(), p -> new LinkedHashMap<>())
                                    .putIfAbsent(language, object)));
        }
        List<Finding> findings = new ArrayList<>();
        missing.forEach((prompt, languages) -> languages.forEach((language, object) -> findings.add(ABOUT.at(
                        prompt,
                        Pointer.of(language),
                        Says.the(plan.find(prompt).orElseThrow()) + " is missing in " + language
                                + ", in which callers can come to "
                                + object.ref().kind().title() + " "
                                + object.title() + ".")
                .of(language)
                .shownBy(examination
                        .reached()
                        .witness(
                                object.ref(),
                                state -> state.context().language().equals(language))))));
        return findings;
    }
}
