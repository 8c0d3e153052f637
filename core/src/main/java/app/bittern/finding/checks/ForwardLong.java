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
import java.util.List;
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
        return most(plan, first.ref(), MOST + 1, new LinkedHashSet<>()) > MOST
                ? Stream.of(ABOUT.at(
                        first.ref(),
                        Pointer.of("forward"),
                        Says.the(first) + " can be forwarded more than " + MOST + " times over."))
                : Stream.empty();
    }

    /// The most extensions and chain stages that a call goes on to, each counted once; looked for up to a bound alone.
    private static int most(Plan plan, Ref at, int bound, Set<Ref> passed) {
        if (bound <= 0 || !passed.add(at)) {
            return 0;
        }
        int most = 0;
        for (Slot slot : plan.find(at).map(PlanObject::slots).orElse(List.of())) {
            Optional<PlanObject> next = slot.target()
                    .filter(ref -> slot.leads() && !passed.contains(ref))
                    .filter(ref -> ref.kind() == Kind.EXTENSION || ref.kind() == Kind.CHAIN)
                    .flatMap(plan::find);
            if (next.isPresent() && most < bound) {
                int stages = next.get() instanceof Chain chain ? chain.stages().size() : 1;
                most = Math.max(most, stages + most(plan, next.get().ref(), bound - stages, passed));
            }
        }
        passed.remove(at);
        return most;
    }
}
