package app.bittern.finding.checks;

import app.bittern.call.Bench;
import app.bittern.call.Tracer;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.Slot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// A forwarded call that can end in somebody else's mailbox.
final class WrongMailbox implements Check {
    private static final About ABOUT = new About(
            "wrong-mailbox",
            "Wrong mailbox",
            Severity.WARNING,
            "A forwarded call that can end in somebody else's mailbox.",
            "The caller leaves a message for a person who was not called. Forward to own-mailbox in the end.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        Map<Ref, List<Ref>> owners = new HashMap<>();
        plan.all(Extension.class)
                .forEach(extension -> extension
                        .mailbox()
                        .ifPresent(mailbox -> owners.computeIfAbsent(mailbox, m -> new ArrayList<>())
                                .add(extension.ref())));
        return plan.all(Extension.class)
                .flatMap(extension -> wrong(owners, extension, examination))
                .toList();
    }

    /// Follows what an extension forwards to, over extensions and chains, to mailboxes that belong to others alone.
    private static Stream<Finding> wrong(Map<Ref, List<Ref>> owners, Extension first, Examination examination) {
        Plan plan = examination.plan();
        List<Ref> work = new ArrayList<>(List.of(first.ref()));
        Set<Ref> met = new LinkedHashSet<>(work);
        while (!work.isEmpty()) {
            Ref ref = work.removeFirst();
            PlanObject object = plan.find(ref).orElseThrow();
            for (Ref next : onwards(object)) {
                Optional<PlanObject> to = plan.find(next);
                boolean others = next.kind() == Kind.MAILBOX && to.isPresent() && belongsToOthers(owners, next, first);
                if (others && !ref.equals(first.ref())) {
                    return Stream.of(ABOUT.at(
                                    first.ref(),
                                    Pointer.of("forward"),
                                    "A call for " + Says.the(first) + " can end in " + Says.the(to.get())
                                            + ", which belongs to somebody else.")
                            .shownBy(witness(examination, first, next)));
                }
                if (to.isPresent() && (next.kind() == Kind.EXTENSION || next.kind() == Kind.CHAIN) && met.add(next)) {
                    work.add(next);
                }
            }
        }
        return Stream.empty();
    }

    /// A call that comes to the extension and that nobody answers, where it ends in the mailbox.
    private static Optional<Bench> witness(Examination examination, Extension first, Ref mailbox) {
        return examination
                .reached()
                .witness(first.ref())
                .filter(bench ->
                        Tracer.trace(examination.plan(), bench).ending().in().equals(mailbox.toString()));
    }

    private static List<Ref> onwards(PlanObject object) {
        return object.slots().stream()
                .filter(Slot::leads)
                .flatMap(slot -> slot.target().stream())
                .toList();
    }

    private static boolean belongsToOthers(Map<Ref, List<Ref>> owners, Ref mailbox, Extension first) {
        List<Ref> of = owners.getOrDefault(mailbox, List.of());
        return !of.isEmpty() && !of.contains(first.ref());
    }
}
