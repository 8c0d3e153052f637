package app.bittern.finding.checks;

import app.bittern.effect.Words;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Group;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Route;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A text with a variable that does not exist.
final class VariableUnknown implements Check {
    private static final About ABOUT = new About(
            "variable-unknown",
            "Variable that does not exist",
            Severity.WARNING,
            "A text of an alarm, or what phones show, with a variable that does not exist.",
            "It is sent or shown with its braces, and nothing is filled in. Name one of those that there are.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Stream<Finding> alarms = examination.plan().all(Alarm.class).flatMap(VariableUnknown::alarm);
        Stream<Finding> shown = Stream.<Stream<? extends PlanObject>>of(
                        examination.plan().all(Route.class),
                        examination.plan().all(Group.class),
                        examination.plan().all(Queue.class))
                .flatMap(all -> all)
                .flatMap(object -> unknown(object, Pointer.of("shownAs"), shownAs(object), Words.SHOWN));
        return Stream.concat(alarms, shown).toList();
    }

    private static Optional<String> shownAs(PlanObject object) {
        return object instanceof Route route
                ? route.dress().shownAs()
                : object instanceof Group group
                        ? group.shownAs()
                        : object instanceof Queue queue ? queue.shownAs() : Optional.empty();
    }

    private static Stream<Finding> alarm(Alarm alarm) {
        return Stream.of(
                        unknown(
                                alarm,
                                Pointer.of("email", "subject"),
                                alarm.email().flatMap(Alarm.Email::subject),
                                Words.ALARM),
                        unknown(
                                alarm,
                                Pointer.of("email", "body"),
                                alarm.email().flatMap(Alarm.Email::body),
                                Words.ALARM),
                        unknown(alarm, Pointer.of("text", "body"), alarm.text().flatMap(Alarm.Text::body), Words.ALARM))
                .flatMap(all -> all);
    }

    private static Stream<Finding> unknown(
            PlanObject object, Pointer field, Optional<String> text, List<String> known) {
        return text.stream()
                .flatMap(words -> Words.named(words).stream())
                .filter(variable -> !known.contains(variable))
                .map(variable -> ABOUT.at(
                                object.ref(),
                                field,
                                Says.the(object) + " names {" + variable + "}, and there are "
                                        + String.join(
                                                ", ",
                                                known.stream()
                                                        .map(one -> "{" + one + "}")
                                                        .toList())
                                        + ".")
                        .of(variable));
    }
}
