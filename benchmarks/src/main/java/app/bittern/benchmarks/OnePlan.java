package app.bittern.benchmarks;

import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.concurrent.TimeUnit;
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

/// A large plan of each size, on one thread, and how it is measured unless a benchmark says otherwise.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 8)
@Measurement(iterations = 8)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx8g", "-XX:+UseSerialGC"})
@Threads(1)
public abstract class OnePlan {
    static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));

    @Param({"500", "5000", "50000"})
    private int extensions;

    private Plan plan = BigPlans.of(BigPlans.SMALLEST);

    @Setup
    public void make() {
        plan = BigPlans.of(extensions);
        prepare();
    }

    /// What a benchmark makes of the plan before it is measured.
    void prepare() {}

    Plan plan() {
        return plan;
    }
}
