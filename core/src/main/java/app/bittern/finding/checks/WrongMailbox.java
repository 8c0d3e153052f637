package app.bittern.finding.checks;

import app.bittern.call.Bench;
import app.bittern.call.Tracer;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Chain;
import app.bittern.plan.Extension;
import app.bittern.plan.Group;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Role;
import app.bittern.plan.Slot;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// A call that can end in the mailbox of somebody whom it was not for.
final class WrongMailbox implements Check {
    private static final About ABOUT = new About(
            "wrong-mailbox",
            "Wrong mailbox",
            Severity.WARNING,
            "A call that can end in the mailbox of somebody whom it was not for.",
            "The caller leaves a message for a person who was not called. Forward to own-mailbox in the end, or give the group a mailbox of its own.");

    @Override
    public About about() {
        return ABOUT;
    }

    /// Where a call for somebody has come to.
    ///
    /// @param rung those who have been rung on the way, who count as called where it was for several
    private record Come(Ref at, boolean further, Set<Ref> rung) {}

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        Map<Ref, Set<Ref>> owners = new HashMap<>();
        plan.all(Extension.class)
                .forEach(extension -> extension
                        .mailbox()
                        .ifPresent(mailbox -> owners.computeIfAbsent(mailbox, m -> new LinkedHashSet<>())
                                .add(extension.ref())));
        // Whose it is said to be is told by the mailbox, whoever's extension has it.
        plan.all(Mailbox.class)
                .forEach(mailbox -> mailbox.owner().ifPresent(owner -> owners.put(mailbox.ref(), Set.of(owner))));
        return owners.isEmpty()
                ? List.of()
                : plan.objects().stream()
                        .filter(object -> first(plan, object))
                        .flatMap(object -> wrong(owners, object, examination))
                        .toList();
    }

    /// Whether a call can be for an object: for a person always, for several where it is not only what comes
    /// after others who were rung.
    private static boolean first(Plan plan, PlanObject object) {
        return object instanceof Extension
                || (rings(object)
                        && (object.number().isPresent()
                                || plan.uses(object.ref()).stream()
                                        .filter(use -> use.slot().leads())
                                        .anyMatch(use -> plan.find(use.object())
                                                .filter(WrongMailbox::rings)
                                                .isEmpty())));
    }

    private static boolean rings(PlanObject object) {
        return object instanceof Extension
                || object instanceof Group
                || object instanceof Queue
                || object instanceof Chain;
    }

    /// Follows what a call for an object goes on to, over all that rings, to mailboxes that belong to others
    /// alone. An extension's own forwarding straight to another's mailbox is taken as meant.
    private static Stream<Finding> wrong(Map<Ref, Set<Ref>> owners, PlanObject first, Examination examination) {
        Plan plan = examination.plan();
        boolean person = first instanceof Extension;
        Deque<Come> work = new ArrayDeque<>(List.of(new Come(first.ref(), false, rung(first))));
        Set<Ref> met = new LinkedHashSet<>(List.of(first.ref()));
        while (!work.isEmpty()) {
            Come come = work.remove();
            for (Ref next : onwards(plan.find(come.at()).orElseThrow())) {
                Optional<PlanObject> to = plan.find(next);
                if (to.isEmpty()) {
                    continue;
                }
                Set<Ref> of = owners.getOrDefault(next, Set.of());
                Set<Ref> called = person ? Set.of(first.ref()) : come.rung();
                boolean others = next.kind() == Kind.MAILBOX
                        && of.size() == 1
                        && of.stream().noneMatch(called::contains);
                if (others && (come.further() || !person)) {
                    return Stream.of(ABOUT.at(
                                    first.ref(),
                                    "A call for " + Says.the(first) + " can end in " + Says.the(to.get())
                                            + ", which belongs to somebody whom it was not for.")
                            .inField(place(first))
                            .of(next)
                            .together("have calls that can end in a mailbox of somebody whom they were not for"));
                }
                if (rings(to.get()) && met.add(next)) {
                    Set<Ref> rung = new LinkedHashSet<>(come.rung());
                    rung.addAll(rung(to.get()));
                    work.add(new Come(next, true, rung));
                }
            }
        }
        return Stream.empty();
    }

    /// Where an object says what comes after it.
    private static Pointer place(PlanObject first) {
        return Pointer.of(
                first instanceof Extension
                        ? "forward"
                        : first instanceof Queue ? "overflow" : first instanceof Chain ? "then" : "noAnswer");
    }

    /// Those whose phones an object rings.
    private static Set<Ref> rung(PlanObject object) {
        Set<Ref> rung = new LinkedHashSet<>();
        if (object instanceof Extension extension) {
            rung.add(extension.ref());
        }
        object.slots().stream()
                .filter(slot -> slot.role() == Role.RINGS)
                .flatMap(slot -> slot.target().stream())
                .forEach(rung::add);
        return rung;
    }

    /// A call that comes to the object and that nobody answers, where it ends in the mailbox.
    @Override
    public Optional<Bench> witness(Finding finding, Examination examination) {
        return examination
                .reached()
                .witness(finding.object())
                .filter(bench -> finding.values()
                        .contains(
                                Tracer.trace(examination.plan(), bench).ending().in()));
    }

    private static List<Ref> onwards(PlanObject object) {
        return object.slots().stream()
                .filter(Slot::leads)
                .flatMap(slot -> slot.target().stream())
                .toList();
    }
}
