package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Announcement;
import app.bittern.plan.Branch;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Prompt;
import app.bittern.plan.Ref;
import app.bittern.plan.Role;
import app.bittern.plan.Slot;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;

/// Words that ask for a message where none can be left.
final class MessageFirst extends PerObject<Prompt> {
    private static final About ABOUT = new About(
            "message-first",
            "Message asked for where none can be left",
            Severity.WARNING,
            "A prompt that asks for a message, said by something from which no mailbox comes next.",
            "Callers speak and nobody keeps it. Lead it to a mailbox, or change the words.");

    /// What asks for a message.
    private static final List<String> ASKS = List.of(
            "leave a message",
            "leave your message",
            "leave us a message",
            "after the tone",
            "after the beep",
            "legg igjen en beskjed",
            "legg igjen beskjed",
            "etter tonen",
            "etter pipetonen",
            "eine nachricht",
            "nach dem ton",
            "nach dem signalton",
            "lämna ett meddelande",
            "efter tonen",
            "læg en besked",
            "laissez un message",
            "après le bip",
            "deje un mensaje",
            "después de la señal");

    MessageFirst() {
        super(ABOUT, Prompt.class);
    }

    @Override
    Stream<Finding> look(Prompt prompt, Examination examination) {
        Plan plan = examination.plan();
        return prompt.scripts().entrySet().stream()
                .filter(script -> asks(script.getValue()))
                .flatMap(script -> plan.uses(prompt.ref()).stream()
                        .filter(use -> use.slot().role() == Role.SAYS)
                        .map(Plan.Use::object)
                        .distinct()
                        .flatMap(ref -> plan.find(ref).stream())
                        .filter(object -> !keeps(plan, object))
                        .map(object -> ABOUT.at(
                                        prompt.ref(),
                                        Pointer.of(script.getKey()),
                                        Says.the(prompt) + " asks for a message in " + script.getKey() + "; "
                                                + Says.the(object) + ", which says it, leads to no mailbox.")
                                .of(script.getKey(), object.ref())
                                .shownBy(examination.reached().witness(object.ref()))));
    }

    private static boolean asks(String script) {
        String words = script.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        return ASKS.stream().anyMatch(words::contains);
    }

    /// Whether a message can be left next, or by a key: in a mailbox, behind what only passes calls on.
    private static boolean keeps(Plan plan, PlanObject object) {
        Deque<PlanObject> work = new ArrayDeque<>(List.of(object));
        Set<Ref> seen = new HashSet<>();
        while (!work.isEmpty()) {
            PlanObject next = work.remove();
            if (next instanceof Mailbox || next instanceof Menu || own(next)) {
                return true;
            }
            if (!seen.add(next.ref())
                    || !(next.equals(object) || next instanceof Announcement || next instanceof Branch)) {
                continue;
            }
            next.slots().stream()
                    .filter(Slot::leads)
                    .flatMap(slot -> slot.target().stream())
                    .flatMap(ref -> plan.find(ref).stream())
                    .forEach(work::add);
        }
        return false;
    }

    private static boolean own(PlanObject object) {
        return (object instanceof Extension phone && phone.mailbox().isPresent())
                || object.slots().stream()
                        .anyMatch(slot -> slot.holds()
                                .filter(Destination.OwnMailbox.class::isInstance)
                                .isPresent());
    }
}
