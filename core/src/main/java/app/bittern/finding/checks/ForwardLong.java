package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Chain;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.Slot;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// A call that is forwarded more than four times.
final class ForwardLong extends PerObject<Extension> {
    private static final About ABOUT = new About(
            "forward-long",
            "Forwarded too often",
            Severity.WARNING,
            "A call that is forwarded more than four times.",
            "Callers wait through every one. Forward straight to the last.");

    private static final int MOST = 4;

    ForwardLong() {
        super(ABOUT, Extension.class);
    }

    @Override
    Stream<Finding> look(Extension extension, Examination examination) {
        Plan plan = examination.plan();
        return hops(plan, extension);
    }

    private static Stream<Finding> hops(Plan plan, Extension first) {
        int longest = longest(plan, first.ref(), new LinkedHashSet<>());
        return longest > MOST
                ? Stream.of(ABOUT.at(
                        first.ref(),
                        Pointer.of("forward"),
                        Says.the(first) + " can be forwarded " + longest + " times over; " + MOST + " are plenty."))
                : Stream.empty();
    }

    /// The most extensions and chain stages that a call goes on to, each counted once.
    private static int longest(Plan plan, Ref at, Set<Ref> passed) {
        if (!passed.add(at)) {
            return 0;
        }
        PlanObject object = plan.find(at).orElseThrow();
        int most = 0;
        for (Slot slot : object.slots()) {
            Optional<Ref> next = slot.target()
                    .filter(ref -> slot.leads())
                    .filter(ref -> ref.kind() == Kind.EXTENSION || ref.kind() == Kind.CHAIN)
                    .filter(ref -> plan.find(ref).isPresent());
            if (next.isPresent() && !passed.contains(next.get())) {
                int stages = plan.find(next.get(), Chain.class)
                        .map(chain -> chain.stages().size())
                        .orElse(1);
                most = Math.max(most, stages + longest(plan, next.get(), passed));
            }
        }
        passed.remove(at);
        return most;
    }
}
