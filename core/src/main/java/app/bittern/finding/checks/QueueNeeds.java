package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Extension;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Skill;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/// A queue that needs a language or a skill that none of its agents has.
final class QueueNeeds extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "queue-needs",
            "Nobody who speaks or knows it",
            Severity.WARNING,
            "A queue that needs a language of the site, or a skill, that none of its agents has.",
            "Such callers wait for nobody until others are rung too, or for ever. Say who has it, or do without.");

    QueueNeeds() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        if (queue.needs().isEmpty() || queue.agents().isEmpty()) {
            return Stream.empty();
        }
        Queue.Needs needs = queue.needs().get();
        List<Extension> agents = queue.agents().stream()
                .flatMap(agent -> agent.extension().stream())
                .flatMap(ref -> examination.plan().find(ref, Extension.class).stream())
                .toList();
        Stream<Finding> languages = examination.plan().site().languages().stream()
                .filter(language -> needs.language()
                        && agents.stream().noneMatch(agent -> agent.languages().contains(language)))
                .map(language -> ABOUT.at(
                                queue.ref(),
                                Pointer.of("needs", "language"),
                                Says.the(queue) + " has no agent who speaks "
                                        + Locale.forLanguageTag(language).getDisplayLanguage(Locale.ENGLISH) + ".")
                        .of(language));
        Stream<Finding> skills = needs.skill().entrySet().stream()
                .filter(asked -> agents.stream().noneMatch(agent -> knows(agent, asked)))
                .map(asked -> ABOUT.at(
                                queue.ref(),
                                Pointer.of("needs", "skill", asked.getKey()),
                                Says.the(queue) + " has no agent who knows " + asked.getKey() + " (" + asked.getValue()
                                        + ").")
                        .of(asked.getKey(), asked.getValue()));
        List<Finding> each = Stream.concat(languages, skills).toList();
        return each.isEmpty() ? together(queue, needs, agents, examination) : each.stream();
    }

    /// Of whom each thing that is asked for has somebody, and nobody all of them.
    private static Stream<Finding> together(
            Queue queue, Queue.Needs needs, List<Extension> agents, Examination examination) {
        List<String> skills = needs.skill().entrySet().stream()
                .map(asked -> asked.getKey() + " (" + asked.getValue() + ")")
                .toList();
        List<String> spoken = needs.language() ? examination.plan().site().languages() : List.of("");
        return spoken.stream()
                .filter(language -> agents.stream().noneMatch(agent -> needs.met(agent, language)))
                .map(language -> ABOUT.at(
                                queue.ref(),
                                Pointer.of("needs"),
                                Says.the(queue) + " has no agent who "
                                        + (needs.language()
                                                ? "speaks "
                                                        + Locale.forLanguageTag(language)
                                                                .getDisplayLanguage(Locale.ENGLISH)
                                                        + " and "
                                                : "")
                                        + "knows " + Says.some(skills)
                                        + (needs.language() ? "." : " together."))
                        .of(Stream.concat(Stream.of(language), skills.stream()).toArray()));
    }

    private static boolean knows(Extension agent, Map.Entry<String, Skill> asked) {
        Skill level = agent.skills().get(asked.getKey());
        return level != null && level.compareTo(asked.getValue()) >= 0;
    }
}
