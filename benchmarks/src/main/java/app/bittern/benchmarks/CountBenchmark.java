package app.bittern.benchmarks;

import app.bittern.hours.Horizon;
import app.bittern.paths.Paths;
import app.bittern.plan.Plan;
import java.math.BigInteger;
import java.time.LocalDate;
import java.time.ZoneId;
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
/// Counts every path of all inbound numbers, the graph included.

@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 8)
@Measurement(iterations = 8)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx8g", "-XX:+UseSerialGC"})
@Threads(1)
public class CountBenchmark {
    @Param({"500", "5000", "50000"})
    private int extensions;

    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));

    private Plan plan = BigPlans.of(100);

    @Setup
    public void prepare() {
        plan = BigPlans.of(extensions);
    }

    @Benchmark
    public BigInteger count() {
        return Paths.of(plan, HORIZON).count();
    }
}
