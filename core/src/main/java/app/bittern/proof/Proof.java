package app.bittern.proof;

import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.plan.Plan;
import app.bittern.plan.Problem;
import app.bittern.plan.Seconds;
import app.bittern.plan.TestCall;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A test call that has been made, with what did not come true.
///
/// @param failures a sentence for each; none where the call did what is expected
/// @param trace    what it did; absent where its bench cannot be read
public record Proof(TestCall call, List<String> failures, Optional<Trace> trace) {
    public Proof {
        failures = List.copyOf(failures);
    }

    /// Whether everything expected came true.
    public boolean passed() {
        return failures.isEmpty();
    }

    /// Makes every test call of a plan, in order.
    public static List<Proof> all(Plan plan) {
        return plan.all(TestCall.class).map(call -> of(plan, call)).toList();
    }

    /// Makes one test call.
    public static Proof of(Plan plan, TestCall call) {
        return switch (bench(call).read(plan)) {
            case BenchText.Result.Refused(List<Problem> problems) ->
                new Proof(call, problems.stream().map(Problem::says).toList(), Optional.empty());
            case BenchText.Result.Read(Bench bench) -> {
                Trace trace = Tracer.trace(plan, bench);
                yield new Proof(call, failures(call.expect(), trace), Optional.of(trace));
            }
        };
    }

    private static BenchText bench(TestCall call) {
        return new BenchText(
                call.call(),
                Optional.empty(),
                call.from().orElse("withheld"),
                call.at(),
                String.join(",", call.keys()),
                call.phones().entrySet().stream()
                        .map(phone -> phone.getKey() + "=" + phone.getValue())
                        .toList(),
                call.switches().entrySet().stream()
                        .map(turned -> turned.getKey() + "=" + turned.getValue())
                        .toList(),
                call.agents().entrySet().stream()
                        .map(agent -> agent.getKey() + "=" + agent.getValue())
                        .toList(),
                call.waiting().entrySet().stream()
                        .map(line -> line.getKey() + "=" + line.getValue())
                        .toList());
    }

    private static List<String> failures(TestCall.Expected expected, Trace trace) {
        List<String> failures = new ArrayList<>();
        Ending ending = trace.ending();
        expected.reaches()
                .filter(ref ->
                        trace.steps().stream().noneMatch(step -> step.object().equals(ref.toString())))
                .ifPresent(ref -> failures.add("expected to reach " + ref + ", passed "
                        + String.join(
                                ", ",
                                trace.steps().stream()
                                        .map(Trace.Step::object)
                                        .distinct()
                                        .toList())));
        expected.ending()
                .filter(kind -> !kind.equals(ending.kind().word()))
                .ifPresent(kind -> failures.add(
                        "expected to end " + kind + ", ended " + ending.kind().word() + " in " + ending.in()));
        expected.in()
                .filter(in -> !in.equals(ending.in()))
                .ifPresent(in -> failures.add("expected to end in " + in + ", ended in " + ending.in()));
        expected.by()
                .filter(by -> ending.by()
                        .filter(who -> who.equals(by) || who.endsWith("/" + by))
                        .isEmpty())
                .ifPresent(by -> failures.add(
                        "expected " + by + " to answer, " + ending.by().orElse("nobody") + " did"));
        expected.within()
                .filter(within -> trace.second() > within.value())
                .ifPresent(within -> failures.add(
                        "expected to end within " + within + ", ended after " + new Seconds(trace.second())));
        return failures;
    }
}
