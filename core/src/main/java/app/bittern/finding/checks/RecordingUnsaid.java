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
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Role;
import app.bittern.plan.Route;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/// Calls that are recorded and whose callers are told nothing of it.
///
/// Nothing is found where the words of a prompt on the way are not known, or none of the site's languages is.
final class RecordingUnsaid implements Check {
    private static final About ABOUT = new About(
            "recording-unsaid",
            "Recording that nobody announces",
            Severity.WARNING,
            "A route or a queue that records calls, where no words on the way say so.",
            "In most countries callers must know. Say it before anybody answers, or do not record.");

    /// How words begin that tell of recording, by language.
    private static final Map<String, List<String>> WORDS = Map.ofEntries(
            Map.entry("en", List.of("record")),
            Map.entry("nb", List.of("opptak", "tas opp", "tatt opp", "lydopptak")),
            Map.entry("no", List.of("opptak", "tas opp", "tatt opp", "lydopptak")),
            Map.entry("nn", List.of("opptak", "tatt opp", "tek opp")),
            Map.entry("da", List.of("optag")),
            Map.entry("sv", List.of("spela", "inspel")),
            Map.entry("de", List.of("aufgezeichn", "aufzeich", "aufgenommen", "mitgeschnitten")),
            Map.entry("fr", List.of("enregistr")),
            Map.entry("es", List.of("grab")),
            Map.entry("it", List.of("registra")),
            Map.entry("pt", List.of("grava")),
            Map.entry("nl", List.of("opgenomen", "opname")),
            Map.entry("fi", List.of("nauhoit", "tallen")));

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        List<Finding> findings = new ArrayList<>();
        plan.all(Route.class)
                .filter(route -> route.enabled() && route.dress().record().orElse(false))
                .filter(route -> silent(plan, Inside.from(plan, List.of(route.ref()))))
                .forEach(route -> findings.add(at(route, "record")));
        plan.all(Queue.class)
                .filter(queue -> queue.recording().orElse(false))
                .filter(queue -> silent(plan, before(plan, queue.ref())))
                .forEach(queue -> findings.add(at(queue, "recording")));
        return findings;
    }

    private static Finding at(PlanObject object, String field) {
        return ABOUT.at(object.ref(), Pointer.of(field), Says.the(object) + " records calls, and nothing says so.")
                .together("record calls, and nothing says so");
    }

    /// Whether none of the words that some objects say tell of it, all of them being known.
    private static boolean silent(Plan plan, Collection<Ref> objects) {
        List<String> languages = plan.site().languages().stream()
                .filter(language -> WORDS.containsKey(Languages.primary(language)))
                .toList();
        List<Prompt> prompts = objects.stream()
                .flatMap(ref -> plan.find(ref).stream())
                .flatMap(object -> Prompts.of(plan, object).stream())
                .filter(prompt -> !prompt.music())
                .distinct()
                .toList();
        return !languages.isEmpty()
                && languages.stream()
                        .allMatch(language -> prompts.stream().allMatch(prompt -> {
                            String words = prompt.scripts().getOrDefault(language, "");
                            boolean known = !words.isBlank() || !prompt.in(language);
                            return known && !tells(words, language);
                        }));
    }

    private static boolean tells(String words, String language) {
        String lower = words.toLowerCase(Locale.ROOT);
        return WORDS.getOrDefault(Languages.primary(language), List.of()).stream()
                .anyMatch(lower::contains);
    }

    /// Everything that leads to an object, itself included.
    private static Set<Ref> before(Plan plan, Ref to) {
        Set<Ref> met = new LinkedHashSet<>(List.of(to));
        Deque<Ref> work = new ArrayDeque<>(met);
        while (!work.isEmpty()) {
            plan.uses(work.remove()).stream()
                    .filter(use -> use.slot().leads() || use.slot().role() == Role.RINGS)
                    .map(Plan.Use::object)
                    .filter(met::add)
                    .forEach(work::add);
        }
        return met;
    }
}
