package app.bittern.benchmarks;

import app.bittern.call.Bench;
import app.bittern.call.KeyPress;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Threads;
import org.openjdk.jmh.annotations.Warmup;
/// Traces a call through three menus to a group that nobody answers.

@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx8g", "-XX:+UseSerialGC"})
@Threads(1)
public class TraceBenchmark {
    @Param({"500", "5000", "50000"})
    private int extensions;

    private Plan plan = BigPlans.of(100);
    private Bench bench = Bench.of(new E164("+441632960100"), new Caller.Withheld(), Instant.EPOCH);

    @Setup
    public void prepare() {
        plan = BigPlans.of(extensions);
        KeyPress one = new KeyPress("1", false);
        bench = new Bench(
                plan.all(InboundNumber.class).skip(3).findFirst().orElseThrow().called(),
                new Caller.Withheld(),
                Instant.parse("2026-11-24T10:15:00Z"),
                List.of(one, one, one),
                Map.of());
    }

    @Benchmark
    public Trace trace() {
        return Tracer.trace(plan, bench);
    }
}
