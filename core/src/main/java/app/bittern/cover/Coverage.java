package app.bittern.cover;

import app.bittern.call.Bench;
import app.bittern.call.Tracer;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.paths.NumberPaths;
import app.bittern.plan.Plan;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// Which steps of one number some calls take.
///
/// @param taken  how many of its steps
/// @param missed the others
public record Coverage(Steps steps, int taken, List<Steps.Step> missed) {
    public Coverage {
        missed = List.copyOf(missed);
    }

    /// What these calls take of the steps of a number; calls to others are passed over.
    public static Coverage of(NumberPaths number, List<Bench> benches) {
        Plan plan = number.paths().plan();
        E164 called = number.called();
        Steps steps = Steps.of(number);
        Set<Integer> taken = new HashSet<>();
        for (Bench bench : benches) {
            if (bench.called().meant(plan).filter(called::equals).isPresent()
                    && !(bench.caller() instanceof Caller.Inside)) {
                steps.taken(bench, Tracer.trace(plan, bench)).forEach(step -> taken.add(step.id()));
            }
        }
        List<Steps.Step> missed =
                steps.all().stream().filter(step -> !taken.contains(step.id())).toList();
        return new Coverage(steps, taken.size(), missed);
    }

    public E164 called() {
        return steps.number().called();
    }
}
