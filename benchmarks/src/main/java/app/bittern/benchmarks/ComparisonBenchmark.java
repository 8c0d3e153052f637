package app.bittern.benchmarks;

import app.bittern.compare.Comparison;
import app.bittern.hours.Horizon;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
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
/// Compares a plan with itself after one edit: a group that everybody can reach leads elsewhere.

@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 8)
@Measurement(iterations = 8)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx8g", "-XX:+UseSerialGC"})
@Threads(1)
public class ComparisonBenchmark {
    @Param({"500", "5000", "50000"})
    private int extensions;

    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));

    private Plan plan = BigPlans.of(100);
    private Plan after = plan;

    @Setup
    public void prepare() {
        plan = BigPlans.of(extensions);
        RingGroup group =
                plan.find(new Ref(Kind.RING_GROUP, "g4"), RingGroup.class).orElseThrow();
        after = plan.with(new RingGroup(
                group.key(),
                group.name(),
                group.note(),
                group.number(),
                group.prefix(),
                group.ringFor(),
                group.members(),
                group.honourForwarding(),
                Destination.parse("hang-up"),
                group.busy(),
                group.unreachable()));
    }

    @Benchmark
    public Comparison compare() {
        return Comparison.of(plan, after, HORIZON);
    }
}
